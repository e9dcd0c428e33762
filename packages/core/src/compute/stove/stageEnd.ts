import { dryBasis, dryMatter } from '../../basics/grain/moisture.js';
import { targetMoisture } from '../../basics/grain/texture.js';
import type { Stage } from '../../basics/method/stage.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import type { Cooked } from '../pot/cook.js';
import type { LivePot } from '../pot/live.js';
import type { Seen } from '../pot/walk.js';
import type { CookedStretches } from './stretchesFromRun.js';

/** Share of the kitchens on each side that the span of minutes leaves out. */
const TAIL = 0.1;

/** A span of minutes. */
export interface Span {
  readonly least: number;
  readonly most: number;
}

/** How the pot of one sample ends, and when this stage of it does. */
export interface SampleEnd {
  readonly min: number;
  readonly seen: Seen;
  readonly feels: number;
  readonly left: number;
  readonly weight: number;
}

/** Water that these pots lack on average for what is wanted, g; negative where they have too much, drunk or not. */
export function lackOf(ends: readonly SampleEnd[], plan: CompletePlan): number {
  const { aim } = targetMoisture(plan, plan.texture);
  const dryG = dryMatter(plan.grain, plan.grainG);
  const perPoint = dryG * (dryBasis(aim + 0.5) - dryBasis(aim - 0.5));
  const all = ends.reduce((sum, e) => sum + e.weight, 0);
  return ends.reduce((sum, e) => sum + e.weight * ((aim - e.feels) * perPoint - e.left * dryG), 0) / all;
}

/** When this stage of a kitchen's pot ends, from now, and what is seen then. */
export const stageEndOf = (end: Cooked, stage: Stage | undefined, pot: LivePot) => {
  const over = stage && end.stages.findLast((s) => s.stageId === stage.id);
  return {
    min: Math.max(0, (over?.toMin ?? pot.atMin) - pot.atMin),
    seen: over?.seen ?? ('absorbed' as const),
  };
};

/** Minutes left where a clock ends the stage. */
export function clockOf({ plan, stretches }: CookedStretches, index: number): number | undefined {
  const here = plan.stages[index];
  return here?.end.kind === 'minutes'
    ? Math.max(0, here.end.minutes - (stretches[index]?.minutes ?? 0))
    : undefined;
}

export function spanOf(ends: readonly SampleEnd[], byClock: number | undefined): Span {
  if (byClock !== undefined) return { least: byClock, most: byClock };
  const sorted = [...ends].sort((a, b) => a.min - b.min);
  const all = sorted.reduce((sum, e) => sum + e.weight, 0);
  const at = (share: number): number => {
    let passed = 0;
    for (const { min, weight } of sorted) {
      passed += weight;
      if (passed >= share * all) return min;
    }
    return sorted.at(-1)?.min ?? 0;
  };
  return { least: at(TAIL), most: at(1 - TAIL) };
}

export function mostSeen(ends: readonly { readonly seen: Seen; readonly weight: number }[]): Seen {
  const sums = new Map<Seen, number>();
  for (const { seen, weight } of ends) sums.set(seen, (sums.get(seen) ?? 0) + weight);
  return [...sums].sort((a, b) => b[1] - a[1])[0]?.[0] ?? 'nothingYet';
}
