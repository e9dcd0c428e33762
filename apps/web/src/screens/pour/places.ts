import { isWet, type Ingredient, type IngredientInput, type Stage, type State } from '@hammock/core';
import type { Option } from '../../ui/controls/pickParts.js';
import type { StageLine } from './stageLines.js';
import { stageName } from '../../words/plan/acts.js';
import { STATE } from '../../words/words.js';

/** A stage at which something can join: its id, its name, and whether it comes before the liquid. */
export type Place = readonly [id: string, name: string, isEarly?: boolean];

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
  ...later(places).map(([id, name]) => ({
    value: `${AT}${id}`,
    label: `joins at “${name}”`,
    also: 'later, then',
  })),
  { value: APART, label: 'kept apart, in another vessel', also: 'garnish, second pan, outside' },
];

const later = (places: readonly Place[]): readonly Place[] =>
  places.filter(([, , isEarly]) => isEarly !== true);
const isIn = (places: readonly Place[], joins: string | undefined): boolean =>
  places.some(([id]) => id === joins);

/** What is said of this one; what goes in before the liquid has its own word for the stage, and this one for how far it is cooked. */
export function placeOf(
  { state, joins, apart }: IngredientInput,
  states: readonly State[],
  places: readonly Place[],
): string {
  if (apart === true) return APART;
  return joins !== undefined && isIn(later(places), joins)
    ? `${AT}${joins}`
    : (state ?? states[0] ?? 'whole');
}

/** Where a thing goes in that goes in before the liquid; nothing to choose where there is no such stage. */
export function earlyOptions(places: readonly Place[]): Option<string>[] {
  const early = places.filter(([, , isEarly]) => isEarly === true);
  return early.map(([id, name], i) => {
    const before = early.slice(0, i).filter(([, other]) => other === name).length;
    return { value: id, label: `at “${name}”${before === 0 ? '' : `, ${(before + 1).toString()}`}` };
  });
}

type Placed = readonly [change: Partial<IngredientInput>, drop: readonly (keyof IngredientInput)[]];

/**
 * What a choice changes, and what it takes back.
 * @param isEarly true for a thing that goes in at a stage before the liquid: how far it is cooked leaves that as it is
 */
export function placed(place: string, isEarly: boolean): Placed {
  if (place === APART) return [{ apart: true }, ['joins']];
  if (place.startsWith(AT)) return [{ joins: place.slice(AT.length) }, ['apart']];
  return [{ state: place as State }, isEarly ? ['apart'] : ['joins', 'apart']];
}

/** Acts before the liquid at which things go in. */
const EARLY: ReadonlySet<Stage['act']> = new Set<Stage['act']>(['warmFat', 'base', 'toast']);

/** Every stage at which something can go in: before the liquid, and after. */
export const allPlacesIn = (stages: readonly StageLine[]): readonly Place[] => [
  ...stages.filter((s) => EARLY.has(s.act)).map((s): Place => [s.id, stageName(s), true]),
  ...placesIn(stages),
];

/** Stages after the first with liquid: what joins there was not fried with the rest. */
export function placesIn(stages: readonly StageLine[]): readonly Place[] {
  const first = stages.findIndex((s) => isWet(s.act) || s.act === 'fryDry');
  return first < 0 ? [] : stages.slice(first + 1).map((s) => [s.id, stageName(s)]);
}
