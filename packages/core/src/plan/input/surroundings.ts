import { boilAt } from '../../basics/heat/atmosphere.js';
import type { Surroundings } from '../../basics/heat/steam.js';
import type { CompletePlan } from './planInput.js';

/** A complete plan is frozen, so where its pot stands is worked out once however often it is asked. */
const STANDS = new WeakMap<CompletePlan, Surroundings>();

/** Where the pot stands and how hot it boils there. */
export function surroundings(plan: CompletePlan): Surroundings {
  const known = STANDS.get(plan);
  if (known) return known;
  const { vessel, hob, roomC } = plan;
  const at: Surroundings = { vessel, hob, roomC, boil: boilAt(plan.altitudeM) };
  STANDS.set(plan, at);
  return at;
}
