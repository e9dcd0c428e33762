import type { HeatSetting } from '../../basics/heat/equipment.js';
import type { State } from '../../basics/larder/composition.js';
import type { Sign, Stage } from '../../basics/method/stage.js';
import type { ParsedLine } from '../line/parseLine.js';
import type { PourRule } from './pourRule.js';

/** What is done, as a cook's verbs are gathered; `words` is what no rule takes: it stays as it was said. */
export const VERBS = [
  'wash',
  'soak',
  'drain',
  'marinate',
  'prepare',
  'fry',
  'toast',
  'add',
  'boil',
  'cook',
  'cover',
  'heat',
  'pressure',
  'release',
  'switch',
  'stir',
  'turn',
  'off',
  'rest',
  'fork',
  'taste',
  'liftOut',
  'putBack',
  'spicesOut',
  'turnOut',
  'serve',
  'list',
  'words',
] as const;
export type Verb = (typeof VERBS)[number];

/** So many lines with things are a list. */
export const IS_A_LIST = 3;

/** Where a piece of the telling stands: characters from the beginning of the text. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

/** A thing that an act names: one that is listed, by its number there. */
export interface Named {
  /** Number of its line among the telling's. */
  readonly line: number;
  /** True where this is its first mention and it says how much. */
  readonly isNew: boolean;
}

/** How far, or until what, an act goes on. */
export interface Until {
  readonly state?: State;
  readonly sign?: Sign;
  /** Colour of toasted grain, as it was said. */
  readonly text: string;
}

/** One thing that is done: the verb, what it is done to, and everything its clause says of it. */
export interface ToldAct extends Span {
  readonly text: string;
  readonly verb: Verb;
  /** True where the telling says that it is not done. */
  readonly negated: boolean;
  readonly things: readonly Named[];
  /** True where the grain is spoken of. */
  readonly grain: boolean;
  /** True where everything that is not in yet goes in. */
  readonly all: boolean;
  /** True where the liquid that is poured is spoken of. */
  readonly liquid: boolean;
  readonly hot: boolean;
  readonly heat?: HeatSetting;
  readonly lid?: Stage['lid'];
  readonly spreader?: true;
  readonly minutes?: number;
  readonly until?: Until;
  /** Whistles, turns. */
  readonly count?: number;
  /** What vessel it is done in, where that is not the pot: everything of it stays beside. */
  readonly beside?: string;
  readonly rule?: PourRule;
  /** True for a line of a list of things. */
  readonly listed?: true;
}

/** A thing of the telling with the words it was read from. */
export type SaidLine = ParsedLine & {
  readonly said: string;
  /** The word of the telling that the cook said is this thing. */
  readonly named?: string;
  /** True where it is made beside, in a vessel of its own. */
  readonly apart?: true;
};
