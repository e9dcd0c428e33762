import { hiddenOf, type HiddenKind, type PotOf } from './hidden.js';
import type { Learnt } from './belief.js';
import { OF_GRAIN, OF_WATER, POT_TO_POT_NOISE, VERDICT_NOISE } from './noise.js';

/** What one more pot of this would tell, by what is done about it. */
export interface Tells {
  /** Share of what is still open (one standard deviation) that goes with a verdict alone. */
  readonly verdict: number;
  /** The same with a weighing once the liquid is in, and one at the end. */
  readonly weighed: number;
  /** The hidden value that most of what is open comes from. */
  readonly most: HiddenKind;
}

/**
 * What would teach most at the next pot. It is never another pour: a verdict is told to half a step, and over the pours that do not
 * risk the dinner it tells as much of each. It is what is weighed, and in which pot with which bag it is cooked.
 * @param learnt what pots have taught so far
 * @param pot what the next one is made with
 * @example whatToTry(learn([]), { grainId: 'basmati', method: 'boilDown' }).most // 'kind'
 */
export function whatToTry(learnt: Learnt, pot: PotOf): Tells {
  const hidden = hiddenOf(pot);
  const places = hidden.map(({ id }) => learnt.ids.indexOf(id));
  const covariance = hidden.map((a, i) =>
    hidden.map((_, j) => {
      const [p, q] = [places[i] ?? -1, places[j] ?? -1];
      if (p >= 0 && q >= 0) return learnt.covariance[p * learnt.ids.length + q] ?? 0;
      return i === j ? a.sd ** 2 : 0;
    }),
  );
  const all = hidden.map(() => 1);
  const only = (kinds: readonly HiddenKind[]): number[] =>
    hidden.map((h) => (kinds.includes(h.kind) ? 1 : 0));
  const before = open(covariance, all);
  const shareOf = (after: readonly (readonly number[])[]): number => 1 - Math.sqrt(open(after, all) / before);
  const water = seen(covariance, only(OF_WATER), POT_TO_POT_NOISE ** 2);
  const shares = hidden.map((h, i) => [h.kind, row(covariance, i, all)] as const);
  return {
    verdict: shareOf(seen(covariance, all, VERDICT_NOISE ** 2 + 2 * POT_TO_POT_NOISE ** 2)),
    weighed: shareOf(seen(water, only(OF_GRAIN), VERDICT_NOISE ** 2 + POT_TO_POT_NOISE ** 2)),
    most: shares.reduce((a, b) => (b[1] > a[1] ? b : a))[0],
  };
}

type Square = readonly (readonly number[])[];

/** One row of it against all values that a sum is made of. */
const row = (of: Square, i: number, at: readonly number[]): number =>
  at.reduce((sum, a, j) => sum + a * (of[i]?.[j] ?? 0), 0);

/** Variance of a sum of the values. */
const open = (of: Square, at: readonly number[]): number =>
  at.reduce((sum, a, i) => sum + a * row(of, i, at), 0);

/** What is left open once the sum was seen with some noise (Kalman's update). */
function seen(of: Square, at: readonly number[], variance: number): Square {
  const by = open(of, at) + variance;
  const gain = of.map((_, i) => row(of, i, at));
  return of.map((line, i) => line.map((v, j) => v - ((gain[i] ?? 0) * (gain[j] ?? 0)) / by));
}
