import { answerPlan } from '../account/answer.js';
import { completePlan } from '../../plan/input/completePlan.js';
import type { CompletePlan, PlanInput } from '../../plan/input/planInput.js';
import type { PlanProblem } from '../../plan/input/problem.js';
import { solvePour } from '../account/solvePour.js';
import { ok, type Result } from '../../basics/result.js';
import { courseOf, type Course } from './course.js';

/**
 * Water that the answer to a plan pours, g; what the account solves for when the plan itself is refused.
 * @example pouredWaterG(plan) > 300 // true
 */
export function pouredWaterG(plan: CompletePlan): number {
  const answered = answerPlan(plan);
  if (!answered.ok) return Math.max(0, solvePour(plan).pourWaterG);
  return answered.value.pours.reduce((sum, p) => sum + Math.max(0, p.waterG), 0);
}

/**
 * The course of a plan in plain numbers, poured as its answer says or as given.
 * @param pourMl liquid poured, ml of what the plan pours
 * @returns the course, or every problem of the plan at its field. A pot that never boils or does not fit has a course
 * that says so. Never throws.
 * @example courseFor(input).ok // true
 */
export function courseFor(input: PlanInput, pourMl?: number): Result<Course, readonly PlanProblem[]> {
  const made = completePlan(input);
  if (!made.ok) return made;
  const plan = made.value;
  const perMl = (plan.pourWith.water / 100) * plan.pourWith.densityGPerMl;
  return ok(courseOf(plan, pourMl === undefined ? pouredWaterG(plan) : pourMl * perMl));
}
