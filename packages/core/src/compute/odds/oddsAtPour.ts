import { completePlan } from '../../plan/input/completePlan.js';
import type { PlanInput } from '../../plan/input/planInput.js';
import type { PlanProblem } from '../../plan/input/problem.js';
import { fail, ok, type Result } from '../../basics/result.js';
import { pouredWaterG } from '../course/courseFor.js';
import { Tally, type Chances } from './chances.js';
import { truthOf } from './doubts.js';
import { drawZ } from './draw.js';
import { frameOf, STEP_MIN, pointOf } from './sample.js';
import { cookPot } from '../pot/cook.js';
import { setupOf } from '../pot/setup.js';

/** Kitchens that are cooked where no number is named. */
const DRAWS = 200;

/**
 * How a pot ends that is poured so: each kitchen is cooked with this very pour, also far beside the account's.
 * @param pourMl what is poured of the plan's liquids in all, ml
 * @returns the chances, or what is wrong with the plan
 * @example oddsAtPour(input, 500, { draws: 20 }).ok // true
 */
export function oddsAtPour(
  input: PlanInput,
  pourMl: number,
  { draws = DRAWS, seed = 1 }: { readonly draws?: number; readonly seed?: number } = {},
): Result<Chances, readonly PlanProblem[]> {
  const made = completePlan(input);
  if (!made.ok) return fail(made.error);
  const plan = made.value;
  const frame = frameOf(plan);
  const perMl = (plan.pourWith.water / 100) * plan.pourWith.densityGPerMl;
  const waterG = Math.max(0, frame.waterG + pourMl * perMl - pouredWaterG(plan));
  const ends = new Tally(plan);
  for (let i = 0; i < draws; i += 1) {
    const setup = setupOf(plan, truthOf(drawZ(seed, i), frame.spreads, frame.means));
    ends.add(1, pointOf(cookPot(plan, waterG, { setup, stepMin: STEP_MIN })));
  }
  return ok(ends.chances());
}
