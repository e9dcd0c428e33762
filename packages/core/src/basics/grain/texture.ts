import type { Grain } from '../larder/grains.js';
import { VERDICT } from '../calibration/verdict.generated.js';
import { points } from '../calibration/calibrated.js';
import type { Calibrated } from '../calibration/priors.js';
import { METHOD_SHIFT, type Method } from '../method/methods.js';
import type { Prepared } from './preparing.js';
import { soakedShare } from './soaking.js';

/** Five steps from firm to very soft; 2 is one grain apart. */
export const TEXTURES = [1, 2, 3, 4, 5] as const;
export type Texture = (typeof TEXTURES)[number];

/** White-grain cooked moisture by texture step, wet basis %, lower and upper edge †. */
export const TEXTURE_BANDS: Readonly<Record<Texture, readonly [number, number]>> = {
  1: [64, 67],
  2: [67, 70],
  3: [70, 72],
  4: [72, 75],
  5: [75, 78],
};

/** Families whose texture depends on how evenly the pot is steamed: METHOD_SHIFT says why bran does not. */
const SHIFTED_BY_METHOD: ReadonlySet<Grain['family']> = new Set<Grain['family']>(['white', 'parboiled']);

/** Which calibrated value a grain's scale goes by. */
const SCALE: Readonly<Partial<Record<Grain['scale'], Calibrated>>> = {
  ordinary: 'target.ordinary',
  short: 'target.short',
  aromaticLow: 'target.aromaticLow',
  parboiled: 'target.parboiled',
  whole: 'target.whole',
  small: 'target.small',
};

/** Which calibrated value a method goes by, where the table of practice has pots of it. */
const SEALED: Readonly<Partial<Record<Method, Calibrated>>> = {
  stewSteam: 'sealed.stew',
};

/** What is done counts, and not what the method is called: a pot that is boiled down open is one by any name. */
function methodShift({ method, stages }: Prepared): number {
  const isBoiledDown =
    stages === undefined ? method === 'boilDown' : stages.some((s) => s.act === 'boilDown');
  if (method !== 'absorbButter' && isBoiledDown) return METHOD_SHIFT.boilDown + points('target.boilDown');
  if (method === 'boilDown') return 0;
  const name = SEALED[method];
  return METHOD_SHIFT[method] + (name === undefined ? 0 : points(name));
}

/** Fat of canned coconut milk, g/100 g: what coconut products are reckoned by. */
const COCONUT_MILK_FAT = 21.3;
/** More to a gram of grain coats no more of it. */
const MOST_COCONUT = 1.2;

/** Points for the coconut it is cooked in, by its fat as canned coconut milk to a gram of grain. */
function coconutShift({ ingredients = [], grainG = 0 }: Prepared): number {
  let g = 0;
  for (const i of ingredients)
    if (i.ingredient.film === 'coconut') g += (i.g * i.ingredient.fat) / COCONUT_MILK_FAT;
  return grainG > 0 ? points('target.coconut') * Math.min(MOST_COCONUT, g / grainG) : 0;
}

/** Moisture from the middle of one step to the middle of the next, points: the mean of the five bands †. */
export const STEP_POINTS = 2.75;

/** Points this grain, prepared and cooked this way, stands above the white-grain scale. */
export function shiftOf(plan: Prepared): number {
  const method = SHIFTED_BY_METHOD.has(plan.grain.family) ? methodShift(plan) : 0;
  const scale = SCALE[plan.grain.scale];
  const perSoak =
    plan.grain.soakedShift + (plan.grain.scale === 'parboiled' ? points('target.parboiledSoaked') : 0);
  const soaked = perSoak * soakedShare(plan);
  // A boil-down pot and a soaked long grain are one finding met twice: the larger counts, not both.
  return (
    plan.grain.textureShift +
    plan.softerSteps * STEP_POINTS +
    plan.learntPoints +
    coconutShift(plan) +
    (scale === undefined ? 0 : points(scale)) +
    (method > 0 ? Math.max(method, soaked) : soaked + method)
  );
}

/**
 * Cooked moisture of a texture step for this grain, wet basis %: lower edge, middle, upper edge.
 * @example targetMoisture(plan, 3).low === targetMoisture(plan, 2).high // true
 */
export function targetMoisture(plan: Prepared, texture: Texture): { low: number; aim: number; high: number } {
  const [low, high] = TEXTURE_BANDS[texture];
  const shift = shiftOf(plan);
  return { low: low + shift, aim: (low + high) / 2 + shift, high: high + shift };
}

/**
 * Moistures between which a cook calls a texture right, wet basis %: its step with the width of a verdict to either side. A step
 * firmer or softer is nearly right, and not wrong.
 * @param tasted what this cook has called this very pot: hard or soft, that side is no wider than what was asked for
 * @example rightMoisture(plan, 2).low < targetMoisture(plan, 2).low // true
 */
export function rightMoisture(
  plan: Prepared,
  texture: Texture,
  tasted?: Tasted,
): { readonly low: number; readonly high: number } {
  const { low, high } = targetMoisture(plan, texture);
  return {
    low: low - (tasted === 'hard' ? 0.5 : 1) * VERDICT.widthPoints,
    high: tasted === 'soft' ? high : high + VERDICT.widthPoints,
  };
}

/** How a grain from the top tastes, firmest first. */
export const TASTED = ['hard', 'nearly', 'done', 'soft'] as const;
export type Tasted = (typeof TASTED)[number];

/** Where a moisture lies on the five-step scale, 0.5 (hard) to 5.5 and over: 2.0 is the middle of "one grain apart". */
export function textureOf(plan: Prepared, moisturePercent: number): number {
  const m = moisturePercent - shiftOf(plan);
  const edges = [64, 67, 70, 72, 75, 78];
  const first = edges[0] ?? 0;
  if (m <= first) return Math.max(0, 0.5 - (first - m) / 6);
  for (let i = 0; i < 5; i += 1) {
    const low = edges[i] ?? 0;
    const high = edges[i + 1] ?? 0;
    if (m <= high) return i + 0.5 + (m - low) / (high - low);
  }
  return 5.5 + (m - 78) / 6;
}
