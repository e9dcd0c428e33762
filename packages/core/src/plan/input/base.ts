import { BASE_HEAT, CP_FAT, CP_WATER, SHIMMERS_C } from '../../basics/heat/constants.js';
import { fryingHeatCapacity } from '../../basics/heat/equipment.js';
import { boilingSteamRate } from '../../basics/heat/steam.js';
import { RELEASE, type Behaviour, type Ingredient, type State } from '../../basics/larder/composition.js';
import { mostAvailable } from '../../basics/larder/larder.js';
import { plannedMin } from '../../basics/method/stage.js';
import type { CompletePlan, PlannedIngredient } from './planInput.js';
import { surroundings } from './surroundings.js';

/** An ingredient as it is in the pot when the liquid goes in. */
export interface InPot {
  readonly ingredient: Ingredient;
  readonly state: State;
  /** Mass of it as it was bought that is still in the pot, g. */
  readonly g: number;
  /** What it weighs there now, g. */
  readonly leftG: number;
  /** Share of its own water that reaches the grain. */
  readonly available: number;
  readonly drinks: number;
  readonly spread: number;
  readonly joins?: string;
}

/** The base: what the fire took from it and what was ladled out. */
export interface BaseAccount {
  readonly by: 'state' | 'heat' | 'weighed';
  /** What the whole base weighs when the liquid goes in, g. */
  readonly massG: number;
  readonly drivenOffG: number;
  /** What its states alone would say was driven off: the check on heat and scale, g. */
  readonly byStatesG: number;
  /** Water it still gives to the grain, before any is ladled out, g. */
  readonly bringsG: number;
  readonly ladledShare: number;
  readonly ladledSaltG: number;
  /** What went in, and the least it could cook down to, g. */
  readonly wentInG: number;
  readonly leastG: number;
}

/** Behaviours whose missing water was driven off by the fire; meat and hard vegetables keep theirs inside. */
const DRIVES_OFF: ReadonlySet<Behaviour> = new Set<Behaviour>([
  'tomato',
  'smoothTomato',
  'onion',
  'softVegetable',
  'cultured',
  'mushroom',
  'coconutMilk',
  'liquid',
  'fat',
]);
/** States of what is not in the base: it goes in with the liquid or keeps its water. */
const NOT_BASE: ReadonlySet<State> = new Set<State>([
  'withLiquid',
  'raw',
  'dry',
  'soaked',
  'steeped',
  'cooked',
]);

/** A base goes from the board into the pot at room temperature and has to be warmed first. */
const inBase = ({ ingredient, release, joins }: PlannedIngredient): boolean =>
  joins === undefined && DRIVES_OFF.has(ingredient.behaves) && !NOT_BASE.has(release.state);

const poolOf = ({ ingredient, g }: PlannedIngredient): number =>
  (g * ingredient.water * mostAvailable(ingredient)) / 100;

interface Worked {
  readonly base: BaseAccount;
  readonly inPot: readonly InPot[];
}
const WORKED = new WeakMap<CompletePlan, Worked>();

/** What the base is worth, from the cook's scale, from the fire, or from how it looks. */
export const baseAccount = (plan: CompletePlan): BaseAccount => worked(plan).base;

/** Every ingredient as it is in the pot when the liquid goes in: cooked down, and less what was ladled out. */
export const inPot = (plan: CompletePlan): readonly InPot[] => worked(plan).inPot;

function worked(plan: CompletePlan): Worked {
  const known = WORKED.get(plan);
  if (known) return known;
  const made = work(plan);
  WORKED.set(plan, made);
  return made;
}

function work(plan: CompletePlan): Worked {
  const base = plan.ingredients.filter(inBase);
  let pool = 0;
  let wentIn = 0;
  let left = 0;
  for (const item of base) {
    pool += poolOf(item);
    wentIn += item.g;
    left += (item.g * item.ingredient.water * item.release.available) / 100;
  }
  const byStates = pool - left;
  const { by, drivenOffG } = drivenOff(plan, { pool, wentIn, byStates });
  const massG = wentIn - drivenOffG;
  const ladledShare = massG > 0 ? Math.min(1, (plan.base.ladleOutG ?? 0) / massG) : 0;
  // By heat and by scale every part of the base has lost the same share of the water it had to give.
  const share = by === 'state' || pool <= 0 ? undefined : (pool - drivenOffG) / pool;
  const parts: InPot[] = plan.ingredients.map((item) =>
    item.joins === undefined ? partOf(item, share, ladledShare) : partThatJoins(item, item.joins, plan),
  );
  const { ladleBack } = plan.base;
  if (ladleBack !== undefined && ladledShare > 0)
    parts.push(
      ...base.map((item) => partThatComesBack(partOf(item, share, 1 - ladledShare), ladleBack, plan)),
    );
  let ladledSaltG = 0;
  if (ladleBack === undefined)
    for (const { ingredient, g } of base) ladledSaltG += (g * ingredient.salt * ladledShare) / 100;
  return {
    base: {
      by,
      massG,
      drivenOffG,
      byStatesG: byStates,
      bringsG: pool - drivenOffG,
      ladledShare,
      ladledSaltG,
      wentInG: wentIn,
      leastG: wentIn - pool,
    },
    inPot: parts,
  };
}

/** What joins later gives its whole share after this many minutes in the heat, and less before †. */
const GIVES_OVER_MIN = 8;
/** States in which nothing was fried off yet. */
const UNFRIED: ReadonlySet<State> = new Set<State>(['withLiquid', 'raw', 'whole']);

/** What joins when the liquid is in: it was fried down nowhere, and has only the minutes that are left to give its water. */
function partThatJoins(item: PlannedIngredient, joins: string, plan: CompletePlan): InPot {
  const { ingredient, g, spread, release } = item;
  const cooks = DRIVES_OFF.has(ingredient.behaves) && !NOT_BASE.has(release.state);
  const raw = RELEASE[ingredient.behaves].find((r) => UNFRIED.has(r.state));
  const { state, available, drinks } = cooks && raw ? raw : release;
  const given = shareGiven(joins, plan);
  return {
    ingredient,
    state,
    g,
    leftG: g,
    available: available * given,
    drinks: drinks * given,
    spread,
    joins,
  };
}

/** Share of its water that what joins at a stage still gives, in the minutes that are left from there. */
function shareGiven(joins: string, { stages }: CompletePlan): number {
  const from = stages.findIndex((s) => s.id === joins);
  const minutes = stages.slice(from).reduce((sum, s) => sum + plannedMin(s), 0);
  return Math.min(1, minutes / GIVES_OVER_MIN);
}

/** Stew that was ladled out comes back as cooked down as it left. */
function partThatComesBack(part: InPot, joins: string, plan: CompletePlan): InPot {
  const given = shareGiven(joins, plan);
  return { ...part, available: part.available * given, drinks: part.drinks * given, joins };
}

function partOf(item: PlannedIngredient, share: number | undefined, ladledShare: number): InPot {
  const { ingredient, release, g, spread } = item;
  const { state, drinks } = release;
  if (!inBase(item)) return { ingredient, state, g, leftG: g, available: release.available, drinks, spread };
  const most = mostAvailable(ingredient);
  const available = share === undefined ? release.available : most * share;
  const kept = g * (1 - ladledShare);
  return {
    ingredient,
    state,
    g: kept,
    leftG: kept * (1 - (ingredient.water / 100) * Math.max(0, most - available)),
    available,
    drinks,
    spread,
  };
}

/** Heat capacity of what fries in the pot, its floor and its fat, kJ/K; `items` are what is in it. */
export function fatKJPerK(
  { vessel, ingredients }: CompletePlan,
  items: readonly { readonly ingredient: Ingredient; readonly g: number }[] = ingredients,
): number {
  let g = 0;
  for (const i of items) g += (i.g * i.ingredient.fat) / 100;
  return fryingHeatCapacity(vessel) + (g * CP_FAT) / 1000;
}

interface Base {
  readonly pool: number;
  readonly wentIn: number;
  readonly byStates: number;
}

function drivenOff(plan: CompletePlan, base: Base): { by: BaseAccount['by']; drivenOffG: number } {
  if (plan.base.weighsG !== undefined && base.wentIn > 0)
    return { by: 'weighed', drivenOffG: Math.min(base.pool, Math.max(0, base.wentIn - plan.base.weighsG)) };
  const timed = plan.stages.some((s) => s.act === 'base' && s.end.kind === 'minutes');
  if (!timed || base.pool <= 0) return { by: 'state', drivenOffG: base.byStates };
  const at = surroundings(plan);
  // What goes in is warmed to the boil, by the ring and by what fat and floor give up on the way down to it.
  const hotC = plan.stages.some((s) => s.act === 'warmFat') ? SHIMMERS_C : plan.roomC;
  const warmKJ = (base.wentIn * CP_WATER * BASE_HEAT * (at.boil.tempC - plan.roomC)) / 1000;
  let kJ = (hotC - at.boil.tempC) * fatKJPerK(plan) - warmKJ;
  for (const stage of plan.stages) {
    if (stage.act !== 'base') continue;
    kJ += (boilingSteamRate(at, stage) * at.boil.latentKJPerKg * plannedMin(stage)) / 1000;
  }
  const g = (Math.max(0, kJ) * 1000) / at.boil.latentKJPerKg;
  return { by: 'heat', drivenOffG: Math.min(base.pool, g) };
}

/** Water an open base loses on the heat it is cooked at, g/min. */
export function baseRate(plan: CompletePlan): number {
  const at = surroundings(plan);
  const stage = plan.stages.find((s) => s.act === 'base');
  const fire = { heat: stage?.heat ?? ('medium' as const), lid: 'off' as const };
  return boilingSteamRate(at, fire);
}
