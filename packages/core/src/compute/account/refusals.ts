import type { Levels } from './levels.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import type { PlanProblem } from '../../plan/input/problem.js';

/** A stage that waits for a boil it never gets, or a pot that stays too cool to cook. */
export function neverBoils(plan: CompletePlan, stageId: string | undefined): PlanProblem {
  const index = plan.stages.findIndex((s) => s.id === stageId);
  const heat = plan.stages[index]?.heat ?? 'off';
  return {
    // A pot that never gets hot at all is said of its stages, and not of one that there is none of.
    field: index < 0 ? 'stages' : `stages[${index.toString()}].heat`,
    code: 'neverBoils',
    values: { powerW: plan.hob.powerW[heat], heat },
  };
}

/** A pot that would overflow, or a pressure cooker more than half full; with what would fit. */
export function doesNotFit(plan: CompletePlan, standing: Levels): PlanProblem | undefined {
  const underPressure = plan.stages.some((s) => s.lid === 'pressure');
  const { volumeMl } = plan.vessel;
  const over = underPressure ? standing.fullShare > standing.mostShare : standing.needsMl > volumeMl;
  if (!over) return undefined;
  const roundUp = (ml: number): number => Math.ceil(ml / 100) * 100;
  const share = underPressure ? standing.fullShare / standing.mostShare : standing.needsMl / volumeMl;
  const values = {
    holdsMl: volumeMl,
    needsMl: roundUp(standing.needsMl),
    percent: Math.round(standing.fullShare * 100),
    largestG: Math.floor(standing.largestGrainG / 10) * 10,
    pots: Math.ceil(share) * plan.pots,
  };
  return { field: 'vessel.volumeMl', code: underPressure ? 'overHalf' : 'tooSmall', values };
}
