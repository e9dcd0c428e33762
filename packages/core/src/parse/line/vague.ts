import type { Row } from './findRow.js';

/** A word that measures without measuring: ml of the thing, or g where it is never told by volume. */
interface Vague {
  readonly words: RegExp;
  readonly ml?: number;
  /** Loose leaves are taken by larger handfuls than nuts, ml. */
  readonly leafMl?: number;
  readonly g?: number;
}

/** A leaf by its bulk density, g/ml. */
const LEAFY = 0.25;

/** What hands measure with (common practice): each a middle of what cooks take, and far from sure. */
const VAGUES: readonly Vague[] = [
  { words: /\b(?:hand|fist)ful+s?\b/iu, ml: 70, leafMl: 200 },
  { words: /\bsplash(?:es)?\b/iu, ml: 15 },
  { words: /\bglugs?\b/iu, ml: 25 },
  { words: /\bdrizzles?\b/iu, ml: 10 },
  { words: /\bsqueezes?\b/iu, ml: 8 },
  { words: /\bdash(?:es)?\b/iu, ml: 2 },
  { words: /\bknobs?\b/iu, g: 15 },
  { words: /\bwalnuts?(?=\s+of\s+(?:butter|lard|ghee|fat|margarine)\b)/iu, g: 20 },
  { words: /\bpinch(?:es)?\b/iu, ml: 0.3 },
  { words: /\bsprinkles?\b|\bsprinkling\b/iu, ml: 2 },
  { words: /\bscoops?\b/iu, ml: 50 },
  { words: /\bladle(?:ful)?s?\b/iu, ml: 120 },
  { words: /\bdollops?\b/iu, ml: 25 },
  { words: /\bstrands?\b|\bthreads?\b/iu, g: 0.002 },
];
/** One standard deviation of such an amount, as a share of it. */
export const VAGUE_SPREAD = 0.4;

/** Words that say how much of a vague measure. */
const MORE = /\b(?:generous|big|large|good|heaped)\b/iu;
const LESS = /\b(?:small|tiny|scant|little)\b/iu;

/** What comes before a vague word where no number does. */
export const VAGUE_LEAD =
  /^(?:an?\s+|the\s+|some\s+)?(?:(?:very|good|generous|big|large|small|tiny|scant|little|heaped)\s+)*(?=(?:(?:hand|fist)ful|splash|squeeze|glug|drizzle|dash|knob|pinch|sprinkl|scoop|ladle(?:ful)?|dollop|strand|thread)s?)/iu;

/** The measure a line names with a hand, for this row; undefined where it names none. */
export function vagueAmount(
  line: string,
  row: Row,
  count: number,
): { g: number } | { ml: number } | undefined {
  const found = VAGUES.find((v) => v.words.test(line));
  if (!found) return undefined;
  const times = count * (MORE.test(line) ? 1.5 : LESS.test(line) ? 0.7 : 1);
  if (found.g !== undefined) return { g: found.g * times };
  const ml = (row.densityGPerMl < LEAFY ? found.leafMl : undefined) ?? found.ml ?? 0;
  return { ml: ml * times };
}

/** True for a unit that is itself a vague word: a pinch, a strand. */
export const isVague = (word: string): boolean => VAGUES.some((v) => v.words.test(word));

/** The line without the vague word, its size and "of": what is left names the thing. */
export const withoutVague = (text: string): string =>
  VAGUES.reduce((t, { words }) => t.replace(new RegExp(`${words.source}\\s*(?:of\\s+)?`, 'iu'), ' '), text);
