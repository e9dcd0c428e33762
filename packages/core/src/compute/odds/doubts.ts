import { VERDICT } from '../../basics/calibration/verdict.generated.js';
import { amountsG, SPREAD } from '../account/doubt.js';
import { ingredientTerms } from '../account/ingredientTerms.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import type { TrueValues } from '../pot/setup.js';

/** What a kitchen hides from its cook, in the order they are drawn. */
export const DOUBTS = [
  'grainMass',
  'grainMoisture',
  'bag',
  'speed',
  'hobPower',
  'lidLeak',
  'broughtIn',
  'timing',
  'kitchen',
] as const;
export type DoubtCode = (typeof DOUBTS)[number];

/** One standard deviation of each: shares, but points for the moisture and minutes for the timing. */
export type Spreads = Readonly<Record<DoubtCode, number>>;

/** How fast a bag drinks and cooks against its variety †. */
const SPEED_SHARE = 0.1;

/**
 * How much is hidden of this plan; less where this household has measured.
 * @example spreadsOf(plan).grainMass // 0.01
 */
export function spreadsOf(plan: CompletePlan): Spreads {
  const measured = (plan.hob.measured?.length ?? 0) > 0;
  return {
    grainMass: plan.grainWeighed ? SPREAD.grainWeighed : SPREAD.grainByCup,
    grainMoisture: SPREAD.moisturePoints,
    bag: SPREAD.bagShare * plan.learntSpread,
    speed: SPEED_SHARE,
    hobPower: measured ? SPREAD.hobMeasured : SPREAD.hobPower,
    lidLeak: plan.vessel.lidLossWPerM2K === undefined ? SPREAD.lidLeak : SPREAD.lidMeasured,
    broughtIn: Math.hypot(
      plan.base.weighsG === undefined ? SPREAD.broughtIn : SPREAD.baseWeighed,
      looseShare(plan),
    ),
    timing: SPREAD.timingMin,
    kitchen: SPREAD.kitchen * plan.learntSpread,
  };
}

/** What handfuls and ranges leave open, as a share of all that is brought in. */
function looseShare(plan: CompletePlan): number {
  const terms = ingredientTerms(plan);
  const brought = terms.reduce((sum, t) => sum + (t.kind === 'broughtIn' ? t.g : 0), 0);
  return brought > 0 ? amountsG(terms) / brought : 0;
}

/**
 * What can go wrong in one kitchen: the doubt without what cooks like differently. A range of practice is taste and kitchens both;
 * taste moves the wanted point, and is learnt.
 * @example risksOf(plan).kitchen < spreadsOf(plan).kitchen // true
 */
export const risksOf = (plan: CompletePlan): Spreads => {
  const spreads = spreadsOf(plan);
  return { ...spreads, kitchen: spreads.kitchen * VERDICT.riskShare };
};

/** No share is believed to be further off than this. */
const LEAST_SHARE = 0.2;
const share = (z: number, sigma: number): number => Math.max(LEAST_SHARE, 1 + z * sigma);

/** Where the middle of each is believed to be, in its own spreads from what the plan says; 0 where nothing is known. */
export type Means = Partial<Readonly<Record<DoubtCode, number>>>;

/**
 * The kitchen that nine standard normal numbers make.
 * @param z one number for each of DOUBTS
 * @param means where a belief has its middle; the plan's own figures without
 * @example truthOf([0, 0, 0, 0, 0, 0, 0, 2], spreadsOf(plan)).timingMin // 2
 */
export const truthOf = (z: ArrayLike<number>, spreads: Spreads, means: Means = {}): TrueValues => {
  const at = (i: number): number => (z[i] ?? 0) + (means[DOUBTS[i] ?? 'grainMass'] ?? 0);
  return {
    grain: share(at(0), spreads.grainMass),
    moisturePoints: at(1) * spreads.grainMoisture,
    // What a bag drinks and what a kitchen that was not met wants move the same thing, and are learnt apart.
    bag: share(at(2), spreads.bag) * share(at(8), spreads.kitchen),
    speed: share(at(3), spreads.speed),
    power: share(at(4), spreads.hobPower),
    lid: (1 + spreads.lidLeak) ** at(5),
    brought: share(at(6), spreads.broughtIn),
    timingMin: at(7) * spreads.timing,
  };
};
