import Fraction from 'fraction.js';

/** One thing this household measures with. */
export interface Measure {
  readonly kind: 'cup' | 'spoon' | 'jug';
  readonly label: string;
  /** Volume when full, ml. */
  readonly ml: number;
  /** Fractions of it that can be filled: a set of cups has 1, 3/4, 1/2 …; a lone cup has 1 and perhaps 1/2. */
  readonly parts: readonly string[];
  /** A jug's graduation, ml. */
  readonly stepMl?: number;
}

/** One line of a measurable amount: three halves of "Blue mug". */
export interface Scoop {
  readonly kind: Measure['kind'];
  readonly label: string;
  /** How much of it, exact: 1 3/4 is 7/4. */
  readonly count: Fraction;
  readonly ml: number;
}

/** A volume as this household can measure it. */
export interface Measurable {
  readonly scoops: readonly Scoop[];
  /** What those scoops really hold, ml. */
  readonly ml: number;
  /** (measured − wanted)/wanted. */
  readonly error: number;
  /** True when the error is large enough to be shown (above 2 %). */
  readonly showError: boolean;
}

/** Errors up to this share are not worth a cook's attention: a levelled cup is no better than that. */
export const SHOWN_ERROR = 0.02;

/** Most spoonfuls anyone counts without losing count. */
const MOST_SPOONS = 3;

/**
 * The nearest combination of the cups and spoons owned: first within 2 % with the fewest fillings, else the
 * closest there is.
 * @param wantedMl volume wanted, ml, positive
 * @param owned the household's measures
 * @returns undefined when nothing owned can measure it (no cup, or the amount is below half the smallest)
 * @example showMeasurable(measurable(414, [cup])) // '1¾ cups'
 */
export function measurable(wantedMl: number, owned: readonly Measure[]): Measurable | undefined {
  if (!Number.isFinite(wantedMl) || wantedMl <= 0) return undefined;
  let best: { scoops: Scoop[]; fillings: number; error: number } | undefined;
  for (const scoops of candidates(wantedMl, owned)) {
    const ml = scoops.reduce((total, s) => total + s.ml, 0);
    if (ml <= 0) continue;
    const error = (ml - wantedMl) / wantedMl;
    const candidate = { scoops, fillings: fillings(scoops), error };
    if (!best || better(candidate, best)) best = candidate;
  }
  if (!best || Math.abs(best.error) > 0.5) return undefined;
  const ml = best.scoops.reduce((total, s) => total + s.ml, 0);
  return { scoops: best.scoops, ml, error: best.error, showError: Math.abs(best.error) > SHOWN_ERROR };
}

function better(a: { fillings: number; error: number }, b: { fillings: number; error: number }): boolean {
  const aFine = Math.abs(a.error) <= SHOWN_ERROR;
  const bFine = Math.abs(b.error) <= SHOWN_ERROR;
  if (aFine !== bFine) return aFine;
  if (aFine && a.fillings !== b.fillings) return a.fillings < b.fillings;
  return Math.abs(a.error) < Math.abs(b.error);
}

function* candidates(wantedMl: number, owned: readonly Measure[]): Generator<Scoop[]> {
  const cups = owned.filter((m) => m.kind === 'cup');
  const spoons = owned.filter((m) => m.kind === 'spoon');
  for (const jug of owned.filter((m) => m.kind === 'jug')) {
    const step = jug.stepMl ?? jug.ml;
    const steps = Math.round(wantedMl / step);
    if (steps > 0) yield [{ kind: 'jug', label: jug.label, count: new Fraction(steps), ml: steps * step }];
  }
  for (const cup of cups)
    for (const fill of cupFills(wantedMl, cup)) yield* withSpoons(wantedMl, fill, spoons);
  yield* withSpoons(wantedMl, [], spoons);
}

/** Whole cups with at most one part cup, at and just below the amount wanted, and one above. */
function* cupFills(wantedMl: number, cup: Measure): Generator<Scoop[]> {
  const parts = [new Fraction(0), ...cup.parts.map((p) => new Fraction(p)).filter((p) => p.compare(1) < 0)];
  const most = Math.min(40, Math.ceil(wantedMl / cup.ml));
  for (let whole = Math.max(0, most - 2); whole <= most; whole += 1) {
    for (const part of parts) {
      const count = part.add(whole);
      if (count.compare(0) > 0)
        yield [{ kind: 'cup', label: cup.label, count, ml: count.valueOf() * cup.ml }];
    }
  }
}

function* withSpoons(wantedMl: number, fill: Scoop[], spoons: readonly Measure[]): Generator<Scoop[]> {
  if (fill.length > 0) yield fill;
  const left = wantedMl - fill.reduce((total, s) => total + s.ml, 0);
  if (left <= 0) return;
  for (const spoon of spoons) {
    const smallest = Math.min(...spoon.parts.map((p) => new Fraction(p).valueOf()));
    const count = new Fraction(Math.round(left / spoon.ml / smallest)).mul(new Fraction(smallest));
    if (count.compare(0) <= 0 || count.compare(MOST_SPOONS) > 0) continue;
    yield [...fill, { kind: 'spoon', label: spoon.label, count, ml: count.valueOf() * spoon.ml }];
  }
}

/** Fillings a cook makes: 1 3/4 cups is two, a jug read at a mark is one. */
function fillings(scoops: readonly Scoop[]): number {
  return scoops.reduce((total, s) => {
    if (s.kind === 'jug') return total + 1;
    const whole = Math.floor(s.count.valueOf());
    return total + whole + (s.count.valueOf() > whole ? 1 : 0);
  }, 0);
}
