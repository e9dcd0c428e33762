import type { IngredientInput } from '@hammock/core';

/** The same without some of what was said of it. */
export function without(item: IngredientInput, drop: readonly (keyof IngredientInput)[]): IngredientInput {
  const kept = Object.entries(item).filter(([key]) => !drop.some((d) => d === key));
  return Object.fromEntries(kept) as unknown as IngredientInput;
}
