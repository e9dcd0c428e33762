import { lossPerK, netPower } from '../../basics/heat/equipment.js';
import type { Stage } from '../../basics/method/stage.js';
import { fatKJPerK, inPot } from '../../plan/input/base.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import { surroundings } from '../../plan/input/surroundings.js';

/** Step of the dry stages, min, and the longest a sign is waited for. */
export const DRY_STEP_MIN = 0.05;
/** The longest a sign is waited for before the liquid, min. */
export const DRY_PATIENCE_MIN = 45;
/** Fat and grain are stirred before they get hotter than this, °C †. */
export const STIRRED_C = 185;

/** The pot before the liquid, as far as it has come. */
export interface Dry {
  readonly plan: CompletePlan;
  tempC: number;
  colour: number;
  /** Water the base has let go so far, g; undefined before it is in the pot. */
  drivenG: number | undefined;
}

/** Heat capacity of what fries in the pot once it is in, kJ/K. */
export const fryingKJPerK = (plan: CompletePlan): number => fatKJPerK(plan, inPot(plan));

/** The ring under an open pot: what it gives and what the pot loses to the room, kJ/min and kJ/min·K. */
export interface Ring {
  readonly kJ: number;
  readonly lossKJPerK: number;
  readonly roomC: number;
}

/** The ring under this plan's open pot at a stage. */
export function ringOf(plan: CompletePlan, stage: Stage): Ring {
  const { hob, vessel, roomC } = surroundings(plan);
  return {
    kJ: netPower(hob, stage, vessel) * 0.06,
    lossKJPerK: lossPerK(vessel, { lid: 'off' }) * 0.06,
    roomC,
  };
}

/** Kelvin a step. */
export const rises = ({ kJ, lossKJPerK, roomC }: Ring, tempC: number, kJPerK: number): number =>
  ((kJ - lossKJPerK * Math.max(0, tempC - roomC)) / kJPerK) * DRY_STEP_MIN;
