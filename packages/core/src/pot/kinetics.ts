import { arrhenius } from '../heat/arrhenius.js';
import type { Grain } from '../larder/grains.js';
import { COOKING, COOKS_FROM_W, COOKS_FULL_W, COOKS_PER_MIN } from './constants.js';

const AT_CHANGE = arrhenius(COOKING.lowJPerMol, COOKING.changesAtC, 100);

/**
 * How fast grain cooks against 100 °C (Suzuki et al. 1976): one activation energy below 110 °C, another above, the
 * two meeting there.
 * @example cookingFactor(110) // 1.95
 */
export const cookingFactor = (tempC: number): number =>
  tempC <= COOKING.changesAtC
    ? arrhenius(COOKING.lowJPerMol, tempC, 100)
    : AT_CHANGE * arrhenius(COOKING.highJPerMol, tempC, COOKING.changesAtC);

/** How ready a grain of this W is to cook, 0–1. */
export function readiness(w: number): number {
  const x = (w - COOKS_FROM_W) / (COOKS_FULL_W - COOKS_FROM_W);
  if (x <= 0) return 0;
  return x >= 1 ? 1 : x * x * (3 - 2 * x);
}

/** Cooked fraction per minute at 100 °C: the family's rate, in the proportion of the grain's own covered time. */
export function cooksPerMin(grain: Grain): number {
  const { rate, coveredMin } = COOKS_PER_MIN[grain.family];
  return (rate * coveredMin) / grain.coveredMin;
}
