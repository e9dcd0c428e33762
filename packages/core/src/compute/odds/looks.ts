import { drinksG, KEPT_BY_AT_MOST } from '../account/drinks.js';
import { targetMoisture } from '../../basics/grain/texture.js';
import { plannedMin } from '../../basics/method/stage.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import { cookPot } from '../pot/cook.js';
import type { Seen } from '../pot/walk.js';
import { countOf, Reader, weightOf, type Samples } from './chances.js';
import { coveredStage, POINT } from './sample.js';

/** When to look, what should be seen, and what to do when it is not. */
export interface Look {
  readonly stageId: string;
  /** Minutes after the stage began; its end when it is the stage's own minutes. */
  readonly afterMin: number;
  readonly expect: Seen;
  /** Hot liquid to add when it is dry already, ml. */
  readonly dryAddMl: number;
  /** Minutes to leave it on when it is still wet. */
  readonly wetLongerMin: number;
}

/** This many pots in a hundred can be saved with what is kept by. */
const SAVES = 0.9;
/** Step in which what a pot lacks is found and kept by, g. */
const STEP_G = 10;

/**
 * Hot liquid to keep ready: what nine in ten of the pots that would be too dry lack, rounded up, and never more than
 * half of what the grain drinks.
 * @returns g of water
 */
export function keepByG(samples: Samples, byG: number): number {
  const { frame } = samples;
  const { aim } = targetMoisture(frame.plan, frame.plan.texture);
  const here = new Reader(samples, { byG });
  const more = new Reader(samples, { byG: byG + STEP_G });
  const lacks: { readonly g: number; readonly weight: number }[] = [];
  for (let i = 0; i < countOf(samples); i += 1) {
    const feels = here.read(i, POINT.feels);
    const perG = (more.read(i, POINT.feels) - feels) / STEP_G;
    if (feels < aim && perG > 0) lacks.push({ g: (aim - feels) / perG, weight: weightOf(samples, i) });
  }
  const most = Math.floor((KEPT_BY_AT_MOST * drinksG(frame.plan)) / STEP_G);
  return STEP_G * Math.max(1, Math.min(most, Math.ceil(quantile(lacks, SAVES) / STEP_G)));
}

/** The smallest value that more than this share of the weight is below or at; nothing of no values. */
function quantile(values: { readonly g: number; readonly weight: number }[], share: number): number {
  values.sort((a, b) => a.g - b.g);
  const all = values.reduce((sum, v) => sum + v.weight, 0);
  let below = 0;
  for (const { g, weight } of values) {
    below += weight;
    // Shares of a sum are only as exact as the sum.
    if (below > share * all * (1 + 1e-9)) return g;
  }
  return values.at(-1)?.g ?? 0;
}

/** Two thirds through the covered time it can still be mended; at its end it is seen whether it is done. */
const LOOKS_AT = [0.67, 1] as const;
/** Share of the covered time by which a pot that is still wet is left on †. */
const LONGER_SHARE = 0.2;

/**
 * Minutes that a pot is left on for longer where it is still wet at the end of its covered time; undefined where nobody
 * can look, or no minutes end it.
 * @example wetLongerMin(plan) // 3
 */
export function wetLongerMin(plan: CompletePlan): number | undefined {
  const stage = coveredStage(plan);
  if (!stage || stage.lid === 'pressure' || stage.end.kind !== 'minutes') return undefined;
  return Math.max(2, Math.round(stage.end.minutes * LONGER_SHARE));
}

/** When to lift the lid, and what for. A pot under pressure is not opened. */
export function looksFor(plan: CompletePlan, waterG: number, keepByMl: number): readonly Look[] {
  const stage = coveredStage(plan);
  const longerMin = wetLongerMin(plan);
  if (!stage || longerMin === undefined) return [];
  const minutes = plannedMin(stage);
  return LOOKS_AT.map((share) => {
    const afterMin = Math.max(1, Math.round(minutes * share));
    const stages = plan.stages.map((s) =>
      s.id === stage.id ? { ...s, end: { kind: 'minutes' as const, minutes: afterMin } } : s,
    );
    const seen = cookPot({ ...plan, stages }, waterG).stages.find((s) => s.stageId === stage.id)?.seen;
    return {
      stageId: stage.id,
      afterMin,
      expect: seen ?? 'absorbed',
      dryAddMl: Math.max(10, Math.round(keepByMl / 2 / 10) * 10),
      wetLongerMin: longerMin,
    };
  });
}
