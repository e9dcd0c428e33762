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

/** Where the pot stands and how hot it boils there. */
export const surroundings = (plan: CompletePlan): Surroundings => ({
  vessel: plan.vessel,
  hob: plan.hob,
  boil: boilAt(plan.altitudeM),
  roomC: plan.roomC,
});

/**
 * Steam lost in every stage once the liquid is in, for a pour of `pourG` water.
 * It depends on the pour only through the time to the boil.
 */
export function stageSteam(plan: CompletePlan, pourG: number): readonly StageSteam[] {
  const at = surroundings(plan);
  const contents = contentsOf(plan, pourG);
  const stages = plan.stages.flatMap((stage): StageSteam[] => {
    const minutes = plannedMin(stage);
    const known = { stageId: stage.id, act: stage.act };
    if (stage.act === 'boil') {
      const up = comeUp(at, stage, contents.kJPerK, contents.startC);
      const ratePerMin = boilingSteamRate(at, stage.heat, stage.lid);
      const g = up.steamG + ratePerMin * BOIL_DWELL_MIN;
      return [{ ...known, minutes: up.minutes + BOIL_DWELL_MIN, g, ratePerMin, boils: up.boils }];
    }
    if (stage.act === 'openBoil' || stage.act === 'simmer') {
      const ratePerMin = boilingSteamRate(at, stage.heat, stage.lid);
      return [{ ...known, minutes, g: ratePerMin * minutes, ratePerMin, boils: true }];
    }
    if (stage.act === 'rest') {
      return [
        {
          ...known,
          minutes,
          g: restingSteam(at, stage.lid, minutes, contents.kJPerK),
          ratePerMin: 0,
          boils: true,
        },
      ];
    }
    return [];
  });
  const served = leakRate(plan.vessel, 'off') * SERVING_MIN;
  return [
    ...stages,
    { stageId: 'serve', act: 'serve', minutes: SERVING_MIN, g: served, ratePerMin: 0, boils: true },
  ];
}

/** Heat capacity of pot and contents, kJ/K, and the temperature they mix to. */
function contentsOf(plan: CompletePlan, pourG: number): { kJPerK: number; startC: number } {
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
