import { parseLine, type LineOptions } from '../line/parseLine.js';
import { saidNumber } from '../line/saidNumber.js';
import { headVerb } from '../words/verbs.js';

/** A bullet, a heading mark, a number of a list. */
export const NUMBERED = /^(?:\d+[.)]\s+|[*#\s]+)+/u;
/** How a step begins that is no name. */
const ORDERS =
  /^(?:rinse|wash|soak|heat|boil|cook(?!['’]s)|fry|add|put|take|bring|toast|in an?|pour|mix|stir|melt|warm|start|first|preheat|place|combine|blend|grind|chop|peel|serve|cover|leave|turn|let|once|when|reduce|remove|garnish|season|return|lower|pressure cook)\b/iu;

/** When something is done is no name. */
const WHEN =
  /^(?:the (?:night|day|evening) before|yesterday|last night|beforehand|in advance|ahead of time|tonight|meanwhile|today|this morning)\b/iu;

/** A name is a few words. */
const MOST_WORDS_OF_TITLE = 12;

/** A first line that is longer begins with no name, characters. */
const LONGEST_FIRST = 600;

/** The name a telling begins with: its first line, or its first sentence, and for how many it is. */
export function titled(
  given: readonly string[],
  options: LineOptions,
): { title?: string; forPeople?: number; body: readonly string[] } {
  const [first = '', ...rest] = given;
  if (first.length > LONGEST_FIRST) return { body: given };
  const [, said = ''] = FOR_PEOPLE.exec(first) ?? [];
  const people = saidNumber(`${said} `, {})?.count;
  const bare = people === undefined ? first : first.replace(FOR_PEOPLE, '');
  const forPeople = people === undefined ? {} : { forPeople: people };
  if (rest.length > 0 && isTitle(bare, options))
    return { title: bare.replace(NUMBERED, '').trim(), ...forPeople, body: rest };
  const [whole = '', sentence = ''] = /^([^.:,\d]{3,45})[.:]\s+(?=\S)/u.exec(first) ?? [];
  if (sentence === '' || !isTitle(sentence, options) || headVerb(sentence) !== undefined)
    return { body: given };
  return { title: sentence.trim(), body: [first.slice(whole.length), ...rest] };
}
const FOR_PEOPLE = /[\s,]+(?:for|serves)\s+(\d{1,2}|\p{L}{3,8})(?:\s+(?:people|persons?))?\s*$/iu;

/** A name: a few words, no amount, no order. */
function isTitle(line: string, options: LineOptions): boolean {
  // "Pulao (pressure pan, 3 whistles)": what stands in brackets is no amount of a thing.
  const bare = line
    .replace(NUMBERED, '')
    .replace(/\s*\([^)]*\)\s*$/u, '')
    .trim();
  if (
    bare.split(/\s+/u).length > MOST_WORDS_OF_TITLE ||
    saidNumber(bare, options) ||
    /[.;:]\s*\S|\d/u.test(bare)
  )
    return false;
  return !ORDERS.test(bare) && !WHEN.test(bare) && parseLine(bare, options).status !== 'words';
}
