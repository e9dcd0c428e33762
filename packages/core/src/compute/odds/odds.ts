import type { CompletePlan } from '../../plan/input/planInput.js';
import { pouredWaterG } from '../course/courseFor.js';
import { plannedMin } from '../../basics/method/stage.js';
import { deepFreeze } from '../../basics/result.js';
import { chancesAt, countOf, worth, type Chances, type Samples } from './chances.js';
import { chancesInspected, mendingOf, type InspectedChances } from './inspection.js';
import { keepByG, looksFor, type Look } from './looks.js';
import { measuresFor, type WorthMeasuring } from './measure.js';
import { frameOf, sampleRows } from './sample.js';

/** Chances for one choice. */
export interface OddsPoint {
  /** Water poured, g, and liquid, ml of what the plan pours. */
  readonly waterG: number;
  readonly ml: number;
  readonly chances: Chances;
  /** Hot liquid to keep by for this pour, ml. */
  readonly keepByMl: number;
  /** The same when the pot is tasted once, at the end of its covered time, and mended as it is found; none where it is never closed. */
  readonly looked?: InspectedChances;
}

/** How sure it is, and what to pour because of it. */
export interface Odds {
  /** Kitchens that were simulated. */
  readonly draws: number;
  readonly seed: number;
  /** For the account's own pour. */
  readonly planned: OddsPoint;
  /** From little to much, for sliding along. */
  readonly curve: readonly OddsPoint[];
  /** For the covered minutes, at the account's pour; empty when no stage has minutes. */
  readonly minutes: readonly { readonly min: number; readonly chances: Chances }[];
  /** What to pour, what to keep hot by, and what that comes to. */
  readonly best: OddsPoint & {
    /** Covered minutes that do better than the plan's, where any do. */
    readonly coveredMin?: number;
  };
  readonly looks: readonly Look[];
  /** Measurements and what they would gain, the best first. */
  readonly measures: readonly WorthMeasuring[];
}

/** Choices tried along the pour, and along the minutes. */
const POUR_STEPS = 40;
/** Choices tried along the minutes. */
const MINUTE_STEPS = 8;
/** Other minutes are only offered when they gain at least this share of all pots. */
const WORTH_CHANGING = 0.03;

/**
 * Odds of a plan from hidden kitchens drawn with a seed: the same seed gives the same answer wherever it runs.
 * @param draws how many kitchens; 200 at once, 2,000 when there is time
 * @example oddsOf(plan, { draws: 20 }).draws // 20
 */
export function oddsOf(plan: CompletePlan, { draws = 200, seed = 1 } = {}): Odds {
  const frame = frameOf(plan);
  return oddsFrom({ frame, rows: sampleRows(frame, seed, 0, draws) }, seed);
}

/**
 * Odds from samples that are there already.
 * @example oddsFrom({ frame, rows: sampleRows(frame, 1, 0, 20) }, 1).draws // 20
 */
export function oddsFrom(samples: Samples, seed: number): Odds {
  const { frame } = samples;
  const { plan } = frame;
  const perMl = (plan.pourWith.water / 100) * plan.pourWith.densityGPerMl;
  const stage = plan.stages.find((s) => s.id === frame.stageId);
  const point = (byG: number): OddsPoint => {
    const waterG = Math.max(0, frame.waterG + byG);
    const keptG = keepByG(samples, byG);
    const chances = chancesAt(samples, { byG });
    const blind = { waterG, ml: waterG / perMl, chances, keepByMl: keptG / perMl };
    const mending = mendingOf(plan, keptG);
    return mending ? { ...blind, looked: chancesInspected(samples, byG, mending) } : blind;
  };
  const curve = steps(POUR_STEPS, frame.spanG).map(point);
  const minutes = stage
    ? steps(MINUTE_STEPS, frame.spanMin).map((byMin) => ({
        min: Math.max(1, plannedMin(stage) + byMin),
        chances: chancesAt(samples, { byMin }),
      }))
    : [];
  // What to pour is chosen for a cook who looks: dry grain can be mended then, soft grain cannot.
  // The account's own pour stands where no other is really better: of pours that are about as good the nearest to it is taken.
  const most = Math.max(...curve.map(valued));
  const off = (p: OddsPoint): number => Math.abs(p.waterG - frame.waterG);
  const best = curve.filter((p) => valued(p) >= most - EVEN).reduce((a, b) => (off(b) < off(a) ? b : a));
  const byG = best.waterG - frame.waterG;
  // A cook looks into the pot as it was poured, not as it might have been.
  const pouredG = pouredWaterG(plan);
  return deepFreeze({
    draws: countOf(samples),
    seed,
    planned: point(0),
    curve,
    minutes,
    best: { ...best, ...betterMinutes(samples, byG) },
    looks: looksFor(plan, pouredG, point(pouredG - frame.waterG).keepByMl),
    measures: measuresFor(samples, byG),
  });
}

/** What it costs to have to mend a pot: time, and a lid lifted †. Who forgets to look is not left with a pot far too dry. */
const MENDING_COSTS = 0.2;
/** Choices no further apart are even, share of pots: draws say no more †. */
const EVEN = 0.01;
const valued = ({ chances, looked }: OddsPoint): number =>
  looked === undefined ? worth(chances) : worth(looked) - MENDING_COSTS * looked.mended;

/** Evenly from −span to +span. */
const steps = (count: number, span: number): readonly number[] =>
  Array.from({ length: count + 1 }, (_, i) => (span * (2 * i - count)) / count);

function betterMinutes(samples: Samples, byG: number): { coveredMin?: number } {
  const { frame } = samples;
  const stage = frame.plan.stages.find((s) => s.id === frame.stageId);
  if (!stage) return {};
  const here = worth(chancesAt(samples, { byG, byMin: 0 }));
  let best = { byMin: 0, worth: here };
  for (const byMin of steps(MINUTE_STEPS, frame.spanMin)) {
    const found = worth(chancesAt(samples, { byG, byMin }));
    if (found > best.worth) best = { byMin, worth: found };
  }
  if (best.worth - here < WORTH_CHANGING) return {};
  return { coveredMin: Math.max(1, Math.round(plannedMin(stage) + best.byMin)) };
}
