import type { HeatSetting, LidState } from '../heat/equipment.js';
import type { Grain } from '../larder/grains.js';
import type { Method, Toast } from './methods.js';

/** Minutes in the fat to each colour, for a grain bed about 2 cm deep on medium heat; "deep" is for noodles †. */
export const TOAST_MIN: Readonly<Record<Toast, number>> = {
  none: 0,
  coated: 1,
  glossy: 2,
  opaque: 4,
  golden: 6,
  deep: 8,
};

/** Slow modes of a multi-cooker, without pressure. */
export const SLOW_MODES = ['high', 'low'] as const;

/** The choices that shape a method; everything has a default. */
export interface Timing {
  /** Uncovered boil before the lid goes on, min. */
  readonly openBoilMin?: number;
  readonly openBoilHeat?: HeatSetting;
  /** Minutes under the lid; default the grain's own. */
  readonly coveredMin?: number;
  readonly coveredHeat?: HeatSetting;
  /** What closes the pot for the covered time; default the method's own. */
  readonly seal?: LidState;
  /** A flat pan under the pot for the covered time. */
  readonly spreader?: boolean;
  readonly restMin?: number;
  /** Whistles to count; 0 counts minutes instead. */
  readonly whistles?: number;
  /** Minutes at pressure after the first whistle, or once up. */
  readonly pressureMin?: number;
  /** Multi-cooker without pressure: its slow mode. */
  readonly slow?: (typeof SLOW_MODES)[number];
  /** Rice cooker left on after it flips, for a crust, min. */
  readonly keptOnMin?: number;
}

/** Minutes longer on low for a crust: some forty covered in all, less where the liquid is boiled off first, and a
 * rice cooker by being left on †. */
const CRUST_MIN = { simmer: 25, boiledDry: 15, keptOn: 15 } as const;

/** A soaked grain needs this share of the covered time †. */
const SOAKED_TIME_SHARE = 0.8;
/** A shorter soak changes nothing about the covered time, min †. */
const SOAK_COUNTS_FROM_MIN = 15;
/** Under pressure a grain takes this share of its covered time (Arrhenius, 79.5 kJ/mol, 100 to 117 °C, gives 0.33;
 * the way up and down is added by the stages) †. */
const PRESSURE_TIME_SHARE = 0.35;

/**
 * Minutes covered that this grain needs at sea level after this soak.
 * @example coveredMinutes(grain, 30) // 12
 */
export function coveredMinutes(grain: Grain, soakMin: number): number {
  const share = soakMin >= SOAK_COUNTS_FROM_MIN ? SOAKED_TIME_SHARE : 1;
  return Math.round(grain.coveredMin * share);
}

/**
 * Minutes at pressure that this grain needs.
 * @example pressureMinutes(grain, 0) // 5
 */
export const pressureMinutes = (grain: Grain, soakMin: number): number =>
  Math.max(3, Math.round(coveredMinutes(grain, soakMin) * PRESSURE_TIME_SHARE));

/** Where stew and steam turns the pot over: the covered time in all against the grain's own †. */
const TURNED_TIME_SHARE = 1.6;

/**
 * Minutes covered before the pot is turned over, and again after it, for the minutes it would be covered in one go.
 * @example turnedMinutes(15) // 12
 */
export const turnedMinutes = (coveredMin: number): number => Math.round((coveredMin * TURNED_TIME_SHARE) / 2);

/**
 * Minutes of an open boil until the surface dries, as a share of the grain's covered time: holes when it is about three
 * quarters cooked, no liquid seen a little later (common practice) †.
 */
const BOIL_DOWN_TIME_SHARE = { boilDown: 0.5, absorbButter: 0.65 } as const;

/** Minutes covered after an open boil has taken most of the liquid †. */
const COVERED_AFTER_OPEN_MIN = { boilDown: 12, absorbButter: 10 } as const;
/** Slow modes of a multi-cooker, min †. */
const SLOW_MIN = { high: 90, low: 150 } as const;
/** Rest of each method under its lid, min; pressure that falls by itself is a rest of its own †. */
const REST_MIN: Readonly<Record<Method, number>> = {
  coveredAbsorption: 8,
  boilDown: 5,
  liquidFirst: 10,
  stewSteam: 10,
  fryDry: 10,
  absorbButter: 5,
  pressureCooker: 0,
  multiCooker: 10,
  riceCooker: 10,
};

/** What a method's times hang on. */
export interface TimedPot {
  readonly grain: Grain;
  readonly soakMin: number;
  readonly crust: boolean;
  readonly timing: Timing;
}

/** The minutes of a method, each as the cook said it or as the method has it. */
export type Minutes = Required<
  Pick<Timing, 'openBoilMin' | 'coveredMin' | 'restMin' | 'pressureMin' | 'keptOnMin'>
> & {
  /** Until the surface is dry, where a method boils down. */
  readonly boilDownMin: number;
};

/**
 * Every minute that shapes a method: the only place where its usual times are looked up, by the stages as by the
 * screens.
 * @example minutesOf('boilDown', { grain, soakMin: 30, crust: true, timing: {} }).coveredMin // 27
 */
export function minutesOf(method: Method, { grain, soakMin, crust, timing }: TimedPot): Minutes {
  const byWhistles = (timing.whistles ?? 0) > 0 && method === 'pressureCooker';
  return {
    openBoilMin: timing.openBoilMin ?? 0,
    boilDownMin: boilDownMinutes(method, coveredMinutes(grain, soakMin), timing),
    coveredMin: timing.coveredMin ?? usualCovered(method, { grain, soakMin, crust, timing }),
    restMin: timing.restMin ?? REST_MIN[method],
    pressureMin: timing.pressureMin ?? (byWhistles ? 0 : pressureMinutes(grain, soakMin)),
    keptOnMin: timing.keptOnMin ?? (crust ? CRUST_MIN.keptOn : 0),
  };
}

/** The cook's own minutes of boiling open, or as many as such a method takes. */
function boilDownMinutes(method: Method, coveredMin: number, { openBoilMin = 0 }: Timing): number {
  if (openBoilMin > 0) return openBoilMin;
  if (method !== 'boilDown' && method !== 'absorbButter') return 0;
  return Math.max(1, Math.round(BOIL_DOWN_TIME_SHARE[method] * coveredMin));
}

function usualCovered(method: Method, { grain, soakMin, crust, timing }: TimedPot): number {
  switch (method) {
    case 'boilDown':
    case 'absorbButter':
      return COVERED_AFTER_OPEN_MIN[method] + (crust ? CRUST_MIN.boiledDry : 0);
    case 'multiCooker':
      return SLOW_MIN[timing.slow ?? 'high'];
    case 'coveredAbsorption':
    case 'liquidFirst':
    case 'stewSteam':
    case 'fryDry':
    case 'pressureCooker':
    case 'riceCooker':
      return coveredMinutes(grain, soakMin) + (crust ? CRUST_MIN.simmer : 0);
  }
}
