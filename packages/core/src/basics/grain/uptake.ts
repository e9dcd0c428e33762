import { share } from '../calibration/calibrated.js';
import { arrhenius } from '../heat/arrhenius.js';
import type { Grain } from '../larder/grains.js';
import { COOKING } from './kinetics.js';
import { dryBasis } from './moisture.js';
import type { Prepared } from './preparing.js';
import { soakedShare } from './soaking.js';

/** Grain of the white scale that has drunk all it can at the boil, W †. */
const FULL_W = 3.4;
/** Where its texture scale stands higher a grain holds more: this much beyond W at the edge of "soft" †. */
const FULL_BEYOND_W = 0.83;
/** Edge of "soft" on the white scale, wet basis % (TEXTURE_BANDS). */
const SOFT_FROM = 72;
/** Uptake of a soaked and of a toasted grain against a plain one †. */
const SOAKED_DRINKS = 0.6;
const TOASTED_DRINKS = 0.9;
/** Families whose rate the table of practice knows something about: what is poured on them must be gone when served. */
const SLOW: ReadonlySet<Grain['family']> = new Set<Grain['family']>(['parboiled', 'wholegrain', 'small']);
/** W of this grain when it has drunk all it can at the boil. */
export const fullW = (grain: Grain): number =>
  Math.max(FULL_W, dryBasis(SOFT_FROM + grain.textureShift) + FULL_BEYOND_W);

/**
 * How much slower grain drinks at `tempC` than at 100 °C, 0–1 and over: uptake follows cooking.
 * @example rateAt(90) // 0.49
 */
export const rateAt = (tempC: number): number => arrhenius(COOKING.lowJPerMol, tempC, 100);

/** Rate at which this grain, soaked and toasted as it is, drinks under liquid at 100 °C, per min of what it lacks. */
export function drinksPerMin(plan: Prepared): number {
  const slow = SLOW.has(plan.grain.family) ? share('uptake') : 1;
  const soaked = 1 + SOAKED_DRINKS * soakedShare(plan);
  const toasted = plan.toast === 'none' || plan.toast === 'coated' ? 1 : TOASTED_DRINKS;
  return plan.grain.uptakePerMin * slow * soaked * toasted;
}
