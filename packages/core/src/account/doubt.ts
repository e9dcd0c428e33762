import { leakRate } from '../heat/steam.js';
import { heatLoss, netPower } from '../heat/equipment.js';
import { plannedMin } from '../method/stage.js';
import { dryBasis, dryMatter, startW } from './grainWater.js';
import type { CompletePlan } from './planInput.js';
import { surroundings } from './stageSteam.js';
import type { Solution } from './solvePour.js';

/** What is not known exactly, and how many grams of the pour hang on it (one standard deviation). */
export interface DoubtPart {
  readonly code: 'grainMass' | 'grainMoisture' | 'bag' | 'hobPower' | 'lidLeak' | 'broughtIn' | 'timing';
  readonly g: number;
}

export interface Doubt {
  /** All parts together, as independent: root of the sum of squares, g. */
  readonly g: number;
  /** Largest first. */
  readonly parts: readonly DoubtPart[];
}

/** One standard deviation of each input †. */
export const SPREAD = {
  grainByCup: 0.04,
  grainWeighed: 0.01,
  moisturePoints: 1,
  bagShare: 0.05,
  hobPower: 0.15,
  lidLeak: 0.4,
  broughtIn: 0.3,
  timingMin: 1,
} as const;

/** First-order doubt of the pour from the doubts of its inputs. */
export function doubtOf(plan: CompletePlan, solution: Solution, targetMoisture: number): Doubt {
  const at = surroundings(plan);
  const boiling = plan.stages.filter((s) => s.act === 'openBoil' || s.act === 'simmer');
  const dry = dryMatter(plan.grain, plan.grainG);
  const targetW = dryBasis(targetMoisture);
  const absorbed = dry * (targetW - startW(plan));
  const powerG = boiling.reduce((sum, s) => {
    const watts = netPower(plan.hob, s.heat, plan.vessel);
    const pushes = watts > heatLoss(plan.vessel, s.lid, at.boil.tempC, plan.roomC);
    return sum + (pushes ? (watts * SPREAD.hobPower * 60 * plannedMin(s)) / at.boil.latentKJPerKg : 0);
  }, 0);
  const leakG = boiling
    .filter((s) => s.lid !== 'off')
    .reduce((sum, s) => sum + leakRate(plan.vessel, s.lid) * plannedMin(s), 0);
  const base = solution.terms.filter((t) => t.kind === 'broughtIn' && Number(t.inputs['shareSetFree']) < 1);
  const fastest = Math.max(0, ...solution.steam.map((s) => s.ratePerMin));
  const parts: DoubtPart[] = [
    { code: 'grainMass', g: absorbed * (plan.grainWeighed ? SPREAD.grainWeighed : SPREAD.grainByCup) },
    { code: 'grainMoisture', g: (plan.grainG * SPREAD.moisturePoints * (targetW + 1)) / 100 },
    { code: 'bag', g: absorbed * SPREAD.bagShare },
    { code: 'hobPower', g: powerG },
    { code: 'lidLeak', g: leakG * SPREAD.lidLeak },
    { code: 'broughtIn', g: base.reduce((sum, t) => sum + t.g, 0) * SPREAD.broughtIn },
    { code: 'timing', g: fastest * SPREAD.timingMin },
  ];
  const sorted = parts.filter((p) => p.g >= 0.05).sort((a, b) => b.g - a.g);
  return { g: Math.hypot(...sorted.map((p) => p.g)), parts: sorted };
}
