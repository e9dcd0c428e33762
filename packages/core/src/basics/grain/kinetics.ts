import { arrhenius } from '../heat/arrhenius.js';
import type { Grain } from '../larder/grains.js';

/** Grain cooks and drinks by the law of Suzuki et al., J. Food Science 41 (1976): 79.5 kJ/mol below 110 °C, where
 * the starch's own reaction decides, and 36.8 above, where water's way into the grain does †. */
export const COOKING = { lowJPerMol: 79_500, highJPerMol: 36_800, changesAtC: 110 } as const;

/** Cooked fraction per minute at 100 °C, by family, for the family's own covered minutes †. */
const COOKS_PER_MIN = {
  white: { rate: 0.19, coveredMin: 15 },
  parboiled: { rate: 0.13, coveredMin: 20 },
  wholegrain: { rate: 0.06, coveredMin: 40 },
  small: { rate: 0.16, coveredMin: 18 },
  cracked: { rate: 0.24, coveredMin: 12 },
} as const;
/** Water a grain needs before it cooks at all, W †. */
const COOKS_FROM_W = 0.25;
/** Water at which a grain cooks at its full rate, W †. */
const COOKS_FULL_W = 0.75;

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
