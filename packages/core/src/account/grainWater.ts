import { KELVIN } from '../heat/constants.js';
import type { Grain } from '../larder/grains.js';
import { METHOD_SHIFT, type Toast } from '../method/methods.js';
import type { CompletePlan, Texture } from './planInput.js';

/** White-grain cooked moisture by texture step, wet basis %, lower and upper edge †. */
export const TEXTURE_BANDS: Readonly<Record<Texture, readonly [number, number]>> = {
  1: [64, 67],
  2: [67, 70],
  3: [70, 72],
  4: [72, 75],
  5: [75, 78],
};

/** Added to W by rinsing alone †. */
const RINSED_W = 0.03;

/** Water clinging to grain as it leaves the bowl, g per g as sold: rinsed, and soaked as long as is usual †. */
export const CLINGING = { rinsed: 0.07, soaked: 0.1 } as const;
/** What a long stay in a sieve leaves, and how fast it gets there, min (0.03 after twenty) †. */
const SIEVE = { leaves: 0.028, timeMin: 6 } as const;

/** Share of the clinging water that is still there after toasting; the fat boils it off first †. */
const TOAST_KEEPS: Readonly<Record<Toast, number>> = {
  none: 1,
  coated: 0.7,
  glossy: 0.4,
  opaque: 0.1,
  golden: 0,
  deep: 0,
};
/** Moisture a golden grain has lost from inside, W †. */
const TOAST_DRIES_W: Readonly<Record<Toast, number>> = {
  none: 0,
  coated: 0,
  glossy: 0,
  opaque: 0.01,
  golden: 0.03,
  deep: 0.05,
};

/** Cold soaks speed up by this much per degree (about ×1.8 per 20 K †). */
const SOAK_PER_K = 0.03;
const SOAK_REFERENCE_C = 22;

/** Dry basis from wet basis: g water per g dry matter. */
export const dryBasis = (moisturePercent: number): number => moisturePercent / (100 - moisturePercent);

/** Wet basis % from dry basis. */
export const wetBasis = (w: number): number => (100 * w) / (1 + w);

/** Dry matter of the grain, g. */
export const dryMatter = (grain: Grain, grainG: number): number => (grainG * (100 - grain.water)) / 100;

/** Rate at which grain drinks before its starch swells, per min of what it lacks. */
export const soakRate = (grain: Grain, waterC: number): number =>
  grain.soakRatePerMin * Math.exp(SOAK_PER_K * (waterC - SOAK_REFERENCE_C));

/** How far a soak has come towards saturation, 0–1. */
export const soakProgress = (grain: Grain, soakMin: number, waterC: number): number =>
  1 - Math.exp(-soakRate(grain, waterC) * soakMin);

type Washing = Pick<CompletePlan, 'grain' | 'soakMin' | 'soakWaterC' | 'wash'>;
export type Prepared = Washing & Pick<CompletePlan, 'soakWater' | 'drain' | 'sieveMin' | 'toast' | 'method'>;

const asSoldW = (grain: Grain): number => grain.water / (100 - grain.water);

/** W of the grain after the bowl: as sold, rinsed, or on its way to saturation. */
function soakedW(plan: Washing): number {
  const asSold = asSoldW(plan.grain);
  const rinsed = plan.wash === 'unwashed' ? asSold : asSold + RINSED_W;
  if (plan.soakMin <= 0) return rinsed;
  const saturated = Math.max(plan.grain.soakedW, rinsed);
  return rinsed + (saturated - rinsed) * soakProgress(plan.grain, plan.soakMin, plan.soakWaterC);
}

/**
 * W from which the grain drinks of what is poured. Reused soak water is part of the pour, so what the grain
 * drank from it counts as poured.
 */
export function startW(plan: Prepared): number {
  const dried = TOAST_DRIES_W[plan.toast];
  if (plan.soakWater === 'reused' && plan.soakMin > 0) {
    return soakedW({ ...plan, soakMin: 0 }) - dried;
  }
  return Math.max(0, soakedW(plan) - dried);
}

/** Water carried in on the drained grain, g per g of grain as sold. */
export function clingingPerG(plan: Prepared): number {
  if (plan.wash === 'unwashed' && plan.soakMin <= 0) return 0;
  if (plan.soakWater === 'reused' && plan.soakMin > 0) return plan.wash === 'unwashed' ? 0 : CLINGING.rinsed;
  // A minute in water wets a grain no more than a rinse; the rest comes with the soak.
  const leaving = CLINGING.rinsed + (CLINGING.soaked - CLINGING.rinsed) * soakedShare(plan);
  const drained =
    plan.drain === 'sieve'
      ? SIEVE.leaves + (leaving - SIEVE.leaves) * Math.exp(-plan.sieveMin / SIEVE.timeMin)
      : leaving;
  return drained * TOAST_KEEPS[plan.toast];
}

/** The soak the soaked texture shift is quoted for: the usual half hour in cool water. */
const USUAL_SOAK_MIN = 30;

/** How far this soak is towards the usual one, 0–1: smooth, so that a minute more never makes the answer jump. */
function soakedShare(plan: Washing): number {
  if (plan.soakMin <= 0) return 0;
  const usual = soakProgress(plan.grain, USUAL_SOAK_MIN, SOAK_REFERENCE_C);
  return Math.min(1, soakProgress(plan.grain, plan.soakMin, plan.soakWaterC) / usual);
}

/** Families whose texture depends on how evenly the pot is steamed: METHOD_SHIFT says why bran does not. */
const SHIFTED_BY_METHOD: ReadonlySet<Grain['family']> = new Set<Grain['family']>(['white', 'parboiled']);

/** Points this grain, prepared and cooked this way, stands above the white-grain scale. */
export function shiftOf(plan: Prepared): number {
  const method = SHIFTED_BY_METHOD.has(plan.grain.family) ? METHOD_SHIFT[plan.method] : 0;
  const soaked = plan.grain.soakedShift * soakedShare(plan);
  // A boil-down pot and a soaked long grain are one finding met twice: the larger counts, not both.
  return plan.grain.textureShift + (method > 0 ? Math.max(method, soaked) : soaked + method);
}

/** Cooked moisture of a texture step for this grain, wet basis %: lower edge, middle, upper edge. */
export function targetMoisture(plan: Prepared, texture: Texture): { low: number; aim: number; high: number } {
  const [low, high] = TEXTURE_BANDS[texture];
  const shift = shiftOf(plan);
  return { low: low + shift, aim: (low + high) / 2 + shift, high: high + shift };
}

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

/** Grain of the white scale that has drunk all it can at the boil, W †. */
const FULL_W = 3.4;
/** Where its texture scale stands higher a grain holds more: this much beyond W at the edge of "soft" †. */
const FULL_BEYOND_W = 0.83;
const SOFT_FROM = 72;
/** Uptake of a soaked and of a toasted grain against a plain one †. */
const SOAKED_DRINKS = 0.6;
const TOASTED_DRINKS = 0.9;
/** Uptake follows cooking: 79.5 kJ/mol below 110 °C (Suzuki et al., J. Food Science 41, 1976 †). */
const UPTAKE_J_PER_MOL = 79_500;
const GAS_J_PER_MOL_K = 8.314462618;

/** W of this grain when it has drunk all it can at the boil. */
export const fullW = (grain: Grain): number =>
  Math.max(FULL_W, dryBasis(SOFT_FROM + grain.textureShift) + FULL_BEYOND_W);

/** How much slower grain cooks and drinks at `tempC` than at 100 °C, 0–1 and over. */
export const rateAt = (tempC: number): number =>
  Math.exp((-UPTAKE_J_PER_MOL / GAS_J_PER_MOL_K) * (1 / (tempC + KELVIN) - 1 / (100 + KELVIN)));

/** Rate at which this grain, soaked and toasted as it is, drinks under liquid at 100 °C, per min of what it lacks. */
export function drinksPerMin(plan: Prepared): number {
  const soaked = 1 + SOAKED_DRINKS * soakedShare(plan);
  const toasted = plan.toast === 'none' || plan.toast === 'coated' ? 1 : TOASTED_DRINKS;
  return plan.grain.uptakePerMin * soaked * toasted;
}

/** Starch swells around this temperature, over this width, °C (66–72 by variety †). */
const GEL = { atC: 69, widthC: 2.5 } as const;
/** Above this the soaking law of cold water says nothing more, °C. */
export const SOAKS_TO_C = 70;

/** Share of the starch that swells at this temperature, 0–1. */
export const swelling = (tempC: number): number => 1 / (1 + Math.exp((GEL.atC - tempC) / GEL.widthC));

/** W of the grain as it goes into the pot, with what it drank of a soak whose water is poured too. */
export const wettedW = (plan: Prepared): number => Math.max(0, soakedW(plan) - TOAST_DRIES_W[plan.toast]);
