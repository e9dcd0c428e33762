import { TASTED } from '../../basics/grain/texture.js';
import { HEATS } from '../../basics/heat/equipment.js';
import { INSERTED } from './edits.js';
import type { Range } from '../../plan/input/ranges.js';
import type { Tap } from './tap.js';
import { isObservation, type ObservationKind } from './tapEffects.js';

/** What is seen under the lid, wettest first: a soup, just over the grain, level with it, holes in it, dry. */
export const LOOKED = ['soup', 'wet', 'level', 'holes', 'dry'] as const;
/** What comes at a moment. */
const SIGNS_NOW = ['boil', 'holes', 'whistle', 'flip'] as const;
export type SignNow = (typeof SIGNS_NOW)[number];
/** How a pot that is on is closed; locking it is a stage of its own. */
const LIDS_SET = ['off', 'ajar', 'on', 'cloth', 'foil', 'sealed'] as const;
const SMELLS = ['toasty', 'burnt'] as const;
export type Smell = (typeof SMELLS)[number];

/** What is found with the lid up: wet on top over a done heart, stuck together, or done at one end only. */
const FOUND = ['wetTop', 'lumps', 'hardTop', 'hardBelow'] as const;
export type Found = (typeof FOUND)[number];
/** How the steam comes from under the lid, beside what such a pot gives. */
const STEAMS = ['none', 'weak', 'strong'] as const;
export type Steams = (typeof STEAMS)[number];
/** How the base looks while it fries. */
const BASE_LOOKS = ['pale', 'golden', 'brown', 'sticks', 'oilRises'] as const;

/** What a cook sees, tastes, smells, sets or measures at the stove, and what goes with it: one of some words, an amount, any text, or nothing. */
export interface Observation {
  readonly words?: readonly string[];
  readonly range?: Range;
  readonly text?: true;
  /** An amount that may be left out. */
  readonly mayHave?: Range;
}

/** Everything a cook can say of the pot. */
export const OBSERVATIONS: Readonly<Record<ObservationKind, Observation>> = {
  looked: { words: LOOKED },
  tasted: { words: TASTED },
  sign: { words: SIGNS_NOW },
  splash: { range: { least: 1, most: 5000, unit: 'ml' } },
  ladled: { range: { least: 1, most: 5000, unit: 'ml' } },
  // With minutes it is set back after them.
  heat: { words: HEATS, mayHave: { least: 0, most: 120, unit: 'min' } },
  // From now on, where the lid is only up for a while.
  lid: { words: LIDS_SET },
  // The ring may be set for as long as it is up.
  lidUp: { range: { least: 0, most: 30, unit: 'min' } },
  stirred: {},
  smells: { words: SMELLS },
  found: { words: FOUND },
  steam: { words: STEAMS },
  base: { words: BASE_LOOKS },
  boiledOver: {},
  weighs: { range: { least: 50, most: 60_000, unit: 'g' } },
  reads: { range: { least: 0, most: 250, unit: '°C' } },
  // The pot stands off the ring as it is, and its clock with it.
  pause: {},
  resume: {},
  // Who stirs from now on.
  hands: { text: true },
  note: { text: true },
};

/** What a tap needs that puts a stage into the line: which, and how many minutes. */
const INSERT: Observation = { words: INSERTED, range: { least: 1, most: 120, unit: 'min' } };

/** Longest note, characters. */
export const LONGEST_NOTE = 280;

/** What is wrong with a tap, at its field. */
export interface ObservationProblem {
  readonly field: 'said' | 'amount';
  readonly code: 'missing' | 'notAChoice' | 'outOfRange' | 'tooLong';
}

/**
 * What is wrong with what a tap says; undefined where nothing is.
 * @example observationProblem('looked', 'level', undefined) // undefined
 */
export function observationProblem(
  kind: Tap['kind'],
  said: string | undefined,
  amount: number | undefined,
): ObservationProblem | undefined {
  if (!isObservation(kind) && kind !== 'insert') return undefined;
  const { words, range, text, mayHave } = kind === 'insert' ? INSERT : OBSERVATIONS[kind];
  if ((words ?? text) && (said === undefined || said.trim() === ''))
    return { field: 'said', code: 'missing' };
  if (words && !words.includes(said ?? '')) return { field: 'said', code: 'notAChoice' };
  if (text && (said ?? '').length > LONGEST_NOTE) return { field: 'said', code: 'tooLong' };
  if (range && amount === undefined) return { field: 'amount', code: 'missing' };
  const within = range ?? mayHave;
  if (!within || amount === undefined) return undefined;
  return amount >= within.least && amount <= within.most
    ? undefined
    : { field: 'amount', code: 'outOfRange' };
}
