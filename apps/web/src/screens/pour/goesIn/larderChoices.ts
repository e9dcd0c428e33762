import { INGREDIENTS } from '@hammock/core';
import type { IngredientRecord } from '@hammock/core/records';
import { ownIngredients, rowOf } from '../../../stores/kitchen/ownLarder.js';

/** What most pots have in them (common practice). */
const USUAL: ReadonlySet<string> = new Set([
  'onion',
  'tomato',
  'tomatoPaste',
  'garlic',
  'ginger',
  'oil',
  'butter',
  'saltFine',
  'carrot',
  'peas',
  'coconutMilk',
  'chickenThigh',
]);

const rowsWith = (own: readonly IngredientRecord[]) => [
  ...(own.length > 0 ? ownIngredients().values() : []),
  ...INGREDIENTS,
];
/** Everything that can go in, for a list. */
export const everything = (own: readonly IngredientRecord[]) =>
  rowsWith(own)
    .map((i) => ({ value: i.id, label: i.name, also: i.also.join(', '), usual: USUAL.has(i.id) }))
    // By the writes alone: a phone takes longer to learn a language's order than to draw the page.
    .sort((a, b) => (a.label.toLowerCase() < b.label.toLowerCase() ? -1 : 1));
/** Everything that can be poured, for a list. */
export const pourable = (own: readonly IngredientRecord[]) =>
  rowsWith(own)
    .filter((i) => (i.behaves === 'liquid' || i.behaves === 'coconutMilk') && i.water > 1)
    .map((i) => ({ value: i.id, label: i.name.toLowerCase() }));
/** One of it where it comes in ones, else a hundred grams, to be changed at once. */
export function usualAmount(id: string): { count: number } | { g: number } {
  const row = rowOf(id);
  if (row?.units[0]) return { count: 1 };
  return { g: row?.behaves === 'dry' || row?.behaves === 'browning' ? 5 : 100 };
}
