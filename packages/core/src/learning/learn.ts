import type { HiddenKind, PotOf } from './hidden.js';
import { propagate } from './propagate.js';
import { rowsOf, type Row } from './rows.js';

/** One thing that a pot says: what was wanted beyond the kind, and how surely. */
export interface Evidence extends PotOf {
  /** Id of the pot. */
  readonly cookId: string;
  /** Points of moisture; negative for less. */
  readonly points: number;
  /** One standard deviation, points. */
  readonly sd: number;
  /** True for a pot that always comes out so: many pots are in it, and none of them was a mistake. */
  readonly sure?: boolean;
  /** The hidden values it speaks of: all of the pot's without. */
  readonly of?: readonly HiddenKind[];
  /** When the pot was cooked, ms since the epoch: a bag does not stay as it was. */
  readonly atMs?: number;
}

/** What the household says itself of a hidden value. */
export interface Told {
  readonly id: string;
  /** Points of moisture beyond its kind; what its kind has without. */
  readonly points?: number | null;
  /** What pots from before taught of it is forgotten, ms since the epoch. */
  readonly sinceMs?: number | null;
}

/** What is thought of all hidden values that pots have touched. Plain data: it travels, and is the same on every device. */
export interface Learnt {
  readonly ids: readonly string[];
  readonly mean: readonly number[];
  /** Covariance, row by row. */
  readonly covariance: readonly number[];
  /** How many pots touch each. */
  readonly pots: readonly number[];
}

/** Nothing was cooked yet. */
export const NOTHING_LEARNT: Learnt = { ids: [], mean: [], covariance: [], pots: [] };

/**
 * What pots have taught. It is worked out of all of them at once: their order does not matter, and one that is left out was never
 * there.
 * @param evidence what counts, one or more for each pot
 * @param told what the household says itself
 * @example learn([]).ids // []
 */
export function learn(evidence: readonly Evidence[], told: readonly Told[] = []): Learnt {
  if (evidence.length === 0 && told.length === 0) return NOTHING_LEARNT;
  return learntFrom(rowsOf(evidence, told));
}

/**
 * What pots have taught, with some more that whoever worked it out has not heard of yet: what a device thinks until it has asked
 * again. What the earlier ones count for is left as it was.
 * @example learnMore({ ids: [], mean: [], covariance: [], pots: [] }, []).ids // []
 */
export function learnMore(learnt: Learnt, evidence: readonly Evidence[]): Learnt {
  if (evidence.length === 0) return learnt;
  const before = {
    ids: learnt.ids,
    mean: Float64Array.from(learnt.mean),
    covariance: Float64Array.from(learnt.covariance),
  };
  return learntFrom(rowsOf(evidence, [], before), learnt.pots);
}

function learntFrom(
  { ids, before, rows }: ReturnType<typeof rowsOf>,
  potsBefore: readonly number[] = [],
): Learnt {
  const { mean, covariance } = propagate(before, rows);
  const pots = potsOf(rows, ids.length).map((n, i) => n + (potsBefore[i] ?? 0));
  return { ids, mean: [...mean], covariance: [...covariance], pots };
}

/** How many pots touch each value. */
function potsOf(rows: readonly Row[], n: number): readonly number[] {
  const cooks = Array.from({ length: n }, () => new Set<string>());
  for (const { touched, cookId } of rows) for (const i of touched) cooks[i]?.add(cookId);
  return cooks.map((c) => c.size);
}
