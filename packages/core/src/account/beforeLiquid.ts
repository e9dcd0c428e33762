import { arrhenius } from '../heat/arrhenius.js';
import { CP_FAT, CP_GRAIN_SOLIDS, CP_WATER } from '../heat/constants.js';
import { lossPerK, netPower, potHeatCapacity } from '../heat/equipment.js';
import type { Toast } from '../method/methods.js';
import { isWet, plannedMin, type Act, type Stage } from '../method/stage.js';
import { baseAccount, inPot } from './base.js';
import { clingingPerG, dryMatter, soakProgress, startW } from './grainWater.js';
import type { CompletePlan } from './planInput.js';
import { hasCookedBase } from './readStages.js';
import { surroundings } from './surroundings.js';

/** Toasting: colour 1 is golden, after six minutes over medium heat in an ordinary bed †. */
const TOASTS = { jPerMol: 90_000, atC: 170, goldenMin: 2.6, mostC: 185 } as const;

/** How far grain or noodles have coloured in the fat. */
export type Colour = 'raw' | 'coated' | 'glossy' | 'opaque' | 'golden' | 'deep';

/** A stage before the liquid, as it goes in this pot. */
export interface BeforeStage {
  readonly stageId: string;
  readonly act: Act;
  /** Minutes before the liquid goes in, so both are negative or zero. */
  readonly fromMin: number;
  readonly toMin: number;
  /** Temperature of the pot at its end, °C. */
  readonly tempC: number;
  /** How far a soak has come, 0–1; the colour of what is toasted; the share of its water a base has let go. */
  readonly soaked?: number;
  readonly colour?: Colour;
  readonly colourValue?: number;
  readonly cookedDown?: number;
  /** Colour of noodles fried in the fat before anything else goes in. */
  readonly noodles?: Colour;
  /** W of the grain at the end, where the stage changes it. */
  readonly w?: number;
}

/** Colour values from which a band is seen; golden is 1 †. */
const COLOURS: readonly (readonly [Colour, number])[] = [
  ['deep', 1.7],
  ['golden', 0.8],
  ['opaque', 0.3],
  ['glossy', 0.08],
  ['coated', 0.01],
];
/** What each way of toasting waits for. */
const WAITS_FOR: Readonly<Record<Toast, number>> = {
  none: 0,
  coated: 0.01,
  glossy: 0.1,
  opaque: 0.4,
  golden: 1,
  deep: 2,
};

export const colourOf = (value: number): Colour => COLOURS.find(([, from]) => value >= from)?.[0] ?? 'raw';

/** Step of the dry stages, min, and the longest a sign is waited for. */
const DRY_STEP_MIN = 0.05;
const DRY_PATIENCE_MIN = 45;
/** Fat shimmers here, °C †. */
const SHIMMERS_C = 150;

interface Dry {
  readonly plan: CompletePlan;
  tempC: number;
  colour: number;
  /** Water the base has let go so far, g; undefined before it is in the pot. */
  drivenG: number | undefined;
}

const BEFORE = new WeakMap<CompletePlan, readonly BeforeStage[]>();

/** Everything up to the liquid: soak, drain, fat, base and toasting, with what is seen at the end of each. */
export function beforeLiquid(plan: CompletePlan): readonly BeforeStage[] {
  const known = BEFORE.get(plan);
  if (known) return known;
  const made = gone(plan);
  BEFORE.set(plan, made);
  return made;
}

function gone(plan: CompletePlan): readonly BeforeStage[] {
  const dry: Dry = { plan, tempC: plan.roomC, colour: 0, drivenG: undefined };
  const made: Omit<BeforeStage, 'fromMin' | 'toMin'>[] = [];
  const lengths: number[] = [];
  for (const stage of plan.stages) {
    if (isWet(stage.act) || stage.act === 'fryDry') break;
    const { minutes, ...rest } = dryStage(dry, stage);
    made.push({ stageId: stage.id, act: stage.act, tempC: dry.tempC, ...rest });
    lengths.push(minutes);
  }
  let at = -lengths.reduce((sum, n) => sum + n, 0);
  return made.map((stage, i) => {
    const fromMin = at;
    at += lengths[i] ?? 0;
    return { ...stage, fromMin, toMin: at };
  });
}

type Went = { readonly minutes: number } & Pick<
  BeforeStage,
  'soaked' | 'colour' | 'colourValue' | 'cookedDown' | 'w' | 'noodles'
>;

function dryStage(dry: Dry, stage: Stage): Went {
  const { plan } = dry;
  const minutes = plannedMin(stage);
  if (stage.act === 'soak')
    return { minutes, soaked: soakProgress(plan.grain, minutes, plan.soakWaterC), w: startW(plan) };
  if (stage.act === 'warmFat') {
    const warming = warms(dry, stage, fatKJPerK(plan), SHIMMERS_C);
    const fried = plan.stages.some((s) => s.act === 'base') ? undefined : friesNoodles(dry, stage);
    return fried ? { minutes: warming + fried.minutes, noodles: fried.colour } : { minutes: warming };
  }
  if (stage.act === 'base') return base(dry, stage);
  if (stage.act === 'toast') return toasts(dry, stage);
  return { minutes };
}

/** Noodles first, into the hot fat; then what has water to lose. */
function base(dry: Dry, stage: Stage): Went {
  const fried = dry.drivenG === undefined ? friesNoodles(dry, stage) : undefined;
  if (!fried) return cooksDown(dry, stage);
  if (!hasCookedBase(dry.plan.ingredients)) return { minutes: fried.minutes, noodles: fried.colour };
  const cooked = cooksDown(dry, stage);
  return { ...cooked, minutes: fried.minutes + cooked.minutes, noodles: fried.colour };
}

/** A base is mostly water: its heat against as much water †. */
const BASE_HEAT = 0.9;

/**
 * Cooking a base down: cold into the fat, up to the boil, then everything the ring gives beyond the losses drives
 * water off. Until the oil rises that is what it waits for; onions that have to brown take the minutes they take.
 */
function cooksDown(dry: Dry, stage: Stage): Went {
  const { plan } = dry;
  const { bringsG, drivenOffG, wentInG } = baseAccount(plan);
  const pool = Math.max(1e-9, bringsG + drivenOffG);
  const { boil } = surroundings(plan);
  const baseKJ = (wentInG * CP_WATER * BASE_HEAT) / 1000;
  const kJPerK = fatKJPerK(plan) + baseKJ;
  if (dry.drivenG === undefined) {
    dry.tempC = ((kJPerK - baseKJ) * dry.tempC + baseKJ * plan.roomC) / kJPerK;
    dry.drivenG = 0;
  }
  const untilOil = stage.end.kind === 'sign' && stage.end.sign === 'oilRising';
  const most = untilOil ? DRY_PATIENCE_MIN : plannedMin(stage);
  const ring = ringOf(dry.plan, stage);
  let minutes = 0;
  while (minutes < most && !(untilOil && dry.drivenG >= drivenOffG)) {
    const rise = rises(ring, dry.tempC, kJPerK);
    if (dry.tempC + rise < boil.tempC) dry.tempC += rise;
    else {
      dry.tempC = boil.tempC;
      dry.drivenG = Math.min(pool, dry.drivenG + (Math.max(0, rise) * kJPerK * 1000) / boil.latentKJPerKg);
    }
    minutes += DRY_STEP_MIN;
  }
  // By its looks or by the scale the cook knows better than the ring what is left.
  return { minutes, cookedDown: (untilOil ? dry.drivenG : drivenOffG) / pool };
}

/** Noodles are thin: they colour faster than grain, by this much †. */
const NOODLES_COLOUR = 1.5;
/** Colour that the state of noodles waits for. */
const NOODLE_WAITS: Readonly<Record<string, number>> = { golden: 1, brown: 2 };

/** Noodles fried in the hot fat until they have the colour the plan says; undefined when there are none. */
function friesNoodles(
  dry: Dry,
  stage: Stage,
): { readonly minutes: number; readonly colour: Colour } | undefined {
  const { plan } = dry;
  let g = 0;
  let wanted = 0;
  for (const i of plan.ingredients) {
    const waits = i.ingredient.behaves === 'noodle' ? NOODLE_WAITS[i.release.state] : undefined;
    if (waits === undefined) continue;
    g += i.g;
    wanted = Math.max(wanted, waits);
  }
  if (g === 0) return undefined;
  const fatKJ = fatKJPerK(plan);
  const kJPerK = fatKJ + (g * CP_GRAIN_SOLIDS) / 1000;
  dry.tempC = (fatKJ * dry.tempC + (kJPerK - fatKJ) * plan.roomC) / kJPerK;
  const ring = ringOf(dry.plan, stage);
  let minutes = 0;
  let colour = 0;
  while (minutes < DRY_PATIENCE_MIN && colour < wanted) {
    dry.tempC = Math.min(TOASTS.mostC, dry.tempC + rises(ring, dry.tempC, kJPerK));
    colour +=
      ((NOODLES_COLOUR * arrhenius(TOASTS.jPerMol, dry.tempC, TOASTS.atC)) / TOASTS.goldenMin) * DRY_STEP_MIN;
    minutes += DRY_STEP_MIN;
  }
  return { minutes, colour: colourOf(colour) };
}

function fatKJPerK(plan: CompletePlan): number {
  let g = 0;
  for (const i of inPot(plan)) g += (i.g * i.ingredient.fat) / 100;
  return potHeatCapacity(plan.vessel) + (g * CP_FAT) / 1000;
}

/** Minutes until the fat is as hot as wanted, or the cook's own minutes. */
function warms(dry: Dry, stage: Stage, kJPerK: number, toC: number): number {
  const most = stage.end.kind === 'minutes' ? stage.end.minutes : DRY_PATIENCE_MIN;
  const ring = ringOf(dry.plan, stage);
  let minutes = 0;
  while (minutes < most && (stage.end.kind === 'minutes' || dry.tempC < toC)) {
    dry.tempC = Math.min(TOASTS.mostC, dry.tempC + rises(ring, dry.tempC, kJPerK));
    minutes += DRY_STEP_MIN;
  }
  return minutes;
}

/** The ring under an open pot: what it gives and what the pot loses to the room, kJ/min and kJ/min·K. */
interface Ring {
  readonly kJ: number;
  readonly lossKJPerK: number;
  readonly roomC: number;
}

function ringOf(plan: CompletePlan, stage: Stage): Ring {
  const { hob, vessel, roomC } = surroundings(plan);
  return {
    kJ: netPower(hob, stage, vessel) * 0.06,
    lossKJPerK: lossPerK(vessel, { lid: 'off' }) * 0.06,
    roomC,
  };
}

/** Kelvin a step. */
const rises = ({ kJ, lossKJPerK, roomC }: Ring, tempC: number, kJPerK: number): number =>
  ((kJ - lossKJPerK * Math.max(0, tempC - roomC)) / kJPerK) * DRY_STEP_MIN;

/**
 * Dry grain or noodles in fat: the water that clings goes first, then they colour by their temperature, which the
 * cook keeps from smoking by stirring. Ends at the colour that is wanted, or after the cook's minutes.
 */
function toasts(dry: Dry, stage: Stage): Went {
  const { plan } = dry;
  const dryG = dryMatter(plan.grain, plan.grainG);
  const kJPerK = fatKJPerK(plan) + (dryG * (CP_GRAIN_SOLIDS + CP_WATER * startW(plan))) / 1000;
  const fatKJ = fatKJPerK(plan);
  dry.tempC = (fatKJ * dry.tempC + (kJPerK - fatKJ) * plan.roomC) / kJPerK;
  const { boil } = surroundings(plan);
  let clings = plan.grainG * Math.max(0, clingingPerG({ ...plan, toast: 'none' }) - clingingPerG(plan));
  const timed = stage.end.kind === 'minutes';
  const most = timed ? plannedMin(stage) : DRY_PATIENCE_MIN;
  const wanted = WAITS_FOR[plan.toast];
  const ring = ringOf(dry.plan, stage);
  let minutes = 0;
  while (minutes < most && (timed || dry.colour < wanted)) {
    const rise = rises(ring, dry.tempC, kJPerK);
    if (clings > 0 && dry.tempC + rise >= boil.tempC) {
      dry.tempC = boil.tempC;
      clings -= (rise * kJPerK * 1000) / boil.latentKJPerKg;
    } else dry.tempC = Math.min(TOASTS.mostC, dry.tempC + rise);
    dry.colour += (arrhenius(TOASTS.jPerMol, dry.tempC, TOASTS.atC) / TOASTS.goldenMin) * DRY_STEP_MIN;
    minutes += DRY_STEP_MIN;
  }
  return { minutes, colourValue: dry.colour, colour: colourOf(dry.colour), w: startW(plan) };
}
