import type { LidState } from '../../basics/heat/equipment.js';
import { isWet, type Stage } from '../../basics/method/stage.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import { solvePour } from './solvePour.js';

/** What closing a stage otherwise would change. */
export interface LidCost {
  readonly lid: LidState;
  /** Water poured more (or less) than with the stage as it is, g; undefined where it would not boil any more. */
  readonly pourG: number | undefined;
}

/** The ways a pot without pressure is closed that cooks choose among. */
const CHOICES: readonly LidState[] = ['off', 'ajar', 'on'];
/** Lids under which more lies than a lid: each of those counts as on. */
const UNDER: ReadonlySet<LidState> = new Set<LidState>(['cloth', 'foil', 'parchment', 'sealed']);
/** Less than this is no question of water: half of what is seen in a jug, g. */
const MATTERS_G = 10;

/**
 * What the lid of each stage costs: the pour for it open, ajar and covered, beside the pour as planned. Only stages where the
 * choice moves the pour by at least 10 g; none under pressure.
 * @returns by the stage's id; the lid it has is among them with 0
 * @example lidCosts(plan).get('simmer').map((c) => c.lid) // ['off', 'ajar', 'on']
 */
export function lidCosts(plan: CompletePlan): ReadonlyMap<string, readonly LidCost[]> {
  const found = new Map<string, readonly LidCost[]>();
  const planned = solvePour(plan).pourWaterG;
  for (const stage of plan.stages) {
    if (stage.lid === 'pressure' || !(isWet(stage.act) || stage.act === 'base')) continue;
    const costs = CHOICES.map((lid): LidCost => {
      if (stage.lid === lid || (lid === 'on' && UNDER.has(stage.lid))) return { lid: stage.lid, pourG: 0 };
      const solution = solvePour({ ...plan, stages: withLid(plan.stages, stage.id, lid) });
      const boils = solution.steam.every((s) => s.boils);
      return { lid, pourG: boils ? solution.pourWaterG - planned : undefined };
    });
    if (costs.some(({ pourG }) => Math.abs(pourG ?? 0) >= MATTERS_G)) found.set(stage.id, costs);
  }
  return found;
}

const withLid = (stages: readonly Stage[], id: string, lid: LidState): readonly Stage[] =>
  stages.map((s) => (s.id === id ? { ...s, lid } : s));
