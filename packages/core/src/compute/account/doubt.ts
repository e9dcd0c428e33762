import { KITCHEN_SPREAD } from '../../basics/calibration/values.generated.js';
import { lidLoss } from '../../basics/heat/equipment.js';
import { holdsBoil, surplusW, type Surroundings } from '../../basics/heat/steam.js';
import type { Stage } from '../../basics/method/stage.js';
import { baseAccount } from '../../plan/input/base.js';
import { dryBasis, dryMatter } from '../../basics/grain/moisture.js';
import { startW } from '../../basics/grain/preparing.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import type { Solution } from './solvePour.js';
import type { Term } from './term.js';
import { surroundings } from '../../plan/input/surroundings.js';

/** What is not known exactly, and how many grams of the pour hang on it (one standard deviation). */
export interface DoubtPart {
  readonly code:
    | 'grainMass'
    | 'grainMoisture'
    | 'bag'
    | 'kitchen'
    | 'hobPower'
    | 'lidLeak'
    | 'broughtIn'
    | 'amounts'
    | 'timing';
  readonly g: number;
}

/** How far the pour may be off, as one standard deviation, and what that comes from. */
export interface Doubt {
  /** All parts together, as independent: root of the sum of squares, g. */
  readonly g: number;
  /** Largest first. */
  readonly parts: readonly DoubtPart[];
}

/** One standard deviation of each input †; narrower where this household has measured. */
export const SPREAD = {
  grainByCup: 0.04,
  grainWeighed: 0.01,
  moisturePoints: 1,
  bagShare: 0.05,
  /** What a kitchen that was not met carries from pot to pot, share of what is drunk: how far left-out pots are off. */
  kitchen: KITCHEN_SPREAD,
  hobPower: 0.15,
  hobMeasured: 0.05,
  lidLeak: 0.4,
  lidLoss: 0.2,
  lidMeasured: 0.1,
  broughtIn: 0.3,
  baseWeighed: 0.05,
  timingMin: 1,
} as const;

/** First-order doubt of the pour from the doubts of its inputs. */
export function doubtOf(plan: CompletePlan, solution: Solution, targetMoisture: number): Doubt {
  const at = surroundings(plan);
  const dry = dryMatter(plan.grain, plan.grainG);
  const targetW = dryBasis(targetMoisture);
  const absorbed = dry * (targetW - startW(plan));
  let powerG = 0;
  let leakG = 0;
  let lidG = 0;
  let fastest = 0;
  for (const steam of solution.steam) {
    const stage = plan.stages.find((s) => s.id === steam.stageId);
    if (!stage || steam.ratePerMin <= 0) continue;
    const spread = plan.hob.measured?.includes(stage.heat) ? SPREAD.hobMeasured : SPREAD.hobPower;
    const watts = plan.hob.powerW[stage.heat];
    const boiled = Math.min(steam.minutes, steam.g / steam.ratePerMin);
    if (surplusW(at, stage) > 0) powerG += (watts * spread * 60 * boiled) / at.boil.latentKJPerKg;
    // At the boil the closure decides nothing but the heat that goes through it.
    if (holdsBoil(at, stage)) lidG += (lidShareW(at, stage) * 60 * boiled) / at.boil.latentKJPerKg;
    else leakG += steam.g;
    fastest = Math.max(fastest, steam.ratePerMin);
  }
  const base = solution.terms.filter((t) => t.kind === 'broughtIn' && Number(t.inputs['shareSetFree']) < 1);
  const baseSpread = baseAccount(plan).by === 'weighed' ? SPREAD.baseWeighed : SPREAD.broughtIn;
  const lidSpread = plan.vessel.lidLossWPerM2K === undefined ? SPREAD.lidLoss : SPREAD.lidMeasured;
  const parts: DoubtPart[] = [
    { code: 'grainMass', g: absorbed * (plan.grainWeighed ? SPREAD.grainWeighed : SPREAD.grainByCup) },
    { code: 'grainMoisture', g: (plan.grainG * SPREAD.moisturePoints * (targetW + 1)) / 100 },
    { code: 'bag', g: absorbed * SPREAD.bagShare * plan.learntSpread },
    { code: 'kitchen', g: absorbed * SPREAD.kitchen * plan.learntSpread },
    { code: 'hobPower', g: powerG },
    { code: 'lidLeak', g: Math.hypot(leakG * SPREAD.lidLeak, lidG * lidSpread) },
    { code: 'broughtIn', g: base.reduce((sum, t) => sum + t.g, 0) * baseSpread },
    { code: 'amounts', g: amountsG(solution.terms) },
    { code: 'timing', g: fastest * SPREAD.timingMin },
  ];
  const sorted = parts.filter((p) => p.g >= 0.05).sort((a, b) => b.g - a.g);
  return { g: Math.hypot(...sorted.map((p) => p.g)), parts: sorted };
}

/** What handfuls, ranges and their kin leave open of what is brought in, g, as independent of each other. */
export const amountsG = (terms: readonly Term[]): number =>
  Math.hypot(
    ...terms.filter((t) => t.kind === 'broughtIn').map((t) => t.g * Number(t.inputs['amountSpread'] ?? 0)),
  );

/** Heat that goes through the lid alone at the boil, W. */
const lidShareW = ({ vessel, boil, roomC }: Surroundings, stage: Stage): number =>
  stage.lid === 'off' || stage.insulated ? 0 : lidLoss(vessel, boil.tempC, roomC);
