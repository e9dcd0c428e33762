import { soakIn } from '../../basics/method/soakStage.js';
import type { Ingredient } from '../../basics/larder/composition.js';
import { withAmylose } from '../../basics/larder/amylose.js';
import { AMYLOSE } from '../../basics/larder/grain.js';
import { grainById } from '../../basics/larder/grainById.js';
import { ingredientById } from '../../basics/larder/larder.js';
import type { Grain } from '../../basics/larder/grains.js';
import { ownRows, type OwnIngredient } from '../../basics/larder/own.js';
import { isWet, type Stage } from '../../basics/method/stage.js';
import { METHODS } from '../../basics/method/methods.js';
import { deepFreeze, fail, ok, type Result } from '../../basics/result.js';
import { readText, resolveAmount } from './amount.js';
import { baseAccount } from './base.js';
import { besideOf } from './beside.js';
import { Checker, fieldsOf, shown } from './checker.js';
import {
  PLAN_DEFAULTS as D,
  RULES,
  type BaseInput,
  type CompletePlan,
  type PlanInput,
  type PlannedIngredient,
} from './planInput.js';
import { BASE, OWN, PLAN } from './planFields.js';
import type { PlanProblem } from './problem.js';
import { MOST_OWN, RANGES } from './ranges.js';
import { hobOf, vesselOf } from './readEquipment.js';
import { ingredientsOf, liquidOf } from './readIngredients.js';
import { stagesOf } from './readStages.js';
import { scaleComplete } from './scalePlan.js';

/**
 * Checks a plan at the edge and fills its defaults. Everything wrong is reported at once, each at its field.
 * Never throws, whatever the input holds; never changes it.
 * @example completePlan(input).value.grainG // 350
 */
export function completePlan(asked: PlanInput): Result<CompletePlan, readonly PlanProblem[]> {
  const input = fieldsOf(asked);
  const c = new Checker();
  const grain = grainOf(c, input);
  const cupMl = c.number('cupMl', input.cupMl, D.cupMl, RANGES.cupMl);
  const wholeG = grain ? resolveAmount(c, 'grain', input.grain, grain, cupMl, RANGES.grainG) : undefined;
  const method = c.choice('method', input.method, D.method, METHODS);
  const vessel = vesselOf(c, input.vessel, method);
  const hob = hobOf(c, input.hob, vessel);
  const own = ownOf(c, input.own);
  const lookUp = (id: string): Ingredient | undefined => own.get(id) ?? ingredientById(id);
  const given = ingredientsOf(c, input.ingredients, cupMl, lookUp);
  const pourWith = liquidOf(c, 'pourWith', input.pourWith, D.pourWith, lookUp);
  const thenWith = liquidOf(c, 'thenWith', input.thenWith, D.thenWith, lookUp);
  const choices = choicesOf(c, input);
  const pots = Math.round(c.number('pots', input.pots, D.pots, RANGES.pots));
  const liquidTempC = c.number('liquidTempC', input.liquidTempC, Math.max(1, choices.roomC), RANGES.waterC);
  const portions = c.number(
    'portions',
    input.portions,
    Math.max(1, Math.round((wholeG ?? 0) / D.gramsPerPortion)),
    RANGES.portions,
  );
  const pourMostG =
    input.pourMost && pourWith
      ? resolveAmount(c, 'pourMost', input.pourMost, pourWith, cupMl, RANGES.ingredientG)
      : undefined;
  besideOf(c, input.beside);
  const givenBase = baseOf(c, input.base);
  const saltWith = saltOf(c, input.saltWith);
  const stages = grain ? stagesOf(c, input, { grain, method, ...choices }, given, vessel?.kind) : [];
  const ingredients = given.map((item) => joined(item, stages));
  const base = backAt(givenBase, stages);
  const usualPourG =
    input.usualPour && pourWith
      ? resolveAmount(c, 'usualPour', input.usualPour, pourWith, cupMl, RANGES.ingredientG)
      : undefined;
  if (input.holdTo === 'usual' && input.usualPour === undefined) c.add('usualPour', 'missing');
  if (
    c.problems.length > 0 ||
    !grain ||
    wholeG === undefined ||
    !vessel ||
    !pourWith ||
    !thenWith ||
    !saltWith
  )
    return fail(c.problems);
  const whole: CompletePlan = {
    ...choices,
    // One soak: stages that the cook has edited say how long it is.
    soakMin: (input.stages ? soakIn(stages) : undefined) ?? choices.soakMin,
    method,
    grain,
    grainG: wholeG,
    grainWeighed: weighed(input),
    vessel,
    hob,
    ingredients,
    base,
    pourWith,
    thenWith,
    pourMostG,
    usualPourMl: usualPourG === undefined ? undefined : usualPourG / pourWith.densityGPerMl,
    liquidTempC,
    portions,
    pots,
    saltWith,
    stages,
    cupMl,
  };
  const plan = pots === 1 ? whole : scaleComplete(whole, 1 / pots);
  checkBase(c, plan);
  return c.problems.length > 0 ? fail(c.problems) : ok(deepFreeze(plan));
}

/** An ingredient with the stage it joins at, where the liquid is in by then; one that names no such stage goes in with the rest. */
function joined({ joins, ...item }: PlannedIngredient, stages: readonly Stage[]): PlannedIngredient {
  return comesLater(joins, stages) ? { ...item, joins } : item;
}

/** True for the id of a stage that comes after the first liquid. */
function comesLater(id: string | undefined, stages: readonly Stage[]): id is string {
  const first = stages.findIndex((s) => isWet(s.act) || s.act === 'fryDry');
  return id !== undefined && first >= 0 && stages.findIndex((s) => s.id === id) > first;
}

/** The base; stew that comes back at no stage of this pot stays out. */
function backAt({ ladleBack, ...base }: BaseInput, stages: readonly Stage[]): BaseInput {
  return comesLater(ladleBack, stages) ? { ...base, ladleBack } : base;
}

const F = PLAN.fields;
type Plain = Exclude<
  keyof typeof D & keyof CompletePlan & keyof typeof F,
  'pourWith' | 'thenWith' | 'saltWith'
>;

/** The choices that are one word, one number or a yes and no. */
function choicesOf(c: Checker, input: Partial<PlanInput>) {
  const read = <K extends Plain>(key: K): CompletePlan[K] =>
    c.read<string | number | boolean>(key, F[key], input[key], D[key]) as CompletePlan[K];
  return {
    wash: read('wash'),
    drain: read('drain'),
    sieveMin: read('sieveMin'),
    toast: read('toast'),
    served: read('served'),
    crust: read('crust'),
    soakMin: read('soakMin'),
    soakWaterC: read('soakWaterC'),
    soakWater: read('soakWater'),
    laterShare: read('laterShare'),
    holdTo: input.holdTo === undefined ? undefined : c.choice('holdTo', input.holdTo, RULES[0], RULES),
    leanMl: read('leanMl'),
    sauceLeftG: read('sauceLeftG'),
    altitudeM: read('altitudeM'),
    fingerMm: read('fingerMm'),
    roomC: read('roomC'),
    texture: read('texture'),
    softerSteps: read('softerSteps'),
    learntPoints: read('learntPoints'),
    learntSpread: read('learntSpread'),
  };
}

/** True when the grain was put on a scale: given in g, or typed in a unit of mass. */
function weighed(input: Partial<PlanInput>): boolean {
  if (input.grain?.g !== undefined) return true;
  const read = readText(input.grain?.text ?? '', D.cupMl);
  return read.ok && read.value.kind === 'mass';
}

function grainOf(c: Checker, { grainId, amylose }: Partial<PlanInput>): Grain | undefined {
  const usual = usualGrain(c, grainId);
  const ofBag =
    amylose === undefined
      ? undefined
      : c.choice('amylose', amylose, usual?.amylose ?? 'intermediate', AMYLOSE);
  return usual && withAmylose(usual, ofBag);
}

function usualGrain(c: Checker, id: unknown): Grain | undefined {
  if (id === undefined || id === null || id === '') return c.add('grainId', 'missing');
  return typeof id === 'string'
    ? (grainById(id) ?? c.add('grainId', 'unknownId', { found: id }))
    : c.add('grainId', 'unknownId', { found: shown(id) });
}

const NO_OWN: ReadonlyMap<string, Ingredient> = new Map();

function ownOf(c: Checker, own: readonly OwnIngredient[] | undefined): ReadonlyMap<string, Ingredient> {
  if (own === undefined) return NO_OWN;
  if (!Array.isArray(own))
    return c.refuse(NO_OWN, 'own', 'notAChoice', { found: typeof own, choices: 'a list' });
  if (own.length > MOST_OWN) return c.refuse(NO_OWN, 'own', 'tooMany', { most: MOST_OWN });
  const list = own as readonly OwnIngredient[];
  const before = c.problems.length;
  list.forEach((given, i) => {
    const o = fieldsOf(given);
    const field = `own[${i.toString()}]`;
    if (typeof o.id !== 'string' || o.id === '') c.add(`${field}.id`, 'missing');
    if (typeof o.name !== 'string') c.add(`${field}.name`, 'missing');
    const { water, fat, salt, densityGPerMl, body } = o;
    c.given(field, OWN, { water, fat, salt, densityGPerMl, body });
  });
  if (c.problems.length > before) return NO_OWN;
  const rows = ownRows(list);
  if (rows.ok) return new Map(rows.value.map((r) => [r.id, r]));
  for (const p of rows.error) {
    const i = list.findIndex((o) => o.id === p.id);
    c.add(`own[${i.toString()}].${p.field}`, `own.${p.code}`, { found: p.found });
  }
  return NO_OWN;
}

const baseOf = (c: Checker, given: BaseInput | undefined): BaseInput => {
  const { weighsG, ladleOutG, ladleBack } = fieldsOf(given);
  const amounts = c.given('base', BASE, { weighsG, ladleOutG });
  return typeof ladleBack === 'string' ? { ...amounts, ladleBack } : amounts;
};

/** A weight that what went in could not have is a slip at the scale, not a base. */
const SCALE_SLACK = 1.03;

function checkBase(c: Checker, plan: CompletePlan): void {
  const { weighsG, ladleOutG } = plan.base;
  if (weighsG === undefined && !ladleOutG) return;
  const { wentInG, leastG, massG } = baseAccount(plan);
  const field = weighsG === undefined ? 'base.ladleOutG' : 'base.weighsG';
  if (wentInG <= 0) c.add(field, 'noBase');
  else if (weighsG !== undefined && weighsG > wentInG * SCALE_SLACK)
    c.add('base.weighsG', 'baseHeavier', { wentInG: Math.round(wentInG) });
  else if (weighsG !== undefined && weighsG < leastG / SCALE_SLACK)
    c.add('base.weighsG', 'baseLighter', { leastG: Math.round(leastG) });
  else if (ladleOutG !== undefined && ladleOutG >= massG)
    c.add('base.ladleOutG', 'ladleAll', { massG: Math.round(massG) });
}

/** Least salt in 100 g for something to be salted with, g. */
const SALT_FROM = 20;

function saltOf(c: Checker, id: string | undefined): Ingredient | undefined {
  const found = ingredientById(id ?? D.saltWith);
  if (!found || found.salt < SALT_FROM) return c.add('saltWith', 'unknownId', { found: shown(id) });
  return found;
}
