import { METHOD_VESSEL, type PlanInput, type VesselKind } from '@hammock/core';
import type { DishRecord, DishSpec, PlanRecord, VesselRecord } from '@hammock/core/records';
import { useKitchen } from '../kitchen/kitchen.js';
import { newId } from '../../storage/newId.js';

/** The plan being worked on: a dish for a number of people, and which of the household's things it is made with. */
export interface Draft {
  readonly planId: string;
  readonly dishId: string | null;
  readonly label: string;
  readonly spec: DishSpec;
  readonly bagId: string | null;
  readonly vesselId: string | null;
  readonly hobId: string | null;
  /** The cup that "cups" mean; without it the kitchen's first. */
  readonly cupId?: string | null;
  /** The dish as it was when the plan was taken from it: what keeping changes in it stands on. */
  readonly dishSeen?: DishRecord;
}

/** The vessel of a kind that a dish goes into before one is chosen: of pots the second, the first is the small one. */
export const usualVessel = (vessels: readonly VesselRecord[], kind: VesselKind): string | null => {
  const fitting = vessels.filter((v) => v.kind === kind);
  return (fitting[kind === 'pot' ? 1 : 0] ?? fitting[0] ?? vessels[0])?.id ?? null;
};

/** The dish in this household, in the pot and on the ring of the plan before where those fit. */
export function draftOf(dish: DishRecord, before: Draft | null): Draft {
  const { household, bags, vessels, hobs } = useKitchen.getState();
  const spec: DishSpec = { portions: 4, texture: household.texture, served: household.served, ...dish.spec };
  const kind = METHOD_VESSEL[spec.method ?? 'coveredAbsorption'];
  const fits = (id: string | null | undefined): boolean => vessels.find((v) => v.id === id)?.kind === kind;
  return {
    planId: before?.planId ?? newId(),
    dishId: dish.id,
    label: dish.label,
    spec,
    bagId: bags.find((b) => b.grainId === spec.grainId)?.id ?? null,
    vesselId: fits(before?.vesselId) ? (before?.vesselId ?? null) : usualVessel(vessels, kind),
    hobId: before?.hobId ?? hobs[0]?.id ?? null,
    ...(before?.cupId == null ? {} : { cupId: before.cupId }),
    dishSeen: dish,
  };
}

/** A plan of the server as it is worked on. */
export const draftFrom = (plan: PlanRecord): Draft => ({
  planId: plan.id,
  dishId: plan.dishId,
  label: plan.label,
  spec: specOf(plan.input),
  bagId: plan.bagId,
  vesselId: plan.vesselId,
  hobId: plan.hobId,
  cupId: plan.cupId,
});

/** The part of a plan that is the dish and not the kitchen. */
export function specOf(input: PlanInput): DishSpec {
  const {
    vessel,
    hob,
    altitudeM,
    roomC,
    cupMl,
    own,
    amylose,
    fingerMm,
    softerSteps,
    learntPoints,
    learntSpread,
    ...spec
  } = input;
  return spec;
}
