import { Matrix } from 'ml-matrix';
import { hiddenOf, type HiddenKind, type PotOf } from './hidden.js';
import { inverseOf } from './inverse.js';
import { SIDE_SD } from './noise.js';

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

/** A tenth of what cooks say is a plain mistake, and says so many times as little (common practice: one verdict in ten). */
const MISTAKES = 0.1;
const MISTAKEN = 5;
/** What a household says by hand is told to this, points †. */
const TOLD_SD = 0.3;
/** How far a bag wanders from what it was in a year, one standard deviation, points: grain dries and ages †. */
const BAG_YEAR_SD = 0.5;
const YEAR_MS = 365.25 * 24 * 3600 * 1000;
/** So often what each pot counts for is worked out anew, each time half-way; more changes nothing. */
const ROUNDS = 60;
const STEP = 0.8;
/** No cook pours a ten-thousandth of a point. */
const SETTLED = 1e-4;

/** One piece of evidence as it enters the sums. */
interface Row {
  readonly cookId: string;
  readonly touched: readonly number[];
  readonly points: number;
  readonly variance: number;
  readonly sure: boolean;
  counts: number;
}

/**
 * What pots have taught: a Gaussian belief over the hidden values they touch, from a linear model whose errors are normal but for
 * the tenth that are mistakes. How surely each pot is no mistake is told from what all others say of it (expectation propagation,
 * Minka 2001, UAI 17, 362–369, with each site held to a precision). It is worked out of all of them at once: their order does not
 * matter, and one that is left out was never there.
 * @param evidence what counts, one or more for each pot
 * @param told what the household says itself
 * @example learn([]).ids // []
 */
export function learn(evidence: readonly Evidence[], told: readonly Told[] = []): Learnt {
  if (evidence.length === 0 && told.length === 0) return NOTHING_LEARNT;
  const { ids, priors, rows } = rowsOf(evidence, told);
  const n = ids.length;
  let mean: Float64Array = Float64Array.from(priors, (p) => p.mean);
  let covariance: Float64Array = Float64Array.from({ length: n * n }, (_, k) =>
    k % (n + 1) === 0 ? (priors[k / (n + 1)]?.variance ?? 0) : 0,
  );
  for (let round = 0; round < ROUNDS; round += 1) {
    if (round > 0)
      for (const row of rows) row.counts += STEP * (countsOf(row, mean, covariance) - row.counts);
    const precision = Matrix.diag(priors.map((p) => 1 / p.variance));
    const pull = priors.map((p) => p.mean / p.variance);
    for (const { touched, points, counts } of rows)
      for (const i of touched) {
        pull[i] = (pull[i] ?? 0) + counts * points;
        for (const j of touched) precision.set(i, j, precision.get(i, j) + counts);
      }
    covariance = inverseOf(precision);
    const next = Float64Array.from({ length: n }, (_, i) =>
      pull.reduce((sum, p, j) => sum + p * (covariance[i * n + j] ?? 0), 0),
    );
    const moved = next.reduce((most, v, i) => Math.max(most, Math.abs(v - (mean[i] ?? 0))), 0);
    mean = next;
    if (round > 0 && moved < SETTLED) break;
  }
  return {
    ids,
    mean: [...mean],
    covariance: [...covariance],
    pots: potsOf(rows, n),
  };
}

/** How many pots touch each value. */
function potsOf(rows: readonly Row[], n: number): readonly number[] {
  const cooks = Array.from({ length: n }, () => new Set<string>());
  for (const { touched, cookId } of rows) for (const i of touched) cooks[i]?.add(cookId);
  return cooks.map((c) => c.size);
}

/** What a piece of evidence counts for, 1 over points squared: less the further it is from what all others say. */
function countsOf(row: Row, mean: Float64Array, covariance: Float64Array): number {
  const { touched, points, variance, sure, counts } = row;
  if (sure) return 1 / variance;
  let thought = 0;
  let open = 0;
  for (const i of touched) {
    thought += mean[i] ?? 0;
    for (const j of touched) open += covariance[i * mean.length + j] ?? 0;
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

interface Prior {
  readonly mean: number;
  readonly variance: number;
}

function rowsOf(evidence: readonly Evidence[], told: readonly Told[]) {
  const says = new Map(told.map((t) => [t.id, t]));
  const index = new Map<string, number>();
  const priors: Prior[] = [];
  const placeOf = (id: string, sd: number): number => {
    const known = index.get(id);
    if (known !== undefined) return known;
    const points = says.get(id)?.points ?? undefined;
    priors.push({ mean: points ?? 0, variance: (points === undefined ? sd : TOLD_SD) ** 2 });
    index.set(id, priors.length - 1);
    return priors.length - 1;
  };
  // Sums are taken in one order whatever order the pots come in.
  const key = (e: Evidence): string => `${e.cookId} ${(e.of ?? []).join()}`;
  const sorted = [...evidence].sort((a, b) => (key(a) < key(b) ? -1 : key(a) > key(b) ? 1 : 0));
  const newestMs = Math.max(...sorted.map((e) => e.atMs ?? 0));
  const rows = sorted.map((e): Row => {
    const { cookId, points, sd, of, atMs = newestMs, sure = false } = e;
    const touched: number[] = [];
    // What nobody named, and what was forgotten, stays in the noise of its pot.
    let variance = sd ** 2 + (sure || of ? 0 : 2 * SIDE_SD ** 2);
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
    return { cookId, touched, points, variance, sure, counts: 1 / variance };
  });
  // What was told of a thing that no pot touches yet is known all the same.
  for (const { id, points } of told) if (points != null) placeOf(id, TOLD_SD);
  return { ids: [...index.keys()], priors, rows };
}
