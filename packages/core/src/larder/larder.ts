import type { Ingredient, Release, State } from './composition.js';
import { RELEASE } from './composition.js';
import { INGREDIENTS } from './ingredients.js';

// Made when it is first asked: a page that only knows grains does not carry every ingredient.
let byId: ReadonlyMap<string, Ingredient> | undefined;

/**
 * The ingredient with this id, or undefined.
 * @example ingredientById('tomato')?.water // 94.5
 */
export function ingredientById(id: string): Ingredient | undefined {
  byId ??= new Map(INGREDIENTS.map((i) => [i.id, i]));
  return byId.get(id);
}

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
