import {
  answer,
  completePlan,
  laidInto,
  levelMl,
  LONGEST_TOLD,
  METHOD_VESSEL,
  toldFields,
  type Telling,
  type ToldPlan,
} from '@hammock/core';
import type { DishSpec } from '@hammock/core/records';
import { usualVessel, type Draft } from '../../../stores/plan/draftOf.js';
import type { KitchenThings } from '../../../stores/kitchen/kitchenThings.js';
import { rowOf } from '../../../stores/kitchen/ownLarder.js';
import { planInputOf } from '../../../stores/plan/learntPlan.js';
import { isWidth } from '../../../stores/kitchen/potOfWidth.js';
import { LADLE_G } from './ladle.js';

/** A telling with what its acts come to, and which of its lines need nothing more. */
export interface Understood {
  readonly telling: Telling;
  readonly told: ToldPlan;
  readonly ready: (line: number) => boolean;
  /** As it was typed or pasted: kept with the dish, where it is one. */
  readonly text?: string;
}

/**
 * The plan with all that was understood of a telling: things at the acts at which they go in, grain and its soak, pot, method,
 * stages, the cook's own pour; and its words at the stages they belong to. A telling with its grain replaces what went in before;
 * a thing or two goes in besides.
 * @param kitchenNow the kitchen, also once a pot was made
 * @param widthId id of a pot of a width, made where there is none
 */
export function withTold(
  draft: Draft,
  { telling, told, ready, text = '' }: Understood,
  kitchenNow: () => KitchenThings,
  widthId: (cm: number) => string,
): Draft {
  const kitchen = kitchenNow();
  const { ingredients: list, timing, ...fields } = toldFields(telling, told, ready, rowOf);
  const isWhole = fields.grainId !== undefined;
  const hasActs = told.stages.length > 0 || told.method !== undefined;
  const { stages: _stages, base: _base, ingredients: before = [], ...bare } = draft.spec;
  const kept: DishSpec = hasActs || isWhole ? bare : draft.spec;
  const ingredients = isWhole ? list : [...before, ...list];
  const spec: DishSpec = {
    ...kept,
    ...fields,
    ingredients,
    ...(isWhole && text !== '' && text.length <= LONGEST_TOLD ? { told: text } : {}),
    ...(timing ? { timing: { ...(isWhole ? {} : kept.timing), ...timing } } : {}),
  };
  const bag = isWhole ? kitchen.bags.find((b) => b.grainId === fields.grainId) : undefined;
  const made: Draft = {
    ...draft,
    // A dish that is kept keeps its name.
    ...(telling.title === undefined || draft.dishId !== null ? {} : { label: telling.title.slice(0, 60) }),
    bagId: isWhole ? (bag?.id ?? null) : draft.bagId,
    vesselId: vesselOf(draft, spec, telling, ready, kitchen, widthId),
    spec,
  };
  return hasActs
    ? withStages(made, { telling, told, ready }, before.length, isWhole, kitchenNow())
    : withLevel(made, told, kitchenNow());
}

/** The pot that was named, the one of the draft where the method can be cooked in it, or the household's usual one. */
function vesselOf(
  draft: Draft,
  spec: DishSpec,
  telling: Telling,
  ready: Understood['ready'],
  kitchen: KitchenThings,
  widthId: (cm: number) => string,
): string | null {
  const potCm = telling.lines.findLast((l, n) => l.potCm !== undefined && ready(n))?.potCm;
  if (potCm !== undefined && isWidth(potCm)) return widthId(potCm);
  const kind = METHOD_VESSEL[spec.method ?? 'coveredAbsorption'];
  const fits = kitchen.vessels.find((v) => v.id === draft.vesselId)?.kind === kind;
  return fits ? draft.vesselId : usualVessel(kitchen.vessels, kind);
}

/** The stages as they were told; the method's own with the words at them where that cannot be cooked. */
function withStages(
  made: Draft,
  { telling, told, ready }: Understood,
  before: number,
  isWhole: boolean,
  kitchen: KitchenThings,
): Draft {
  const template = completePlan(planInputOf(made, kitchen));
  if (!template.ok) return made;
  const all = made.spec.ingredients ?? [];
  const [old, own] = isWhole ? [[], all] : [all.slice(0, before), all.slice(before)];
  const lay = (asMethod?: boolean): { draft: Draft; ids: readonly (string | undefined)[] } => {
    const { stages, ingredients, ids } = laidInto(telling, told, ready, template.value.stages, own, asMethod);
    return { ids, draft: { ...made, spec: { ...made.spec, stages, ingredients: [...old, ...ingredients] } } };
  };
  const asTold = lay();
  const isGood = completePlan(planInputOf(asTold.draft, kitchen)).ok;
  const { draft, ids } = isGood ? asTold : lay(true);
  return withLevel(withLadle(draft, told, ids, kitchen), told, kitchen);
}

/** The stew that is taken out, and the stage at which it comes back. */
function withLadle(
  draft: Draft,
  { takenOut, backAt }: ToldPlan,
  ids: readonly (string | undefined)[],
  kitchen: KitchenThings,
): Draft {
  if (!takenOut) return draft;
  const found = answer(planInputOf(draft, kitchen));
  const massG = found.ok ? found.value.base.massG : 0;
  const g = 'ladles' in takenOut ? takenOut.ladles * LADLE_G : takenOut.share * massG;
  const back = backAt === undefined ? undefined : ids[backAt];
  // More than there is cannot be taken out: it stays as words.
  if (g <= 0 || g >= massG) return draft;
  const base = { ladleOutG: Math.round(g), ...(back === undefined ? {} : { ladleBack: back }) };
  return { ...draft, spec: { ...draft.spec, base } };
}

/** A level over the grain, as the millilitres it takes in this pot. */
function withLevel(draft: Draft, { rule }: ToldPlan, kitchen: KitchenThings): Draft {
  if (rule?.kind !== 'level' && rule?.kind !== 'mm') return draft;
  const found = answer(planInputOf(draft, kitchen));
  const ml = found.ok ? levelMl(rule, found.value.rules) : undefined;
  return ml === undefined ? draft : { ...draft, spec: { ...draft.spec, usualPour: { ml: Math.round(ml) } } };
}
