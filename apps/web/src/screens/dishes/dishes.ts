import { grainById } from '@hammock/core';
import type { DishRecord, DishSpec } from '@hammock/core/records';
import { rowOf } from '../../stores/kitchen/ownLarder.js';

/** What a pot stands on. */
export type BaseKind = 'tomato' | 'coconut' | 'stock' | 'water';
export const BASES: Readonly<Record<BaseKind, string>> = {
  tomato: 'tomato',
  coconut: 'coconut',
  stock: 'stock',
  water: 'water',
};

/** Tomato and coconut colour a pot whatever is poured; else it is what is poured. */
export function baseOf(spec: DishSpec): BaseKind {
  const films = [...(spec.ingredients ?? []).map((i) => i.ingredientId), spec.pourWith ?? 'water'].map(
    (id) => rowOf(id)?.film,
  );
  const film = films.find((f) => f !== undefined);
  if (film !== undefined) return film;
  return spec.pourWith === undefined || spec.pourWith === 'water' ? 'water' : 'stock';
}

const plain = (text: string): string => text.toLowerCase().normalize('NFD').replace(/\p{M}/gu, '');

/** The dishes that hold every word, by name, line, grain and what goes in, of this method and base. */
export function matching(
  dishes: readonly DishRecord[],
  by: { readonly words: string; readonly method: string; readonly base: string },
): readonly DishRecord[] {
  const words = plain(by.words).split(/\s+/u).filter(Boolean);
  return dishes.filter((dish) => {
    const { spec } = dish;
    if (by.method !== 'any' && (spec.method ?? 'coveredAbsorption') !== by.method) return false;
    if (by.base !== 'any' && baseOf(spec) !== by.base) return false;
    const names = (spec.ingredients ?? []).map((i) => rowOf(i.ingredientId)?.name ?? '');
    const text = plain([dish.label, dish.blurb, grainById(spec.grainId)?.name ?? '', ...names].join(' '));
    return words.every((w) => text.includes(w));
  });
}
