import { parseAmount } from '../measures/parseAmount.js';
import type { Ingredient } from '../larder/composition.js';
import { grainById, ingredientById } from '../larder/larder.js';
import type { Grain } from '../larder/grains.js';
import { ownRows, type OwnIngredient } from '../larder/own.js';
import { METHODS } from '../method/methods.js';
import { deepFreeze, fail, ok, type Result } from '../result.js';
import { resolveAmount } from './amount.js';
import { baseAccount } from './base.js';
import { Checker, fieldsOf, shown } from './checker.js';
import { PLAN_DEFAULTS as D, RULES, type BaseInput, type CompletePlan, type PlanInput } from './planInput.js';
import type { PlanProblem } from './problem.js';
import { MOST_OWN, RANGES } from './ranges.js';
import { hobOf, vesselOf } from './readEquipment.js';
import { ingredientsOf, liquidOf } from './readIngredients.js';
import { stagesOf } from './readStages.js';

const WASHES = ['unwashed', 'rinsed', 'untilClear'] as const;
const DRAINS = ['shaken', 'sieve'] as const;
const TOASTS = ['none', 'coated', 'glossy', 'opaque', 'golden', 'deep'] as const;

/**
 * Checks a plan at the edge and fills its defaults. Everything wrong is reported at once, each at its field.
 * Never throws, whatever the input holds; never changes it.
 */
export function completePlan(given: PlanInput): Result<CompletePlan, readonly PlanProblem[]> {
  const input = fieldsOf(given);
  const c = new Checker();
  const grain = grainOf(c, input.grainId);
  const cupMl = c.number('cupMl', input.cupMl, D.cupMl, RANGES.cupMl);
  const wholeG = grain ? resolveAmount(c, 'grain', input.grain, grain, cupMl, RANGES.grainG) : undefined;
  const method = c.choice('method', input.method, D.method, METHODS);
  const vessel = vesselOf(c, input.vessel, method);
  const hob = hobOf(c, input.hob, vessel);
  const own = ownOf(c, input.own);
  const lookUp = (id: string): Ingredient | undefined => own.get(id) ?? ingredientById(id);
  const ingredients = ingredientsOf(c, input.ingredients, cupMl, lookUp);
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
  const base = baseOf(c, input.base);
  const saltWith = saltOf(c, input.saltWith);
  const stages = grain ? stagesOf(c, input, { grain, method, ...choices }, ingredients, vessel?.kind) : [];
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
  const each = (g: number): number => g / pots;
  const plan: CompletePlan = {
    ...choices,
    method,
    grain,
    grainG: each(wholeG),
    grainWeighed: weighed(input),
    vessel,
    hob,
    ingredients: pots === 1 ? ingredients : ingredients.map((i) => ({ ...i, g: each(i.g) })),
    base: pots === 1 ? base : sharedBase(base, pots),
    pourWith,
    thenWith,
    pourMostG: pourMostG === undefined ? undefined : each(pourMostG),
    sauceLeftG: each(choices.sauceLeftG),
    leanMl: each(choices.leanMl),
    liquidTempC,
    portions: each(portions),
    pots,
    saltWith,
    stages,
    cupMl,
  };
  checkBase(c, plan);
  return c.problems.length > 0 ? fail(c.problems) : ok(deepFreeze(plan));
}

function choicesOf(c: Checker, input: Partial<PlanInput>) {
  return {
    wash: c.choice('wash', input.wash, D.wash, WASHES),
    drain: c.choice('drain', input.drain, D.drain, DRAINS),
    sieveMin: c.number('sieveMin', input.sieveMin, D.sieveMin, RANGES.sieveMin),
    toast: c.choice('toast', input.toast, D.toast, TOASTS),
    served: c.choice('served', input.served, D.served, ['plain', 'withGravy', 'underSalty'] as const),
    crust: c.flag('crust', input.crust, D.crust),
    soakMin: c.number('soakMin', input.soakMin, D.soakMin, RANGES.soakMin),
    soakWaterC: c.number('soakWaterC', input.soakWaterC, D.soakWaterC, RANGES.waterC),
    soakWater: c.choice('soakWater', input.soakWater, D.soakWater, ['thrown', 'reused'] as const),
    laterShare: c.number('laterShare', input.laterShare, D.laterShare, RANGES.laterShare),
    holdTo: input.holdTo === undefined ? undefined : c.choice('holdTo', input.holdTo, 'oneToTwo', RULES),
    leanMl: c.number('leanMl', input.leanMl, D.leanMl, RANGES.leanMl),
    sauceLeftG: c.number('sauceLeftG', input.sauceLeftG, D.sauceLeftG, RANGES.sauceLeftG),
    altitudeM: c.number('altitudeM', input.altitudeM, D.altitudeM, RANGES.altitudeM),
    roomC: c.number('roomC', input.roomC, D.roomC, RANGES.roomC),
    texture: c.step('texture', input.texture, D.texture),
  };
}

/** True when the grain was put on a scale: given in g, or typed in a unit of mass. */
function weighed(input: Partial<PlanInput>): boolean {
  if (input.grain?.g !== undefined) return true;
  const parsed = parseAmount(input.grain?.text ?? '');
  return parsed.ok && parsed.value.kind === 'mass';
}

function grainOf(c: Checker, id: unknown): Grain | undefined {
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
    for (const part of ['water', 'fat', 'salt'] as const)
      c.number(`${field}.${part}`, o[part], 0, RANGES.per100G);
    c.number(`${field}.densityGPerMl`, o.densityGPerMl, 1, RANGES.densityGPerMl);
    c.choice(`${field}.body`, o.body, 'same', ['thinner', 'same', 'thicker'] as const);
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

function baseOf(c: Checker, given: BaseInput | undefined): BaseInput {
  const b = fieldsOf(given);
  return {
    ...(b.weighsG === undefined ? {} : { weighsG: c.required('base.weighsG', b.weighsG, RANGES.baseG) }),
    ...(b.ladleOutG === undefined
      ? {}
      : { ladleOutG: c.required('base.ladleOutG', b.ladleOutG, { ...RANGES.baseG, least: 0 }) }),
  };
}

const sharedBase = (base: BaseInput, pots: number): BaseInput => ({
  ...(base.weighsG === undefined ? {} : { weighsG: base.weighsG / pots }),
  ...(base.ladleOutG === undefined ? {} : { ladleOutG: base.ladleOutG / pots }),
});

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
