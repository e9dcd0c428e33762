import { completePlan } from '../plan/input/completePlan.js';
import { wetBasis } from '../basics/grain/moisture.js';
import type { CompletePlan, PlanInput } from '../plan/input/planInput.js';
import { solvePour } from '../compute/account/solvePour.js';
import type { Stage } from '../basics/method/stage.js';
import { cookPot, type Cooked } from '../compute/pot/cook.js';
import type { Course } from '../compute/course/course.js';
import { get, W0 } from '../compute/pot/state.js';
import { POT } from './plans.js';

/** A plan that is known to be one. */
export const planOf = (input: PlanInput): CompletePlan => {
  const made = completePlan(input);
  if (!made.ok) throw new Error(JSON.stringify(made.error));
  return made.value;
};
/** Water the account pours, g. */
export const pourOf = (plan: CompletePlan): number => solvePour(plan).pourWaterG;
/** Mean moisture of the grain when it has rested, %. */
export const restedM = (c: Cooked): number =>
  wetBasis((get(c.rested, W0) + get(c.rested, W0 + 1) + get(c.rested, W0 + 2)) / 3);
/** Cooked with what the account pours. */
export const cooked = (plan: CompletePlan): Cooked => cookPot(plan, pourOf(plan));
export const codes = (course: Course): string[] => course.troubles.map((t) => t.code);
/** A plan with its stages edited by hand. */
export const edited = (input: PlanInput, edit: (s: Stage) => Stage | undefined): CompletePlan =>
  planOf({
    ...input,
    stages: planOf(input)
      .stages.map(edit)
      .filter((s) => s !== undefined),
  });

/** The pot most tests begin with. */
export const PILAF: PlanInput = {
  grainId: 'longGrainWhite',
  grain: { g: 350 },
  wash: 'rinsed',
  ingredients: [{ ingredientId: 'oil', amount: { g: 30 } }],
  vessel: POT,
};

/** A pot with a base of tomato and onion under it. */
export const TOMATO_POT: PlanInput = {
  ...PILAF,
  ingredients: [
    { ingredientId: 'tomato', amount: { g: 400 }, state: 'mushy' },
    { ingredientId: 'onion', amount: { g: 150 }, state: 'translucent' },
    { ingredientId: 'oil', amount: { g: 30 } },
  ],
};
