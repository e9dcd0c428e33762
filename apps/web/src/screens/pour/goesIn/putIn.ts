import {
  grainById,
  METHOD_VESSEL,
  millilitresOf,
  statesOf,
  type IngredientInput,
  type Recipe,
  type Stage,
  type State,
} from '@hammock/core';
import type { DishSpec } from '@hammock/core/records';
import { coreNow } from '../../../stores/plan/core.js';
import { usualVessel, type Draft } from '../../../stores/plan/draftOf.js';
import type { KitchenThings } from '../../../stores/kitchen/kitchenThings.js';
import { rowOf } from '../../../stores/kitchen/ownLarder.js';
import { planInputOf } from '../../../stores/plan/learntPlan.js';
import { isWidth } from '../../../stores/kitchen/potOfWidth.js';
import { HOT_C } from './hotLiquid.js';
import { LADLE_G } from './ladle.js';
import { isSaltToTaste } from './salts.js';
import { joined, stageOf, stagesTold } from '../sentence/stagesTold.js';

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
    ...(line.soak?.said === true ? { soakMin: line.soak.minutes } : {}),
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

const HOT = /\b(?:hot|boiling|kettle)\b/iu;
const POURED_HOT = /\b(?:pour|add|top)\w*\b[^.;]*\b(?:hot|boiling)\s+(?:water|stock|broth)\b/iu;

/** Whether the telling pours its liquid hot: a pot that need not be brought to the boil is shorter on the ring. */
const isPouredHot = (pours: readonly Line[], { steps }: Told): boolean =>
  pours.some(({ said }) => HOT.test(said)) || steps.some(({ text }) => POURED_HOT.test(text));

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
  const things = ready.filter(
    (l) => l !== grain && l.pours !== true && l.id !== undefined && !l.isGrain && !isSaltToTaste(l),
  );
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
      saltWith: ready.find(isSaltToTaste)?.id,
      usualPour: usualPour(pours, grain, told.ratio),
      liquidTempC: isPouredHot(pours, told) ? HOT_C : undefined,
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
  const base = takenOutOf(made, told, stages, kitchenNow());
  const joining = things.map((l) => joined(inputOf(l, told.states), l.act, stages));
  const ingredients = [...(before.ingredients ?? []), ...joining];
  return { ...made, spec: { ...spec, ...(base ? { base } : {}), stages, ingredients } };
}

/** The stew that is taken out, and the stage at which it comes back. */
function takenOutOf(
  draft: Draft,
  { takenOut, backAt }: Told,
  stages: readonly Stage[],
  kitchen: KitchenThings,
): DishSpec['base'] {
  if (!takenOut) return undefined;
  const found = coreNow()?.answer(planInputOf(draft, kitchen));
  const massG = found?.ok === true ? found.value.base.massG : 0;
  const g = 'ladles' in takenOut ? takenOut.ladles * LADLE_G : takenOut.share * massG;
  const back = backAt && stageOf(backAt, stages)?.id;
  // More than there is cannot be taken out: it stays as words.
  if (g <= 0 || g >= massG) return undefined;
  return { ladleOutG: Math.round(g), ...(back === undefined ? {} : { ladleBack: back }) };
}
