import type { CompletePlan } from '../../plan/input/planInput.js';
import { solvePour } from '../account/solvePour.js';
import { cookPot } from '../pot/cook.js';
import { WET_POT_PER_G } from '../pot/constants.js';
import { setupOf } from '../pot/setup.js';
import { leftOf, STEP_MIN } from './sample.js';

/** A household that is known to want so much more pours what the plan's own grain may not drink in its time, points. */
const LEARNT_FROM = 1;
const KNOWN = new WeakMap<CompletePlan, number>();

/**
 * Free liquid among the finished grain from which a pot is too wet, g per g of dry matter. Where more is poured because it came out
 * right so, what the plan's own pot would leave of it is no fault: that kitchen's grain has drunk it.
 * @example wetFrom(plan) // 0.12
 */
export function wetFrom(plan: CompletePlan): number {
  if (plan.learntPoints < LEARNT_FROM) return WET_POT_PER_G;
  const known = KNOWN.get(plan);
  if (known !== undefined) return known;
  const waterG = Math.max(0, solvePour(plan).pourWaterG);
  const found = WET_POT_PER_G + leftOf(cookPot(plan, waterG, { setup: setupOf(plan), stepMin: STEP_MIN }));
  KNOWN.set(plan, found);
  return found;
}
