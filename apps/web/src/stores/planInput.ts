import { householdPlan, type PlanInput } from '@hammock/core';
import type { CupRecord } from '@hammock/core/records';
import type { Draft } from './draftOf.js';
import type { KitchenLists } from './kitchenKept.js';

/** The cup of this kitchen that "cups" mean. */
export const cupOf = (kitchen: Pick<KitchenLists, 'cups'>): CupRecord | undefined =>
  kitchen.cups.find((c) => c.kind === 'cup');

/** The plan the core is asked about: the draft in this household's pot, on its hob, at its altitude, by its cup. */
export function planInputOf(
  { spec, vesselId, hobId }: Pick<Draft, 'spec' | 'vesselId' | 'hobId'>,
  kitchen: KitchenLists & { household: { altitudeM: number; roomC: number } },
): PlanInput {
  const { altitudeM, roomC } = kitchen.household;
  return householdPlan(spec, {
    vessel: kitchen.vessels.find((v) => v.id === vesselId),
    hob: kitchen.hobs.find((h) => h.id === hobId),
    cup: cupOf(kitchen),
    steamTests: kitchen.steamTests,
    ingredients: kitchen.ingredients,
    place: { altitudeM, roomC },
  });
}
