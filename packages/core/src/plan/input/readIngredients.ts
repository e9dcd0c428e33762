import type { Ingredient } from '../../basics/larder/composition.js';
import { releaseOf, statesOf } from '../../basics/larder/larder.js';
import { soakedFor } from '../../basics/larder/pulseSoak.js';
import { resolveAmount } from './amount.js';
import { fieldsOf, shown, type Checker } from './checker.js';
import type { IngredientInput, PlannedIngredient } from './planInput.js';
import { MOST_INGREDIENTS, RANGES } from './ranges.js';

/** Finds an ingredient by its id, in the household's own or in the larder. */
export type LookUp = (id: string) => Ingredient | undefined;

/** A liquid that can be poured. */
export function liquidOf(
  c: Checker,
  field: string,
  id: string | undefined,
  byDefault: string,
  lookUp: LookUp,
): Ingredient | undefined {
  const found = lookUp(id ?? byDefault);
  if (!found) return c.add(field, 'unknownId', { found: shown(id) });
  if ((found.behaves !== 'liquid' && found.behaves !== 'coconutMilk') || found.water < 1)
    return c.add(field, 'notALiquid', { name: found.name });
  return found;
}

/** Every ingredient weighed and with its state looked up; what is wrong is noted at its place. */
export function ingredientsOf(
  c: Checker,
  list: readonly IngredientInput[] | undefined,
  cupMl: number,
  lookUp: LookUp,
): PlannedIngredient[] {
  if (list === undefined) return [];
  if (!Array.isArray(list))
    return c.refuse([], 'ingredients', 'notAChoice', { found: typeof list, choices: 'a list' });
  if (list.length > MOST_INGREDIENTS)
    return c.refuse([], 'ingredients', 'tooMany', { most: MOST_INGREDIENTS });
  return (list as readonly IngredientInput[]).flatMap((given, i) => {
    const item = fieldsOf(given);
    const field = `ingredients[${i.toString()}]`;
    const ingredient = lookUp(item.ingredientId ?? '');
    if (!ingredient)
      return c.refuse([], `${field}.ingredientId`, 'unknownId', { found: shown(item.ingredientId) });
    const g = resolveAmount(c, `${field}.amount`, item.amount, ingredient, cupMl, RANGES.ingredientG);
    const states = statesOf(ingredient);
    const soakMin = c.number(`${field}.soakMin`, item.soakMin, 0, RANGES.soakMin);
    const release =
      (item.soakMin === undefined ? undefined : soakedFor(ingredient, soakMin)) ??
      releaseOf(ingredient, item.state ?? states[0] ?? 'whole');
    if (!release) {
      const values = { name: ingredient.name, found: shown(item.state), choices: states.join(', ') };
      return c.refuse([], `${field}.state`, 'noSuchState', values);
    }
    const spread = c.number(`${field}.spread`, item.spread, 0, RANGES.spread);
    const joins = typeof item.joins === 'string' ? { joins: item.joins } : {};
    // What stays in a vessel of its own is nothing to the pot.
    return g === undefined || c.flag(`${field}.apart`, item.apart, false)
      ? []
      : [{ ingredient, g, release, spread, ...joins }];
  });
}
