import {
  completePlan,
  grainById,
  isWet,
  METHOD_VESSEL,
  millilitresOf,
  statesOf,
  type Act,
  type IngredientInput,
  type Recipe,
  type Stage,
  type State,
} from '@hammock/core';
import type { DishSpec } from '@hammock/core/records';
import { usualVessel, type Draft } from '../../stores/draftOf.js';
import type { KitchenThings } from '../../stores/kitchenThings.js';
import { rowOf } from '../../stores/ownLarder.js';
import { planInputOf } from '../../stores/planInput.js';
import { isWidth } from '../../stores/potOfWidth.js';

type Line = Recipe['lines'][number];
/** What is taken from the telling besides its things. */
type Told = Omit<Recipe, 'lines' | 'leftOut'>;

/** Kinds that are fried as far as a word says. */
const FRIED: ReadonlySet<string> = new Set(['onion', 'tomato', 'smoothTomato', 'softVegetable']);

/** How far a thing is fried by what was said of the frying: an onion is brown where meat is browned. */
function friedTo(id: string, states: Recipe['states']): State | undefined {
  const row = rowOf(id);
  if (!row || !FRIED.has(row.behaves)) return undefined;
  const has = statesOf(row);
  return states
    .map((s) => (s === 'browned' && row.behaves === 'onion' ? 'brown' : s))
    .find((s) => has.includes(s));
}

/** How a line goes into the plan as an ingredient. */
function inputOf(line: Line, states: Recipe['states']): IngredientInput {
  const ingredientId = line.id ?? '';
  const how = line.state ?? friedTo(ingredientId, states);
  return {
    ingredientId,
    amount: line.amount ?? { g: 0 },
    ...(how === undefined ? {} : { state: how }),
    ...(line.spread === undefined ? {} : { spread: line.spread }),
    ...(line.note === '' ? {} : { note: line.note.slice(0, 200) }),
  };
}

function mlOf({ id = '', amount }: Line): number | undefined {
  const row = rowOf(id) ?? grainById(id);
  return amount && row && millilitresOf(amount, row);
}

/** The cook's own pour: what the telling measures out, or its ratio to the grain. */
function usualPour(
  pours: readonly Line[],
  grain: Line | undefined,
  ratio: number | undefined,
): DishSpec['usualPour'] {
  const ml = pours.reduce((sum, l) => sum + (mlOf(l) ?? 0), 0);
  if (ml > 0) return { ml };
  const grainMl = grain && mlOf(grain);
  return ratio !== undefined && grainMl !== undefined ? { ml: ratio * grainMl } : undefined;
}

const known = <T extends object>(fields: { readonly [K in keyof T]?: T[K] | undefined }): Partial<T> =>
  Object.fromEntries(Object.entries(fields).filter(([, v]) => v !== undefined)) as Partial<T>;

/**
 * The plan with all that was understood of a telling: things, grain and its soak, pot, method, minutes, the cook's own
 * pour; and its words at the stages they belong to.
 * @param ready lines that need nothing more
 * @param kitchenNow the kitchen, also once a pot was made
 * @param widthId id of a pot of a width, made where there is none
 */
export function withTold(
  draft: Draft,
  ready: readonly Line[],
  told: Told,
  kitchenNow: () => KitchenThings,
  widthId: (cm: number) => string,
): Draft {
  const kitchen = kitchenNow();
  const grain = ready.find((l) => l.isGrain);
  const pours = ready.filter((l) => l.pours === true);
  const potCm = ready.findLast((l) => l.potCm !== undefined)?.potCm;
  const things = ready.filter((l) => l !== grain && l.pours !== true && l.id !== undefined && !l.isGrain);
  const list = things.map((l) => inputOf(l, told.states));
  const bag = grain && kitchen.bags.find((b) => b.grainId === grain.id);
  // Another method, or steps of its own, has other stages; one thing more has not.
  const { stages: _old, ...bare } = draft.spec;
  const before = told.method === undefined && told.steps.length === 0 ? draft.spec : bare;
  const spec: DishSpec = {
    ...before,
    ...(list.length > 0 ? { ingredients: [...(before.ingredients ?? []), ...list] } : {}),
    ...(grain?.amount && grain.id !== undefined ? { grainId: grain.id, grain: grain.amount } : {}),
    ...known<DishSpec>({
      portions: told.portions,
      method: told.method,
      soakMin: told.soakMin,
      wash: told.wash,
      drain: told.drain,
      soakWater: told.soakWater,
      toast: told.toast,
      crust: told.crust,
      pourWith: pours[0]?.id,
      usualPour: usualPour(pours, grain, told.ratio),
      holdTo: told.baseOnly ? 'baseOnly' : undefined,
    }),
    ...(Object.keys(told.timing).length > 0 ? { timing: { ...before.timing, ...told.timing } } : {}),
  };
  const kind = METHOD_VESSEL[spec.method ?? 'coveredAbsorption'];
  const fits = kitchen.vessels.find((v) => v.id === draft.vesselId)?.kind === kind;
  const vesselId =
    potCm !== undefined && isWidth(potCm)
      ? widthId(potCm)
      : fits
        ? draft.vesselId
        : usualVessel(kitchen.vessels, kind);
  const made: Draft = {
    ...draft,
    // A dish that is kept keeps its name.
    ...(told.title === undefined || draft.dishId !== null ? {} : { label: told.title.slice(0, 60) }),
    bagId: grain ? (bag?.id ?? null) : draft.bagId,
    vesselId,
    spec,
  };
  const stages = stagesTold(made, told, kitchenNow());
  if (!stages) return made;
  const joining = things.map((l) => joined(inputOf(l, told.states), l.act, stages));
  const ingredients = [...(before.ingredients ?? []), ...joining];
  return { ...made, spec: { ...spec, stages, ingredients } };
}

/** Acts of a telling that a method's own stages do not have, and where they stand. */
const EXTRA: Readonly<Partial<Record<Act, 'first' | 'afterPour' | 'last'>>> = {
  marinate: 'first',
  steep: 'first',
  taste: 'afterPour',
  fork: 'last',
  spicesOut: 'last',
  turnOut: 'last',
};
/** Where words about an act stand when the method calls it otherwise. */
const ALSO: Readonly<Partial<Record<Act, readonly Act[]>>> = {
  soak: ['drain'],
  drain: ['soak'],
  toast: ['base', 'fryDry', 'warmFat'],
  base: ['warmFat', 'toast'],
  boil: ['pressureUp', 'cook', 'boilDown', 'openBoil'],
  openBoil: ['boilDown', 'boil'],
  boilDown: ['openBoil', 'boil'],
  cook: ['boil', 'simmer'],
  simmer: ['steam', 'pressure', 'cook'],
  turn: ['simmer'],
  pressure: ['pressureUp', 'simmer'],
  fryDry: ['toast', 'base'],
  rest: ['release', 'steam', 'simmer'],
};
/** What there is room for at one stage, characters. */
const MOST_WORDS = 280;

/** Acts with the liquid in: what is named there joins there. */
const LATE: ReadonlySet<Act> = new Set<Act>([
  'openBoil',
  'boilDown',
  'taste',
  'simmer',
  'turn',
  'rest',
  'fork',
  'spicesOut',
]);

/** The stage that words about an act stand at. */
const stageOf = (act: Act, stages: readonly Stage[]): Stage | undefined =>
  [act, ...(ALSO[act] ?? [])].map((a) => stages.find((s) => s.act === a)).find((s) => s !== undefined);

/** A thing that was named once the liquid was in joins where it was named. */
function joined(item: IngredientInput, act: Act | undefined, stages: readonly Stage[]): IngredientInput {
  const at = act && LATE.has(act) ? stageOf(act, stages) : undefined;
  const first = stages.findIndex((s) => isWet(s.act) || s.act === 'fryDry');
  return at && stages.indexOf(at) > first ? { ...item, joins: at.id } : item;
}

/** The method's stages in the cook's order, with the cook's words; undefined where there is nothing to add. */
function stagesTold(
  draft: Draft,
  { steps, order }: Told,
  kitchen: KitchenThings,
): readonly Stage[] | undefined {
  if (steps.length === 0) return undefined;
  const plan = completePlan(planInputOf(draft, kitchen));
  if (!plan.ok) return undefined;
  const stages = inOrder(withExtras([...plan.value.stages], steps), order);
  let last = stages[0];
  const notes = new Map<string, string>();
  for (const { text, act } of steps) {
    const at = act && stageOf(act, stages);
    last = at ?? last;
    if (!last) continue;
    const sofar = notes.get(last.id);
    const next = sofar === undefined ? sentence(text) : `${sofar} ${sentence(text)}`;
    if (next.length <= MOST_WORDS) notes.set(last.id, next);
    else last = stages[stages.indexOf(last) + 1] ?? last;
  }
  return stages.map((s) => (notes.has(s.id) ? { ...s, note: notes.get(s.id) ?? '' } : s));
}

const sentence = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;

function withExtras(stages: Stage[], steps: Told['steps']): Stage[] {
  for (const act of new Set(steps.map((s) => s.act))) {
    const where = act && EXTRA[act];
    if (!act || !where) continue;
    const extra: Stage = { id: act, act, heat: 'off', lid: 'off', end: { kind: 'minutes', minutes: 1 } };
    if (where === 'first') stages.unshift({ ...extra, end: { kind: 'minutes', minutes: 30 } });
    else if (where === 'last') stages.push(extra);
    else {
      const pour = stages.findIndex((s) => isWet(s.act) && s.lid !== 'pressure');
      const boil = stages[pour];
      if (boil?.act === 'boil') stages.splice(pour + 1, 0, { ...extra, heat: boil.heat });
    }
  }
  return stages;
}

/** Toast before onion where it was told so. */
function inOrder(stages: Stage[], [first]: readonly Act[]): Stage[] {
  const [toast, base] = [
    stages.findIndex((s) => s.act === 'toast'),
    stages.findIndex((s) => s.act === 'base'),
  ];
  if (first !== 'toast' || toast < 0 || base < 0 || toast < base) return stages;
  const [moved] = stages.splice(toast, 1);
  if (moved) stages.splice(base, 0, moved);
  return stages;
}
