import { boilUnder, type Boil } from './atmosphere.js';
import { GAUGE_KPA, PURGE_VOLUMES, STEAM_G_PER_L } from './constants.js';
import {
  heatLoss,
  leakPerM2,
  netPower,
  openingM2,
  type Fire,
  type HobSpec,
  type LidState,
  type VesselSpec,
} from './equipment.js';
import { vapourPressure } from './saturation.js';

/** What surrounds the pot. */
export interface Surroundings {
  readonly vessel: VesselSpec;
  readonly hob: HobSpec;
  readonly boil: Boil;
  readonly roomC: number;
}

/** Vapour leaving a pot at the boil through its closure, g/min. */
export const leakRate = (vessel: VesselSpec, lid: LidState): number =>
  leakPerM2(vessel, lid) * openingM2(vessel);

/** Power left over at the boil once the losses are met, W; 0 when the setting does not hold the boil. */
export const surplusW = (at: Surroundings, fire: Fire, tempC = at.boil.tempC): number =>
  Math.max(0, netPower(at.hob, fire, at.vessel) - heatLoss(at.vessel, fire, tempC, at.roomC));

/**
 * Steam leaving a boiling pot: what the net power above the losses turns to vapour, plus the leak of the lid.
 * A fixed rate of the pot, lid and hob; the grain has no part in it.
 * @returns g/min
 */
export const boilingSteamRate = (at: Surroundings, fire: Fire): number =>
  (surplusW(at, fire) * 60) / at.boil.latentKJPerKg + leakRate(at.vessel, fire.lid);

/** A stretch of heating that ends at the boil, or when its time is up. */
export interface ComeUp {
  readonly minutes: number;
  readonly steamG: number;
  /** Temperature reached, °C. */
  readonly tempC: number;
  readonly boils: boolean;
}

/** A kitchen gives up waiting for a boil after this long, min. */
const LONGEST_COME_UP_MIN = 90;
/** Midpoints of six steps: within 1 % of the vapour of sixty, which is itself a few grams. */
const COME_UP_STEPS = 6;

/**
 * Time to the boil and the vapour lost on the way, by stepping the temperature in equal steps and asking at
 * each how long the net power takes. Vapour below the boil scales with its pressure. A setting too low for the
 * boil stays at the last temperature it can hold until the time is up.
 * @param heatCapacityKJPerK pot and contents together
 * @param fromC temperature of the mixed contents at the start
 * @param mostMin time after which the stage is over, whatever has been reached
 */
export function comeUp(
  at: Surroundings,
  fire: Fire,
  heatCapacityKJPerK: number,
  fromC: number,
  mostMin = LONGEST_COME_UP_MIN,
): ComeUp {
  const rise = at.boil.tempC - fromC;
  if (rise <= 0) return { minutes: 0, steamG: 0, tempC: fromC, boils: true };
  const power = netPower(at.hob, fire, at.vessel);
  const leak = leakRate(at.vessel, fire.lid);
  const full = at.boil.kPa;
  let minutes = 0;
  let steamG = 0;
  for (let i = 0; i < COME_UP_STEPS; i += 1) {
    const tempC = fromC + (rise * (i + 0.5)) / COME_UP_STEPS;
    const vapour = (leak * vapourPressure(tempC)) / full;
    const loss = heatLoss(at.vessel, fire, tempC, at.roomC) + (vapour / 60) * at.boil.latentKJPerKg;
    const netW = power - loss;
    const step = netW > 0 ? (heatCapacityKJPerK * rise * 1000) / COME_UP_STEPS / netW / 60 : Infinity;
    if (minutes + step > mostMin) {
      return { minutes: mostMin, steamG: steamG + vapour * (mostMin - minutes), tempC, boils: false };
    }
    minutes += step;
    steamG += vapour * step;
  }
  return { minutes, steamG, tempC: at.boil.tempC, boils: true };
}

/** What a pot standing without heat loses and how warm it still is afterwards. */
export interface Resting {
  readonly steamG: number;
  readonly tempC: number;
}

/** Vapour lost while a hot pot stands without heat: the leak, falling with the pot's own cooling. */
export function restingSteam(
  at: Surroundings,
  fire: Pick<Fire, 'lid' | 'insulated'>,
  minutes: number,
  heatCapacityKJPerK: number,
  fromC = at.boil.tempC,
): Resting {
  const lossPerK = heatLoss(at.vessel, fire, at.roomC + 1, at.roomC);
  const leak = leakRate(at.vessel, fire.lid);
  const full = at.boil.kPa;
  const after = (t: number): number =>
    at.roomC + (fromC - at.roomC) * Math.exp((-lossPerK * t * 60) / (heatCapacityKJPerK * 1000));
  const steps = 4;
  let steamG = 0;
  for (let i = 0; i < steps; i += 1) {
    const tempC = after((minutes * (i + 0.5)) / steps);
    steamG += ((leak * vapourPressure(tempC)) / full) * (minutes / steps);
  }
  return { steamG, tempC: after(minutes) };
}

/** Gauge pressure this vessel holds once it is up, kPa: a multi-cooker by its setting, a stovetop one by its weight. */
export function gaugeKPa(vessel: VesselSpec, fire: Pick<Fire, 'heat'>): number {
  if (vessel.kind !== 'multiCooker') return GAUGE_KPA.stovetop;
  return fire.heat === 'low' || fire.heat === 'veryLow' ? GAUGE_KPA.multiLow : GAUGE_KPA.multiHigh;
}

/** The boil under this vessel's pressure, here. */
export const pressureBoil = (at: Surroundings, fire: Pick<Fire, 'heat'>): Boil =>
  boilUnder(at.boil.kPa + gaugeKPa(at.vessel, fire));

/** Steam that drives the air out of the head-space before the vent closes, g. */
export const purgeG = (vessel: VesselSpec, contentsMl: number): number =>
  (PURGE_VOLUMES * STEAM_G_PER_L * Math.max(0, vessel.volumeMl - contentsMl)) / 1000;
