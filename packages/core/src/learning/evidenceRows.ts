import { hiddenOf } from './hidden.js';
import type { PriorBelief, Evidence, EvidenceRow, Belief, Override } from './belief.js';
import { POT_TO_POT_NOISE } from './noise.js';

/** What the household says by hand is told to this, points †. */
const TOLD_SD = 0.3;
/** How far a bag wanders from what it was in a year, one standard deviation, points: grain dries and ages †. */
const BAG_YEAR_SD = 0.5;
const YEAR_MS = 365.25 * 24 * 3600 * 1000;

/**
 * Evidence as rows over numbered values, with what is thought of the values before: their kind's spread, or what the household
 * says, and what was learnt already where something was.
 */
export function evidenceRows(evidence: readonly Evidence[], told: readonly Override[], learnt?: PriorBelief) {
  const says = new Map(told.map((t) => [t.id, t]));
  const index = new Map<string, number>(learnt?.ids.map((id, i) => [id, i]));
  const priors: { readonly mean: number; readonly variance: number }[] = [];
  const known = index.size;
  const placeOf = (id: string, sd: number): number => {
    const place = index.get(id);
    if (place !== undefined) return place;
    const points = says.get(id)?.points ?? undefined;
    priors.push({ mean: points ?? 0, variance: (points === undefined ? sd : TOLD_SD) ** 2 });
    index.set(id, index.size);
    return index.size - 1;
  };
  // Sums are taken in one order whatever order the pots come in.
  const key = (e: Evidence): string => `${e.cookId} ${(e.of ?? []).join()}`;
  const sorted = [...evidence].sort((a, b) => (key(a) < key(b) ? -1 : key(a) > key(b) ? 1 : 0));
  const newestMs = sorted.reduce((most, e) => Math.max(most, e.atMs ?? 0), 0);
  const rows = sorted.map((e): EvidenceRow => {
    const { cookId, points, sd, of, atMs = newestMs, sure = false } = e;
    const touched: number[] = [];
    // What nobody named, and what was forgotten, stays in the noise of its pot.
    let variance = sd ** 2 + (sure || of ? 0 : 2 * POT_TO_POT_NOISE ** 2);
    for (const { id, kind, sd: spread, unnamed } of hiddenOf(e)) {
      if (of && !of.includes(kind)) continue;
      const isForgotten = atMs < (says.get(id)?.sinceMs ?? -Infinity);
      if (unnamed || isForgotten) {
        variance += spread ** 2;
        continue;
      }
      if (kind === 'bag') variance += (BAG_YEAR_SD ** 2 * (newestMs - atMs)) / YEAR_MS;
      touched.push(placeOf(id, spread));
    }
    return { cookId, touched, points, variance, sure, counts: 0 };
  });
  // What was told of a thing that no pot touches yet is known all the same.
  for (const { id, points } of told) if (points != null) placeOf(id, TOLD_SD);
  return { ids: [...index.keys()], before: beforeOf(priors, known, learnt), rows };
}

/** What was learnt already, and beside it the values that nothing was learnt of. */
function beforeOf(
  priors: readonly { readonly mean: number; readonly variance: number }[],
  known: number,
  learnt?: Belief,
): Belief {
  const n = known + priors.length;
  const mean = Float64Array.from({ length: n }, (_, i) =>
    i < known ? (learnt?.mean[i] ?? 0) : (priors[i - known]?.mean ?? 0),
  );
  const covariance = new Float64Array(n * n);
  for (let i = 0; i < known; i += 1)
    for (let j = 0; j < known; j += 1) covariance[i * n + j] = learnt?.covariance[i * known + j] ?? 0;
  for (const [i, { variance }] of priors.entries()) covariance[(known + i) * (n + 1)] = variance;
  return { mean, covariance };
}
