import { share } from '../calibration/calibrated.js';
import { boilUnder, type Boil } from './atmosphere.js';
import { GAUGE_KPA, PURGE_VOLUMES, STEAM_G_PER_L, WHISTLE_G } from './constants.js';
import {
  heatLoss,
  leakPerM2,
  lossPerK,
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

/**
 * Vapour leaving a pot at the boil through its closure, g/min.
 * @example leakRate(vessel, 'on') // 0.22808
 */
export const leakRate = (vessel: VesselSpec, lid: LidState): number =>
  leakPerM2(vessel, lid) * openingM2(vessel);

/** Power left over at the boil once the losses are met, W; 0 when the setting does not hold the boil. */
export const surplusW = (at: Surroundings, fire: Fire, tempC = at.boil.tempC): number =>
  Math.max(0, netPower(at.hob, fire, at.vessel) - heatLoss(at.vessel, fire, tempC, at.roomC));

/**
 * Steam leaving a pot that is kept at this setting once it has boiled. What the net power leaves above the losses
 * turns to vapour; the lid decides how much heat is lost, not how much is left over. A setting too weak to pay for
 * the leak of the closure lets the pot sink below the boil until it can.
 * @returns g/min
 * @example boilingSteamRate(at, { heat: 'low', lid: 'on' }) // 3.582
 */
export function boilingSteamRate(at: Surroundings, fire: Fire): number {
  const boiled = (surplusW(at, fire) * 60) / at.boil.latentKJPerKg;
  return boiled >= leakRate(at.vessel, fire.lid) ? boiled : vapourAt(at, fire, holdingC(at, fire));
}

/** Vapour through the closure at a temperature up to the boil, g/min: in proportion to its pressure. */
const vapourAt = (at: Surroundings, fire: Fire, tempC: number): number =>
  vapourOf(balanceOf(at, fire), tempC);

/** True when the setting keeps the pot at the boil. */
export const holdsBoil = (at: Surroundings, fire: Fire): boolean =>
  surplusW(at, fire) * 60 >= leakRate(at.vessel, fire.lid) * at.boil.latentKJPerKg;

/** The balance of a pot below the boil with everything looked up that its temperature does not change. */
interface Balance {
  readonly at: Surroundings;
  readonly powerW: number;
  readonly lossWPerK: number;
  readonly leakPerMin: number;
}

const balanceOf = (at: Surroundings, fire: Fire): Balance => ({
  at,
  powerW: netPower(at.hob, fire, at.vessel),
  lossWPerK: lossPerK(at.vessel, fire),
  leakPerMin: leakRate(at.vessel, fire.lid),
});

const vapourOf = ({ at, leakPerMin }: Balance, tempC: number): number =>
  (leakPerMin * Math.min(at.boil.kPa, vapourPressure(tempC))) / at.boil.kPa;

/** Power left over once losses and vapour are paid for, W. */
const leftOverW = ({ at, powerW, lossWPerK }: Balance, tempC: number, vapour: number): number =>
  powerW - lossWPerK * Math.max(0, tempC - at.roomC) - (vapour * at.boil.latentKJPerKg) / 60;

/** Halvings of the range from room to boil: to a thousandth of a degree. */
const HALVINGS = 17;

/** Temperature a setting holds in the long run, °C; the boil at most. */
export function holdingC(at: Surroundings, fire: Fire): number {
  if (holdsBoil(at, fire)) return at.boil.tempC;
  const balance = balanceOf(at, fire);
  let low = Math.min(at.roomC, at.boil.tempC);
  let high = at.boil.tempC;
  for (let i = 0; i < HALVINGS; i += 1) {
    const mid = (low + high) / 2;
    if (leftOverW(balance, mid, vapourOf(balance, mid)) > 0) low = mid;
    else high = mid;
  }
  return (low + high) / 2;
}

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
 * @example comeUp(at, { heat: 'high', lid: 'off' }, 3, 20).boils // true
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

/** What a pot below the boil loses as it stands, and how warm it is afterwards. */
export interface Standing {
  readonly steamG: number;
  readonly tempC: number;
}

/** Length of a step, and how many at least and at most; the slowest pot follows within a quarter of an hour. */
const STANDING_STEP = { min: 1.5, least: 4, most: 240 } as const;

/**
 * Vapour lost while a hot pot stands on a setting that does not hold the boil, or on none: the leak, falling with
 * the pot's own temperature. Heun's method on the balance of heat.
 * @param heatCapacityKJPerK pot and contents together
 * @example standingSteam(at, { heat: 'off', lid: 'on' }, 10, 3).tempC // 85.072
 */
export function standingSteam(
  at: Surroundings,
  fire: Fire,
  minutes: number,
  heatCapacityKJPerK: number,
  fromC = at.boil.tempC,
): Standing {
  const steps = Math.min(
    STANDING_STEP.most,
    Math.max(STANDING_STEP.least, Math.ceil(minutes / STANDING_STEP.min)),
  );
  const step = minutes / steps;
  const perStep = (step * 0.06) / heatCapacityKJPerK;
  const balance = balanceOf(at, fire);
  // Under a locked lid nothing is let go, so it may still be hotter than the open boil.
  const most = balance.leakPerMin > 0 ? at.boil.tempC : Math.max(at.boil.tempC, fromC);
  let tempC = Math.min(fromC, most);
  let vapour = vapourOf(balance, tempC);
  let steamG = 0;
  for (let i = 0; i < steps; i += 1) {
    const before = leftOverW(balance, tempC, vapour);
    const guess = Math.min(most, tempC + perStep * before);
    const next = tempC + (perStep * (before + leftOverW(balance, guess, vapourOf(balance, guess)))) / 2;
    const after = Math.min(most, Math.max(at.roomC, next));
    const later = vapourOf(balance, after);
    steamG += (step * (vapour + later)) / 2;
    tempC = after;
    vapour = later;
  }
  return { steamG, tempC };
}

/** Gauge pressure this vessel holds once it is up, kPa: a multi-cooker by its setting, a stovetop one by its weight. */
export function gaugeKPa(vessel: VesselSpec, fire: Pick<Fire, 'heat'>): number {
  if (vessel.kind !== 'multiCooker') return GAUGE_KPA.stovetop;
  return fire.heat === 'low' || fire.heat === 'veryLow' ? GAUGE_KPA.multiLow : GAUGE_KPA.multiHigh;
}

/** The boil under this vessel's pressure, here. */
export const pressureBoil = (at: Surroundings, fire: Pick<Fire, 'heat'>): Boil =>
  boilUnder(at.boil.kPa + gaugeKPa(at.vessel, fire));

/** Water let go by one whistle, g. */
export const whistleG = (): number => WHISTLE_G * share('vent');

/** Steam that drives the air out of the head-space before the vent closes, g. */
export const purgeG = (vessel: VesselSpec, contentsMl: number): number =>
  ((vessel.kind === 'pressureCooker' ? share('vent') : 1) *
    PURGE_VOLUMES *
    STEAM_G_PER_L *
    Math.max(0, vessel.volumeMl - contentsMl)) /
  1000;
