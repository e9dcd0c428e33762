import { share } from '../calibration/calibrated.js';
import type { Calibrated } from '../calibration/priors.js';
import {
  CAPTURE_EXPONENT,
  CAPTURE_LIMITS,
  RING_W,
  WIDE_RING_FROM_CM,
  WIDEST_RING,
  INSULATED_W_PER_M2K,
  LEAK_G_PER_MIN_M2,
  LOSS_W_PER_M2K,
  MULTI_COOKER_W,
  REFERENCE_DIAMETER_CM,
  RICE_COOKER_WARM_W,
  RICE_COOKER_W_PER_L,
  SPREADER_SHARE,
  WALL_CONDUCTS_MM,
  WALL_KJ_PER_K_M2,
} from './constants.js';

/** Settings of a ring, hottest first. */
export const HEATS = ['high', 'mediumHigh', 'medium', 'low', 'veryLow', 'off'] as const;
export type HeatSetting = (typeof HEATS)[number];
/** Rings a vessel can stand on; the last is a vessel's own heater. */
export const HOB_KINDS = ['gas', 'electric', 'induction', 'builtIn'] as const;
export type HobKind = (typeof HOB_KINDS)[number];
export const LID_FITS = ['loose', 'wellFitting', 'tight', 'selfBasting'] as const;
export type LidFit = (typeof LID_FITS)[number];
/** What can close a pot for its covered time; cloth, foil and parchment lie under its own lid. */
export const SEALS = ['ajar', 'on', 'weighted', 'cloth', 'foil', 'parchment', 'sealed'] as const;
/** How the pot is closed during a stage. */
export type LidState = 'off' | (typeof SEALS)[number] | 'pressure';
export const LID_STATES: readonly LidState[] = ['off', ...SEALS, 'pressure'];
/** What the vessel is; the last two bring their own heater. */
export const VESSEL_KINDS = ['pot', 'pressureCooker', 'multiCooker', 'riceCooker'] as const;
export type VesselKind = (typeof VESSEL_KINDS)[number];
export const WALLS = ['thin', 'heavy'] as const;
export type Wall = (typeof WALLS)[number];

/** A pot as the heat sees it. */
export interface VesselSpec {
  /** Inside width, cm. */
  readonly diameterCm: number;
  /** Volume to the brim, ml. */
  readonly volumeMl: number;
  readonly lid: LidFit;
  readonly wall: Wall;
  readonly kind: VesselKind;
  /** Heat lost through its own lid as measured by the water test, W/m²K; the usual loss without. */
  readonly lidLossWPerM2K?: number;
  /** True for a coating that high heat spoils. What it does to a crust nobody has measured: it changes no number. */
  readonly nonStick?: boolean;
}

/** A stage as the heat sees it. */
export interface Fire {
  readonly heat: HeatSetting;
  readonly lid: LidState;
  /** A flat pan or plate between ring and pot. */
  readonly spreader?: boolean;
  /** Wrapped up, in an insulated box or under quilts. */
  readonly insulated?: boolean;
  /** Coals on the lid, or a grill over it. How much of that heat arrives nobody has measured: it changes no number. */
  readonly fromAbove?: boolean;
}

/** A burner: net power into a 22 cm pot at each setting, W. */
export interface HobSpec {
  readonly kind: HobKind;
  readonly powerW: Readonly<Record<HeatSetting, number>>;
  /** Settings measured by the water test in this vessel. */
  readonly measured?: readonly HeatSetting[];
}

/**
 * True when the vessel heats itself and stands on no hob.
 * @example heatsItself('riceCooker') // true
 */
export const heatsItself = (kind: VesselKind): boolean => kind === 'multiCooker' || kind === 'riceCooker';

const SETTING: Readonly<Record<Exclude<HeatSetting, 'off'>, Calibrated>> = {
  high: 'power.open',
  mediumHigh: 'power.open',
  medium: 'power.medium',
  low: 'power.low',
  veryLow: 'power.low',
};

const RING_SETTINGS = Object.keys(SETTING) as (keyof typeof SETTING)[];

/** How much more the ring gives that a pan so wide is put on, where the household has not said which. */
const wideRing = (diameterCm: number): number =>
  Math.min(WIDEST_RING, Math.max(1, (diameterCm / WIDE_RING_FROM_CM) ** 2));

/** Net powers of an ordinary ring times a factor, W. */
const ringPowers = (times = 1): HobSpec['powerW'] => ({
  ...RING_W,
  ...Object.fromEntries(RING_SETTINGS.map((heat) => [heat, RING_W[heat] * share(SETTING[heat]) * times])),
});

/** Net power into a 20–24 cm pot by setting, to the watt: what a new ring of a household begins with. */
export const HOB_POWER_W = Object.fromEntries(
  Object.entries(ringPowers()).map(([heat, watts]) => [heat, Math.round(watts)]),
) as HobSpec['powerW'];

/**
 * Net powers of a vessel's own heater, or of an ordinary ring, W.
 * @example defaultPowers({ kind: 'pot', volumeMl: 4000, diameterCm: 22 }).off // 0
 */
export function defaultPowers(
  vessel: Pick<VesselSpec, 'kind' | 'volumeMl' | 'diameterCm'>,
): HobSpec['powerW'] {
  if (vessel.kind === 'multiCooker') return MULTI_COOKER_W;
  if (vessel.kind !== 'riceCooker') return ringPowers(wideRing(vessel.diameterCm));
  const cook = (RICE_COOKER_W_PER_L * vessel.volumeMl) / 1000;
  const warm = RICE_COOKER_WARM_W;
  return { high: cook, mediumHigh: cook, medium: cook, low: warm, veryLow: warm, off: 0 };
}

/**
 * Area of the pot's opening, m².
 * @example openingM2(vessel) // 0.038013
 */
export const openingM2 = (vessel: Pick<VesselSpec, 'diameterCm'>): number =>
  (Math.PI * (vessel.diameterCm / 100) ** 2) / 4;

/**
 * Inside height of the pot if its wall is straight, mm.
 * @example heightMm(vessel) // 105.23
 */
export const heightMm = (vessel: VesselSpec): number => (vessel.volumeMl / 1e6 / openingM2(vessel)) * 1000;

const wallM2 = (vessel: VesselSpec): number =>
  Math.PI * (vessel.diameterCm / 100) * (heightMm(vessel) / 1000);

/** Heat the empty pot takes per degree, kJ/K. */
export const potHeatCapacity = (vessel: VesselSpec): number =>
  WALL_KJ_PER_K_M2[vessel.wall] * (wallM2(vessel) + openingM2(vessel));

/**
 * Heat the floor of the empty pot takes per degree with as much of its wall as conducts meanwhile, kJ/K: what frying
 * heats. A metal floor that warms steadily for t has warmed a wall of diffusivity a like 0.75 √(at) of it; two minutes in
 * iron (2·10⁻⁵ m²/s) are three centimetres.
 * @example fryingHeatCapacity(pot) < potHeatCapacity(pot) // true
 */
export const fryingHeatCapacity = (vessel: VesselSpec): number =>
  WALL_KJ_PER_K_M2[vessel.wall] *
  (openingM2(vessel) + wallM2(vessel) * Math.min(1, WALL_CONDUCTS_MM / heightMm(vessel)));

/**
 * Power that reaches the food, W: the hob's setting times how much of the heat a pot this wide catches, less
 * what a heat-spreader keeps back.
 * @example netPower(hob, { heat: 'low', lid: 'on' }, vessel) // 210
 */
export function netPower(hob: HobSpec, fire: Fire, vessel: VesselSpec): number {
  return (
    hob.powerW[fire.heat] * captureShare(hob.kind, vessel.diameterCm) * (fire.spreader ? SPREADER_SHARE : 1)
  );
}

/** How much more or less of the heat a pot this wide catches than the reference pot does. */
export function captureShare(kind: HobKind, diameterCm: number): number {
  const share = (diameterCm / REFERENCE_DIAMETER_CM) ** CAPTURE_EXPONENT[kind];
  return Math.min(CAPTURE_LIMITS.most, Math.max(CAPTURE_LIMITS.least, share));
}

const lidM2 = (vessel: VesselSpec, lid: LidState): number =>
  lid === 'off' ? 0 : lid === 'ajar' ? 0.7 * openingM2(vessel) : openingM2(vessel);

/** Heat that goes per degree through the lid, W/K: its own where it was measured and is not under a quilt. */
function lidLossPerK(vessel: VesselSpec, { lid, insulated }: Pick<Fire, 'lid' | 'insulated'>): number {
  const own = insulated ? INSULATED_W_PER_M2K : (vessel.lidLossWPerM2K ?? LOSS_W_PER_M2K);
  return own * lidM2(vessel, lid);
}

/** Heat lost per degree above the room through the wall, and through the lid when it is on, W/K. */
export const lossPerK = (vessel: VesselSpec, fire: Pick<Fire, 'lid' | 'insulated'>): number =>
  (fire.insulated ? INSULATED_W_PER_M2K : LOSS_W_PER_M2K) * wallM2(vessel) + lidLossPerK(vessel, fire);

/**
 * Heat lost through wall and lid, W. An open surface loses by steam instead.
 * @example heatLoss(vessel, { lid: 'on' }, 100, 20) // 75.304
 */
export const heatLoss = (
  vessel: VesselSpec,
  fire: Pick<Fire, 'lid' | 'insulated'>,
  tempC: number,
  roomC: number,
): number => lossPerK(vessel, fire) * Math.max(0, tempC - roomC);

/** Heat lost through the closed lid alone, W: what it condenses under it. */
export const lidLoss = (vessel: VesselSpec, tempC: number, roomC: number): number =>
  lidLossPerK(vessel, { lid: 'on' }) * Math.max(0, tempC - roomC);

/** Vapour through the closure of this vessel at the boil, g/min per m² of opening. */
export function leakPerM2(vessel: VesselSpec, lid: LidState): number {
  if (lid === 'off') return LEAK_G_PER_MIN_M2.open;
  if (lid === 'on') return LEAK_G_PER_MIN_M2[vessel.lid];
  return LEAK_G_PER_MIN_M2[lid];
}
