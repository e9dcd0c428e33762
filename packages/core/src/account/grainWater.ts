import type { Grain } from '../larder/grains.js';
import type { CompletePlan, Texture } from './planInput.js';

/** White-grain cooked moisture by texture step, wet basis %, lower and upper edge †. */
export const TEXTURE_BANDS: Readonly<Record<Texture, readonly [number, number]>> = {
  1: [64, 67],
  2: [67, 70],
  3: [70, 72],
  4: [72, 75],
  5: [75, 78],
};

/** Added to W by rinsing alone †. */
const RINSED_W = 0.03;

/** Water clinging to drained grain, g per g of grain as sold †. */
const CLINGING = { rinsedShaken: 0.07, soakedShaken: 0.1, sieve: 0.03 } as const;

/** Cold soaks speed up by this much per degree (about ×1.8 per 20 K †). */
const SOAK_PER_K = 0.03;
const SOAK_REFERENCE_C = 22;

/** Dry basis from wet basis: g water per g dry matter. */
export const dryBasis = (moisturePercent: number): number => moisturePercent / (100 - moisturePercent);

/** Dry matter of the grain, g. */
export const dryMatter = (grain: Grain, grainG: number): number => (grainG * (100 - grain.water)) / 100;

/** How far a soak has come towards saturation, 0–1. */
export function soakProgress(grain: Grain, soakMin: number, waterC: number): number {
  const rate = grain.soakRatePerMin * Math.exp(SOAK_PER_K * (waterC - SOAK_REFERENCE_C));
  return 1 - Math.exp(-rate * soakMin);
}

type Washing = Pick<CompletePlan, 'grain' | 'soakMin' | 'soakWaterC' | 'wash' | 'drain'>;

/** W of the grain when it goes in: as sold, rinsed, or on its way to saturation. */
export function startW(plan: Washing): number {
  const asSold = plan.grain.water / (100 - plan.grain.water);
  const rinsed = plan.wash === 'unwashed' ? asSold : asSold + RINSED_W;
  if (plan.soakMin <= 0) return rinsed;
  const saturated = Math.max(plan.grain.soakedW, rinsed);
  return rinsed + (saturated - rinsed) * soakProgress(plan.grain, plan.soakMin, plan.soakWaterC);
}

/** Water carried in on the drained grain, g per g of grain as sold. */
export function clingingPerG(plan: Washing): number {
  if (plan.wash === 'unwashed' && plan.soakMin <= 0) return 0;
  if (plan.drain === 'sieve') return CLINGING.sieve;
  return plan.soakMin > 0 ? CLINGING.soakedShaken : CLINGING.rinsedShaken;
}

/** The soak the soaked texture shift is quoted for: the usual half hour in cool water. */
const USUAL_SOAK_MIN = 30;

/**
 * Points this grain, soaked this long, stands above the white-grain scale. The soaked shift grows with the
 * soak and is whole at the usual one, so that a minute more never makes the answer jump.
 */
export function shiftOf(plan: Washing): number {
  const usual = soakProgress(plan.grain, USUAL_SOAK_MIN, SOAK_REFERENCE_C);
  const soaked = Math.min(1, soakProgress(plan.grain, plan.soakMin, plan.soakWaterC) / usual);
  return plan.grain.textureShift + plan.grain.soakedShift * soaked;
}

/** Cooked moisture of a texture step for this grain, wet basis %: lower edge, middle, upper edge. */
export function targetMoisture(plan: Washing, texture: Texture): { low: number; aim: number; high: number } {
  const [low, high] = TEXTURE_BANDS[texture];
  const shift = shiftOf(plan);
  return { low: low + shift, aim: (low + high) / 2 + shift, high: high + shift };
}
