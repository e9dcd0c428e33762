import { rightMoisture, targetMoisture, type Tasted } from '../../basics/grain/texture.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import { BASE_BANDS, NO_HARD_CENTRE } from '../pot/constants.js';
import { wetFrom } from './wetFrom.js';
import { WET_TOP_G_PER_M2 } from '../../basics/grain/kernel.js';
import { DOUBTS } from './doubts.js';
import { isTimed, POINT, POINT_SIZE, ROW, type Frame } from './sample.js';

/** How likely each end of a pot is, 0–1. The first three are of the grain; the others can come on top. */
export interface Chances {
  readonly hard: number;
  readonly asWanted: number;
  /** Of what is as wanted: what is a step firmer or softer than was asked for, and content all the same. */
  readonly firm: number;
  readonly soft: number;
  readonly tooSoft: number;
  readonly wetTop: number;
  readonly caught: number;
}

/** Rows of samples from draw 0 on, with what they were sampled around. */
export interface Samples {
  readonly frame: Frame;
  readonly rows: Float64Array;
  /** How much each draw counts, by what has been seen since; all alike when left out. Need not sum to anything. */
  readonly weights?: Float64Array;
}

export const countOf = ({ rows }: Samples): number => rows.length / ROW;

/** How much a draw counts. */
export const weightOf = ({ weights }: Samples, i: number): number => weights?.[i] ?? 1;

/** Moistures between which the grain is as wanted, wet basis %. */
export const windowFor = (plan: CompletePlan): { readonly low: number; readonly high: number } =>
  rightMoisture(plan, plan.texture);

/** Where a draw stands for a pour and a length of the covered stage. */
export interface Where {
  /** Water poured beside the account's own pour, g, and minutes beside the plan's; only timed draws have the latter. */
  readonly byG?: number;
  readonly byMin?: number;
}

/** A quadratic through three equally spaced points. */
const through = (x: number, a: number, b: number, c: number): number =>
  b + (x * (c - a)) / 2 + (x * x * (a - 2 * b + c)) / 2;
/** Two straight lines: what is bounded must not overshoot. */
const bent = (x: number, a: number, b: number, c: number): number =>
  x < 0 ? b + x * (b - a) : b + x * (c - b);

/** Liquid is left only once the grain has all that it can drink: less of the first that is poured beyond, and more of the last. */
const filling = (x: number, a: number, b: number, c: number): number =>
  x > 0 && x < 1 && c > b ? b + ((x + x * x) / 2) * (c - b) : bent(x, a, b, c);

/** Reads one draw anywhere between its pots: what the minutes change is added to what the pour changes. */
export class Reader {
  readonly #rows: Float64Array;
  readonly #x: number;
  readonly #t: number;

  constructor({ frame, rows }: Samples, { byG = 0, byMin = 0 }: Where) {
    this.#rows = rows;
    this.#x = byG / frame.spanG;
    this.#t = frame.spanMin > 0 ? byMin / frame.spanMin : 0;
  }

  /** A field of POINT of draw `i`. */
  read(i: number, field: number): number {
    const at = i * ROW + DOUBTS.length + field;
    const rows = this.#rows;
    const [less, planned, more] = [rows[at] ?? 0, rows[at + POINT_SIZE] ?? 0, rows[at + 2 * POINT_SIZE] ?? 0];
    const smooth = field === POINT.feels || field === POINT.done;
    const poured = smooth
      ? through(this.#x, less, planned, more)
      : field === POINT.left
        ? filling(this.#x, less, planned, more)
        : bent(this.#x, less, planned, more);
    if (this.#t === 0) return poured;
    const [shorter, longer] = [rows[at + 3 * POINT_SIZE] ?? 0, rows[at + 4 * POINT_SIZE] ?? 0];
    const timed = smooth
      ? through(this.#t, shorter, planned, longer)
      : bent(this.#t, shorter, planned, longer);
    return poured + timed - planned;
  }
}

/**
 * Chances over every draw for one pour and one length.
 * @example chancesAt({ frame, rows: sampleRows(frame, 1, 0, 20) }, {}).hard <= 1 // true
 */
export function chancesAt(samples: Samples, where: Where): Chances {
  const reader = new Reader(samples, where);
  const ends = new Tally(samples.frame.plan);
  const onlyTimed = where.byMin !== undefined;
  for (let i = 0; i < countOf(samples); i += 1) {
    if (onlyTimed && !isTimed(i)) continue;
    ends.add(weightOf(samples, i), {
      feels: reader.read(i, POINT.feels),
      done: reader.read(i, POINT.done),
      left: reader.read(i, POINT.left),
      topG: reader.read(i, POINT.topG),
      brown: reader.read(i, POINT.brown),
    });
  }
  return ends.chances();
}

/** Counts how pots end, each with its weight: the one place where it is said what is as wanted. */
export class Tally {
  readonly #window: { readonly low: number; readonly high: number };
  readonly #wetFrom: number;
  readonly #isDone: boolean;
  readonly #asked: { readonly low: number; readonly high: number };
  #all = 0;
  #hard = 0;
  #soft = 0;
  #wet = 0;
  #burnt = 0;
  #wanted = 0;
  #firmer = 0;
  #softer = 0;

  /** @param tasted what this cook has called this very pot: one that was done is never hard again */
  constructor(plan: CompletePlan, tasted?: Tasted) {
    this.#window = rightMoisture(plan, plan.texture, tasted);
    this.#asked = targetMoisture(plan, plan.texture);
    this.#wetFrom = wetFrom(plan);
    this.#isDone = tasted === 'done';
  }

  add(
    weight: number,
    { feels, done, left, topG, brown }: Readonly<Record<keyof typeof POINT, number>>,
  ): void {
    const isHard = !this.#isDone && (feels < this.#window.low || done < NO_HARD_CENTRE);
    const isSoft = !isHard && (feels > this.#window.high || left > this.#wetFrom);
    const isWet = topG > WET_TOP_G_PER_M2;
    const isBurnt = brown > CAUGHT_LOG;
    this.#all += weight;
    if (isHard) this.#hard += weight;
    if (isSoft) this.#soft += weight;
    if (isWet) this.#wet += weight;
    if (isBurnt) this.#burnt += weight;
    if (isHard || isSoft || isWet || isBurnt) return;
    this.#wanted += weight;
    if (feels < this.#asked.low) this.#firmer += weight;
    if (feels > this.#asked.high) this.#softer += weight;
  }

  /** A weight as a share of all that was counted. */
  shareOf(weight: number): number {
    return this.#all === 0 ? 0 : weight / this.#all;
  }

  chances(): Chances {
    return {
      hard: this.shareOf(this.#hard),
      asWanted: this.shareOf(this.#wanted),
      firm: this.shareOf(this.#firmer),
      soft: this.shareOf(this.#softer),
      tooSoft: this.shareOf(this.#soft),
      wetTop: this.shareOf(this.#wet),
      caught: this.shareOf(this.#burnt),
    };
  }
}
/** Browning of a caught base, as the samples keep it. */
export const CAUGHT_LOG = Math.log(BASE_BANDS.dark + 1e-3);

/** What each end costs: soft grain cannot be mended, hard grain can be topped up, a caught base is the whole pot †. */
export const COSTS = { tooSoft: 0.5, hard: 0.2, caught: 0.6 } as const;

/**
 * How good a choice is: as wanted, less what the other ends cost.
 * @example worth({ hard: 0.1, asWanted: 0.8, tooSoft: 0.1, wetTop: 0, caught: 0 }) // 0.73
 */
export const worth = (c: Omit<Chances, 'firm' | 'soft'>): number =>
  c.asWanted - COSTS.tooSoft * c.tooSoft - COSTS.hard * c.hard - COSTS.caught * c.caught;
