import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import { hiddenOf, type PotOf } from './hidden.js';

/** What one pot says: what its grain wanted beyond its kind, and how surely. */
export interface Evidence extends PotOf {
  /** Id of the pot. */
  readonly cookId: string;
  /** Points of moisture; negative for less. */
  readonly points: number;
  /** One standard deviation, points. */
  readonly sd: number;
  /** True for a pot that always comes out so: many pots are in it, and none of them was a mistake. */
  readonly sure?: boolean;
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

/** What differs from pot to pot and is never learnt, points: 3 to 4 % of the pour. */
const POT_SD = 0.7;
/** Degrees of freedom of what a cook says: verdicts have long tails, a tenth of them are plain mistakes. */
const TAILS = 4;
/** So often what each pot counts for is worked out anew; more changes nothing. */
const ROUNDS = 60;
const SETTLED = 1e-9;

/**
 * What pots have taught: a Gaussian belief over the hidden values they touch, from a linear model with errors by Student's t
 * (4 degrees of freedom), by iteratively reweighted least squares (Lange, Little and Taylor 1989, J. Am. Stat. Assoc. 84,
 * 881–896), its weights expected over what is still open (variational Bayes). It is worked out of all of them at once: their order does not matter, and one that is left out was never there.
 * @param evidence one for each pot that counts
 * @example learn([]).ids // []
 */
export function learn(evidence: readonly Evidence[]): Learnt {
  if (evidence.length === 0) return NOTHING_LEARNT;
  // Sums are taken in one order whatever order the pots come in.
  const sorted = [...evidence].sort((a, b) => (a.cookId < b.cookId ? -1 : a.cookId > b.cookId ? 1 : 0));
  const index = new Map<string, number>();
  const sds: number[] = [];
  const rows = sorted.map((e) => {
    const touched: number[] = [];
    // What nobody named stays in the noise of its pot.
    let unnamed = 0;
    for (const { id, sd, unnamed: isUnnamed } of hiddenOf(e)) {
      if (isUnnamed) {
        unnamed += sd ** 2;
        continue;
      }
      if (!index.has(id)) {
        index.set(id, index.size);
        sds.push(sd);
      }
      touched.push(index.get(id) ?? 0);
    }
    const sure = e.sure === true;
    const variance = e.sd ** 2 + (sure ? 0 : POT_SD ** 2) + unnamed;
    return { touched, points: e.points, variance, sure };
  });
  const n = sds.length;
  let mean = Matrix.zeros(n, 1);
  let covariance = Matrix.diag(sds.map((sd) => sd ** 2));
  for (let round = 0; round < ROUNDS; round += 1) {
    const precision = Matrix.diag(sds.map((sd) => 1 / sd ** 2));
    const pull = Matrix.zeros(n, 1);
    for (const { touched, points, variance, sure } of rows) {
      let thought = 0;
      let open = 0;
      for (const i of touched) {
        thought += mean.get(i, 0);
        for (const j of touched) open += covariance.get(i, j);
      }
      // A pot counts for less the further it is expected to be from what all of them say.
      const off = ((points - thought) ** 2 + open) / variance;
      const counts = (sure ? 1 : (TAILS + 1) / (TAILS + off)) / variance;
      for (const i of touched) {
        pull.set(i, 0, pull.get(i, 0) + counts * points);
        for (const j of touched) precision.set(i, j, precision.get(i, j) + counts);
      }
    }
    const solved = new CholeskyDecomposition(precision);
    covariance = solved.solve(Matrix.eye(n));
    const next = solved.solve(pull);
    const moved = Matrix.sub(next, mean).norm();
    mean = next;
    if (moved < SETTLED) break;
  }
  const ids = [...index.keys()];
  return {
    ids,
    mean: mean.to1DArray(),
    covariance: covariance.to1DArray(),
    pots: ids.map((_, i) => rows.filter((r) => r.touched.includes(i)).length),
  };
}
