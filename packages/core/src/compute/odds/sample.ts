import { wetBasis } from '../../basics/grain/moisture.js';
import { targetMoisture } from '../../basics/grain/texture.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import { solvePour } from '../account/solvePour.js';
import { doubtOf } from '../account/doubt.js';
import { cooksClosed, plannedMin, type Stage } from '../../basics/method/stage.js';
import { cookPot, type Cooked } from '../pot/cook.js';
import { setupOf } from '../pot/setup.js';
import { BEDS, BROWN, DONE0, FREE, get, TOP, W0 } from '../pot/state.js';
import { DOUBTS, risksOf, truthOf, type Means, type Spreads } from './doubts.js';
import { drawZ } from './draw.js';

/** What is kept of one simulated pot: what its grain feels like, and what is wrong with it. */
export const POINT = { feels: 0, done: 1, brown: 2, topG: 3, left: 4 } as const;
export const POINT_SIZE = 5;
/** Pots simulated in each kitchen: less, as planned and more poured; then shorter and longer covered. */
const POTS = ['less', 'planned', 'more', 'shorter', 'longer'] as const;
/** One row of samples: the doubts drawn, then the pots. */
export const ROW = DOUBTS.length + POTS.length * POINT_SIZE;

/** Where the samples of a plan are taken. */
export interface Frame {
  readonly plan: CompletePlan;
  readonly spreads: Spreads;
  /** Where a household's belief has its middle; nothing until it has learnt. */
  readonly means?: Means;
  /** Water of the account's own pour, g, and how far either side is simulated. */
  readonly waterG: number;
  readonly spanG: number;
  /** The stage whose minutes can be varied, and by how much; undefined when no stage has any. */
  readonly stageId: string | undefined;
  readonly spanMin: number;
}

/** Steps of the pots behind odds, min: halving moves their moisture by less than a hundredth of a per cent. */
export const STEP_MIN = 0.6;
/** How far from the account's pour is simulated: its doubt, a least, and a share of the pour. */
const SPAN = { sigmas: 1.8, leastG: 30, ofPour: 0.45 } as const;
/** How far from the planned minutes is simulated: a share, and a least, min. */
const SPAN_OF_MINUTES = { share: 0.4, leastMin: 4 } as const;

/** Draws in which the minutes are varied too: every other one of the first eight hundred is enough for a share. */
export const isTimed = (index: number): boolean => index < 800 && index % 2 === 0;

/**
 * The stage under the lid whose minutes a cook decides.
 * @example coveredStage(plan)?.id // 'simmer'
 */
export function coveredStage(plan: CompletePlan): Stage | undefined {
  const timed = plan.stages.filter((s) => s.end.kind === 'minutes' && s.heat !== 'off' && cooksClosed(s.act));
  return timed.at(-1);
}

/**
 * Where to sample a plan: around its account's pour, as wide as its doubt.
 * @example frameOf(plan).stageId // 'simmer'
 */
export function frameOf(plan: CompletePlan): Frame {
  const solution = solvePour(plan);
  const sigma = doubtOf(plan, solution, targetMoisture(plan, plan.texture).aim).g;
  const waterG = Math.max(0, solution.pourWaterG);
  const stage = coveredStage(plan);
  const spanG = Math.max(SPAN.leastG, Math.min(SPAN.sigmas * sigma, SPAN.ofPour * Math.max(waterG, 100)));
  return {
    plan,
    spreads: risksOf(plan),
    waterG,
    spanG: Math.min(spanG, Math.max(SPAN.leastG, waterG)),
    stageId: stage?.id,
    spanMin: stage
      ? Math.max(SPAN_OF_MINUTES.leastMin, Math.round(SPAN_OF_MINUTES.share * plannedMin(stage)))
      : 0,
  };
}

/**
 * Simulates kitchens `from` to `from + count`: each draws its hidden values and cooks five pots with them.
 * @returns count rows of ROW numbers
 * @example sampleRows(frame, 1, 0, 2).length / ROW // 2
 */
export function sampleRows(frame: Frame, seed: number, from: number, count: number): Float64Array {
  const rows = new Float64Array(count * ROW);
  const shorter = lasting(frame, -frame.spanMin);
  const longer = lasting(frame, frame.spanMin);
  for (let i = 0; i < count; i += 1) {
    const row = rows.subarray(i * ROW, (i + 1) * ROW);
    const z = drawZ(seed, from + i);
    row.set(z);
    const truth = truthOf(z, frame.spreads, frame.means);
    const setup = setupOf(frame.plan, truth);
    const pots = row.subarray(DOUBTS.length);
    keep(pots, 0, frame.plan, setup, frame.waterG - frame.spanG);
    keep(pots, 1, frame.plan, setup, frame.waterG);
    keep(pots, 2, frame.plan, setup, frame.waterG + frame.spanG);
    if (!isTimed(from + i)) continue;
    keep(pots, 3, shorter, shorter === frame.plan ? setup : { ...setup, plan: shorter }, frame.waterG);
    keep(pots, 4, longer, longer === frame.plan ? setup : { ...setup, plan: longer }, frame.waterG);
  }
  return rows;
}

const lasting = ({ plan, stageId }: Frame, by: number): CompletePlan =>
  stageId === undefined
    ? plan
    : {
        ...plan,
        stages: plan.stages.map((s) =>
          s.id === stageId ? { ...s, end: { kind: 'minutes', minutes: Math.max(1, plannedMin(s) + by) } } : s,
        ),
      };

function keep(
  pots: Float64Array,
  which: number,
  plan: CompletePlan,
  setup: ReturnType<typeof setupOf>,
  waterG: number,
): void {
  const point = pointOf(cookPot(plan, waterG, { setup, stepMin: STEP_MIN }));
  for (const [name, place] of FIELDS) pots[which * POINT_SIZE + place] = point[name];
}

const FIELDS = Object.entries(POINT) as [keyof typeof POINT, number][];

/** What is kept of a pot that was cooked. */
export function pointOf({ setup, rested, served }: Cooked): Record<keyof typeof POINT, number> {
  const meanW = (get(served, W0) + get(served, W0 + 1) + get(served, W0 + 2)) / BEDS;
  return {
    feels: wetBasis(meanW / setup.truth.bag),
    done: Math.min(get(rested, DONE0), get(rested, DONE0 + 1), get(rested, DONE0 + 2)),
    brown: Math.log(get(served, BROWN) + 1e-3),
    topG: get(rested, TOP) / setup.areaM2,
    left: leftOf({ rested, setup }),
  };
}

/** Free liquid of a pot that has rested, beyond what its sauce holds, g per g of dry grain. */
export const leftOf = ({ rested, setup }: Pick<Cooked, 'rested' | 'setup'>): number =>
  Math.max(0, get(rested, FREE) - setup.heldG) / setup.dryG;
