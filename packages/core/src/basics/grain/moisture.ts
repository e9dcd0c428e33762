import type { Grain } from '../larder/grains.js';

/**
 * Dry basis from wet basis: g water per g dry matter.
 * @example dryBasis(68) // 2.125
 */
export const dryBasis = (moisturePercent: number): number => moisturePercent / (100 - moisturePercent);

/** Wet basis % from dry basis. */
export const wetBasis = (w: number): number => (100 * w) / (1 + w);

/** Dry matter of the grain, g. */
export const dryMatter = (grain: Grain, grainG: number): number => (grainG * (100 - grain.water)) / 100;

/** W of the grain as it is sold. */
export const asSoldW = (grain: Grain): number => grain.water / (100 - grain.water);
