import { asSoldW } from '../../basics/grain/moisture.js';
import { DRY_G_PER_ML } from '../../basics/grain/wetting.js';
import { heightMm, openingM2 } from '../../basics/heat/equipment.js';
import { inPot } from '../../plan/input/base.js';
import { PLAN_DEFAULTS, type CompletePlan } from '../../plan/input/planInput.js';

/** How high things stand in this pot, mm from its floor, for drawing it and for checking that it fits. */
export interface Levels {
  readonly potMm: number;
  /** The settled grain as the liquid meets it, with what lies among it. */
  readonly grainMm: number;
  /** The surface of the liquid when it is poured. */
  readonly liquidMm: number;
  /** Liquid above the grain, mm; negative when it stays among it. */
  readonly aboveGrainMm: number;
  /** The same by the first joint of a finger, and in half inches. */
  readonly joints: number;
  readonly halfInches: number;
  /** Pour at which the liquid only shows at the corners, level with the grain, ml. */
  readonly cornersMl: number;
  /** The cooked bed. */
  readonly cookedMm: number;
  /** Share of the pot that is full before anything swells, and after. */
  readonly fullShare: number;
  readonly swollenShare: number;
  /** Share that may be full before swelling: two thirds, or half under pressure. */
  readonly mostShare: number;
  /** Volume the pot has to hold at its fullest, ml. */
  readonly needsMl: number;
  /** Most grain of this dish that this pot takes, g. */
  readonly largestGrainG: number;
}

/** Share of a settled bed of grain that is gaps †. */
const PORES = 0.4;

/** Cooked grain as it lies in the pot, g/ml (158 g to a US cup of loose cooked long-grain, settled) †. */
const COOKED_G_PER_ML = 0.75;

/** Finger from its tip to the first joint, mm †. */
export const JOINT_MM = PLAN_DEFAULTS.fingerMm;
/** Two fingers laid flat, mm †. */
export const TWO_FINGERS_MM = 35;
/** Half an inch, mm (exact). */
export const HALF_INCH_MM = 12.7;

/** Full this far before swelling a pot boils over; a pressure cooker's vent clogs (common practice). */
const MOST_FULL = 2 / 3;
/** The same under pressure, where foam clogs the vent (common practice). */
const MOST_FULL_PRESSURE = 1 / 2;

/** Millilitres in one millimetre of this pot. */
const perMm = ({ vessel }: PotWidth): number => openingM2(vessel) * 1000;
interface PotWidth {
  readonly vessel: { readonly diameterCm: number };
}

/** What is not free liquid lies among the grain and takes up room at about the density of water, ml. */
const othersMl = (plan: CompletePlan): number =>
  inPot(plan).reduce(
    (sum, { ingredient, g, leftG, available }) => sum + leftG - (g * ingredient.water * available) / 100,
    0,
  );

/** The settled bed as the liquid meets it, ml: a soak or a stew that it took up has swollen raw grain to `bedW`. */
const bedMl = ({ grain, grainG }: CompletePlan, bedW: number): number =>
  ((grainG / grain.densityGPerMl) * (1 / DRY_G_PER_ML + bedW)) / (1 / DRY_G_PER_ML + asSoldW(grain));

/** Free liquid that stands `aboveMm` over a settled bed of grain at `bedW`, ml. */
export const liquidAtLevel = (plan: CompletePlan, aboveMm: number, bedW: number): number =>
  bedMl(plan, bedW) * PORES + aboveMm * perMm(plan);

export interface Filling {
  /** Free liquid once the pour is in, ml, and the part of it that is not poured. */
  readonly liquidMl: number;
  readonly broughtMl: number;
  readonly grainCookedG: number;
  /** W of the grain that the liquid is poured on. */
  readonly bedW: number;
}

/** Levels in a straight-sided pot of this width. */
export function levels(plan: CompletePlan, { liquidMl, broughtMl, grainCookedG, bedW }: Filling): Levels {
  const mm = perMm(plan);
  const grainMl = bedMl(plan, bedW);
  const otherMl = othersMl(plan);
  const startMl = Math.max(grainMl, grainMl * (1 - PORES) + liquidMl) + otherMl;
  const cookedMl = grainCookedG / COOKED_G_PER_ML + otherMl;
  const underPressure = plan.stages.some((s) => s.lid === 'pressure');
  const mostShare = underPressure ? MOST_FULL_PRESSURE : MOST_FULL;
  const needsMl = Math.max(startMl, cookedMl);
  const aboveGrainMm = (grainMl * (1 - PORES) + liquidMl - grainMl) / mm;
  // Everything but the steam scales with the grain, so the fullest moment nearly does.
  const room = underPressure ? MOST_FULL_PRESSURE * plan.vessel.volumeMl : plan.vessel.volumeMl;
  const fullest = underPressure ? startMl : Math.max(needsMl, startMl / MOST_FULL);
  return {
    potMm: heightMm(plan.vessel),
    grainMm: (grainMl + otherMl) / mm,
    liquidMm: startMl / mm,
    aboveGrainMm,
    joints: aboveGrainMm / plan.fingerMm,
    halfInches: aboveGrainMm / HALF_INCH_MM,
    cornersMl: Math.max(0, liquidAtLevel(plan, 0, bedW) - broughtMl),
    cookedMm: cookedMl / mm,
    fullShare: startMl / plan.vessel.volumeMl,
    swollenShare: cookedMl / plan.vessel.volumeMl,
    mostShare,
    needsMl,
    largestGrainG: (plan.grainG * room) / fullest,
  };
}

/**
 * What was poured where the liquid stands so far over the grain: what was advised, and as much more or less as fills the
 * pot from the level that it would have stood at.
 * @param answer its `levels`, and what is poured in all, ml
 * @param plan the inside width of its pot, cm
 * @param aboveMm liquid over the settled grain, mm; negative where it stays among it
 * @returns ml, never less than nothing
 * @example pourAtLevel({ levels: { aboveGrainMm: 20 }, ml: 500 }, { vessel: { diameterCm: 20 } }, 20) // 500
 */
export const pourAtLevel = (
  { levels: { aboveGrainMm }, ml }: { readonly levels: Pick<Levels, 'aboveGrainMm'>; readonly ml: number },
  plan: PotWidth,
  aboveMm: number,
): number => Math.max(0, ml + (aboveMm - aboveGrainMm) * perMm(plan));
