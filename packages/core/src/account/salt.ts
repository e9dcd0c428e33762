import { WHO_SALT_G_PER_DAY } from '../larder/constants.js';
import type { CompletePlan, PlannedIngredient, Served } from './planInput.js';

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
  /** Salt to add, g; 0 when there is enough. */
  readonly addG: number;
  /** The same in level teaspoons of fine salt. */
  readonly addFineTsp: number;
  /** Band aimed at, % of the cooked pot. */
  readonly band: { readonly low: number; readonly aim: number; readonly high: number };
  /** % of the cooked pot once `addG` is in. */
  readonly cookedPercent: number;
  /** % of the liquid that tastes right before cooking. */
  readonly liquidPercent: number;
  readonly cookedG: number;
  readonly perPortionG: number;
  /** Share of the adult's daily guideline in one portion, 0–1 and over. */
  readonly shareOfDay: number;
}

/** Salt of the cooked dish by how it is served, % †. */
const BANDS: Readonly<Record<Served, { low: number; high: number }>> = {
  plain: { low: 0.7, high: 1.1 },
  underSalty: { low: 0.4, high: 0.6 },
};

/** One level teaspoon of fine salt, g †. */
export const FINE_SALT_G_PER_TSP = 6;

export interface Poured {
  readonly g: number;
  readonly steamG: number;
  /** Free liquid when the pot comes to the boil: pour, what is brought in, what clings, g. */
  readonly liquidG: number;
}

/** Sums every source of salt against the band, for the pot as it will be cooked. */
export function saltAccount(plan: CompletePlan, poured: Poured): SaltAccount {
  const sources = saltSources(plan, poured.g);
  const inG = sources.reduce((sum, s) => sum + s.g, 0);
  const cookedG = cookedMass(plan, poured);
  const { low, high } = BANDS[plan.served];
  const aim = (low + high) / 2;
  const addG = Math.max(0, (aim / 100) * cookedG - inG);
  const saltG = inG + addG;
  const perPortionG = saltG / plan.portions;
  return {
    sources,
    inG,
    addG,
    addFineTsp: addG / FINE_SALT_G_PER_TSP,
    band: { low, aim, high },
    cookedPercent: cookedG > 0 ? (100 * saltG) / cookedG : 0,
    liquidPercent: poured.liquidG > 0 ? (100 * saltG) / (poured.liquidG + saltG) : 0,
    cookedG,
    perPortionG,
    shareOfDay: perPortionG / WHO_SALT_G_PER_DAY,
  };
}

function saltSources(plan: CompletePlan, pourG: number): SaltSource[] {
  const fromPour = { ingredientId: plan.pourWith.id, g: (Math.max(0, pourG) * plan.pourWith.salt) / 100 };
  const others = plan.ingredients.map(({ ingredient, g }) => ({
    ingredientId: ingredient.id,
    g: (g * ingredient.salt) / 100,
  }));
  return [...others, fromPour].filter((s) => s.g >= 0.05).sort((a, b) => b.g - a.g);
}

/** Behaviours whose missing water was driven off by the fire; meat and hard vegetables keep theirs inside. */
const DRIVES_OFF = new Set([
  'tomato',
  'smoothTomato',
  'onion',
  'softVegetable',
  'cultured',
  'mushroom',
  'coconutMilk',
  'fat',
]);

const drivenOff = ({ ingredient, g, release }: PlannedIngredient): number =>
  DRIVES_OFF.has(ingredient.behaves) && release.state !== 'steeped'
    ? (g * ingredient.water * Math.max(0, 0.7 - release.available)) / 100
    : 0;

/** Mass of the cooked pot, g. */
function cookedMass(plan: CompletePlan, poured: Poured): number {
  const others = plan.ingredients.reduce((sum, item) => sum + item.g - drivenOff(item), 0);
  return Math.max(plan.grainG, plan.grainG + others + Math.max(0, poured.g) - poured.steamG);
}
