import { propagate } from './propagate.js';
import { evidenceRows } from './evidenceRows.js';
import { waysOf } from './ways.js';
import type { Evidence, Learnt, EvidenceRow, Override, Way } from './belief.js';

/** Nothing was cooked yet. */
export const NOTHING_LEARNT: Learnt = { ids: [], mean: [], covariance: [], pots: [] };

/**
 * What pots have taught. It is worked out of all of them at once: their order does not matter, and one that is left out was never
 * there.
 * @param evidence what counts, one or more for each pot
 * @param told what the household says itself
 * @example learn([]).ids // []
 */
export function learn(evidence: readonly Evidence[], told: readonly Override[] = []): Learnt {
  if (evidence.length === 0 && told.length === 0) return NOTHING_LEARNT;
  return withWays(learntFrom(evidenceRows(evidence, told)), waysOf(evidence));
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
  const more = learntFrom(evidenceRows(evidence, [], before), learnt.pots);
  return withWays(more, waysOf(evidence, learnt.ways));
}

const withWays = (learnt: Learnt, ways: readonly Way[]): Learnt =>
  ways.length === 0 ? learnt : { ...learnt, ways };

function learntFrom(
  { ids, before, rows }: ReturnType<typeof evidenceRows>,
  potsBefore: readonly number[] = [],
): Learnt {
  const { mean, covariance } = propagate(before, rows);
  const pots = potsOf(rows, ids.length).map((n, i) => n + (potsBefore[i] ?? 0));
  return { ids, mean: [...mean], covariance: [...covariance], pots };
}

/** How many pots touch each value. */
function potsOf(rows: readonly EvidenceRow[], n: number): readonly number[] {
  const cooks = Array.from({ length: n }, () => new Set<string>());
  for (const { touched, cookId } of rows) for (const i of touched) cooks[i]?.add(cookId);
  return cooks.map((c) => c.size);
}
