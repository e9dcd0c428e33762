import type { Ingredient } from '../../basics/larder/composition.js';
import { drinksG, KEPT_BY_AT_MOST } from './drinks.js';
import { dryBasis, dryMatter } from '../../basics/grain/moisture.js';
import { shiftOf, targetMoisture, TEXTURE_BANDS } from '../../basics/grain/texture.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import type { Solution } from './solvePour.js';

/** An amount of a liquid poured. */
export interface Pour {
  readonly ingredientId: string;
  /** Mass and volume of the liquid; negative when the base alone brings too much. */
  readonly g: number;
  readonly ml: number;
  /** The water in it, which is what the account solves for. */
  readonly waterG: number;
}

/** keepBy is rounded up to this, ml: nobody heats 3 ml. */
const KEEP_BY_STEP_ML = 10;
/** A top-up smaller than this is not measured, it is nothing, g. */
export const LEAST_POUR_G = 10;

/** Whether to pour at all. */
export type Verdict = 'pour' | 'nothing' | 'tooMuch';

/** Pours at which the grain leaves the wanted texture, and the whole scale, ml. */
export interface Window {
  readonly hardMl: number;
  readonly lowMl: number;
  readonly highMl: number;
  readonly mushMl: number;
}

/** The base is too much when with nothing poured the grain still leaves the wanted texture on the wet side. */
export function verdictOf(waterG: number, window: Window): Verdict {
  if (window.highMl < 0) return 'tooMuch';
  return waterG < LEAST_POUR_G ? 'nothing' : 'pour';
}

/** The amount of a liquid that carries this much water. */
export function pourOf(liquid: Ingredient, waterG: number): Pour {
  const g = (waterG * 100) / liquid.water;
  return { ingredientId: liquid.id, g, ml: g / liquid.densityGPerMl, waterG };
}

/** All there is of the first liquid, and the rest of the other; one part when there is enough of the first. */
export function poursOf(plan: CompletePlan, waterG: number): readonly Pour[] {
  const { pourWith, pourMostG } = plan;
  const most = pourMostG === undefined ? Infinity : (pourMostG * pourWith.water) / 100;
  if (waterG <= most) return [pourOf(pourWith, waterG)];
  return [pourOf(pourWith, most), pourOf(plan.thenWith, waterG - most)];
}

export const saltOf = (plan: CompletePlan, pour: Pour): number =>
  (pour.ingredientId === plan.pourWith.id ? plan.pourWith : plan.thenWith).salt;

const liquidOf = (plan: CompletePlan, pour: Pour): Ingredient =>
  pour.ingredientId === plan.pourWith.id ? plan.pourWith : plan.thenWith;

/** Hot liquid to keep ready for a doubt given in grams of water: never more than half of what the grain drinks. */
export function keepBy(
  pour: Pour,
  plan: CompletePlan,
  sigmaG: number,
): { readonly g: number; readonly ml: number } {
  const liquid = liquidOf(plan, pour);
  const steps = (waterG: number): number =>
    (waterG * 100) / liquid.water / liquid.densityGPerMl / KEEP_BY_STEP_ML;
  const most = Math.floor(steps(KEPT_BY_AT_MOST * drinksG(plan)));
  const ml = KEEP_BY_STEP_ML * Math.max(1, Math.min(most, Math.ceil(steps(sigmaG))));
  return { ml, g: ml * liquid.densityGPerMl };
}

/**
 * Steam hardly moves over the texture scale (a longer way to the boil), so the solved pot's own is kept. Where a
 * first liquid is fixed the window is of the one that is open.
 */
export function windowOf(plan: CompletePlan, free: Solution, pours: readonly Pour[]): Window {
  const shift = shiftOf(plan);
  const dry = dryMatter(plan.grain, plan.grainG);
  const liquid = pours.length > 1 ? plan.thenWith : plan.pourWith;
  const fixedG = pours.length > 1 ? (pours[0]?.waterG ?? 0) : 0;
  const at = (moisture: number): number =>
    pourOf(liquid, free.pourWaterG - fixedG + dry * (dryBasis(moisture) - dryBasis(free.moisture))).ml;
  const { low, high } = targetMoisture(plan, plan.texture);
  return {
    hardMl: at(TEXTURE_BANDS[1][0] + shift),
    lowMl: at(low),
    highMl: at(high),
    mushMl: at(TEXTURE_BANDS[5][0] + shift),
  };
}
