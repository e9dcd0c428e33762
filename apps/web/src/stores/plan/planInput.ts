import { householdPlan, type PlanInput } from '@hammock/core';
import type { Learnt } from '@hammock/core/learning';
import type { CupRecord, HouseholdRecord } from '@hammock/core/records';
import type { Draft } from './draftOf.js';
import type { KitchenLists } from '../kitchen/kitchenKept.js';

/** The cup that "cups" mean: the one that was chosen, or this kitchen's first. */
export const cupOf = (
  kitchen: Pick<KitchenLists, 'cups'>,
  cupId: string | null | undefined,
): CupRecord | undefined => {
  const cups = kitchen.cups.filter((c) => c.kind === 'cup');
  return cups.find((c) => c.id === cupId) ?? cups[0];
};

/** What of a draft makes its plan. */
export type DraftOfPlan = Pick<Draft, 'spec' | 'bagId' | 'vesselId' | 'hobId' | 'cupId'> &
  Partial<Pick<Draft, 'dishId'>>;

/** What of a kitchen makes a plan. */
export type KitchenOfPlan = KitchenLists & {
  household: Pick<HouseholdRecord, 'altitudeM' | 'roomC' | 'fingerMm' | 'softerSteps'>;
  /** What its own pots have taught; nothing without. */
  readonly learnt?: Learnt | null;
  /** Whose taste it is cooked to; the household's without. */
  readonly by?: string | null;
};

/** The draft in this household's pot, on its hob, at its altitude, by its cup; without what its pots have taught. */
export function plainInputOf(draft: DraftOfPlan, kitchen: KitchenOfPlan): PlanInput {
  const { spec, bagId, vesselId, hobId, cupId } = draft;
  const { altitudeM, roomC, fingerMm = null, softerSteps = null } = kitchen.household;
  return householdPlan(spec, {
    vessel: kitchen.vessels.find((v) => v.id === vesselId),
    hob: kitchen.hobs.find((h) => h.id === hobId),
    bag: kitchen.bags.find((b) => b.id === bagId),
    cup: cupOf(kitchen, cupId),
    steamTests: kitchen.steamTests,
    ingredients: kitchen.ingredients,
    place: { altitudeM, roomC, fingerMm, softerSteps },
  });
}
