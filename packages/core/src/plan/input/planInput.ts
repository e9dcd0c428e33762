import type { State } from '../../basics/larder/composition.js';
import type {
  HobKind,
  HobSpec,
  HeatSetting,
  LidFit,
  VesselKind,
  VesselSpec,
  Wall,
} from '../../basics/heat/equipment.js';
import type { Texture } from '../../basics/grain/texture.js';
import type { Amylose } from '../../basics/larder/grain.js';
import type { OwnIngredient } from '../../basics/larder/own.js';
import type { Drain, Method, SoakWater, Toast, Wash } from '../../basics/method/methods.js';
import type { Timing } from '../../basics/method/timing.js';
import type { Stage } from '../../basics/method/stage.js';
import type { Grain } from '../../basics/larder/grains.js';
import type { AmountInput } from './amountInput.js';
import type { Beside } from './beside.js';
import type { Ingredient, Release } from '../../basics/larder/composition.js';

export interface IngredientInput {
  readonly ingredientId: string;
  readonly amount: AmountInput;
  /** How far it is cooked down when the liquid goes in; default the ingredient's usual state. */
  readonly state?: State;
  /** Minutes a pulse or a soy chunk stood in water of its own; its state counts without. Nothing to anything else. */
  readonly soakMin?: number;
  /** Id of the stage at which it joins, where that is after the liquid went in; with the base or the liquid without. */
  readonly joins?: string;
  /** True where it stays in a vessel of its own: a garnish, something steeped. It changes nothing in the pot. */
  readonly apart?: boolean;
  /** One standard deviation of its amount, as a share, where it was not measured: a handful, "3 to 4". */
  readonly spread?: number;
  /** What the cook said of it: "sliced". */
  readonly note?: string;
}

/** A pot, in plain numbers. */
export interface VesselInput {
  readonly diameterCm: number;
  readonly volumeMl: number;
  readonly lid?: LidFit;
  readonly wall?: Wall;
  /** Default the vessel the method is made for. */
  readonly kind?: VesselKind;
  /** Heat lost through its lid, from a water test; the usual loss without. */
  readonly lidLossWPerM2K?: number;
  readonly nonStick?: boolean;
}

/** A burner; settings left out have the default powers. */
export interface HobInput {
  readonly kind?: HobKind;
  readonly powerW?: Partial<Record<HeatSetting, number>>;
  /** Settings whose power comes from a water test in this vessel. */
  readonly measured?: readonly HeatSetting[];
}

/** What the cook knows of the base once it is made. */
export interface BaseInput {
  /** What the base weighs now, g; overrides states and minutes. */
  readonly weighsG?: number;
  /** Stew ladled out and kept before the grain goes in, g. */
  readonly ladleOutG?: number;
  /** Id of the stage at which that stew comes back, where the liquid is in by then; it stays out without. */
  readonly ladleBack?: string;
}

/** Rules of thumb a cook may hold to. */
export const RULES = [
  'oneToOne',
  'oneToOneHalf',
  'oneToTwo',
  'halfInch',
  'firstJoint',
  'twoFingers',
  'baseOnly',
  'usual',
] as const;
export type Rule = (typeof RULES)[number];

/** How the grain is served: on its own, under a gravy, or under something already salty. */
export const SERVED = ['plain', 'withGravy', 'underSalty'] as const;
export type Served = (typeof SERVED)[number];

/**
 * A plan as it is asked about: ids of the larder and plain numbers, nothing stored. Only the grain, its
 * amount and the vessel are required; PLAN_DEFAULTS documents the rest.
 */
export interface PlanInput {
  /** The dish as its cook told it. Words: nothing is computed from them. */
  readonly told?: string;
  readonly grainId: string;
  readonly grain: AmountInput;
  /** Class of amylose of this bag, where it is not the grain's usual one. */
  readonly amylose?: Amylose;
  readonly wash?: Wash;
  readonly soakMin?: number;
  readonly soakWaterC?: number;
  /** Reused soak water is part of the pour: it is measured before the grain goes into it. */
  readonly soakWater?: SoakWater;
  readonly drain?: Drain;
  /** Minutes in the sieve, where it is drained in one. */
  readonly sieveMin?: number;
  readonly toast?: Toast;
  readonly method?: Method;
  readonly timing?: Timing;
  /** Replaces the method's own stages. */
  readonly stages?: readonly Stage[];
  readonly ingredients?: readonly IngredientInput[];
  /** The household's own ingredients that `ingredients` and `pourWith` may name. */
  readonly own?: readonly OwnIngredient[];
  readonly base?: BaseInput;
  /** The liquid whose amount is asked for. */
  readonly pourWith?: string;
  /** All there is of it; what is still wanted is poured of `thenWith`. */
  readonly pourMost?: AmountInput;
  readonly thenWith?: string;
  /** Share of the pour kept back and added hot later on, 0 to 0.8. */
  readonly laterShare?: number;
  readonly liquidTempC?: number;
  /** A rule to pour by whatever the account says. */
  readonly holdTo?: Rule;
  /** What the cook usually pours in all, by their own rule or recipe; the rule "usual" pours it. */
  readonly usualPour?: AmountInput;
  /** What the cook pours beside the account, ml of the liquid; negative for less. A rule that is held to goes first. */
  readonly leanMl?: number;
  /** Water to be left as sauce around the cooked grain, g. */
  readonly sauceLeftG?: number;
  readonly vessel: VesselInput;
  readonly hob?: HobInput;
  readonly altitudeM?: number;
  /** First joint of this cook's finger, mm: what "to the first joint" pours by. */
  readonly fingerMm?: number;
  readonly roomC?: number;
  readonly texture?: Texture;
  /** Steps by which this household's five words lie softer than ours (negative: firmer), -1 to 1. */
  readonly softerSteps?: number;
  /** Points of moisture by which this pot's grain is known to stand higher on the scale than its kind; negative for lower. */
  readonly learntPoints?: number;
  /** What is left of the doubt of a kitchen that was not met, share; all of it without. */
  readonly learntSpread?: number;
  /** True when a crust is wanted at the base. */
  readonly crust?: boolean;
  /** What is made beside it. */
  readonly beside?: readonly Beside[];
  readonly served?: Served;
  readonly portions?: number;
  /** Pots the dish is shared among; the answer is for one of them. */
  readonly pots?: number;
  /** The salt that is added. */
  readonly saltWith?: string;
  /** The cook's own cup, ml. */
  readonly cupMl?: number;
}

/** An ingredient of a complete plan, weighed and with its state looked up. */
export interface PlannedIngredient {
  readonly ingredient: Ingredient;
  readonly g: number;
  readonly release: Release;
  /** The stage at which it joins, where the liquid is in by then. */
  readonly joins?: string;
  /** One standard deviation of its amount, as a share; 0 where it was measured. */
  readonly spread: number;
}

/** A plan with every default filled, every id found, every amount in grams, for one pot. */
export interface CompletePlan {
  readonly grain: Grain;
  readonly grainG: number;
  /** True when the grain was given by mass, not by cup. */
  readonly grainWeighed: boolean;
  readonly wash: Wash;
  readonly soakMin: number;
  readonly soakWaterC: number;
  readonly soakWater: SoakWater;
  readonly drain: Drain;
  readonly sieveMin: number;
  readonly toast: Toast;
  readonly method: Method;
  readonly stages: readonly Stage[];
  readonly ingredients: readonly PlannedIngredient[];
  readonly base: BaseInput;
  readonly pourWith: Ingredient;
  /** All there is of `pourWith`, g; undefined when there is enough. */
  readonly pourMostG: number | undefined;
  readonly thenWith: Ingredient;
  readonly laterShare: number;
  readonly liquidTempC: number;
  readonly holdTo: Rule | undefined;
  /** What the cook usually pours, ml of `pourWith`. */
  readonly usualPourMl: number | undefined;
  readonly leanMl: number;
  readonly sauceLeftG: number;
  readonly vessel: VesselSpec;
  readonly hob: HobSpec;
  readonly altitudeM: number;
  readonly fingerMm: number;
  readonly roomC: number;
  readonly texture: Texture;
  readonly softerSteps: number;
  readonly learntPoints: number;
  readonly learntSpread: number;
  readonly crust: boolean;
  readonly served: Served;
  readonly portions: number;
  readonly pots: number;
  readonly saltWith: Ingredient;
  readonly cupMl: number;
}

/** What is assumed when a plan does not say. One place, all of it common practice. */
export const PLAN_DEFAULTS = {
  wash: 'unwashed',
  soakMin: 0,
  soakWaterC: 22,
  soakWater: 'thrown',
  drain: 'shaken',
  sieveMin: 20,
  toast: 'none',
  method: 'coveredAbsorption',
  pourWith: 'water',
  thenWith: 'water',
  laterShare: 0,
  leanMl: 0,
  sauceLeftG: 0,
  altitudeM: 0,
  fingerMm: 25,
  roomC: 20,
  texture: 2,
  softerSteps: 0,
  learntPoints: 0,
  learntSpread: 1,
  crust: false,
  served: 'plain',
  pots: 1,
  saltWith: 'saltFine',
  lid: 'wellFitting',
  wall: 'thin',
  hobKind: 'gas',
  cupMl: 236.588,
  gramsPerPortion: 85,
} as const;
