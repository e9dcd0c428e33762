import { householdPlan, type PlanInput } from '@hammock/core';
import type { CupRecord } from '@hammock/core/records';
import type { Draft } from './draftOf.js';
import type { KitchenLists } from './kitchenKept.js';

/** The cup that "cups" mean: the one that was chosen, or this kitchen's first. */
export const cupOf = (
  kitchen: Pick<KitchenLists, 'cups'>,
  cupId: string | null | undefined,
): CupRecord | undefined => {
  const cups = kitchen.cups.filter((c) => c.kind === 'cup');
  return cups.find((c) => c.id === cupId) ?? cups[0];
};

/** The plan the core is asked about: the draft in this household's pot, on its hob, at its altitude, by its cup. */
export function planInputOf(
  { spec, bagId, vesselId, hobId, cupId }: Pick<Draft, 'spec' | 'bagId' | 'vesselId' | 'hobId' | 'cupId'>,
  kitchen: KitchenLists & { household: { altitudeM: number; roomC: number; fingerMm?: number | null } },
): PlanInput {
  const { altitudeM, roomC, fingerMm = null } = kitchen.household;
  return householdPlan(spec, {
    vessel: kitchen.vessels.find((v) => v.id === vesselId),
    hob: kitchen.hobs.find((h) => h.id === hobId),
    bag: kitchen.bags.find((b) => b.id === bagId),
    cup: cupOf(kitchen, cupId),
    steamTests: kitchen.steamTests,
    ingredients: kitchen.ingredients,
    place: { altitudeM, roomC, fingerMm },
  });
}
