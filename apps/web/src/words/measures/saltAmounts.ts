import { ingredientById, type Measure } from '@hammock/core';
import { showPour, type ShownAmount } from './amounts.js';
import { tenths } from './numbers.js';

/** A salt as it lies in a spoon, g/ml; one that is not known is taken for fine salt. */
const saltDensity = (id: string): number =>
  (ingredientById(id) ?? ingredientById('saltFine'))?.densityGPerMl ?? 1.2;

/** Less salt than this is not worth a spoon, g. */
const PINCH_G = 0.3;

/** Salt to add by the spoons owned, in g where there is no spoon; undefined when there is enough. */
export function showSalt(
  saltG: number,
  owned: readonly Measure[],
  saltId = 'saltFine',
): ShownAmount | undefined {
  if (saltG < PINCH_G) return undefined;
  const grams = `${tenths(saltG)} g`;
  const spoons = owned.filter((m) => m.kind === 'spoon');
  const shown = showPour(saltG / saltDensity(saltId), spoons, false);
  return shown.other === '' ? { main: grams, other: '', roughly: undefined } : { ...shown, other: grams };
}
