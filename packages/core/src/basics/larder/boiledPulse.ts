import type { Ingredient } from './composition.js';
import { ingredientById } from './larder.js';
import { soakedFor } from './pulseSoak.js';

/** Water of a pulse as of 100 g, and what of it is dry matter, share. */
const drySharesOf = (row: Ingredient): number => 1 - row.water / 100;

/** The row of a pulse that was boiled before: its own, or for every lentil the one of lentils. */
const rowOf = ({ id }: Ingredient): Ingredient | undefined =>
  ingredientById(`${id}Tinned`) ?? (id.startsWith('lentil') ? ingredientById('lentilsTinned') : undefined);

/**
 * A dry pulse that was boiled in another pot before it goes in: it is the drained row, and weighs what its dry matter weighs there. It
 * has drunk all it will.
 * @param g weighed dry
 * @returns undefined for what is no dry pulse, or has no boiled row
 * @example boiledPulse('lentilWhole', 100)?.id // 'lentilsTinned'
 */
export function boiledPulse(id: string, g: number): { readonly id: string; readonly g: number } | undefined {
  const dry = ingredientById(id);
  const boiled = dry && soakedFor(dry, 0) !== undefined ? rowOf(dry) : undefined;
  if (!dry || !boiled) return undefined;
  return { id: boiled.id, g: Math.round((g * drySharesOf(dry)) / drySharesOf(boiled)) };
}
