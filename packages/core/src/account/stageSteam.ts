import { CLOTH_HOLDS_G, LID_FILM_G_PER_M2, WHISTLE_G } from '../heat/constants.js';
import { heatLoss, lidLoss, openingM2 } from '../heat/equipment.js';
import {
  boilingSteamRate,
  comeUp,
  leakRate,
  pressureBoil,
  holdsBoil,
  purgeG,
  standingSteam,
  surplusW,
  type Surroundings,
} from '../heat/steam.js';
import { isWet, plannedMin, type Sign, type Stage } from '../method/stage.js';
import { contentsOf, DRY_G_PER_ML } from './contents.js';
import { drinkingMin, dryBasis } from './grainWater.js';
import type { CompletePlan } from './planInput.js';
import { surroundings } from './surroundings.js';

/** Steam of one stage, or of what is lost besides: under the lid, into a cloth, at the table. */
export interface StageSteam {
  readonly stageId: string;
  readonly act: Stage['act'] | 'serve' | 'lid' | 'cloth';
  /** Minutes it takes in this pot. */
  readonly minutes: number;
  /** Vapour lost, g. */
  readonly g: number;
  /** The rate at the boil, g/min; 0 for a stage that only warms or rests. */
  readonly ratePerMin: number;
  /** False when a stage that should reach the boil cannot. */
  readonly boils: boolean;
}

/** The pot is held at a full boil this long to see bubbles all over and stir once, min †. */
export const BOIL_DWELL_MIN = 1;
/** The finished pot stands open this long while it is forked and served, min †. */
const SERVING_MIN = 2;
/** Below this no grain cooks through in a sensible time, °C. */
const COOKS_FROM_C = 80;
/** Share of the gaps among the grain still full of liquid when this is seen at the surface †. */
const GAPS_FULL: Partial<Readonly<Record<Sign | 'flip', number>>> = {
  levelWithGrain: 1,
  holes: 0.6,
  absorbed: 0.15,
  flip: 0.1,
};
/** Gaps in a bed of swollen grain, ml per ml of grain (a random packing is two fifths empty). */
const GAPS_PER_ML = 0.65;
/** What the walk through the stages carries along. */
interface Walk {
  readonly plan: CompletePlan;
  readonly at: Surroundings;
  readonly kJPerK: number;
  readonly targetW: number;
  tempC: number;
  hottestC: number;
  wet: boolean;
  readonly steam: StageSteam[];
}

/**
 * Steam lost in every stage once the liquid is in, for a pour of `pourG` water and a grain cooked to `moisture`.
 * The temperature is carried from stage to stage, so a covered stage that begins cold spends part of its minutes
 * on the way to the boil. The pour matters only through that way; the moisture only where a stage ends when the
 * grain has drunk.
 */
export function stageSteam(plan: CompletePlan, pourG: number, moisture: number): readonly StageSteam[] {
  const at = surroundings(plan);
  const { kJPerK, startC, contentsMl } = contentsOf(plan, pourG);
  const walk: Walk = {
    plan,
    at,
    kJPerK,
    targetW: dryBasis(moisture),
    tempC: startC,
    hottestC: startC,
    wet: false,
    steam: [],
  };
  for (const stage of plan.stages) step(walk, stage, contentsMl);
  besides(walk);
  // A stage that waits for a boil is the one to blame; else the whole pot stayed too cool.
  if (walk.hottestC < COOKS_FROM_C && walk.steam.every((s) => s.boils)) markCold(walk);
  return walk.steam;
}

function step(walk: Walk, stage: Stage, contentsMl: number): void {
  const { act } = stage;
  if (act === 'fryDry') fryDry(walk, stage);
  if (!isWet(act) && !(walk.wet && (act === 'grain' || act === 'butter'))) return;
  walk.wet = true;
  if (act === 'rest') rest(walk, stage);
  else if (act === 'pressureUp') pressureUp(walk, stage, contentsMl);
  else if (act === 'pressure') pressure(walk, stage);
  else if (act === 'release') release(walk, stage);
  else heated(walk, stage);
  walk.hottestC = Math.max(walk.hottestC, walk.tempC);
}

/** The stew is already hot; what the ring gives above the losses leaves as steam while the grain takes it up. */
function fryDry(walk: Walk, stage: Stage): void {
  const rate = boilingSteamRate(walk.at, stage);
  add(walk, stage, plannedMin(stage), rate * plannedMin(stage), rate, true);
}

/** On the way to the boil, then at it. */
function heated(walk: Walk, stage: Stage): void {
  const { at } = walk;
  const rate = boilingSteamRate(at, stage);
  if (stage.heat === 'off') return rest(walk, stage);
  const waitsForBoil = stage.act === 'boil';
  const untilDrunk = stage.end.kind === 'flip' || (stage.end.kind === 'sign' && stage.end.sign in GAPS_FULL);
  const limit = waitsForBoil || untilDrunk ? undefined : plannedMin(stage);
  const up = comeUp(at, stage, walk.kJPerK, walk.tempC, limit);
  walk.tempC = Math.max(walk.tempC, up.tempC);
  const atBoil = waitsForBoil
    ? BOIL_DWELL_MIN
    : untilDrunk
      ? drinkingHere(walk, stage)
      : Math.max(0, plannedMin(stage) - up.minutes);
  const boiled = up.boils ? atBoil : 0;
  const needsBoil = waitsForBoil || untilDrunk;
  if (up.boils && !needsBoil && !holdsBoil(at, stage)) {
    const standing = standingSteam(at, stage, boiled, walk.kJPerK, walk.tempC);
    walk.tempC = standing.tempC;
    return add(walk, stage, up.minutes + boiled, up.steamG + standing.steamG, rate, true);
  }
  add(walk, stage, up.minutes + boiled, up.steamG + rate * boiled, rate, up.boils || !needsBoil);
}

function rest(walk: Walk, stage: Stage): void {
  const minutes = plannedMin(stage);
  const standing = standingSteam(walk.at, stage, minutes, walk.kJPerK, walk.tempC);
  walk.tempC = standing.tempC;
  add(walk, stage, minutes, standing.steamG, 0, true);
}

/** To the boil under the locked lid, the air driven out, then up to pressure; a whistle lets the first steam go. */
function pressureUp(walk: Walk, stage: Stage, contentsMl: number): void {
  const { at } = walk;
  const up = comeUp(at, stage, walk.kJPerK, walk.tempC);
  const top = pressureBoil(at, stage);
  const power = surplusW(at, stage, top.tempC);
  const higher = (walk.kJPerK * (top.tempC - at.boil.tempC) * 1000) / Math.max(1, power) / 60;
  const whistled = stage.end.kind === 'sign' && stage.end.sign === 'firstWhistle' ? WHISTLE_G : 0;
  walk.tempC = top.tempC - (whistled * top.latentKJPerKg) / 1000 / walk.kJPerK;
  const g = up.steamG + purgeG(at.vessel, contentsMl) + whistled;
  add(walk, stage, up.minutes + higher, g, 0, up.boils && power > 0);
}

/**
 * At pressure. A thermostat lets nothing go. A weight lets go what the ring gives beyond the losses, once the pot
 * is back at the temperature its last whistle took from it.
 */
function pressure(walk: Walk, stage: Stage): void {
  const { at } = walk;
  const top = pressureBoil(at, stage);
  const power = surplusW(at, stage, top.tempC);
  if (at.vessel.kind === 'multiCooker') {
    walk.tempC = top.tempC;
    return add(walk, stage, plannedMin(stage), 0, 0, true);
  }
  const missingKJ = Math.max(0, (top.tempC - walk.tempC) * walk.kJPerK);
  if (stage.end.kind === 'count') {
    const g = stage.end.count * WHISTLE_G;
    const minutes = (missingKJ * 1000 + g * top.latentKJPerKg) / Math.max(1, power) / 60;
    walk.tempC = top.tempC;
    return add(walk, stage, minutes, g, (power * 60) / top.latentKJPerKg, power > 0);
  }
  const minutes = plannedMin(stage);
  const spareKJ = (power * minutes * 60) / 1000 - missingKJ;
  walk.tempC = spareKJ >= 0 ? top.tempC : Math.max(at.boil.tempC, top.tempC + spareKJ / walk.kJPerK);
  add(walk, stage, minutes, (Math.max(0, spareKJ) * 1000) / top.latentKJPerKg, 0, true);
}

/** By itself it loses no steam, only heat; let out at once, the pot boils itself down to the open boil. */
function release(walk: Walk, stage: Stage): void {
  const { at } = walk;
  const above = Math.max(0, walk.tempC - at.boil.tempC) * walk.kJPerK;
  if (stage.lid === 'pressure') {
    const lossW = heatLoss(at.vessel, stage, (walk.tempC + at.boil.tempC) / 2, at.roomC);
    const cools = (above * 1000) / Math.max(1, lossW) / 60;
    const minutes = stage.end.kind === 'minutes' ? stage.end.minutes : cools;
    const share = Math.min(1, minutes / Math.max(1e-9, cools));
    walk.tempC = Math.max(at.boil.tempC, walk.tempC - (share * above) / walk.kJPerK);
    return add(walk, stage, minutes, 0, 0, true);
  }
  walk.tempC = Math.min(walk.tempC, at.boil.tempC);
  add(walk, stage, plannedMin(stage), (above * 1000) / at.boil.latentKJPerKg, 0, true);
}

/**
 * Minutes at the boil until the sign is seen: until the grain has drunk so much that what it has yet to drink only
 * fills so much of its gaps.
 */
function drinkingHere({ plan, at, targetW }: Walk, stage: Stage): number {
  const sign = stage.end.kind === 'sign' ? stage.end.sign : 'flip';
  const gaps = (GAPS_FULL[sign] ?? 0) * GAPS_PER_ML;
  const drunkW = (targetW - gaps / DRY_G_PER_ML) / (1 + gaps);
  return drinkingMin(plan, drunkW, at.boil.tempC);
}

/** What hangs under the lid, what a cloth takes up, and what goes while the pot is served. */
function besides(walk: Walk): void {
  const { plan, at, steam } = walk;
  const lidded = plan.stages.filter((s) => isWet(s.act) && s.lid !== 'off' && s.lid !== 'ajar');
  const clothed = lidded.filter((s) => s.lid === 'cloth').reduce((sum, s) => sum + plannedMin(s), 0);
  const condenses = (lidLoss(at.vessel, at.boil.tempC, at.roomC) * 60) / at.boil.latentKJPerKg;
  if (clothed > 0) {
    const g = Math.min(CLOTH_HOLDS_G, condenses * clothed);
    steam.push(entry('cloth', 'cloth', clothed, g, condenses, true));
  }
  if (lidded.at(-1) && lidded.at(-1)?.lid !== 'cloth') {
    steam.push(entry('lid', 'lid', 0, LID_FILM_G_PER_M2 * openingM2(plan.vessel), 0, true));
  }
  // A pot opened while it is still above the open boil boils itself down to it.
  const flash = (Math.max(0, walk.tempC - at.boil.tempC) * walk.kJPerK * 1000) / at.boil.latentKJPerKg;
  steam.push(
    entry('serve', 'serve', SERVING_MIN, leakRate(plan.vessel, 'off') * SERVING_MIN + flash, 0, true),
  );
}

function markCold(walk: Walk): void {
  const { steam } = walk;
  const i = steam.findIndex((s) => s.act !== 'rest');
  const first = steam[i];
  if (first) steam[i] = { ...first, boils: false };
}

const add = (
  walk: Walk,
  { id, act }: Stage,
  minutes: number,
  g: number,
  rate: number,
  boils: boolean,
): void => {
  walk.steam.push(entry(id, act, minutes, g, rate, boils));
};

/** One literal for every entry: a spread here costs more than the physics. */
const entry = (
  stageId: string,
  act: StageSteam['act'],
  minutes: number,
  g: number,
  ratePerMin: number,
  boils: boolean,
): StageSteam => ({ stageId, act, minutes, g, ratePerMin, boils });
