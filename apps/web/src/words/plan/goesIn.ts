import { isWet, type AmountInput, type PlanInput, type Stage } from '@hammock/core';
import { rowOf } from '../../stores/kitchen/ownLarder.js';
import { isFried } from './stageWords.js';

/** One thing and the stage at which it goes into the pot. */
export interface GoesIn {
  readonly ingredientId: string;
  readonly amount: AmountInput;
  readonly note: string;
  /** Index of the stage. */
  readonly at: number;
}

/** So much fat, g in 100 g, and it is warmed as the fat. */
const IS_FAT = 50;

/**
 * Everything that goes into the pot, the grain too, each with the stage it goes in at: where it was told to join, with the fat,
 * with the base where it is fried, and with the liquid else. What stays apart is not among it.
 */
export function goesInAt(
  { grainId, grain, ingredients = [] }: Pick<PlanInput, 'grainId' | 'grain' | 'ingredients'>,
  stages: readonly Stage[],
): readonly GoesIn[] {
  const first = (...acts: readonly Stage['act'][]): number | undefined => {
    const at = stages.findIndex((s) => acts.includes(s.act));
    return at < 0 ? undefined : at;
  };
  const pour = Math.max(
    0,
    stages.findIndex((s) => isWet(s.act)),
  );
  const base = first('base') ?? first('warmFat') ?? pour;
  const at = (item: NonNullable<PlanInput['ingredients']>[number]): number => {
    const joins = item.joins === undefined ? -1 : stages.findIndex((s) => s.id === item.joins);
    if (joins >= 0) return joins;
    if ((rowOf(item.ingredientId)?.fat ?? 0) >= IS_FAT) return first('warmFat') ?? base;
    return isFried(item) ? base : pour;
  };
  return [
    ...ingredients
      .filter((i) => i.apart !== true)
      .map((i) => ({ ingredientId: i.ingredientId, amount: i.amount, note: i.note ?? '', at: at(i) })),
    { ingredientId: grainId, amount: grain, note: '', at: first('grain', 'toast', 'fryDry') ?? pour },
  ].sort((a, b) => a.at - b.at);
}
