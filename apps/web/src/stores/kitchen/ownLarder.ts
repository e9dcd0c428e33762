import { ingredientById, ownRows, type Ingredient } from '@hammock/core';
import type { IngredientRecord } from '@hammock/core/records';
import { useKitchen } from './kitchen.js';

let from: readonly IngredientRecord[] | undefined;
let rows: ReadonlyMap<string, Ingredient> = new Map();

/** The household's own ingredients as larder rows; one that cannot be read is left out. */
export function ownIngredients(): ReadonlyMap<string, Ingredient> {
  const { ingredients } = useKitchen.getState();
  if (ingredients === from) return rows;
  from = ingredients;
  const own = ingredients.map(({ id, label, figures }) => ({ ...figures, id, name: label }));
  const found = ownRows(own);
  // One that cannot be read must not take the others with it.
  const wrong = new Set(found.ok ? [] : found.error.map((p) => p.id));
  const readable = found.ok ? found : ownRows(own.filter((o) => !wrong.has(o.id)));
  rows = new Map((readable.ok ? readable.value : []).map((r) => [r.id, r]));
  return rows;
}

/** A row by its id, of the household's own or of the larder. */
export const rowOf = (id: string): Ingredient | undefined => ownIngredients().get(id) ?? ingredientById(id);

/** What an id stands for in the larder: an ingredient of one's own is what it is like, and so on. */
export function larderIdOf(id: string): string {
  const { ingredients } = useKitchen.getState();
  let at = id;
  // Likes may run in a ring, which is refused where they are typed.
  for (let step = 0; step <= ingredients.length; step += 1) {
    const like = ingredients.find((own) => own.id === at)?.figures.like;
    if (like === undefined) break;
    at = like;
  }
  return at;
}

/** A name as it is said: "Salt, fine" is fine salt. */
export const spokenName = (id: string): string =>
  (rowOf(id)?.name ?? id).toLowerCase().split(', ').reverse().join(' ');
