import type { Behaviour, Ingredient, Release } from './composition.js';
import { releaseOf } from './larder.js';

/**
 * How fast what is dry takes up cool water, and how long it usually stands in it, min †: a chickpea has drunk half of it
 * in less than two hours and all of it overnight, a split pulse within an hour or two, a soy chunk in a quarter of one.
 */
const SOAK: Readonly<Partial<Record<Behaviour, { readonly timeMin: number; readonly usualMin: number }>>> = {
  wholePulse: { timeMin: 150, usualMin: 480 },
  splitPulse: { timeMin: 45, usualMin: 120 },
  soyChunk: { timeMin: 8, usualMin: 20 },
};

/**
 * What a pulse still drinks in the pot after some minutes in cool water: between dry and soaked as is usual, by an
 * exponential approach. Longer than usual is as usual.
 * @param minutes in the soak water; none leaves it dry
 * @returns undefined for what is not soaked by itself
 * @example soakedFor(ingredientById('chickpeas'), 0)?.drinks // 1.6
 */
export function soakedFor(ingredient: Ingredient, minutes: number): Release | undefined {
  const soak = SOAK[ingredient.behaves];
  const dry = releaseOf(ingredient, 'dry');
  const soaked = releaseOf(ingredient, 'soaked');
  if (!soak || !dry || !soaked) return undefined;
  const drunk = (min: number): number => 1 - Math.exp(-min / soak.timeMin);
  const share = Math.min(1, drunk(minutes) / drunk(soak.usualMin));
  return { ...soaked, drinks: dry.drinks - (dry.drinks - soaked.drinks) * share };
}
