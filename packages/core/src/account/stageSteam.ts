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
import { contentsOf, heatParts } from './contents.js';
import {
  clingingPerG,
  drinksPerMin,
  dryBasis,
  dryMatter,
  fullW,
  rateAt,
  soakRate,
  SOAKS_TO_C,
  swelling,
  wettedW,
} from './grainWater.js';
import { ingredientTerms } from './ingredientTerms.js';
import { filmed, GAPS_PER_ML, gapsPerDryG, percolating } from './wetting.js';
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
export const GAPS_FULL: Partial<Readonly<Record<Sign | 'flip', number>>> = {
  stewTakenUp: 0.15,
  levelWithGrain: 1,
  holes: 0.6,
  absorbed: 0.15,
  flip: 0.1,
};
/** What a plan's grain is to the walk; worked out once, for the walk is made a hundred times for one answer. */
interface Facts {
  readonly fullW: number;
  readonly perMin: number;
  readonly wettedW: number;
  readonly dryG: number;
  /** Rate of drinking at the boil of this place against 100 °C. */
  readonly atBoil: number;
  /** Steam of everything after each stage, g, once it has been asked for. */
  readonly later: Map<string, number>;
  /** Rate at the boil of each stage and whether it is held, in the order of the stages. */
  readonly rates: readonly { readonly rate: number; readonly holds: boolean }[];
  /** What a cloth and a lid take, and what goes at the table from a pot no hotter than the boil. */
  readonly besides: readonly StageSteam[];
  readonly served: number;
}
const FACTS = new WeakMap<CompletePlan, Facts>();

function factsOf(plan: CompletePlan, at: Surroundings): Facts {
  const known = FACTS.get(plan);
  if (known) return known;
  const made: Facts = {
    fullW: fullW(plan.grain),
    perMin: drinksPerMin(plan),
    wettedW: wettedW(plan),
    dryG: dryMatter(plan.grain, plan.grainG),
    atBoil: rateAt(at.boil.tempC),
    later: new Map(),
    rates: plan.stages.map((s) => ({ rate: boilingSteamRate(at, s), holds: holdsBoil(at, s) })),
    besides: besidesOf(plan, at),
    served: leakRate(plan.vessel, 'off') * SERVING_MIN,
  };
  FACTS.set(plan, made);
  return made;
}

/** What the walk through the stages carries along. */
interface Walk {
  readonly facts: Facts;
  readonly plan: CompletePlan;
  readonly at: Surroundings;
  readonly kJPerK: number;
  readonly targetW: number;
  tempC: number;
  hottestC: number;
  wet: boolean;
  /** Which stage it is at. */
  index: number;
  /** What the grain has drunk so far under liquid, W. */
  w: number;
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
  const facts = factsOf(plan, at);
  const walk: Walk = {
    plan,
    at,
    kJPerK,
    targetW: dryBasis(moisture),
    tempC: startC,
    hottestC: startC,
    wet: false,
    index: 0,
    facts,
    w: facts.wettedW,
    steam: [],
  };
  plan.stages.forEach((stage, i) => {
    walk.index = i;
    step(walk, stage, contentsMl);
  });
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

/**
 * The grain goes cold into a stew at the boil, warms with it and takes it up: what is vapour until then is little
 * where there is little stew. Frying on without any would toast the grain, so the stage is over.
 */
function fryDry(walk: Walk, stage: Stage): void {
  const { plan, at, facts } = walk;
  const { othersKJPerK, grainKJPerK } = heatParts(plan);
  const kJPerK = othersKJPerK + grainKJPerK;
  const coolC = (othersKJPerK * at.boil.tempC + grainKJPerK * at.roomC) / kJPerK;
  const up = comeUp(at, stage, kJPerK, coolC, plannedMin(stage));
  const rate = boilingSteamRate(at, stage);
  const thereG = stewG(plan) - up.steamG;
  const gaps = (GAPS_FULL.stewTakenUp ?? 0) * gapsPerDryG(walk.w) * facts.dryG;
  const drinksG = facts.dryG * facts.perMin * (facts.fullW - walk.w);
  const timed = stage.end.kind === 'minutes';
  const most = plannedMin(stage) - up.minutes;
  const takenUp = Math.max(0, thereG - gaps) / (rate + STEW_WETS * drinksG);
  const boiled = timed ? most : Math.min(most, takenUp);
  const steamG = Math.min(rate * boiled, Math.max(0, thereG));
  walk.w += Math.min(Math.max(0, thereG - steamG), STEW_WETS * drinksG * boiled) / facts.dryG;
  walk.wet = true;
  // The pour meets a pot that has just been on the fire.
  const pouredKJPerK = walk.kJPerK - kJPerK;
  walk.tempC = (kJPerK * up.tempC + pouredKJPerK * plan.liquidTempC) / walk.kJPerK;
  add(walk, stage, up.minutes + boiled, up.steamG + steamG, rate, true);
}

/** Share of the grain that a little stew keeps wet while it is stirred †. */
const STEW_WETS = 0.7;

/** Water the stew has for the grain, g. */
function stewG(plan: CompletePlan): number {
  let g = plan.grainG * clingingPerG(plan);
  for (const t of ingredientTerms(plan)) {
    if (t.kind === 'broughtIn') g += t.g;
    else if (t.kind === 'heldByOthers') g -= t.g;
  }
  return Math.max(0, g);
}

/** On the way to the boil, then at it. */
function heated(walk: Walk, stage: Stage): void {
  const { at } = walk;
  const { rate, holds } = walk.facts.rates[walk.index] ?? { rate: 0, holds: false };
  if (stage.heat === 'off') return rest(walk, stage);
  const waitsForBoil = stage.act === 'boil';
  const untilDrunk = stage.end.kind === 'flip' || (stage.end.kind === 'sign' && stage.end.sign in GAPS_FULL);
  const limit = waitsForBoil || untilDrunk ? undefined : plannedMin(stage);
  const up = comeUp(at, stage, walk.kJPerK, walk.tempC, limit);
  if (up.minutes > 0) drinksOnTheWay(walk, walk.tempC, up.tempC, up.minutes);
  walk.tempC = Math.max(walk.tempC, up.tempC);
  const atBoil = waitsForBoil
    ? BOIL_DWELL_MIN
    : untilDrunk
      ? drinkingHere(walk, stage)
      : Math.max(0, plannedMin(stage) - up.minutes);
  const boiled = up.boils ? atBoil : 0;
  drinks(walk, boiled);
  const needsBoil = waitsForBoil || untilDrunk;
  if (up.boils && !needsBoil && !holds) {
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

/** So many minutes under liquid at the boil. */
function drinks(walk: Walk, minutes: number): void {
  const { facts } = walk;
  const lacks = facts.fullW - walk.w;
  if (lacks > 0 && minutes > 0) walk.w += lacks * (1 - Math.exp(-facts.perMin * facts.atBoil * minutes));
}

/** Grain drinks on the way to the boil too: as in a soak until its starch swells, then faster and faster. */
function drinksOnTheWay(walk: Walk, fromC: number, toC: number, minutes: number): void {
  const { plan, facts } = walk;
  const step = minutes / WAY_STEPS;
  for (let i = 0; i < WAY_STEPS; i += 1) {
    const tempC = fromC + ((toC - fromC) * (i + 0.5)) / WAY_STEPS;
    const swollen = swelling(tempC);
    const soaked = Math.max(plan.grain.soakedW, walk.w);
    const holds = soaked + (facts.fullW - soaked) * swollen;
    if (holds <= walk.w) continue;
    const cold = swollen > 0.99 ? 0 : soakRate(plan.grain, Math.min(tempC, SOAKS_TO_C));
    const hot = swollen < 0.01 ? 0 : facts.perMin * rateAt(tempC);
    walk.w += (holds - walk.w) * (1 - Math.exp(-((1 - swollen) * cold + swollen * hot) * step));
  }
}
const WAY_STEPS = 6;

/**
 * Minutes at the boil until the sign is seen: until what is still free only fills so much of the gaps among the
 * grain. The last of it is drunk slowly, for only films reach the grain above it: the same law as in the pot over
 * time, for one bed.
 */
function drinkingHere(walk: Walk, stage: Stage): number {
  const { at, targetW, facts } = walk;
  const sign = stage.end.kind === 'sign' ? stage.end.sign : 'flip';
  const share = GAPS_FULL[sign] ?? 0;
  const { dryG } = facts;
  // What will be steam later on is free liquid now.
  const lasts = targetW + laterSteamG(walk, stage) / dryG;
  const endW = (lasts - share * gapsPerDryG(0)) / (1 + share * GAPS_PER_ML);
  if (endW <= walk.w) return 0;
  const full = Math.max(facts.fullW, endW + 0.2);
  const rate = facts.perMin * facts.atBoil;
  const open = stage.lid === 'off' || stage.lid === 'ajar';
  const wets = percolating((facts.rates[walk.index]?.rate ?? 0) / openingM2(at.vessel));
  const above = open ? OPEN_TOP_DRINKS * wets : wets;
  const step = (endW - walk.w) / SIGN_STEPS;
  let minutes = 0;
  for (let i = 0; i < SIGN_STEPS; i += 1) {
    const w = walk.w + (i + 0.5) * step;
    const free = Math.max(1e-3, lasts - w);
    const under = Math.min(1, free / gapsPerDryG(w));
    const access = under + (1 - under) * filmed(free) * above;
    minutes += step / (rate * (full - w) * access);
  }
  return Math.min(LONGEST_SIGN_MIN, minutes);
}
const SIGN_STEPS = 8;
/** Above the liquid of an open pot grain is cooler, and drinks at this share of its rate on average †. */
const OPEN_TOP_DRINKS = 0.7;
/** A cook gives up waiting for a sign after this long, min. */
const LONGEST_SIGN_MIN = 90;

/** Steam of the stages after this one, and what the lid takes with it, g: the main part of it. */
function laterSteamG({ plan, at, facts, index }: Walk, stage: Stage): number {
  const known = facts.later.get(stage.id);
  if (known !== undefined) return known;
  const later = plan.stages.slice(index + 1);
  let g = 0;
  later.forEach((s, i) => {
    if (s.heat !== 'off') g += (facts.rates[index + 1 + i]?.rate ?? 0) * plannedMin(s);
  });
  if (later.some((s) => s.lid !== 'off' && s.lid !== 'ajar')) g += LID_FILM_G_PER_M2 * openingM2(at.vessel);
  facts.later.set(stage.id, g);
  return g;
}

/** What hangs under the lid and what a cloth takes up. */
function besidesOf(plan: CompletePlan, at: Surroundings): readonly StageSteam[] {
  const lidded = plan.stages.filter((s) => isWet(s.act) && s.lid !== 'off' && s.lid !== 'ajar');
  const clothed = lidded.filter((s) => s.lid === 'cloth').reduce((sum, s) => sum + plannedMin(s), 0);
  const condenses = (lidLoss(at.vessel, at.boil.tempC, at.roomC) * 60) / at.boil.latentKJPerKg;
  const made: StageSteam[] = [];
  if (clothed > 0)
    made.push(
      entry('cloth', 'cloth', clothed, Math.min(CLOTH_HOLDS_G, condenses * clothed), condenses, true),
    );
  if (lidded.at(-1) && lidded.at(-1)?.lid !== 'cloth')
    made.push(entry('lid', 'lid', 0, LID_FILM_G_PER_M2 * openingM2(plan.vessel), 0, true));
  return made;
}

/** Those, and what goes while the pot is served: opened above the open boil it boils itself down to it. */
function besides({ facts, at, steam, tempC, kJPerK }: Walk): void {
  for (const s of facts.besides) steam.push(s);
  const flash = (Math.max(0, tempC - at.boil.tempC) * kJPerK * 1000) / at.boil.latentKJPerKg;
  steam.push(entry('serve', 'serve', SERVING_MIN, facts.served + flash, 0, true));
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
