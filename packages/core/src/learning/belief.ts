import type { HiddenKind, PotOf } from './hidden.js';

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
  /** How the pot was judged, once a pot: what it was poured as and what it wanted, points, and whether it came out just right. */
  readonly verdict?: {
    readonly points: number;
    readonly pouredPoints: number;
    readonly isRight: boolean;
  };
}

/** A way a dish was made that came out just right: what it was poured as, points, and how often in a row. */
export interface Way {
  readonly id: string;
  readonly points: number;
  readonly pots: number;
}

/** What the household says itself of a hidden value. */
export interface Override {
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
  /** What worked, dish by dish; none where none was judged just right. */
  readonly ways?: readonly Way[];
}

/** One piece of evidence as it enters the sums: the sum of the values it touches, in points. */
export interface EvidenceRow {
  readonly cookId: string;
  readonly touched: readonly number[];
  readonly points: number;
  readonly variance: number;
  readonly sure: boolean;
  /** What it counts for, 1 over points squared. */
  counts: number;
}

/** A belief over values: what is thought of each, and their covariance, row by row. */
export interface Belief {
  readonly mean: Float64Array;
  readonly covariance: Float64Array;
}

/** What is believed before, of these values. */
export interface PriorBelief extends Belief {
  readonly ids: readonly string[];
}
