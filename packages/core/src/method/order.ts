import { ACTS, type Act, type Stage } from './stage.js';

/** Why a list of stages cannot be cooked as covered absorption. */
export interface OrderProblem {
  readonly index: number;
  readonly code: 'beforeItsTurn' | 'needsBoil' | 'needsSimmer' | 'lidOnWhileStirring' | 'duplicateId';
  readonly act: Act;
}

/** Acts that need the pot open: something is stirred or watched. */
const STIRRED: ReadonlySet<Act> = new Set(['warmFat', 'toast']);

/** Every reason this order cannot work, empty when it can. */
export function orderProblems(stages: readonly Stage[]): readonly OrderProblem[] {
  const problems: OrderProblem[] = [];
  const seen = new Set<string>();
  let reached = -1;
  stages.forEach((stage, index) => {
    const place = ACTS.indexOf(stage.act);
    if (place < reached) problems.push({ index, code: 'beforeItsTurn', act: stage.act });
    reached = Math.max(reached, place);
    if (seen.has(stage.id)) problems.push({ index, code: 'duplicateId', act: stage.act });
    seen.add(stage.id);
    if (STIRRED.has(stage.act) && stage.lid !== 'off') {
      problems.push({ index, code: 'lidOnWhileStirring', act: stage.act });
    }
  });
  if (!stages.some((s) => s.act === 'boil'))
    problems.push({ index: stages.length, code: 'needsBoil', act: 'boil' });
  if (!stages.some((s) => s.act === 'simmer')) {
    problems.push({ index: stages.length, code: 'needsSimmer', act: 'simmer' });
  }
  return problems;
}
