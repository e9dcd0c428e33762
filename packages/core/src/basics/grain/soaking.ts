import type { Grain } from '../larder/grains.js';
import type { Wash } from '../method/methods.js';
import { asSoldW } from './moisture.js';

/** Added to W by rinsing alone †. */
const RINSED_W = 0.03;

/** Cold soaks speed up by this much per degree (about ×1.8 per 20 K †). */
const SOAK_PER_K = 0.03;
/** Temperature of the water the soak rates are quoted for, °C: from the tap in a kitchen. */
const SOAK_REFERENCE_C = 22;

/** Rate at which grain drinks before its starch swells, per min of what it lacks. */
export const soakRate = (grain: Grain, waterC: number): number =>
  grain.soakRatePerMin * Math.exp(SOAK_PER_K * (waterC - SOAK_REFERENCE_C));

/** How far a soak has come towards saturation, 0–1. */
export const soakProgress = (grain: Grain, soakMin: number, waterC: number): number =>
  1 - Math.exp(-soakRate(grain, waterC) * soakMin);

/** Above this the soaking law of cold water says nothing more, °C. */
export const SOAKS_TO_C = 70;

/** How a grain was washed and soaked. */
export interface Washing {
  readonly grain: Grain;
  readonly wash: Wash;
  readonly soakMin: number;
  readonly soakWaterC: number;
}

/** W of the grain after the bowl: as sold, rinsed, or on its way to saturation. */
export function soakedW(plan: Washing): number {
  const asSold = asSoldW(plan.grain);
  const rinsed = plan.wash === 'unwashed' ? asSold : asSold + RINSED_W;
  if (plan.soakMin <= 0) return rinsed;
  const saturated = Math.max(plan.grain.soakedW, rinsed);
  return rinsed + (saturated - rinsed) * soakProgress(plan.grain, plan.soakMin, plan.soakWaterC);
}

/** The soak the soaked texture shift is quoted for: the usual half hour in cool water. */
const USUAL_SOAK_MIN = 30;

/** How far this soak is towards the usual one, 0–1: smooth, so that a minute more never makes the answer jump. */
export function soakedShare(plan: Washing): number {
  if (plan.soakMin <= 0) return 0;
  const usual = soakProgress(plan.grain, USUAL_SOAK_MIN, SOAK_REFERENCE_C);
  return Math.min(1, soakProgress(plan.grain, plan.soakMin, plan.soakWaterC) / usual);
}
