import { GRAINS } from '../../basics/larder/grains.js';

/** Last words of a grain's name that are said of other things alone. */
const SAID_OF_OTHERS: ReadonlySet<string> = new Set(['raw', 'mali', 'rice', 'grain', 'red']);

/** What cooks call a grain by its last word: "the barley", "that matta". Every grain of the larder is among them. */
const LAST_WORDS = [
  ...new Set(
    GRAINS.flatMap(({ name, also }) => [name, ...also]).map((n) => {
      const [head = ''] = n.toLowerCase().split(/[,(]/u);
      return head.trim().split(/\s+/u).at(-1) ?? '';
    }),
  ),
].filter((word) => /^\p{L}{4,}$/u.test(word) && !SAID_OF_OTHERS.has(word));

/** A grain by a word of its own, as a part of a pattern. */
export const GRAIN = String.raw`(?:rice|grains?|${LAST_WORDS.join('|')})`;

/** A grain that is spoken of. */
export const GRAIN_WORD = new RegExp(
  String.raw`\b${GRAIN}\b(?!\s*(?:cooker|pot|paddle|vinegar|wine|flour))`,
  'iu',
);
