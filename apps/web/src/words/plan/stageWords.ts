import { statesOf, type IngredientInput, type PlanInput, type Stage, type VesselKind } from '@hammock/core';
import { rowOf } from '../../stores/kitchen/ownLarder.js';
import { ACT, stageName } from './acts.js';
import { HEAT, LID } from '../words.js';

const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);

/** What a vessel with a heater of its own calls its settings; it has no ring. */
const SWITCH: Readonly<Partial<Record<VesselKind, Readonly<Record<Stage['heat'], string>>>>> = {
  riceCooker: {
    high: 'On “cook”',
    mediumHigh: 'On “cook”',
    medium: 'On “cook”',
    low: 'On “warm”',
    veryLow: 'On “warm”',
    off: 'Switched off',
  },
  multiCooker: {
    high: 'Its hottest setting',
    mediumHigh: 'Its hottest setting',
    medium: 'Its middle setting',
    low: 'Slow, high',
    veryLow: 'Slow, low',
    off: 'Switched off',
  },
};

/** Ring, or switch, and lid of a stage. */
export const settingOf = (stage: Stage, kind: VesselKind | undefined): string =>
  `${SWITCH[kind ?? 'pot']?.[stage.heat] ?? capital(HEAT[stage.heat])}, ${LID[stage.lid]}${stage.fromAbove === true ? ', heat from above' : ''}`;

/** The pour is poured once: a later stage of the same act only goes on. */
const AGAIN: Readonly<Record<string, { readonly name: string; readonly what: string }>> = {
  boil: { name: 'Boil again', what: 'Bring it back to the boil.' },
  cook: { name: 'Press cook', what: 'Press cook again.' },
  pressureUp: { name: 'Lock, bring up', what: 'Lock the lid, bring it up again.' },
};

/** What a stage is called in this pot. */
export function nameIn(stage: Stage, pourId: string | undefined): string {
  const again = stage.id === pourId ? undefined : AGAIN[stage.act];
  return (stage.name ?? '') === '' ? (again?.name ?? stageName(stage)) : stageName(stage);
}

const named = (items: readonly IngredientInput[]): string[] =>
  items.flatMap(({ ingredientId }) => rowOf(ingredientId)?.name.toLowerCase() ?? []);

/** "Onion, celery and sweet pepper". */
const list = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1) ?? ''}`;

/** States in which a thing is fried before the liquid. */
const FRIED = new Set(['softened', 'mushy', 'oilSeparated', 'translucent', 'golden', 'brown', 'browned']);
/** True for a thing that is fried before the liquid. */
export const isFried = ({ ingredientId, state, apart, joins }: IngredientInput): boolean => {
  const row = rowOf(ingredientId);
  const how = state ?? (row && statesOf(row)[0]);
  return apart !== true && joins === undefined && how !== undefined && FRIED.has(how);
};
/** More names than this are a recipe read aloud. */
const MOST_NAMES = 6;

/** What is to be done in a stage, in the words of what is in it. */
export function whatIn(
  stage: Stage,
  { ingredients = [] }: Pick<PlanInput, 'ingredients'>,
  pourId?: string,
): string {
  const said = [plainly(stage, ingredients, pourId)];
  const joining = named(ingredients.filter((i) => i.joins === stage.id && i.apart !== true));
  if (joining.length > 0) said.unshift(`${capital(list(joining))} now.`);
  if (stage.note !== undefined && stage.note !== '') said.push(stage.note);
  return said.join(' ');
}

function plainly(stage: Stage, ingredients: readonly IngredientInput[], pourId: string | undefined): string {
  const again = stage.id === pourId ? undefined : AGAIN[stage.act];
  if (again) return again.what;
  if (stage.act !== 'base') return ACT[stage.act].what;
  const fried = named(ingredients.filter(isFried));
  if (fried.length === 0) return 'What is fried first, into the fat. Stir.';
  return fried.length > MOST_NAMES ? ACT.base.what : `${capital(list(fried))}. Stir.`;
}
