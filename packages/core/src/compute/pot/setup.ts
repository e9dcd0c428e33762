import { heatParts, type HeatParts } from '../account/contents.js';
import { dryMatter } from '../../basics/grain/moisture.js';
import { clingingPerG, startW } from '../../basics/grain/preparing.js';
import { soakProgress } from '../../basics/grain/soaking.js';
import { drinksPerMin, fullW } from '../../basics/grain/uptake.js';
import { ingredientTerms, filmSolids } from '../account/ingredientTerms.js';
import { inPot } from '../../plan/input/base.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import { surroundings } from '../../plan/input/surroundings.js';
import { LOSS_W_PER_M2K } from '../../basics/heat/constants.js';
import { openingM2 } from '../../basics/heat/equipment.js';
import type { Surroundings } from '../../basics/heat/steam.js';
import { HOT_SPOT, LEACHES, SETTLES } from './constants.js';
import { FLOOR_LAYER_G_PER_M2 } from '../../basics/grain/kernel.js';
import { cooksPerMin } from '../../basics/grain/kinetics.js';

/**
 * What a kitchen hides: how its true values differ from those the plan goes by. Factors but for the moisture
 * (points), the timing (minutes) and the bag (a factor on the water its grain wants for the same texture).
 */
export interface TrueValues {
  readonly grain: number;
  readonly moisturePoints: number;
  readonly power: number;
  readonly lid: number;
  readonly brought: number;
  readonly speed: number;
  readonly timingMin: number;
  readonly bag: number;
}

/** A kitchen that is as the plan says. */
export const AS_PLANNED: TrueValues = {
  grain: 1,
  moisturePoints: 0,
  power: 1,
  lid: 1,
  brought: 1,
  speed: 1,
  timingMin: 0,
  bag: 1,
};

/** The lid's heat loss varies less than its leak: this power of the lid's factor †. */
const LOSS_FOLLOWS_LID = 0.5;

/** A plan as the pot meets it: everything a stage does not change. */
export interface Setup {
  readonly plan: CompletePlan;
  readonly at: Surroundings;
  readonly truth: TrueValues;
  readonly dryG: number;
  readonly startW: number;
  readonly clingingG: number;
  readonly broughtG: number;
  /** Water of what joins later, g, by its stage. */
  readonly joining: ReadonlyMap<string, number>;
  /** Water that film and sauce keep from the grain, g. */
  readonly heldG: number;
  /** What noodles and pulses drink in all, g. */
  readonly othersDrinkG: number;
  readonly fullW: number;
  readonly drinksPerMin: number;
  readonly cooksPerMin: number;
  /** Starch that can leach in all, g. */
  readonly starchG: number;
  readonly parts: HeatParts;
  readonly areaM2: number;
  /** Thickness of the sludge the base makes if all of it settled, mm. */
  readonly layerMm: number;
  readonly solidsG: number;
  /** Water of the layer of grain on the floor when it is wet, g. */
  readonly crustG: number;
  readonly hotSpot: number;
}

/** Points of moisture in the bag as a step of W: the derivative of water over dry matter. */
const wOfPoints = (points: number, waterPercent: number): number =>
  (points * 100) / (100 - waterPercent) ** 2;

/**
 * Everything about a plan that no stage changes.
 * @example setupOf(plan).dryG // 309.4
 */
export function setupOf(plan: CompletePlan, truth: TrueValues = AS_PLANNED): Setup {
  const grainG = plan.grainG * truth.grain;
  const dryG =
    (dryMatter(plan.grain, grainG) * (100 - plan.grain.water - truth.moisturePoints)) /
    (100 - plan.grain.water);
  let broughtG = 0;
  let heldG = 0;
  let othersDrinkG = 0;
  const joining = new Map<string, number>();
  for (const { kind, g, id, joins } of termsOf(plan)) {
    if (kind === 'broughtIn') {
      const truly = g * (isLiquid(plan, id) ? 1 : truth.brought);
      if (joins === undefined) broughtG += truly;
      else joining.set(joins, (joining.get(joins) ?? 0) + truly);
    } else if (kind === 'heldByOthers') heldG += g;
    else if (kind === 'drunkByOthers') othersDrinkG += g;
  }
  let solidsG = 0;
  for (const item of inPot(plan)) solidsG += filmSolids(item);
  const at = truthful(surroundings(plan), truth);
  const areaM2 = openingM2(plan.vessel);
  const dissolved = soakProgress(plan.grain, plan.soakMin, plan.soakWaterC);
  return {
    plan,
    at,
    truth,
    dryG,
    startW: startW(plan) + wOfPoints(truth.moisturePoints, plan.grain.water) * (1 - dissolved),
    clingingG: grainG * clingingPerG(plan),
    broughtG,
    joining,
    heldG,
    othersDrinkG,
    fullW: fullW(plan.grain),
    drinksPerMin: drinksPerMin(plan) * truth.speed,
    cooksPerMin: cooksPerMin(plan.grain) * truth.speed,
    starchG: LEACHES[plan.wash] * dryG,
    parts: partsOf(plan, truth.grain),
    areaM2,
    layerMm: (SETTLES.sludgePerG * solidsG) / (areaM2 * 1000),
    solidsG,
    crustG: FLOOR_LAYER_G_PER_M2 * areaM2,
    hotSpot: hotSpotOf(plan),
  };
}

const PARTS = new WeakMap<CompletePlan, HeatParts>();

/** The heat parts of a plan are worked out once; the grain's own go with its mass. */
function partsOf(plan: CompletePlan, grain: number): HeatParts {
  let parts = PARTS.get(plan);
  if (!parts) {
    parts = heatParts(plan);
    PARTS.set(plan, parts);
  }
  if (grain === 1) return parts;
  const { othersKJPerK, othersMl, grainKJPerK, grainMl, potC } = parts;
  return { othersKJPerK, othersMl, grainKJPerK: grainKJPerK * grain, grainMl: grainMl * grain, potC };
}

const TERMS = new WeakMap<CompletePlan, ReturnType<typeof ingredientTerms>>();

function termsOf(plan: CompletePlan): ReturnType<typeof ingredientTerms> {
  const known = TERMS.get(plan);
  if (known) return known;
  const made = ingredientTerms(plan);
  TERMS.set(plan, made);
  return made;
}

/** Stock and milk bring all of their water whatever is done to them: there is nothing to doubt. */
function isLiquid(plan: CompletePlan, termId: string): boolean {
  const index = Number(termId.slice(termId.lastIndexOf('.') + 1));
  return (inPot(plan)[index]?.available ?? 0) >= 1;
}

function truthful(at: Surroundings, truth: TrueValues): Surroundings {
  if (truth.power === 1 && truth.lid === 1) return at;
  const powerW = { ...at.hob.powerW };
  for (const key in powerW) powerW[key as keyof typeof powerW] *= truth.power;
  const lidLossWPerM2K = (at.vessel.lidLossWPerM2K ?? LOSS_W_PER_M2K) * truth.lid ** LOSS_FOLLOWS_LID;
  return { ...at, hob: { ...at.hob, powerW }, vessel: { ...at.vessel, lidLossWPerM2K } };
}

function hotSpotOf({ vessel, hob }: CompletePlan): number {
  if (vessel.wall === 'heavy') return HOT_SPOT.heavy;
  return hob.kind === 'gas'
    ? HOT_SPOT.thinOnFlame
    : hob.kind === 'builtIn'
      ? HOT_SPOT.heavy
      : HOT_SPOT.thinOnPlate;
}
