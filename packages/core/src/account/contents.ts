import { CP_FAT, CP_GRAIN_SOLIDS, CP_WATER } from '../heat/constants.js';
import { potHeatCapacity } from '../heat/equipment.js';
import { inPot } from './base.js';
import { dryMatter, startW } from './grainWater.js';
import type { CompletePlan } from './planInput.js';

/** A base or toasted grain meets the liquid at about this temperature, °C †. */
const HOT_BASE_C = 90;
/** Dry grain, g/ml †. */
export const DRY_G_PER_ML = 1.5;

/** Pot and contents as the fire has to warm them. */
export interface Contents {
  readonly kJPerK: number;
  readonly startC: number;
  readonly contentsMl: number;
}

/** Heat capacity of pot and contents, kJ/K, the temperature they mix to, and their volume. */
export function contentsOf(plan: CompletePlan, pourG: number): Contents {
  const dry = dryMatter(plan.grain, plan.grainG);
  let solids = dry;
  let fat = 0;
  let water = dry * startW(plan);
  for (const { ingredient, g, leftG } of inPot(plan)) {
    const gone = g - leftG;
    water += (g * ingredient.water) / 100 - gone;
    fat += (g * ingredient.fat) / 100;
    solids += (g * ingredient.solids) / 100;
  }
  const warm = plan.stages.some(
    (s) => s.act === 'base' || s.act === 'toast' || s.act === 'warmFat' || s.act === 'fryDry',
  );
  const pot =
    potHeatCapacity(plan.vessel) + (water * CP_WATER + fat * CP_FAT + solids * CP_GRAIN_SOLIDS) / 1000;
  // What is kept back goes in hot and later.
  const nowG = Math.max(0, pourG) * (1 - plan.laterShare);
  const poured = (nowG * CP_WATER) / 1000;
  const potC = warm ? HOT_BASE_C : plan.roomC;
  return {
    kJPerK: pot + poured,
    startC: (pot * potC + poured * plan.liquidTempC) / (pot + poured),
    contentsMl: water + fat + solids / DRY_G_PER_ML + nowG,
  };
}
