import { textureOf } from '../../basics/grain/texture.js';
import { HALF_INCH_MM, liquidAtLevel, TWO_FINGERS_MM } from './levels.js';
import { RULES, type CompletePlan, type Rule } from '../../plan/input/planInput.js';
import { moistureFor, type Solution } from './solvePour.js';

/** What a rule of thumb would pour here and what would come of it. */
export interface RuleAnswer {
  readonly rule: Rule;
  /** ml of the liquid that is poured. */
  readonly ml: number;
  /** Cooked moisture it gives, wet basis %. */
  readonly moisture: number;
  /** Where that lies on the five-step scale; under 0.5 is hard, over 5.5 is mush. */
  readonly texture: number;
}

/** Parts of liquid to one of grain, by the same cup. */
const RATIO: Partial<Readonly<Record<Rule, number>>> = { oneToOne: 1, oneToOneHalf: 1.5, oneToTwo: 2 };
const LEVEL_MM: Partial<Readonly<Record<Rule, number>>> = {
  halfInch: HALF_INCH_MM,
  twoFingers: TWO_FINGERS_MM,
};

/** Water a rule pours, g: by the cup of grain, by the level over it in this pot, or none. */
export function ruleWaterG(plan: CompletePlan, rule: Rule, solution: Solution, broughtG: number): number {
  const waterPerMl = (plan.pourWith.water / 100) * plan.pourWith.densityGPerMl;
  if (rule === 'usual') return (plan.usualPourMl ?? 0) * waterPerMl;
  const ratio = RATIO[rule];
  if (ratio !== undefined) return (ratio * plan.grainG * waterPerMl) / plan.grain.densityGPerMl;
  const level = rule === 'firstJoint' ? plan.fingerMm : LEVEL_MM[rule];
  if (level === undefined) return 0;
  // A finger is laid on the grain with everything in: what the base brings stands there already.
  return Math.max(0, liquidAtLevel(plan, level, solution.bedW) - broughtG) * waterPerMl;
}

/** One rule in this pot. */
export function ruleAnswer(plan: CompletePlan, rule: Rule, solution: Solution, broughtG: number): RuleAnswer {
  const waterPerMl = (plan.pourWith.water / 100) * plan.pourWith.densityGPerMl;
  const waterG = ruleWaterG(plan, rule, solution, broughtG);
  const moisture = moistureFor(plan, waterG, solution);
  return { rule, ml: waterG / waterPerMl, moisture, texture: textureOf(plan, moisture) };
}

/** Every rule in this pot. */
export const otherRules = (plan: CompletePlan, solution: Solution, broughtG: number): readonly RuleAnswer[] =>
  RULES.filter((rule) => rule !== 'usual' || plan.usualPourMl !== undefined).map((rule) =>
    ruleAnswer(plan, rule, solution, broughtG),
  );
