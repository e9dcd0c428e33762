import type { PlanInput } from '@hammock/core';
import {
  learntInto,
  learntOf,
  potOf,
  type Learnt,
  type LearntOfPot,
  type MadeWith,
} from '@hammock/core/learning';
import { plainInputOf, type DraftOfPlan, type KitchenOfPlan } from './planInput.js';

/** What was learnt of a plan made with these, to somebody's taste; undefined where no pot touches it. */
export const learntOfPlan = (
  learnt: Learnt | null | undefined,
  input: PlanInput,
  { bagId = null, vesselId = null, hobId = null, dishId = null, by = null }: MadeWith,
): LearntOfPot | undefined =>
  learnt ? learntOf(learnt, potOf(input, { bagId, vesselId, hobId, dishId, by })) : undefined;

/** The plan the core is asked about: the draft in this kitchen, with what the household's pots have taught of it. */
export function planInputOf(draft: DraftOfPlan, kitchen: KitchenOfPlan): PlanInput {
  const input = plainInputOf(draft, kitchen);
  const found = learntOfPlan(kitchen.learnt, input, { ...draft, by: kitchen.by ?? null });
  return found ? learntInto(input, found) : input;
}
