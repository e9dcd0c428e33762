import { CP_FAT, CP_GRAIN_SOLIDS, CP_WATER } from '../../basics/heat/constants.js';
import { potHeatCapacity } from '../../basics/heat/equipment.js';
import { inPot } from '../../plan/input/base.js';
import { DRY_G_PER_ML } from '../../basics/grain/wetting.js';
import { dryMatter } from '../../basics/grain/moisture.js';
import { startW } from '../../basics/grain/preparing.js';
import { isWet } from '../../basics/method/stage.js';
import type { CompletePlan } from '../../plan/input/planInput.js';

/** A base or toasted grain meets the liquid at about this temperature, °C †. */
const HOT_BASE_C = 90;

/** Pot and contents as the fire has to warm them. */
export interface Contents {
  /** Of what is in the pot when the liquid comes. */
  readonly kJPerK: number;
  /** Of grain that only goes in later, into liquid at the boil; 0 where it is in the pot. */
  readonly laterKJPerK: number;
  readonly startC: number;
  readonly contentsMl: number;
}

/** What stands in the pot besides the pour, by what it takes to warm it. */
export interface HeatParts {
  /** Pot, fat, solids and water of everything but the grain, kJ/K. */
  readonly othersKJPerK: number;
  readonly othersMl: number;
  readonly grainKJPerK: number;
  readonly grainMl: number;
  /** Temperature it has when the liquid comes, °C. */
  readonly potC: number;
}

/** What the fire has to warm besides the pour. */
export function heatParts(plan: CompletePlan): HeatParts {
  const dry = dryMatter(plan.grain, plan.grainG);
  const grainWater = dry * startW(plan);
  let solids = 0;
  let fat = 0;
  let water = 0;
  for (const { ingredient, g, leftG } of inPot(plan)) {
    const gone = g - leftG;
    water += (g * ingredient.water) / 100 - gone;
    fat += (g * ingredient.fat) / 100;
    solids += (g * ingredient.solids) / 100;
  }
  const warm = plan.stages.some(
    (s) => s.act === 'base' || s.act === 'toast' || s.act === 'warmFat' || s.act === 'fryDry',
  );
  return {
    othersKJPerK:
      potHeatCapacity(plan.vessel) + (water * CP_WATER + fat * CP_FAT + solids * CP_GRAIN_SOLIDS) / 1000,
    othersMl: water + fat + solids / DRY_G_PER_ML,
    grainKJPerK: (grainWater * CP_WATER + dry * CP_GRAIN_SOLIDS) / 1000,
    grainMl: grainWater + dry / DRY_G_PER_ML,
    potC: warm ? HOT_BASE_C : plan.roomC,
  };
}

/** True when the grain goes in after the liquid. */
const grainComesLater = ({ stages }: CompletePlan): boolean => {
  const liquid = stages.findIndex((s) => isWet(s.act));
  const grain = stages.findIndex((s) => s.act === 'grain');
  return grain > liquid && liquid >= 0 && !stages.some((s) => s.act === 'toast' || s.act === 'fryDry');
};

/** Heat capacity of pot and contents, kJ/K, the temperature they mix to, and their volume. */
export function contentsOf(plan: CompletePlan, pourG: number): Contents {
  const parts = heatParts(plan);
  const laterKJPerK = grainComesLater(plan) ? parts.grainKJPerK : 0;
  const pot = parts.othersKJPerK + parts.grainKJPerK - laterKJPerK;
  // What is kept back goes in hot and later.
  const nowG = Math.max(0, pourG) * (1 - plan.laterShare);
  const poured = (nowG * CP_WATER) / 1000;
  return {
    kJPerK: pot + poured,
    laterKJPerK,
    startC: (pot * parts.potC + poured * plan.liquidTempC) / (pot + poured),
    contentsMl: parts.othersMl + parts.grainMl + nowG,
  };
}
