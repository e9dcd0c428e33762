import type { Boil } from './atmosphere.js';
import { LEAK_G_PER_MIN_M2 } from './constants.js';
import {
  heatLoss,
  netPower,
  openingM2,
  type HeatSetting,
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
export function leakRate(vessel: VesselSpec, lid: LidState): number {
  const closure = lid === 'on' ? vessel.lid : lid === 'off' ? 'open' : lid;
  return LEAK_G_PER_MIN_M2[closure] * openingM2(vessel);
}

/**
 * Steam leaving a boiling pot: what the net power above the losses turns to vapour, plus the leak of the lid.
 * A fixed rate of the pot, lid and hob; the grain has no part in it.
 * @returns g/min
 */
export function boilingSteamRate(at: Surroundings, heat: HeatSetting, lid: LidState): number {
  const surplusW = netPower(at.hob, heat, at.vessel) - heatLoss(at.vessel, lid, at.boil.tempC, at.roomC);
  return (Math.max(0, surplusW) * 60) / at.boil.latentKJPerKg + leakRate(at.vessel, lid);
}

/** A stage that heats its contents to the boil. */
export interface ComeUp {
  readonly minutes: number;
  readonly steamG: number;
  /** False when the setting cannot bring this pot to the boil at all. */
  readonly boils: boolean;
}

/** A kitchen gives up waiting for a boil after this long, min. */
const LONGEST_COME_UP_MIN = 90;
/** Midpoints of six steps: within 1 % of the vapour of sixty, which is itself a few grams. */
const COME_UP_STEPS = 6;

/**
 * Time to the boil and the vapour lost on the way, by stepping the temperature in equal steps and asking at
 * each how long the net power takes. Vapour below the boil scales with its pressure.
 * @param heatCapacityKJPerK pot and contents together
 * @param fromC temperature of the mixed contents at the start
 */
export function comeUp(
  at: Surroundings,
  stage: { readonly heat: HeatSetting; readonly lid: LidState },
  heatCapacityKJPerK: number,
  fromC: number,
): ComeUp {
  const rise = at.boil.tempC - fromC;
  if (rise <= 0) return { minutes: 0, steamG: 0, boils: true };
  const power = netPower(at.hob, stage.heat, at.vessel);
  const leak = leakRate(at.vessel, stage.lid);
  const full = at.boil.kPa;
  let minutes = 0;
  let steamG = 0;
  for (let i = 0; i < COME_UP_STEPS; i += 1) {
    const tempC = fromC + (rise * (i + 0.5)) / COME_UP_STEPS;
    const vapour = (leak * vapourPressure(tempC)) / full;
    const loss = heatLoss(at.vessel, stage.lid, tempC, at.roomC) + (vapour / 60) * at.boil.latentKJPerKg;
    const netW = power - loss;
    const step = netW > 0 ? (heatCapacityKJPerK * rise * 1000) / COME_UP_STEPS / netW / 60 : Infinity;
    if (minutes + step > LONGEST_COME_UP_MIN) {
      return {
        minutes: LONGEST_COME_UP_MIN,
        steamG: steamG + vapour * (LONGEST_COME_UP_MIN - minutes),
        boils: false,
      };
    }
    minutes += step;
    steamG += vapour * step;
  }
  return { minutes, steamG, boils: true };
}

/**
 * Vapour lost while a hot pot stands without heat: the leak, falling with the pot's own cooling.
 * @returns g over `minutes`
 */
export function restingSteam(
  at: Surroundings,
  lid: LidState,
  minutes: number,
  heatCapacityKJPerK: number,
): number {
  const lossPerK = heatLoss(at.vessel, lid, at.roomC + 1, at.roomC);
  const leak = leakRate(at.vessel, lid);
  const full = at.boil.kPa;
  const steps = 4;
  let steamG = 0;
  for (let i = 0; i < steps; i += 1) {
    const t = (minutes * (i + 0.5)) / steps;
    const cooled = Math.exp((-lossPerK * t * 60) / (heatCapacityKJPerK * 1000));
    const tempC = at.roomC + (at.boil.tempC - at.roomC) * cooled;
    steamG += ((leak * vapourPressure(tempC)) / full) * (minutes / steps);
  }
  return steamG;
}
