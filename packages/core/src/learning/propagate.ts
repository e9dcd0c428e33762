import { inverseOf } from './inverse.js';
import type { EvidenceRow, Belief } from './belief.js';

/** One verdict in ten is a plain mistake, and counts this many times less (common practice). */
const MISTAKES = 0.1;
const MISTAKEN = 5;
/** So often what each pot counts for is worked out anew, each time most of the way; more changes nothing. */
const ROUNDS = 60;
const STEP = 0.8;
/** No cook pours a ten-thousandth of a point. */
const SETTLED = 1e-4;
/** A row that would count for so little more or less, share of what it says, is left as it is. */
const NOTHING = 1e-5;
/** One row after another costs rows × values²; all at once costs values³: the second is used beyond this many rows a value. */
const ROWS_A_VALUE = 4;

/**
 * What is thought of all values once the rows are heard: a Gaussian belief from a linear model whose errors are normal but for the
 * tenth that are mistakes. How surely each row is no mistake is told from what all others say of it (expectation propagation,
 * Minka 2001, UAI 17, 362–369, with each site held to a precision). Leaves in each row what it counts for.
 */
export function propagate(before: Belief, rows: readonly EvidenceRow[]): Belief {
  for (const row of rows) row.counts = 1 / row.variance;
  return rows.length <= ROWS_A_VALUE * before.mean.length ? oneByOne(before, rows) : allAtOnce(before, rows);
}

/** Each row moves the belief by itself (Sherman and Morrison 1950): quick where rows are few. */
function oneByOne(before: Belief, rows: readonly EvidenceRow[]): Belief {
  const n = before.mean.length;
  const mean = Float64Array.from(before.mean);
  // Of a symmetric matrix the lower triangle is enough; the upper is filled in at the end.
  const covariance = Float64Array.from(before.covariance);
  const shared = new Float64Array(n);
  /** Raises what a row counts for. */
  const take = ({ touched, points }: EvidenceRow, more: number): void => {
    let thought = 0;
    let open = 0;
    shared.fill(0);
    for (const j of touched) {
      thought += mean[j] ?? 0;
      for (let i = 0; i < j; i += 1) shared[i] = (shared[i] ?? 0) + (covariance[j * n + i] ?? 0);
      for (let i = j; i < n; i += 1) shared[i] = (shared[i] ?? 0) + (covariance[i * n + j] ?? 0);
    }
    for (const j of touched) open += shared[j] ?? 0;
    const gain = more / (1 + more * open);
    for (let i = 0; i < n; i += 1) {
      const part = gain * (shared[i] ?? 0);
      if (part === 0) continue;
      mean[i] = (mean[i] ?? 0) + part * (points - thought);
      const at = i * n;
      for (let j = 0; j <= i; j += 1)
        covariance[at + j] = (covariance[at + j] ?? 0) - part * (shared[j] ?? 0);
    }
  };
  for (const row of rows) take(row, row.counts);
  for (let round = 1; round < ROUNDS; round += 1) {
    let moved = 0;
    for (const row of rows) {
      if (row.sure) continue;
      const more = STEP * (countsOf(row, mean, covariance) - row.counts);
      moved = Math.max(moved, Math.abs(more) * row.variance);
      if (Math.abs(more) * row.variance < NOTHING) continue;
      take(row, more);
      row.counts += more;
    }
    if (moved < SETTLED) break;
  }
  for (let i = 0; i < n; i += 1)
    for (let j = i + 1; j < n; j += 1) covariance[i * n + j] = covariance[j * n + i] ?? 0;
  return { mean, covariance };
}

/** All rows move it together: quick where they are many. */
function allAtOnce(before: Belief, rows: readonly EvidenceRow[]): Belief {
  const n = before.mean.length;
  const plain = inverseOf(before.covariance, n);
  const pulled = Float64Array.from({ length: n }, (_, i) =>
    before.mean.reduce((sum, m, j) => sum + m * (plain[i * n + j] ?? 0), 0),
  );
  let { mean, covariance } = before;
  for (let round = 0; round < ROUNDS; round += 1) {
    if (round > 0)
      for (const row of rows)
        if (!row.sure) row.counts += STEP * (countsOf(row, mean, covariance) - row.counts);
    const precision = Float64Array.from(plain);
    const pull = Float64Array.from(pulled);
    for (const { touched, points, counts } of rows)
      for (const i of touched) {
        pull[i] = (pull[i] ?? 0) + counts * points;
        for (const j of touched) precision[i * n + j] = (precision[i * n + j] ?? 0) + counts;
      }
    covariance = inverseOf(precision, n);
    const next = Float64Array.from({ length: n }, (_, i) =>
      pull.reduce((sum, p, j) => sum + p * (covariance[i * n + j] ?? 0), 0),
    );
    const moved = next.reduce((most, v, i) => Math.max(most, Math.abs(v - (mean[i] ?? 0))), 0);
    mean = next;
    if (round > 0 && moved < SETTLED) break;
  }
  return { mean, covariance };
}

/** What a piece of evidence counts for, 1 over points squared: less the further it is from what all others say. */
function countsOf(row: EvidenceRow, mean: Float64Array, covariance: Float64Array): number {
  const { touched, points, variance, counts } = row;
  let thought = 0;
  let open = 0;
  for (const i of touched) {
    thought += mean[i] ?? 0;
    for (const j of touched) open += covariance[Math.max(i, j) * mean.length + Math.min(i, j)] ?? 0;
  }
  // What all others think of it: this one taken out again.
  const left = 1 - counts * open;
  const openByOthers = open / left;
  const off = points - (thought - counts * open * points) / left;
  const chance = (v: number): number => Math.exp((-0.5 * off ** 2) / v) / Math.sqrt(v);
  const right = (1 - MISTAKES) * chance(variance + openByOthers);
  const wrong = MISTAKES * chance(variance * MISTAKEN ** 2 + openByOthers);
  const surely = right + wrong > 0 ? right / (right + wrong) : 0;
  return (surely + (1 - surely) / MISTAKEN ** 2) / variance;
}
