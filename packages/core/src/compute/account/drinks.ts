import type { CompletePlan } from '../../plan/input/planInput.js';
import { dryBasis, dryMatter } from '../../basics/grain/moisture.js';
import { startW } from '../../basics/grain/preparing.js';
import { targetMoisture } from '../../basics/grain/texture.js';

/**
 * Water the grain of a plan drinks in the pot to come out as wanted, g.
 * @example drinksG(plan) > 0 // true
 */
export const drinksG = (plan: CompletePlan): number =>
  Math.max(
    0,
    dryMatter(plan.grain, plan.grainG) * (dryBasis(targetMoisture(plan, plan.texture).aim) - startW(plan)),
  );

/**
 * The most that is worth keeping hot beside a pot, as a share of what its grain drinks: a pot that lacks more than half
 * of that was not meant.
 */
export const KEPT_BY_AT_MOST = 0.5;
