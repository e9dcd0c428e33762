import type { HOB_POWER_W } from './constants.js';
import {
  CAPTURE_EXPONENT,
  CAPTURE_LIMITS,
  LOSS_W_PER_M2K,
  REFERENCE_DIAMETER_CM,
  WALL_KJ_PER_K_M2,
} from './constants.js';

export type HeatSetting = keyof typeof HOB_POWER_W;
export type HobKind = keyof typeof CAPTURE_EXPONENT;
export type LidFit = 'loose' | 'wellFitting' | 'tight';
export type LidState = 'off' | 'ajar' | 'on' | 'sealed';
export type Wall = keyof typeof WALL_KJ_PER_K_M2;

/** A pot as the heat sees it. */
export interface VesselSpec {
  /** Inside width, cm. */
  readonly diameterCm: number;
  /** Volume to the brim, ml. */
  readonly volumeMl: number;
  readonly lid: LidFit;
  readonly wall: Wall;
}

/** A burner: net power into a 22 cm pot at each setting, W. */
export interface HobSpec {
  readonly kind: HobKind;
  readonly powerW: Readonly<Record<HeatSetting, number>>;
}

/** Area of the pot's opening, m². */
export const openingM2 = (vessel: VesselSpec): number => (Math.PI * (vessel.diameterCm / 100) ** 2) / 4;

/** Inside height of the pot if its wall is straight, mm. */
export const heightMm = (vessel: VesselSpec): number => (vessel.volumeMl / 1e6 / openingM2(vessel)) * 1000;

const wallM2 = (vessel: VesselSpec): number =>
  Math.PI * (vessel.diameterCm / 100) * (heightMm(vessel) / 1000);

/** Heat the empty pot takes per degree, kJ/K. */
export const potHeatCapacity = (vessel: VesselSpec): number =>
  WALL_KJ_PER_K_M2[vessel.wall] * (wallM2(vessel) + openingM2(vessel));

/**
 * Power that reaches the food, W: the hob's setting times how much of the heat a pot this wide catches.
 * @example netPower({ kind: 'gas', powerW: HOB_POWER_W }, 'low', { diameterCm: 22, … }) // 210
 */
export function netPower(hob: HobSpec, heat: HeatSetting, vessel: VesselSpec): number {
  const share = (vessel.diameterCm / REFERENCE_DIAMETER_CM) ** CAPTURE_EXPONENT[hob.kind];
  return hob.powerW[heat] * Math.min(CAPTURE_LIMITS.most, Math.max(CAPTURE_LIMITS.least, share));
}

/** Heat lost through the wall, and through the lid when it is on, W. An open surface loses by steam instead. */
export function heatLoss(vessel: VesselSpec, lid: LidState, tempC: number, roomC: number): number {
  const lidM2 = lid === 'off' ? 0 : lid === 'ajar' ? 0.7 * openingM2(vessel) : openingM2(vessel);
  return LOSS_W_PER_M2K * (wallM2(vessel) + lidM2) * Math.max(0, tempC - roomC);
}
