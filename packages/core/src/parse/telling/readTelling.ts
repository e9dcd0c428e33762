import { isThing, MOST_LINES, parseLine, type LineOptions } from '../line/parseLine.js';
import { isHeading, portionsOf } from '../line/saidBesides.js';
import { saidNumber } from '../line/saidNumber.js';
import { besideIn, timeIn } from '../words/attributes.js';
import { NUMBERED, titled } from './title.js';
import { pourRuleIn } from '../words/pourRule.js';
import { actionIn, headVerb } from '../words/verbs.js';
import { ActReader } from './actReader.js';
import { piecesOf, sentencesIn } from './pieces.js';
import type { SaidLine, ToldAct } from '../words/told.js';

/** A dish as it was told: its things, and what is done with them in the order it was said. */
export interface Telling {
  /** Its name, where its first line is one. */
  readonly title?: string;
  readonly portions?: number;
  /** Every thing it names, in the order of the telling. */
  readonly lines: readonly SaidLine[];
  readonly acts: readonly ToldAct[];
  /** Lines, or sentences of a line, of a very long text that were not read. */
  readonly leftOut: number;
}

/** A line of a list is short, and says one amount at its beginning. */
const LONGEST_LIST_LINE = 90;
/** What is read of a telling at the most: three times the longest recipe there is. What comes after is said to be left out. */
const MOST_CHARACTERS = 12_000;
const MOST_ACTS = 400;

/** True for a piece that tells an act, or only how long. */
function isDoing(text: string, options: LineOptions): boolean {
  const action = actionIn(text);
  if (action)
    return (
      !action.isDone &&
      action.verb !== 'prepare' &&
      action.verb !== 'serve' &&
      (!isThing(text, options) || /^\p{L}+\s+(?:\d|[½¼¾⅓⅔]|an?\s|the\s)/iu.test(text))
    );
  return timeIn(text) !== undefined && /^(?:for\s+|about\s+)?\S+\s+(?:minutes?|mins?)\b/iu.test(text);
}

/** What has to be seen first: something is told. */
const WAITS = /^(?:when|once|as soon as|after|by the time|if|unless|while|before)\b/iu;

/** True for a line that lists a thing, and tells nothing. */
function isListLine(line: string, options: LineOptions): boolean {
  if (line.length > LONGEST_LIST_LINE) return false;
  const bare = line.replace(NUMBERED, '');
  if (WAITS.test(bare)) return false;
  const order = headVerb(bare);
  if (order && !order.isDone) return false;
  const rule = pourRuleIn(bare, options);
  // "A tin of coconut milk plus water to come to 560 ml" lists what it measures; another rule tells how to pour.
  const isMadeUp = rule?.kind === 'ml' && saidNumber(line.trim(), options) !== undefined;
  if (rule && rule.kind !== 'less' && !isMadeUp) return false;
  if (besideIn(bare) !== undefined && !isHeading(bare)) return false;
  const pieces = piecesOf(bare, 0);
  if (pieces.some((p) => isDoing(p.text, options))) return false;
  if (/[.;]\s+\S/u.test(line.replace(/\b(?:c|tbsp|tsp|oz|lb|approx|\d{1,2})\./giu, ' '))) return false;
  if (saidNumber(line.trim().replace(/^[-•*\s]+/u, ''), options))
    return timeIn(line.split(/,(?!\d)/u)[0] ?? '') === undefined || isThing(line, options);
  // "Rice soaked for half an hour": told, and no line of a list.
  if (actionIn(pieces[0]?.text ?? '')) return false;
  const { status, portions, potCm, id } = parseLine(line, options);
  return status === 'words' || portions !== undefined || potCm !== undefined || id !== undefined;
}

/** What a recipe says of itself, and not of the pot: its times in all, its source, tips, what else one might do. */
const ABOUT =
  /^(?:ready|done|made)\s+in\b|^(?:(?:prep(?:aration)?|total|cook(?:ing)?|active|hands[\s-]on|resting)\s+time|prep(?:aration)?|total)\s*:|^(?:tips?|notes?|variations?|serving suggestions?|storage|leftovers|make ahead|source|difficulty|nutrition|per serving|substitut\w+)\s*[:–—-]|^keeps?\s+(?:for\s+)?(?:\d|one|two|three|four|five|several)/iu;

/** Headings that go back to the pot itself. */
const OF_THE_POT =
  /\b(?:rice|pilaf|pilau|pulao|pot|method|directions?|instructions?|steps?|ingredients?|base|stew|preparation|grain|temper)/iu;

/** "For the raita: …", "To serve: …": what stands behind it is beside. */
function headed(
  line: string,
  options: LineOptions,
): { readonly beside?: string; readonly rest: string } | undefined {
  const [whole = '', head = ''] = /^([^\d:]{2,60}):\s+(?=\S)/u.exec(line) ?? [];
  // "Water: 2 1/4 cups" is a thing with its amount.
  if (head.split(/\s+/u).length <= 3 && parseLine(line, options).amount !== undefined) return undefined;
  const beside = head === '' ? undefined : besideIn(head);
  const rest = line.slice(whole.length);
  if (beside !== undefined) return { beside: head.trim(), rest };
  return head !== '' && head.split(/\s+/u).length <= 4 && isListLine(rest, options) ? { rest } : undefined;
}

/**
 * Reads a whole pasted dish: the things it names, and its acts in the order they are told, each with what its own clause says of heat,
 * lid, minutes and looks. Everything that is not understood stays as words at its place; nothing is left out. Never throws.
 * @example readTelling('2 cups basmati\nSimmer covered 12 minutes.').acts.at(-1)?.minutes // 12
 */
export function readTelling(text: string, options: LineOptions = {}): Telling {
  const begun = plainMeasures(text.slice(0, MOST_CHARACTERS));
  const all = begun.split(/\r?\n/u);
  const given = all.map((l) => l.trim()).filter((l) => /[\p{L}\d]/u.test(l));
  const { title, forPeople, body } = titled(given, options);
  const reader = new ActReader(options);
  reader.knowMeasure(begun);
  let leftOut = text
    .slice(MOST_CHARACTERS)
    .split(/[\n.;]/u)
    .filter((s) => /[\p{L}\d]/u.test(s)).length;
  let at = begun.length - begun.slice(bodyAt(begun, body[0])).length;
  let portions = forPeople;
  let blankBefore = false;
  let from = 0;
  for (const raw of all) {
    const start = from;
    from += raw.length + 1;
    if (!/[\p{L}\d]/u.test(raw)) {
      blankBefore = true;
      continue;
    }
    if (start + raw.length <= at) continue;
    const skipped = Math.max(0, at - start);
    at = Math.max(at, start);
    const line = raw.slice(skipped).replace(/\s+$/u, '');
    const lead = line.length - line.replace(NUMBERED, '').trimStart().length;
    const words = line.slice(lead);
    const begin = start + skipped + lead;
    if (reader.lines.length >= MOST_LINES || reader.acts.length >= MOST_ACTS) {
      leftOut += 1;
      continue;
    }
    if (ABOUT.test(words)) {
      reader.words(words, begin);
      continue;
    }
    const says = portionsOf(words);
    if (says !== undefined) {
      portions ??= says;
      reader.words(words, begin);
      continue;
    }
    if (isHeading(words)) {
      reader.section(OF_THE_POT.test(words) ? undefined : besideOf(words));
      reader.words(words, begin);
      continue;
    }
    if (blankBefore) reader.section(undefined);
    blankBefore = false;
    const head = headed(words, options);
    const body = head?.rest ?? words;
    const bodyFrom = begin + words.length - (head?.rest ?? words).length;
    if (head) reader.words(words.slice(0, words.length - head.rest.length), begin);
    if (isListLine(body, options)) reader.list(body, bodyFrom, head?.beside);
    else
      for (const s of sentencesIn(body, bodyFrom)) {
        if (reader.acts.length >= MOST_ACTS) leftOut += 1;
        else if (ABOUT.test(s.text) || portionsOf(s.text) !== undefined) reader.words(s.text, s.from);
        else reader.sentence(piecesOf(s.text, s.from), head?.beside);
      }
  }
  reader.askOverlooked();
  return {
    ...(title === undefined ? {} : { title }),
    lines: reader.lines,
    acts: reader.acts,
    ...some(portions ?? peopleIn(begun)),
    leftOut,
  };
}

const COUNT = String.raw`(\d{1,2}|two|three|four|five|six|seven|eight|nine|ten|twelve)(?:\s*(?:[-–]|to|or)\s*(\d{1,2}|\p{L}{3,6}))?`;
/** For how many it is, wherever that is said in passing. */
const PEOPLE = [
  new RegExp(
    String.raw`\b(?:for|feeds?|serves?|enough for)\s+(?:about\s+)?${COUNT}\s+(?:people|persons?|of us|hungry|adults|eaters|guests|servings|portions)\b`,
    'iu',
  ),
  new RegExp(String.raw`\b(?:serves|feeds|servings?:?|portions:)\s+(?:about\s+)?${COUNT}\b`, 'iu'),
  new RegExp(String.raw`\bmakes\s+(?:about\s+)?${COUNT}\s+(?:servings|portions)\b`, 'iu'),
  new RegExp(String.raw`^[^.:;\d\n]{3,40}\bfor\s+${COUNT}\s*(?=[,:.;\n])`, 'iu'),
];

function peopleIn(text: string): number | undefined {
  for (const ways of PEOPLE) {
    const [, low, high] = ways.exec(text) ?? [];
    const [a, b] = [low, high].map((n) => (n === undefined ? undefined : saidNumber(`${n} `, {})?.count));
    if (a !== undefined) return Math.round((a + (b ?? a)) / 2);
  }
  return undefined;
}

const some = (portions: number | undefined): { portions?: number } =>
  portions === undefined ? {} : { portions };

/** Where the telling begins behind its name. */
const bodyAt = (text: string, first: string | undefined): number => {
  const at = first === undefined ? text.length : text.indexOf(first);
  return at < 0 ? 0 : at;
};

const besideOf = (heading: string): string | undefined => {
  const beside = besideIn(heading);
  return beside === undefined && !/^for the\b|^to serve\b|^garnish\b/iu.test(heading) ? undefined : heading;
};

/** "Four of the cooker's cups": the same length of text, so that every piece stands where it stood. */
const plainMeasures = (text: string): string =>
  text
    .replace(/\bof the (?:cooker['’]s|same) cups?\b/giu, (m) =>
      'rice-cooker cups'.padEnd(m.length).slice(0, m.length),
    )
    .replace(/\bof my cups\b/giu, (m) => 'cups'.padEnd(m.length));
