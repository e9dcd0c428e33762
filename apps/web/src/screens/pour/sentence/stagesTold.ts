import { completePlan, isWet, type Act, type IngredientInput, type Recipe, type Stage } from '@hammock/core';
import type { Draft } from '../../../stores/plan/draftOf.js';
import type { KitchenThings } from '../../../stores/kitchen/kitchenThings.js';
import { planInputOf } from '../../../stores/plan/learntPlan.js';

type Told = Pick<Recipe, 'steps' | 'order' | 'restLid'>;

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
export const stageOf = (act: Act, stages: readonly Stage[]): Stage | undefined =>
  [act, ...(ALSO[act] ?? [])].map((a) => stages.find((s) => s.act === a)).find((s) => s !== undefined);

/** A thing that was named once the liquid was in joins where it was named. */
export function joined(
  item: IngredientInput,
  act: Act | undefined,
  stages: readonly Stage[],
): IngredientInput {
  const at = act && LATE.has(act) ? stageOf(act, stages) : undefined;
  const first = stages.findIndex((s) => isWet(s.act) || s.act === 'fryDry');
  return at && stages.indexOf(at) > first ? { ...item, joins: at.id } : item;
}

/** The method's stages in the cook's order, with the cook's words; undefined where there is nothing to add. */
export function stagesTold(
  draft: Draft,
  { steps, order, restLid }: Told,
  kitchen: KitchenThings,
): readonly Stage[] | undefined {
  if (steps.length === 0) return undefined;
  const plan = completePlan(planInputOf(draft, kitchen));
  if (!plan.ok) return undefined;
  const stages = inOrder(withExtras([...plan.value.stages], steps), order).map((s) =>
    s.act === 'rest' && restLid !== undefined ? { ...s, lid: restLid } : s,
  );
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
