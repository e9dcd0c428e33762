import type { Ingredient, Release, State } from './composition.js';
import { share } from '../calibration/calibrated.js';
import { LOOK_W, RELEASE, type Behaviour } from './composition.js';
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
  releasesOf(ingredient).find((r) => r.state === state);

/**
 * The largest share of its water that an ingredient can bring: what the fire can take from it.
 * @example mostAvailable(ingredientById('tomato')) // 0.7
 */
export const mostAvailable = ({ behaves }: Ingredient): number =>
  Math.max(...RELEASE[behaves].map((r) => (r.byLook ? 0 : r.available)));

/** What is poured is there whole; what it gives is no guess. */
const WHOLE: ReadonlySet<Behaviour> = new Set<Behaviour>(['liquid', 'coconutMilk', 'fat']);

/** What each state of an ingredient does to water, as far as the table of practice bears it out. */
function releasesOf(ingredient: Ingredient): readonly Release[] {
  const { behaves, water, solids } = ingredient;
  const gives = WHOLE.has(behaves) ? 1 : share('release');
  const most = Math.min(1, mostAvailable(ingredient) * gives);
  return RELEASE[behaves].map((r) => {
    const looksW = r.byLook ? LOOK_W[r.state] : undefined;
    if (looksW === undefined) return { ...r, available: Math.min(1, r.available * gives) };
    return { ...r, available: Math.min(most, (looksW * share('look') * solids) / water) };
  });
}
