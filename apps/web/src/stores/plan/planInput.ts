import { householdPlan, type PlanInput } from '@hammock/core';
import { learntInto, type Learnt } from '@hammock/core/learning';
import type { CupRecord, HouseholdRecord } from '@hammock/core/records';
import type { Draft } from './draftOf.js';
import type { KitchenLists } from '../kitchen/kitchenKept.js';
import { learntOfPlan } from '../kitchen/learnt.js';

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
  draft: Pick<Draft, 'spec' | 'bagId' | 'vesselId' | 'hobId' | 'cupId'> & Partial<Pick<Draft, 'dishId'>>,
  kitchen: KitchenLists & {
    household: Pick<HouseholdRecord, 'altitudeM' | 'roomC' | 'fingerMm' | 'softerSteps'>;
    /** What its own pots have taught; nothing without. */
    readonly learnt?: Learnt | null;
    /** Whose taste it is cooked to; the household's without. */
    readonly by?: string | null;
  },
): PlanInput {
  const { spec, bagId, vesselId, hobId, cupId } = draft;
  const { altitudeM, roomC, fingerMm = null, softerSteps = null } = kitchen.household;
  const input = householdPlan(spec, {
    vessel: kitchen.vessels.find((v) => v.id === vesselId),
    hob: kitchen.hobs.find((h) => h.id === hobId),
    bag: kitchen.bags.find((b) => b.id === bagId),
    cup: cupOf(kitchen, cupId),
    steamTests: kitchen.steamTests,
    ingredients: kitchen.ingredients,
    place: { altitudeM, roomC, fingerMm, softerSteps },
  });
  const found = learntOfPlan(kitchen.learnt, input, { ...draft, by: kitchen.by ?? null });
  return found ? learntInto(input, found) : input;
}
