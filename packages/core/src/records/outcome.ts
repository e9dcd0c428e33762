import type { BaseBand } from '../compute/course/judge.js';

/** How the base of the pot looked. */
export type BaseSeen = BaseBand;

/** How an outcome is learnt from: as one pot, as a pot that always comes out so, or not at all. */
export const COUNTS = ['once', 'always', 'never'] as const;
export type Counts = (typeof COUNTS)[number];

/** Verdict on the texture: 1 hard, 2 a little firm, 3 as wanted, 4 a little soft, 5 mushy. */
export type Verdict = 1 | 2 | 3 | 4 | 5;

/** What a cook does to a pot on its way that may have helped it. */
export const HELPED = ['splash', 'ladled', 'open', 'longer', 'turnedDown', 'putBackOn'] as const;
export type Helped = (typeof HELPED)[number];

export interface OutcomeRecord {
  readonly texture: Verdict;
  readonly base: BaseSeen;
  readonly note: string;
  /** Whether it is learnt from; once without. */
  readonly counts?: Counts;
  /** Whose verdict it is; everybody's without. "guests" are none of the household. */
  readonly by?: string | null;
  readonly ate?: readonly string[] | null;
  /** What was done at the stove that helped. */
  readonly helped?: readonly Helped[] | null;
  readonly atMs: number;
}

/**
 * An outcome as it is said: what nobody said of it is null, so that two devices say the same thing alike.
 * @example outcomeSaid({ texture: 3, base: 'clean', note: '' }).counts // 'once'
 */
export const outcomeSaid = ({
  texture,
  base,
  note,
  counts = 'once',
  by = null,
  ate = null,
  helped = null,
}: Omit<OutcomeRecord, 'atMs'>): Required<Omit<OutcomeRecord, 'atMs'>> => ({
  texture,
  base,
  note,
  counts,
  by,
  ate,
  helped,
});
