import { soakIn, withSoak } from '@hammock/core';
import type { DishSpec } from '@hammock/core/records';

/**
 * A change of a dish with its soak in both of its places: the sentence and the stages say the same, whichever of them was
 * edited. Grain soaked before, of which no stage says anything, stays as it was.
 */
export function withOneSoak(before: DishSpec, fields: Partial<DishSpec>): Partial<DishSpec> {
  if (fields.stages) {
    const knewOf = before.stages === undefined || soakIn(before.stages) !== undefined;
    const soakMin = soakIn(fields.stages) ?? (knewOf ? 0 : undefined);
    return soakMin === undefined ? fields : { ...fields, soakMin };
  }
  const { soakMin } = fields;
  if (soakMin === undefined || before.stages === undefined) return fields;
  return { ...fields, stages: [...withSoak(before.stages, soakMin)] };
}
