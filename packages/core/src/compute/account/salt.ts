import { WHO_SALT_G_PER_DAY } from '../../basics/larder/constants.js';
import { baseAccount, inPot } from '../../plan/input/base.js';
import type { CompletePlan, Served } from '../../plan/input/planInput.js';

/** One place salt comes from. */
export interface SaltSource {
  readonly ingredientId: string;
  readonly g: number;
}

/** The salt account: what is in, what to add, and how the liquid should taste before the lid goes on. */
export interface SaltAccount {
  readonly sources: readonly SaltSource[];
  /** Salt already in, with the pour's own, g. */
  readonly inG: number;
  /** Salt to add, g of salt; 0 when there is enough. */
  readonly addG: number;
  /** The same in level teaspoons of fine salt. */
  readonly addFineTsp: number;
  /** The same of the salt this kitchen adds: its grams and level teaspoons. */
  readonly addWith: { readonly ingredientId: string; readonly g: number; readonly tsp: number };
  /** Band aimed at, % of the cooked pot. */
  readonly band: { readonly low: number; readonly aim: number; readonly high: number };
  /** % of the cooked pot once `addG` is in. */
  readonly cookedPercent: number;
  /** % of the liquid that tastes right before cooking. */
  readonly liquidPercent: number;
  /** Tasted flat after all: one more step of this many g. Tasted too salty: this much plain water thins it by one step. */
  readonly stepG: number;
  readonly thinMl: number;
  /** Salt that left with ladled stew, g. */
  readonly ladledG: number;
  readonly cookedG: number;
  readonly perPortionG: number;
  /** Share of the adult's daily guideline in one portion, 0–1 and over. */
  readonly shareOfDay: number;
}

/** Salt of the cooked dish by how it is served, % †. */
const BANDS: Readonly<Record<Served, { low: number; high: number }>> = {
  plain: { low: 0.7, high: 1.1 },
  withGravy: { low: 0.5, high: 0.8 },
  underSalty: { low: 0.4, high: 0.6 },
};

/** One level teaspoon of fine salt, g †. */
export const FINE_SALT_G_PER_TSP = 6;
/** A teaspoon by volume, ml, for salts of other grains (US customary, CLDR). */
const TSP_ML = 4.92892;
/** One step of correcting by taste, as a share of what is aimed at †. */
const TASTE_STEP = 0.15;

export interface Poured {
  /** Liquids poured with their salt, g of each. */
  readonly parts: readonly {
    readonly ingredientId: string;
    readonly g: number;
    readonly saltPer100G: number;
  }[];
  readonly steamG: number;
  /** Free liquid when the pot comes to the boil: pour, what is brought in, what clings, g. */
  readonly liquidG: number;
}

/** Sums every source of salt against the band, for the pot as it will be cooked. */
export function saltAccount(plan: CompletePlan, poured: Poured): SaltAccount {
  const sources = saltSources(plan, poured);
  const inG = sources.reduce((sum, s) => sum + s.g, 0);
  const cookedG = cookedMass(plan, poured);
  const { low, high } = BANDS[plan.served];
  const aim = (low + high) / 2;
  const addG = Math.max(0, (aim / 100) * cookedG - inG);
  const saltG = inG + addG;
  const perPortionG = saltG / plan.portions;
  const withG = addG / (plan.saltWith.salt / 100);
  const stepG = (TASTE_STEP * aim * cookedG) / 100;
  return {
    sources,
    inG,
    addG,
    addFineTsp: addG / FINE_SALT_G_PER_TSP,
    addWith: {
      ingredientId: plan.saltWith.id,
      g: withG,
      tsp: withG / (plan.saltWith.densityGPerMl * TSP_ML),
    },
    band: { low, aim, high },
    cookedPercent: cookedG > 0 ? (100 * saltG) / cookedG : 0,
    liquidPercent: poured.liquidG > 0 ? (100 * saltG) / (poured.liquidG + saltG) : 0,
    stepG,
    thinMl: TASTE_STEP * poured.liquidG,
    ladledG: baseAccount(plan).ladledSaltG,
    cookedG,
    perPortionG,
    shareOfDay: perPortionG / WHO_SALT_G_PER_DAY,
  };
}

/** Sources under this are not worth a line, g. */
const LEAST_G = 0.05;

function saltSources(plan: CompletePlan, poured: Poured): SaltSource[] {
  const fromPour = poured.parts.map((p) => ({
    ingredientId: p.ingredientId,
    g: (Math.max(0, p.g) * p.saltPer100G) / 100,
  }));
  const others = inPot(plan).map(({ ingredient, g }) => ({
    ingredientId: ingredient.id,
    g: (g * ingredient.salt) / 100,
  }));
  return [...others, ...fromPour].filter((s) => s.g >= LEAST_G).sort((a, b) => b.g - a.g);
}

/** Mass of the cooked pot, g. */
function cookedMass(plan: CompletePlan, poured: Poured): number {
  const others = inPot(plan).reduce((sum, item) => sum + item.leftG, 0);
  const pouredG = poured.parts.reduce((sum, p) => sum + Math.max(0, p.g), 0);
  return Math.max(plan.grainG, plan.grainG + others + pouredG - poured.steamG);
}
