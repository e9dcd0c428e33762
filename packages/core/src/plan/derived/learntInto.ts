import type { PlanInput } from '../input/planInput.js';

/**
 * A plan with what was learnt of it, and nothing else that was; with nothing it stands on its kind alone.
 * @example learntInto(input, { points: 1, spread: 0.5 }).learntPoints // 1
 */
export function learntInto(
  input: PlanInput,
  learnt?: { readonly points: number; readonly spread: number },
): PlanInput {
  const { learntPoints: _points, learntSpread: _spread, ...plain } = input;
  return learnt ? { ...plain, learntPoints: learnt.points, learntSpread: learnt.spread } : plain;
}
