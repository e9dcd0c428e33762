import { isWet, type Ingredient, type IngredientInput, type Stage, type State } from '@hammock/core';
import type { Option } from '../../ui/controls/pickParts.js';
import { stageName } from '../../words/plan/acts.js';
import { STATE } from '../../words/words.js';

/** A stage at which something can join: its id and its name. */
export type Place = readonly [id: string, name: string];

const AT = 'at:';
const APART = 'apart';

/** Stock in the base is no mush. */
const OF_LIQUID: Readonly<Partial<Record<State, string>>> = {
  mushy: 'half cooked down in the base',
  oilSeparated: 'cooked down into the base',
};

const stateWords = (row: Ingredient, state: State, isOnly: boolean): string => {
  if (row.behaves === 'liquid') return OF_LIQUID[state] ?? STATE[state];
  return isOnly ? 'from the start' : STATE[state];
};

/** What can be said of where a thing is: how far it is cooked down, at which stage it joins, or that it stays apart. */
export const placeOptions = (
  row: Ingredient,
  states: readonly State[],
  places: readonly Place[],
): Option<string>[] => [
  ...states.map((s) => ({ value: s, label: stateWords(row, s, states.length === 1) })),
  ...places.map(([id, name]) => ({ value: `${AT}${id}`, label: `joins at “${name}”`, also: 'later, then' })),
  { value: APART, label: 'kept apart, in another vessel', also: 'garnish, second pan, outside' },
];

/** What is said of this one. */
export function placeOf({ state, joins, apart }: IngredientInput, states: readonly State[]): string {
  if (apart === true) return APART;
  return joins === undefined ? (state ?? states[0] ?? 'whole') : `${AT}${joins}`;
}

type Placed = readonly [change: Partial<IngredientInput>, drop: readonly (keyof IngredientInput)[]];

/** What a choice changes, and what it takes back. */
export function placed(place: string): Placed {
  if (place === APART) return [{ apart: true }, ['joins']];
  if (place.startsWith(AT)) return [{ joins: place.slice(AT.length) }, ['apart']];
  return [{ state: place as State }, ['joins', 'apart']];
}

/** Stages after the first with liquid: what joins there was not fried with the rest. */
export function placesIn(stages: readonly Stage[]): readonly Place[] {
  const first = stages.findIndex((s) => isWet(s.act) || s.act === 'fryDry');
  return first < 0 ? [] : stages.slice(first + 1).map((s) => [s.id, stageName(s)]);
}
