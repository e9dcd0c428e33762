import { isName, parseLines, type LineOptions } from '../line/parseLine.js';
import { saidNumber } from '../line/saidNumber.js';
import { bareNumber, minutesIn } from './minutes.js';
import { readStep } from './readStep.js';

/** "A cup each of turnip, swede and peas": a list with commas that is one clause. */
const EACH = /(?:\b(?:an?|half|one|two|three)|\d[\d/.]*|[½¼¾])\s+\S+\s+each(?:\s+of)?\s+[^;.:]+/iu;
const COMMA = /\s*,\s+|\s+–\s+|\s+(?=then\s)/u;

/** Pieces of a telling, each a thing or a step. */
export function clausesOf(line: string): string[] {
  return line
    .replace(/\b(c|tbsp|tsp|oz|lb|approx)\.(?=\s+[\p{Ll}\d])/gu, '$1')
    .replace(/,\s*((?:an?|one|two|half|\d+)\s[^,;.]{1,25}\beach\b)/giu, ' $1')
    .split(/(?<=[.;:!?])\s+|;\s*/u)
    .flatMap((sentence) => {
      const [each] = EACH.exec(sentence) ?? [];
      if (each === undefined) return sentence.split(COMMA);
      const at = sentence.indexOf(each);
      return [...sentence.slice(0, at).split(COMMA), each, sentence.slice(at + each.length)];
    })
    .map((c) => c.replace(/[.;:!?,]+$/u, '').trim())
    .filter((c) => /[\p{L}\d]/u.test(c));
}

/** Words a thing of a telling comes after: "then two shallots", "in four spoons of dripping". */
const BEFORE_THING =
  /^\s*(?:(?:and|then|now|next|first|also|add(?:ing)?|put(?:ting)? in|stir(?:red)? in|tip in|throw in|pour(?:ed)?(?: in| over)?|in|with|into|plus|use|take|the|same|more|chop|slice|fry|heat|warm|melt|toast|brown)\s+)+/iu;
/** Where a thing ends and what is done with it begins. */
const THEN =
  /\s+(?:until|till|for|that (?:lay|lies|has|had|was|were|is|are)|which|goes?|laid|lay|left|cooks?|melted|lifted|turned|blended|straight in|to keep|since|over the|fried|toasted|boiled soft|soaked|in the (?:pot|cooker|pan))(?:\s.*|$)/iu;
const LASTS =
  /\s+(?:(?:for|about|some)\s+)?\S+(?:\s+(?:to|or)\s+\S+)?\s+(?:minutes?|mins?|hours?|hrs?)\b.*$/iu;
const AFTER = /\s+(?:in|back|out|now|only)$/iu;
/** A name alone, without an amount, is a few words. */
const MOST_WORDS_ALONE = 4;
const AMOUNT_LATER =
  /\b(?:over|with|in|into|on)\s+((?:\d|[½¼¾]|(?:an?|one|two|three|four|five|six|half)\s).*)$/iu;

/** "Kettle over 30 g of dried mushrooms": from the amount on, where one in a unit comes after a few words. */
function fromAmount(text: string, options: LineOptions): string {
  if (saidNumber(text, options)) return text;
  const [, tail] = AMOUNT_LATER.exec(text) ?? [];
  return tail !== undefined && saidNumber(tail, options)?.unit !== undefined ? tail : text;
}

/** The part of a clause that names things; undefined where it is a step or speaks of time. */
export function thingIn(clause: string, options: LineOptions): string | undefined {
  const bare = fromAmount(clause.replace(BEFORE_THING, ''), options);
  if (bareNumber(bare) !== undefined) return undefined;
  const begin = bare
    .replace(/\s*\(.*$/u, '')
    .replace(THEN, '')
    .replace(LASTS, '')
    .replace(AFTER, '')
    .trim();
  if (begin === '' || minutesIn(begin) !== undefined) return undefined;
  const { lines } = parseLines(begin, options);
  if (!lines.every((l) => l.id !== undefined && l.reason !== 'spelling')) return undefined;
  if (saidNumber(begin, options)) return begin;
  if (readStep(begin, undefined)?.act === 'drain') return undefined;
  // "Coconut oil", "caraway": there is some, and how much is asked.
  const isShort = begin.split(/\s+/u).length <= MOST_WORDS_ALONE;
  const counts = lines.some((l) => l.amount !== undefined);
  return counts || (isShort && lines.every((l) => isName(l.text, options))) ? begin : undefined;
}
