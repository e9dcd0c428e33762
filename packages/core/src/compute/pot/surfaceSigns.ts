import type { CompletePlan } from '../../plan/input/planInput.js';

/**
 * How far the gaps among the grain are still full when the sign of a stage comes, by stage: 0 to more than 1.
 *
 * Cooks pour so that the surface dries after so many minutes, when the grain is about three quarters cooked: the minutes
 * are theirs or the method's, the pour follows from them, and what is free then is what this cook calls that sign. A pot
 * poured otherwise shows it sooner or later.
 */
export type GapsFull = ReadonlyMap<string, number>;

const KNOWN = new WeakMap<CompletePlan, GapsFull>();

/** What a pot of this plan looks like at its signs; worked out by `find` where it is not known yet. */
export function gapsFullOf(plan: CompletePlan, find: () => GapsFull): GapsFull {
  const known = KNOWN.get(plan) ?? find();
  KNOWN.set(plan, known);
  return known;
}

/**
 * A plan that differs in its later stages shows the signs of the plan it was made from.
 * @param wasOf the stage of that plan that one of this is a part of: the same without
 */
export function signsOf<P extends CompletePlan>(
  plan: P,
  from: CompletePlan,
  wasOf: (stageId: string) => string = (id) => id,
): P {
  const known = KNOWN.get(from);
  const shares = plan.stages.flatMap(({ id }): [string, number][] => {
    const share = known?.get(wasOf(id));
    return share === undefined ? [] : [[id, share]];
  });
  if (known) KNOWN.set(plan, new Map(shares));
  return plan;
}

/** What is left among the grain of a pot that a cook would call dry, share of its gaps †. */
const DRY_SHARE = 0.02;

/** The share at which the sign of a stage comes in a pot of this plan; undefined where that is not worked out. */
export const gapsFullAt = (plan: CompletePlan, stageId: string): number | undefined => {
  const share = KNOWN.get(plan)?.get(stageId);
  return share === undefined ? undefined : Math.max(DRY_SHARE, share);
};
