import { boilAt } from '../heat/atmosphere.js';
import { CP_FAT, CP_GRAIN_SOLIDS, CP_WATER } from '../heat/constants.js';
import { potHeatCapacity } from '../heat/equipment.js';
import { boilingSteamRate, comeUp, leakRate, restingSteam, type Surroundings } from '../heat/steam.js';
import { plannedMin, type Stage } from '../method/stage.js';
import { dryMatter, startW } from './grainWater.js';
import type { CompletePlan } from './planInput.js';

/** Steam of one stage. */
export interface StageSteam {
  readonly stageId: string;
  readonly act: Stage['act'] | 'serve';
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

/** A base or toasted grain meets the liquid at about this temperature, °C †. */
const HOT_BASE_C = 90;

/** A complete plan is frozen, so where its pot stands is worked out once however often it is asked. */
const STANDS = new WeakMap<CompletePlan, Surroundings>();

/** Where the pot stands and how hot it boils there. */
export function surroundings(plan: CompletePlan): Surroundings {
  const known = STANDS.get(plan);
  if (known) return known;
  const { vessel, hob, roomC } = plan;
  const at: Surroundings = { vessel, hob, roomC, boil: boilAt(plan.altitudeM) };
  STANDS.set(plan, at);
  return at;
}

/**
 * Steam lost in every stage once the liquid is in, for a pour of `pourG` water.
 * It depends on the pour only through the time to the boil.
 */
export function stageSteam(plan: CompletePlan, pourG: number): readonly StageSteam[] {
  const at = surroundings(plan);
  const contents = contentsOf(plan, pourG);
  const steam: StageSteam[] = [];
  for (const stage of plan.stages) {
    const found = steamOf(at, stage, contents);
    if (found) steam.push(found);
  }
  const served = leakRate(plan.vessel, 'off') * SERVING_MIN;
  steam.push(entry('serve', 'serve', SERVING_MIN, served, 0, true));
  return steam;
}

function steamOf(at: Surroundings, stage: Stage, contents: Contents): StageSteam | undefined {
  const { id, act, heat, lid } = stage;
  const minutes = plannedMin(stage);
  if (act === 'boil') {
    const up = comeUp(at, stage, contents.kJPerK, contents.startC);
    const rate = boilingSteamRate(at, heat, lid);
    return entry(id, act, up.minutes + BOIL_DWELL_MIN, up.steamG + rate * BOIL_DWELL_MIN, rate, up.boils);
  }
  if (act === 'openBoil' || act === 'simmer') {
    const rate = boilingSteamRate(at, heat, lid);
    return entry(id, act, minutes, rate * minutes, rate, true);
  }
  if (act === 'rest')
    return entry(id, act, minutes, restingSteam(at, lid, minutes, contents.kJPerK), 0, true);
  return undefined;
}

/** One literal for every entry: a spread here costs more than the physics. */
const entry = (
  stageId: string,
  act: StageSteam['act'],
  minutes: number,
  g: number,
  ratePerMin: number,
  boils: boolean,
): StageSteam => ({ stageId, act, minutes, g, ratePerMin, boils });

interface Contents {
  readonly kJPerK: number;
  readonly startC: number;
}

/** Heat capacity of pot and contents, kJ/K, and the temperature they mix to. */
function contentsOf(plan: CompletePlan, pourG: number): Contents {
  const dry = dryMatter(plan.grain, plan.grainG);
  const grainWater = dry * startW(plan);
  let solids = dry;
  let fat = 0;
  let water = grainWater;
  for (const { ingredient, g } of plan.ingredients) {
    water += (g * ingredient.water) / 100;
    fat += (g * ingredient.fat) / 100;
    solids += (g * ingredient.solids) / 100;
  }
  const warm = plan.stages.some((s) => s.act === 'base' || s.act === 'toast' || s.act === 'warmFat');
  const pot =
    potHeatCapacity(plan.vessel) + (water * CP_WATER + fat * CP_FAT + solids * CP_GRAIN_SOLIDS) / 1000;
  const poured = (Math.max(0, pourG) * CP_WATER) / 1000;
  const potC = warm ? HOT_BASE_C : plan.roomC;
  return { kJPerK: pot + poured, startC: (pot * potC + poured * plan.liquidTempC) / (pot + poured) };
}
