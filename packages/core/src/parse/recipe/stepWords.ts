import type { State } from '../../basics/larder/composition.js';
import type { Toast } from '../../basics/method/methods.js';
import type { Stage } from '../../basics/method/stage.js';
import type { Timing } from '../../basics/method/timing.js';

/** Colours of grain in the fat. */
export const COLOURS: readonly (readonly [RegExp, Toast])[] = [
  [/golden|biscuit|nutty|light brown|straw/iu, 'golden'],
  [/opaque|white|chalky/iu, 'opaque'],
  [/gloss|shin|coat|glisten/iu, 'glossy'],
];
/** How far what is fried is cooked. */
export const STATES: readonly (readonly [RegExp, State])[] = [
  [/oil (?:rises|stands|separates|comes|floats)|splits|fat separates/iu, 'oilSeparated'],
  [/mush(?!room)|pulp|break down|broken down/iu, 'mushy'],
  [/dark brown|deep brown|well browned|caramel/iu, 'brown'],
  [/golden|\bgold\b|yellow/iu, 'golden'],
  [/translucent|see-through|glassy/iu, 'translucent'],
  [/soft|wilt/iu, 'softened'],
  [/brown/iu, 'browned'],
];
/** What lies under the lid. */
export const SEALS: readonly (readonly [RegExp, NonNullable<Timing['seal']>])[] = [
  [/tea[\s-]?towel|cloth/iu, 'cloth'],
  [/parchment|baking paper/iu, 'parchment'],
  [/\bfoil\b/iu, 'foil'],
];

/** How a pot that is off the heat is closed, besides. */
export const REST_LIDS: readonly (readonly [RegExp, Stage['lid']])[] = [
  ...SEALS,
  [/\bajar\b|a crack/iu, 'ajar'],
  [/\b(?:lid off|no lid|without (?:a |the )?lid|uncovered)\b/iu, 'off'],
  [/\b(?:lid|cover(?:ed)?)\b/iu, 'on'],
];

/** What a text says of these, but not what it says it is not: "yellow, not brown". */
export const first = <T>(pairs: readonly (readonly [RegExp, T])[], text: string): T | undefined => {
  const said = text.replace(/\bnot\s+\w+/giu, '');
  return pairs.find(([words]) => words.test(said))?.[1];
};

/** How far a grain is toasted by its minutes in the fat. */
export const byMinutes = (minutes: number | undefined): Toast =>
  minutes === undefined || minutes < 3 ? 'glossy' : minutes < 5 ? 'opaque' : 'golden';

/** The setting a text names. */
export const heatIn = (text: string): Timing['coveredHeat'] => {
  if (/lowest|very low|as low as|barely|tiniest|small(?:est)? flame|\bslow(?:est)?\b/iu.test(text))
    return 'veryLow';
  if (/medium[\s-]low|\blow(?:er|ish)?\b/iu.test(text)) return 'low';
  return /\bmedium\b/iu.test(text) ? 'medium' : undefined;
};
