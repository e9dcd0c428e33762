import { baseAccount, baseRate } from '../../plan/input/base.js';
import { dryMatter } from '../../basics/grain/moisture.js';
import type { CompletePlan, PlannedIngredient } from '../../plan/input/planInput.js';
import { solvePour } from './solvePour.js';

/** Three ways out of a base that brings more water than the grain can take; each alone is enough. */
export interface WaysOut {
  /** Water too much, g. */
  readonly overG: number;
  /** Base to ladle out, or where none is cooked what to leave out of what brings water, g; and the salt in it. */
  readonly takeOutG: number;
  readonly takeOutOf: 'base' | 'raw';
  readonly takeOutSaltG: number;
  /** Minutes to cook it down open on the base's heat, and that heat. */
  readonly cookDownMin: number;
  readonly heat: string;
  /** Grain to add, g. */
  readonly addGrainG: number;
}

/** Steps of the secant for the base to ladle out; two are usual, for the pour is linear in it. */
const MOST_STEPS = 6;
/** The ladled base is found to this, g: no ladle is finer. */
const CLOSE_ENOUGH_G = 0.5;

/** Solves each way out for a pour of nothing. */
export function waysOut(plan: CompletePlan, pourWaterG: number): WaysOut {
  const base = baseAccount(plan);
  const heat = plan.stages.find((s) => s.act === 'base')?.heat ?? 'medium';
  const ladled = ladleFor(plan, pourWaterG);
  const raw = ladled === undefined ? leftOut(plan, pourWaterG) : { g: 0, saltG: 0 };
  return {
    overG: -pourWaterG,
    takeOutG: ladled ?? raw.g,
    takeOutOf: ladled === undefined ? 'raw' : 'base',
    takeOutSaltG: ladled === undefined ? raw.saltG : (baseSalt(plan) * ladled) / base.massG,
    cookDownMin: -pourWaterG / baseRate(plan),
    heat,
    addGrainG: grainFor(plan, pourWaterG),
  };
}

/** Salt of the whole base, g. */
const baseSalt = (plan: CompletePlan): number => {
  const { massG } = baseAccount(plan);
  return baseAccount({ ...plan, base: { ...plan.base, ladleOutG: massG } }).ladledSaltG;
};

/** Base to ladle out so that nothing is poured: the pour is linear in it, so a secant lands at once. */
function ladleFor(plan: CompletePlan, pourWaterG: number): number | undefined {
  const { massG, ladledShare } = baseAccount(plan);
  const already = ladledShare * massG;
  const trial = already + 0.1 * massG;
  if (massG <= 0 || trial > massG) return undefined;
  const at = (g: number): number => solvePour({ ...plan, base: { ...plan.base, ladleOutG: g } }).pourWaterG;
  const slope = (at(trial) - pourWaterG) / (trial - already);
  if (slope <= 0) return undefined;
  const out = already - pourWaterG / slope;
  return out < massG ? out - already : undefined;
}

/** What to leave out of everything that brings water, each by the same share, so that nothing is poured. */
function leftOut(plan: CompletePlan, pourWaterG: number): { g: number; saltG: number } {
  const wet = (i: PlannedIngredient): boolean => i.release.available > 0;
  const kept = (share: number): CompletePlan => ({
    ...plan,
    ingredients: plan.ingredients.map((i) => (wet(i) ? { ...i, g: i.g * share } : i)),
  });
  const trial = solvePour(kept(0.9)).pourWaterG;
  const share = Math.min(1, (0.1 * -pourWaterG) / Math.max(1e-9, trial - pourWaterG));
  const bringers = plan.ingredients.filter(wet);
  return {
    g: share * bringers.reduce((sum, i) => sum + i.g, 0),
    saltG: (share * bringers.reduce((sum, i) => sum + i.g * i.ingredient.salt, 0)) / 100,
  };
}

/** Grain to add so that nothing is poured. */
function grainFor(plan: CompletePlan, pourWaterG: number): number {
  const perG = (dryMatter(plan.grain, plan.grainG) * 2) / plan.grainG;
  let grainG = plan.grainG - pourWaterG / perG;
  let [x, fx] = [plan.grainG, pourWaterG];
  for (let i = 0; i < MOST_STEPS; i += 1) {
    const f = solvePour({ ...plan, grainG }).pourWaterG;
    if (Math.abs(f) < CLOSE_ENOUGH_G || f === fx) break;
    const next: number = grainG - (f * (grainG - x)) / (f - fx);
    [x, fx] = [grainG, f];
    grainG = Math.max(plan.grainG, next);
  }
  return grainG - plan.grainG;
}
