import { dryBasis, wetBasis } from '../basics/grain/moisture.js';
import { hiddenOf, type PotOf } from './hidden.js';
import type { Learnt } from './belief.js';
import { followed } from './ways.js';

/** What was learnt of one pot. */
export interface LearntOfPot {
  /** Points of moisture its grain wants beyond its kind. */
  readonly points: number;
  /** What is left of the first doubt, share. */
  readonly spread: number;
  /** Pots that taught of each of its hidden values, by the kind of value. */
  readonly pots: Readonly<Record<string, number>>;
}

/**
 * What pots have taught of one that is made with these; undefined where none of them touches it.
 * @example learntOf({ ids: [], mean: [], covariance: [], pots: [] }, { grainId: 'basmati', method: 'boilDown' }) // undefined
 */
export function learntOf(learnt: Learnt, pot: PotOf): LearntOfPot | undefined {
  const { ids, mean, covariance } = learnt;
  let points = 0;
  let before = 0;
  let left = 0;
  const pots: Record<string, number> = {};
  const touched: number[] = [];
  for (const { id, sd } of hiddenOf(pot)) {
    before += sd ** 2;
    const i = ids.indexOf(id);
    if (i < 0) {
      left += sd ** 2;
      continue;
    }
    points += mean[i] ?? 0;
    pots[id.split(':')[0] ?? ''] = learnt.pots[i] ?? 0;
    touched.push(i);
  }
  if (touched.length === 0) return undefined;
  for (const i of touched) for (const j of touched) left += covariance[i * ids.length + j] ?? 0;
  const thought = { points, spread: Math.sqrt(Math.max(0, left) / before) };
  return { ...followed(learnt.ways ?? [], pot, thought), pots };
}

/** Cooked moisture of white grain one apart, wet basis %: where points are turned into water. */
const USUAL_MOISTURE = 70;

/**
 * How much more water a grain drinks that stands some points higher, as a share of what it holds.
 * @example drinksShare(0) // 0
 */
export const drinksShare = (points: number): number =>
  dryBasis(USUAL_MOISTURE + points) / dryBasis(USUAL_MOISTURE) - 1;

/**
 * How many points higher a grain stands that drinks more, given as a share of what it holds.
 * @example pointsOfShare(0) // 0
 */
export const pointsOfShare = (share: number): number =>
  wetBasis((1 + share) * dryBasis(USUAL_MOISTURE)) - USUAL_MOISTURE;
