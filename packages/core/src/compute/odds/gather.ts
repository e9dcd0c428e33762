import { oddsFrom, type Odds } from './odds.js';
import { frameOf, ROW, sampleRows, type Frame } from './sample.js';
import type { CompletePlan } from '../../plan/input/planInput.js';

/** Samples of one plan that grow piece by piece, in whatever order the pieces come. */
export class Gathering {
  readonly frame: Frame;
  readonly seed: number;
  readonly draws: number;
  readonly #rows: Float64Array;
  readonly #pieces = new Set<number>();

  constructor(plan: CompletePlan, { draws, seed }: { readonly draws: number; readonly seed: number }) {
    this.frame = frameOf(plan);
    this.seed = seed;
    this.draws = draws;
    this.#rows = new Float64Array(draws * ROW);
  }

  /** Pieces still to be sampled, `[from, count]` each. */
  pieces(size: number): readonly (readonly [number, number])[] {
    const made: [number, number][] = [];
    for (let from = 0; from < this.draws; from += size)
      if (!this.#pieces.has(from)) made.push([from, Math.min(size, this.draws - from)]);
    return made;
  }

  /** Samples a piece here and now. */
  sample(from: number, count: number): void {
    this.put(from, sampleRows(this.frame, this.seed, from, count));
  }

  /** Takes a piece that was sampled elsewhere. */
  put(from: number, rows: Float64Array): void {
    this.#rows.set(rows, from * ROW);
    this.#pieces.add(from);
  }

  /** Odds of the first `draws`, which must all be there. */
  odds(draws = this.draws): Odds {
    return oddsFrom({ frame: this.frame, rows: this.#rows.subarray(0, draws * ROW) }, this.seed);
  }
}
