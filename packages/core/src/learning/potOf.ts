import { ingredientById } from '../basics/larder/larder.js';
import { ownRows } from '../basics/larder/own.js';
import { Checker } from '../plan/input/checker.js';
import { PLAN_DEFAULTS, type PlanInput } from '../plan/input/planInput.js';
import { ingredientsOf } from '../plan/input/readIngredients.js';
import type { PotOf } from './hidden.js';

/** A base that brings less water than this has no hidden value of its own, g. */
const LEAST_BASE_G = 40;

/** What of a household a pot is made with, by id. */
export type MadeWith = Pick<PotOf, 'bagId' | 'vesselId' | 'hobId' | 'dishId' | 'by'>;

/**
 * What a pot's learning hangs on: what of the household it is made with, and what of its plan is somebody's word or brings water.
 * @param input the plan; what cannot be read of it is left out
 * @param madeWith things of the household
 * @example potOf({ grainId: 'basmati', grain: { g: 300 }, vessel: { diameterCm: 20, volumeMl: 3000 } }, {}).baseId // 'water'
 */
export function potOf(input: PlanInput, madeWith: MadeWith): PotOf {
  const { grainId, method = PLAN_DEFAULTS.method, texture = PLAN_DEFAULTS.texture } = input;
  return { ...madeWith, grainId, method, texture, baseId: baseOf(input) };
}

/** The ingredient that brings most of the water; the liquid itself where none brings much. */
function baseOf({ ingredients, own = [], cupMl, pourWith }: PlanInput): string {
  const rows = ownRows(own);
  const lookUp = (id: string) =>
    (rows.ok ? rows.value.find((r) => r.id === id) : undefined) ?? ingredientById(id);
  let [baseId, mostG] = [pourWith ?? PLAN_DEFAULTS.pourWith, LEAST_BASE_G];
  for (const { ingredient, g } of ingredientsOf(
    new Checker(),
    ingredients,
    cupMl ?? PLAN_DEFAULTS.cupMl,
    lookUp,
  )) {
    const waterG = (g * ingredient.water) / 100;
    if (waterG > mostG) [baseId, mostG] = [ingredient.id, waterG];
  }
  return baseId;
}
