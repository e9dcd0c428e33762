import type { Ingredient, Release, State } from './composition.js';
import { RELEASE } from './composition.js';
import type { Grain } from './grains.js';
import { GRAINS } from './grains.js';
import { INGREDIENTS } from './ingredients.js';

const GRAIN_BY_ID = new Map(GRAINS.map((g) => [g.id, g]));
const INGREDIENT_BY_ID = new Map(INGREDIENTS.map((i) => [i.id, i]));

/**
 * The grain with this id, or undefined.
 * @example grainById('basmati')?.name // 'Basmati rice'
 */
export const grainById = (id: string): Grain | undefined => GRAIN_BY_ID.get(id);

/**
 * The ingredient with this id, or undefined.
 * @example ingredientById('tomato')?.water // 94.5
 */
export const ingredientById = (id: string): Ingredient | undefined => INGREDIENT_BY_ID.get(id);

/**
 * The states an ingredient may be in when the liquid goes in, its usual one first.
 * @example statesOf(ingredientById('onion'))[0] // 'translucent'
 */
export const statesOf = (ingredient: Ingredient): readonly State[] =>
  RELEASE[ingredient.behaves].map((r) => r.state);

/**
 * What this state of this ingredient does to water, or undefined when it has no such state.
 * @example releaseOf(ingredientById('onion'), 'translucent')?.state // 'translucent'
 */
export const releaseOf = (ingredient: Ingredient, state: State): Release | undefined =>
  RELEASE[ingredient.behaves].find((r) => r.state === state);
