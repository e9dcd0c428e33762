import { heightMm, openingM2 } from '../heat/equipment.js';
import type { CompletePlan } from './planInput.js';

/** How high things stand in this pot, mm from its floor, for drawing it and for checking that it fits. */
export interface Levels {
  readonly potMm: number;
  /** The settled raw grain with what lies among it. */
  readonly grainMm: number;
  /** The surface of the liquid when it is poured. */
  readonly liquidMm: number;
  /** The cooked bed. */
  readonly cookedMm: number;
  /** Share of the pot that is full before anything swells. */
  readonly fullShare: number;
  /** Volume the pot has to hold at its fullest, ml. */
  readonly needsMl: number;
}

/** Share of a settled bed of grain that is gaps †. */
const PORES = 0.4;

/** Cooked grain as it lies in the pot, g/ml (158 g to a US cup of loose cooked long-grain, settled) †. */
const COOKED_G_PER_ML = 0.75;

/** Levels in a straight-sided pot of this width. */
export function levels(plan: CompletePlan, liquidMl: number, grainCookedG: number): Levels {
  const perMm = openingM2(plan.vessel) * 1000; // ml in one millimetre of this pot
  const grainMl = plan.grainG / plan.grain.densityGPerMl;
  // What is not free liquid lies among the grain and takes up room at about the density of water.
  const otherMl = plan.ingredients.reduce(
    (sum, { ingredient, g, release }) => sum + g * (1 - (ingredient.water / 100) * release.available),
    0,
  );
  const startMl = Math.max(grainMl, grainMl * (1 - PORES) + liquidMl) + otherMl;
  const cookedMl = grainCookedG / COOKED_G_PER_ML + otherMl;
  return {
    potMm: heightMm(plan.vessel),
    grainMm: (grainMl + otherMl) / perMm,
    liquidMm: startMl / perMm,
    cookedMm: cookedMl / perMm,
    fullShare: startMl / plan.vessel.volumeMl,
    needsMl: Math.max(startMl, cookedMl),
  };
}
