import { ingredientById, ownRows, type Ingredient, type IngredientRecord } from '@hammock/core';
import { useKitchen } from './kitchen.js';

let from: readonly IngredientRecord[] | undefined;
let rows: ReadonlyMap<string, Ingredient> = new Map();

/** The household's own ingredients as larder rows; one that cannot be read is left out. */
export function ownIngredients(): ReadonlyMap<string, Ingredient> {
  const { ingredients } = useKitchen.getState();
  if (ingredients === from) return rows;
  from = ingredients;
  const found = ownRows(ingredients.map(({ id, label, figures }) => ({ ...figures, id, name: label })));
  rows = new Map((found.ok ? found.value : []).map((r) => [r.id, r]));
  return rows;
}

/** A row by its id, of the household's own or of the larder. */
export const rowOf = (id: string): Ingredient | undefined => ownIngredients().get(id) ?? ingredientById(id);
