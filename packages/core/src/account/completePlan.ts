import { HOB_POWER_W } from '../heat/constants.js';
import type { HobSpec, VesselSpec } from '../heat/equipment.js';
import { parseAmount } from '../measures/parseAmount.js';
import { ingredientById, grainById, releaseOf, statesOf } from '../larder/larder.js';
import type { Grain } from '../larder/grains.js';
import { coveredAbsorption } from '../method/coveredAbsorption.js';
import { orderProblems } from '../method/order.js';
import { ACTS, type Stage } from '../method/stage.js';
import { deepFreeze, fail, ok, type Result } from '../result.js';
import { resolveAmount } from './amount.js';
import { Checker, fieldsOf, shown } from './checker.js';
import type {
  CompletePlan,
  HobInput,
  IngredientInput,
  PlanInput,
  PlannedIngredient,
  VesselInput,
} from './planInput.js';
import { PLAN_DEFAULTS as D } from './planInput.js';
import type { PlanProblem } from './problem.js';
import { MOST_INGREDIENTS, MOST_STAGES, RANGES } from './ranges.js';

const WASHES = ['unwashed', 'rinsed', 'untilClear'] as const;
const DRAINS = ['shaken', 'sieve'] as const;
const TOASTS = ['none', 'coated', 'glossy', 'opaque', 'golden'] as const;
const LIDS = ['loose', 'wellFitting', 'tight'] as const;
const WALLS = ['thin', 'heavy'] as const;
const HOB_KINDS = ['gas', 'electric', 'induction'] as const;
const SETTINGS = ['high', 'mediumHigh', 'medium', 'low', 'veryLow', 'off'] as const;
const LID_STATES = ['off', 'ajar', 'on', 'sealed'] as const;

/** Minutes a base usually takes by its most cooked-down part †. */
const BASE_MIN: Readonly<Record<string, number>> = {
  translucent: 5,
  softened: 6,
  mushy: 8,
  golden: 10,
  browned: 6,
  brown: 18,
  oilSeparated: 20,
};

/**
 * Checks a plan at the edge and fills its defaults. Everything wrong is reported at once, each at its field.
 * Never throws, whatever the input holds; never changes it.
 */
export function completePlan(given: PlanInput): Result<CompletePlan, readonly PlanProblem[]> {
  const input = fieldsOf(given);
  const c = new Checker();
  const grain = grainOf(c, input.grainId);
  const cupMl = c.number('cupMl', input.cupMl, D.cupMl, RANGES.cupMl);
  const grainG = grain ? resolveAmount(c, 'grain', input.grain, grain, cupMl, RANGES.grainG) : undefined;
  const vessel = vesselOf(c, input.vessel);
  const hob = hobOf(c, input.hob);
  const ingredients = ingredientsOf(c, input, cupMl);
  const pourWith = liquidOf(c, input.pourWith);
  const choices = {
    wash: c.choice('wash', input.wash, D.wash, WASHES),
    drain: c.choice('drain', input.drain, D.drain, DRAINS),
    toast: c.choice('toast', input.toast, D.toast, TOASTS),
    served: c.choice('served', input.served, D.served, ['plain', 'underSalty'] as const),
    soakMin: c.number('soakMin', input.soakMin, D.soakMin, RANGES.soakMin),
    soakWaterC: c.number('soakWaterC', input.soakWaterC, D.soakWaterC, RANGES.waterC),
    sauceLeftG: c.number('sauceLeftG', input.sauceLeftG, D.sauceLeftG, RANGES.sauceLeftG),
    altitudeM: c.number('altitudeM', input.altitudeM, D.altitudeM, RANGES.altitudeM),
    roomC: c.number('roomC', input.roomC, D.roomC, RANGES.roomC),
    texture: c.step('texture', input.texture, D.texture),
  };
  c.choice('method', input.method, 'coveredAbsorption', ['coveredAbsorption'] as const);
  const liquidTempC = c.number('liquidTempC', input.liquidTempC, Math.max(1, choices.roomC), RANGES.waterC);
  const portions = c.number(
    'portions',
    input.portions,
    Math.max(1, Math.round((grainG ?? 0) / D.gramsPerPortion)),
    RANGES.portions,
  );
  const stages = grain ? stagesOf(c, input, grain, choices, ingredients) : [];
  if (c.problems.length > 0 || !grain || grainG === undefined || !vessel || !pourWith)
    return fail(c.problems);
  return ok(
    deepFreeze({
      ...choices,
      grain,
      grainG,
      grainWeighed: weighed(input),
      vessel,
      hob,
      ingredients,
      pourWith,
      liquidTempC,
      portions,
      stages,
    }),
  );
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

function liquidOf(c: Checker, id: string | undefined) {
  const found = ingredientById(id ?? D.pourWith);
  if (!found) return c.add('pourWith', 'unknownId', { found: shown(id) });
  if (found.behaves !== 'liquid' && found.behaves !== 'coconutMilk')
    return c.add('pourWith', 'notALiquid', { name: found.name });
  return found;
}

function vesselOf(c: Checker, input: VesselInput | undefined): VesselSpec | undefined {
  // The check is for callers without types: the whole plan may be a stranger's JSON.
  if (typeof input !== 'object' || (input as unknown) === null) return c.add('vessel', 'missing');
  return {
    diameterCm: c.required('vessel.diameterCm', input.diameterCm, RANGES.diameterCm),
    volumeMl: c.required('vessel.volumeMl', input.volumeMl, RANGES.volumeMl),
    lid: c.choice('vessel.lid', input.lid, D.lid, LIDS),
    wall: c.choice('vessel.wall', input.wall, D.wall, WALLS),
  };
}

function hobOf(c: Checker, given: HobInput | undefined): HobSpec {
  const input = fieldsOf(given);
  const powers = fieldsOf(input.powerW);
  const powerW = { ...HOB_POWER_W } as Record<(typeof SETTINGS)[number], number>;
  for (const setting of SETTINGS) {
    powerW[setting] = c.number(`hob.powerW.${setting}`, powers[setting], HOB_POWER_W[setting], RANGES.powerW);
  }
  return { kind: c.choice('hob.kind', input.kind, D.hobKind, HOB_KINDS), powerW };
}

function ingredientsOf(c: Checker, input: Partial<PlanInput>, cupMl: number): PlannedIngredient[] {
  const list = input.ingredients ?? [];
  if (!Array.isArray(list))
    return c.refuse([], 'ingredients', 'notAChoice', { found: typeof list, choices: 'a list' });
  if (list.length > MOST_INGREDIENTS)
    return c.refuse([], 'ingredients', 'tooMany', { most: MOST_INGREDIENTS });
  return (list as readonly IngredientInput[]).flatMap((given, i) => {
    const item = fieldsOf(given);
    const field = `ingredients[${i.toString()}]`;
    const ingredient = ingredientById(item.ingredientId ?? '');
    if (!ingredient)
      return c.refuse([], `${field}.ingredientId`, 'unknownId', { found: shown(item.ingredientId) });
    const g = resolveAmount(c, `${field}.amount`, item.amount, ingredient, cupMl, RANGES.ingredientG);
    const states = statesOf(ingredient);
    const release = releaseOf(ingredient, item.state ?? states[0] ?? 'whole');
    if (!release) {
      const values = { name: ingredient.name, found: shown(item.state), choices: states.join(', ') };
      return c.refuse([], `${field}.state`, 'noSuchState', values);
    }
    return g === undefined ? [] : [{ ingredient, g, release }];
  });
}

type Choices = Pick<CompletePlan, 'wash' | 'drain' | 'toast' | 'soakMin'>;

function stagesOf(
  c: Checker,
  input: Partial<PlanInput>,
  grain: Grain,
  choices: Choices,
  ingredients: readonly PlannedIngredient[],
): readonly Stage[] {
  if (input.stages) return checkedStages(c, input.stages);
  const t = fieldsOf(input.timing);
  const timing = {
    openBoilMin: c.number('timing.openBoilMin', t.openBoilMin, 0, RANGES.stageMin),
    openBoilHeat: c.choice('timing.openBoilHeat', t.openBoilHeat, 'mediumHigh', SETTINGS),
    coveredHeat: c.choice('timing.coveredHeat', t.coveredHeat, 'low', SETTINGS),
    restMin: c.number('timing.restMin', t.restMin, 8, RANGES.stageMin),
    ...(t.coveredMin === undefined
      ? {}
      : { coveredMin: c.number('timing.coveredMin', t.coveredMin, 15, RANGES.coveredMin) }),
  };
  const hasFat = ingredients.some((i) => i.ingredient.behaves === 'fat');
  const baseMin = Math.max(0, ...ingredients.map((i) => BASE_MIN[i.release.state] ?? 0));
  return coveredAbsorption({ grain, ...choices, hasFat, baseMin, timing });
}

function checkedStages(c: Checker, stages: readonly Stage[]): readonly Stage[] {
  if (!Array.isArray(stages))
    return c.refuse([], 'stages', 'notAChoice', { found: typeof stages, choices: 'a list' });
  if (stages.length > MOST_STAGES) return c.refuse([], 'stages', 'tooMany', { most: MOST_STAGES });
  const list = stages as readonly Stage[];
  const before = c.problems.length;
  list.forEach((given, i) => {
    const s = fieldsOf(given);
    const field = `stages[${i.toString()}]`;
    if (typeof s.id !== 'string' || s.id === '') c.add(`${field}.id`, 'missing');
    c.choice(`${field}.act`, s.act, 'rest', ACTS);
    c.choice(`${field}.heat`, s.heat, 'off', SETTINGS);
    c.choice(`${field}.lid`, s.lid, 'off', LID_STATES);
    const end = fieldsOf(s.end);
    if (end.kind === 'minutes') c.required(`${field}.end.minutes`, end.minutes, RANGES.stageMin);
    else if (end.kind === 'sign') c.required(`${field}.end.expectMin`, end.expectMin, RANGES.stageMin);
    else
      c.add(`${field}.end.kind`, 'notAChoice', {
        found: shown((end as { kind?: unknown }).kind),
        choices: 'minutes, sign',
      });
  });
  // Order only means something once every stage can be read.
  if (c.problems.length > before) return [];
  for (const p of orderProblems(list))
    c.add(`stages[${p.index.toString()}].act`, `order.${p.code}`, { act: p.act });
  return list;
}
