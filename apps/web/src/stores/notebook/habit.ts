import type { CookLine } from '@hammock/core/records';

/** What a household does again and again beside what it is advised. */
export interface Habit {
  /** Poured against advised: the middle one of its last pots. */
  readonly times: number;
  readonly pots: number;
}

/** Pots that are looked at, and how many of them make a habit. */
const LAST = 5;
const LEAST = 3;
/** Nearer to what was advised than this nobody calls it another pour. */
const OTHER = 0.05;

/** What is poured of a dish beside what is advised; undefined where that is about the same, or hardly known. */
export function habitOf(recent: readonly CookLine[] | undefined, dishId: string | null): Habit | undefined {
  if (dishId === null) return undefined;
  const shares = (recent ?? [])
    .filter((c) => c.dishId === dishId && !c.abandoned && c.pouredMl !== null && c.advisedMl > 0)
    .slice(0, LAST)
    .map((c) => (c.pouredMl ?? 0) / c.advisedMl);
  const same = shares.filter((s) => Math.abs(s - 1) > OTHER);
  const [up, down] = [same.filter((s) => s > 1), same.filter((s) => s < 1)];
  const habit = up.length > down.length ? up : down;
  if (habit.length < LEAST || habit.length <= shares.length / 2) return undefined;
  const sorted = habit.toSorted((a, b) => a - b);
  return { times: sorted[sorted.length >> 1] ?? 1, pots: habit.length };
}
