import type { State } from '../larder/composition.js';
import type { HobKind, HobSpec, HeatSetting, LidFit, VesselSpec, Wall } from '../heat/equipment.js';
import type { Drain, Timing, Toast, Wash } from '../method/coveredAbsorption.js';
import type { Stage } from '../method/stage.js';
import type { Grain } from '../larder/grains.js';
import type { Ingredient, Release } from '../larder/composition.js';

/** An amount, given in exactly one way. */
export interface AmountInput {
  /** Mass, g. */
  readonly g?: number;
  /** Volume, ml, measured the way this ingredient is measured (levelled cup for a grain). */
  readonly ml?: number;
  /** Cups of the plan's `cupMl`. */
  readonly cups?: number;
  /** Natural units of the larder row: 2 onions, 1 can. */
  readonly count?: number;
  /** As people type it: "1 3/4 cups". */
  readonly text?: string;
}

export interface IngredientInput {
  readonly ingredientId: string;
  readonly amount: AmountInput;
  /** How far it is cooked down when the liquid goes in; default the ingredient's usual state. */
  readonly state?: State;
}

/** A pot, in plain numbers. */
export interface VesselInput {
  readonly diameterCm: number;
  readonly volumeMl: number;
  readonly lid?: LidFit;
  readonly wall?: Wall;
}

/** A burner; settings left out have the default powers. */
export interface HobInput {
  readonly kind?: HobKind;
  readonly powerW?: Partial<Record<HeatSetting, number>>;
}

/** Five steps from firm to very soft; 2 is one grain apart. */
export type Texture = 1 | 2 | 3 | 4 | 5;

/** How the grain is served: on its own, or under something already salty. */
export type Served = 'plain' | 'underSalty';

/**
 * A plan as it is asked about: ids of the larder and plain numbers, nothing stored. Only the grain, its
 * amount and the vessel are required; PLAN_DEFAULTS documents the rest.
 */
export interface PlanInput {
  readonly grainId: string;
  readonly grain: AmountInput;
  readonly wash?: Wash;
  readonly soakMin?: number;
  readonly soakWaterC?: number;
  readonly drain?: Drain;
  readonly toast?: Toast;
  readonly method?: 'coveredAbsorption';
  readonly timing?: Timing;
  /** Replaces the method's own stages. */
  readonly stages?: readonly Stage[];
  readonly ingredients?: readonly IngredientInput[];
  /** The liquid whose amount is asked for. */
  readonly pourWith?: string;
  readonly liquidTempC?: number;
  /** Water to be left as sauce around the cooked grain, g. */
  readonly sauceLeftG?: number;
  readonly vessel: VesselInput;
  readonly hob?: HobInput;
  readonly altitudeM?: number;
  readonly roomC?: number;
  readonly texture?: Texture;
  readonly served?: Served;
  readonly portions?: number;
  /** The cook's own cup, ml. */
  readonly cupMl?: number;
}

/** An ingredient of a complete plan, weighed and with its state looked up. */
export interface PlannedIngredient {
  readonly ingredient: Ingredient;
  readonly g: number;
  readonly release: Release;
}

/** A plan with every default filled, every id found, every amount in grams. */
export interface CompletePlan {
  readonly grain: Grain;
  readonly grainG: number;
  /** True when the grain was given by mass, not by cup. */
  readonly grainWeighed: boolean;
  readonly wash: Wash;
  readonly soakMin: number;
  readonly soakWaterC: number;
  readonly drain: Drain;
  readonly toast: Toast;
  readonly stages: readonly Stage[];
  readonly ingredients: readonly PlannedIngredient[];
  readonly pourWith: Ingredient;
  readonly liquidTempC: number;
  readonly sauceLeftG: number;
  readonly vessel: VesselSpec;
  readonly hob: HobSpec;
  readonly altitudeM: number;
  readonly roomC: number;
  readonly texture: Texture;
  readonly served: Served;
  readonly portions: number;
}

/** What is assumed when a plan does not say. One place, all of it common practice. */
export const PLAN_DEFAULTS = {
  wash: 'unwashed',
  soakMin: 0,
  soakWaterC: 22,
  drain: 'shaken',
  toast: 'none',
  pourWith: 'water',
  sauceLeftG: 0,
  altitudeM: 0,
  roomC: 20,
  texture: 2,
  served: 'plain',
  lid: 'wellFitting',
  wall: 'thin',
  hobKind: 'gas',
  cupMl: 236.588,
  gramsPerPortion: 85,
} as const;
