import { LARGEST_AMOUNT, readLeading, type ParseOptions } from '../../basics/measures/parseAmount.js';
import { RELEASE, type Ingredient, type State } from '../../basics/larder/composition.js';
import { findRow, rowById as larderRow, type Found, type Row } from './findRow.js';
import {
  amountOf,
  measured,
  millilitresOf,
  type Amount,
  type LineAmount,
  type CanSizes,
} from './lineAmount.js';
import { soakedFor } from '../../basics/larder/pulseSoak.js';
import { saidNumber } from './saidNumber.js';
import { isHeading, portionsOf, potOf, SOAKED, soakOf, type Soak } from './saidBesides.js';
import { withSharedHeads } from './sharedHead.js';
import { thingsOf } from './things.js';

export type { LineAmount, CanSizes } from './lineAmount.js';

/** One typed line as understood. */
export interface ParsedLine {
  readonly text: string;
  /**
   * `understood` needs nothing; `check` is our best reading and wants a tap; `unmeasurable` has no amount that can be
   * measured; `unknown` is not in the larder; `words` names nothing that goes in.
   */
  readonly status: 'understood' | 'check' | 'unmeasurable' | 'unknown' | 'words';
  /** Why it is not simply understood. */
  readonly reason?:
    'spelling' | 'severalMatch' | 'noAmount' | 'noUnit' | 'packetSize' | 'vague' | 'tooMuch' | 'notInLarder';
  /** Id of the ingredient or grain read, where there is one. */
  readonly id?: string;
  readonly isGrain: boolean;
  readonly amount?: LineAmount;
  /** One standard deviation of the amount, as a share, where it was said loosely: a range, a handful, about. */
  readonly spread?: number;
  readonly state?: State;
  /** The vessel whose size is asked for: "jar". */
  readonly packet?: string;
  /** True for water or stock that the cook pours, and not for what is ground or soaked with. */
  readonly pours?: boolean;
  /** Minutes a grain or a pulse is soaked, where the line says that it is; `said` is false for the usual half hour. */
  readonly soak?: Soak;
  /** Width of a pot, cm, where the line names a pot and nothing that goes into it. */
  readonly potCm?: number;
  /** How many it is for, where the line says that and nothing else. */
  readonly portions?: number;
  /** What was said besides: "sliced". */
  readonly note: string;
  /** Ids it could also be, nearest first. */
  readonly choices: readonly string[];
}

export interface LineOptions extends ParseOptions {
  /** The household's own ingredients, looked in first. */
  readonly own?: readonly Ingredient[];
  /** What its jars and packets hold. */
  readonly sizes?: CanSizes;
  /** Id of the row that the cook says it is: only the amount is read. */
  readonly as?: string;
}

/** Most lines read from one paste. */
export const MOST_LINES = 200;
/** Longest line that is read, characters: longer ones are no ingredient. */
const MOST_LINE_LENGTH = 200;
/** Water or stock of at least this much in a list is what the cook pours, ml; less loosens a paste. */
const LEAST_POUR_ML = 100;
const POURED = /^(?:water|stock(?:Vegetable|Chicken|Meat|Fish|Unsalted))$/u;
/** Water that is for something else than the grain. */
const FOR_ELSE =
  /\b(?:to|for)\s+(?:the\s+)?(?:grind|blend|soak|steep|dissolve|rinse|wash|deglaze|loosen|paste|base|stew|sauce|puree|marinade|yeast|tamarind|saffron|boil(?:ing)?\s+the)/iu;
const STATE_WORDS: readonly (readonly [RegExp, State])[] = [
  [/\bbrowned\b/iu, 'browned'],
  [/\bsoaked\b/iu, 'soaked'],
  [/\braw\b/iu, 'raw'],
  [/\bgolden\b/iu, 'golden'],
  [/\bcooked\b|\bboiled\b/iu, 'cooked'],
  [/\bsteeped\b/iu, 'steeped'],
  [/\bsoftened\b/iu, 'softened'],
];

/**
 * Reads one line of a list: "3 medium onions, sliced", "1 8-oz can tomato sauce", "a couple of carrots", "3 to 4 tomatoes",
 * "a handful of mint". Never guesses in silence: a name that only nearly fits, or that kitchens use for several things,
 * comes back as `check`. Never throws.
 * @example parseLine('2 onions, sliced').amount // { count: 2 }
 */
export function parseLine(text: string, options: LineOptions = {}): ParsedLine {
  const line = text
    .replace(/^(?:[\s•*–·-]|\d{1,2}[.)]\s+(?=\p{L}|\d))+/u, '')
    .trim()
    .slice(0, MOST_LINE_LENGTH);
  const said = amountFirst(line, options);
  const inside = [...said.matchAll(/\(([^)]*)\)/gu)].map((m) => m[1] ?? '').join(' ');
  const [beforeComma = '', ...notes] = said.replace(/\([^)]*\)?/gu, ' ').split(/,(?!\d)|;/u);
  const note = [...notes, inside].join(' ').replace(/\s+/gu, ' ').trim();
  const base = { text, note, choices: [], isGrain: false } as const;
  const potCm = potOf(line);
  if (potCm !== undefined) return { ...base, potCm, status: 'understood' };
  const portions = portionsOf(line);
  if (portions !== undefined) return { ...base, portions, status: 'understood' };
  if (isHeading(line)) return { ...base, status: 'words' };
  const amount = amountOf(beforeComma.trim(), inside, options);
  const found = options.as === undefined ? rowSaid(amount, note, options) : rowById(options.as, options);
  return { ...base, ...readAs(said, beforeComma, amount, found, options) };
}

/** A name before its amount: "Basmati rice - 2 cups", "salt: 1 tsp", "celery, 2 sticks". */
const NAME_FIRST = /^(\p{L}[^\d½⅓¼¾⅔⅛(]*?)[\s,:=–—-]+([\d½⅓¼¾⅔⅛][^,(]*)(.*)$/u;
/** What is counted in these is no amount of a thing. */
const NOT_AMOUNT =
  /^\S+(?:\s*(?:to|[-–])\s*\S+)?\s*(?:min|sec|hour|hr|h\b|cm|mm|inch|°|%|degree|people|person|serving|portion|time|day|whistle|watt)/iu;
const NO_NAME =
  /\b(?:of|for|about|over|with|in|to|on|holds|handful|pinch|tins?|cans?|jars?|packets?|packs?|bags?|tubes?|cook|simmer|boil|bake|fry|soak|rest|steam|serves?|at)\s*$/iu;

/** The same with its amount first; as it is where that is so already. */
function amountFirst(line: string, options: LineOptions): string {
  const [, name = '', amount = '', after = ''] = NAME_FIRST.exec(line) ?? [];
  if (name === '' || NO_NAME.test(name) || NOT_AMOUNT.test(amount)) return line;
  if (saidNumber(line, options) !== undefined) return line;
  return `${amount.trim()} ${name}${after}`;
}

type Read = Omit<ParsedLine, 'text' | 'note'>;

/** What a line says of the row that was found. */
function readAs(line: string, beforeComma: string, amount: Amount, found: Found, options: LineOptions): Read {
  const { row, how, choices } = found;
  if (!row) return { choices, isGrain: false, status: 'unknown', reason: 'notInLarder' };
  const isGrain = 'family' in row;
  const state = stateOf(row, line);
  const soak = isGrain || isPulse(row) ? soakOf(line) : undefined;
  const known = {
    choices,
    isGrain,
    id: row.id,
    ...(state === undefined ? {} : { state }),
    ...(soak ? { soak } : {}),
  };
  const sum = measured(beforeComma, amount, row, options.sizes ?? {});
  if (typeof sum === 'string') {
    const packet = sum === 'packetSize' ? { packet: amount.container ?? '' } : {};
    return { ...known, ...packet, status: 'unmeasurable', reason: sum };
  }
  if (Object.values(sum.amount).some((n: number) => n > LARGEST_AMOUNT || n <= 0))
    return { ...known, status: 'unmeasurable', reason: 'tooMuch' };
  const read = { ...known, ...sum, ...(isPour(row, sum.amount, line) ? { pours: true } : {}) };
  if (how === 'exact' && !saysMore(amount.rest, options)) return { ...read, status: 'understood' };
  return { ...read, status: 'check', reason: how === 'exact' ? 'severalMatch' : how };
}

/** "A cube dissolved in 500 ml water": a second amount would be lost. */
function saysMore(rest: string, options: LineOptions): boolean {
  const [, more] = /\s(?:in|with|and|plus)\s+(.+)$/iu.exec(rest) ?? [];
  return more !== undefined && readLeading(more, options)?.unit !== undefined;
}

const isPour = (row: Row, amount: LineAmount, line: string): boolean =>
  POURED.test(row.id) && millilitresOf(amount, row) >= LEAST_POUR_ML && !FOR_ELSE.test(line);

/** A spoonful at most, ml. */
const SPOON_ML = 60;

/** Words after the comma that make it another thing. */
const QUALIFIES = /\b(?:frozen|dried|dry|tinned|canned|smoked|ground|powdered|powder|salted)\b/iu;

/** The row a line means, with what was said after the comma: "broad beans, frozen". */
function rowSaid(amount: Amount, note: string, options: LineOptions): Found {
  const [word] = QUALIFIES.exec(note) ?? [];
  if (word !== undefined) {
    const qualified = rowFor({ ...amount, rest: `${word} ${amount.rest}` }, options);
    if (qualified.row && qualified.how === 'exact') return qualified;
  }
  return rowFor(amount, options);
}

/** The row a line means; what is said of soaking says nothing about which row it is. */
function rowFor({ lead, container, rest }: Amount, { own = [] }: LineOptions): Found {
  const by = {
    spoon: lead?.unit?.kind === 'volume' && lead.count * lead.unit.size <= SPOON_ML,
    tin: container === 'tin' || container === 'can',
  };
  const found = findRow(rest, own, by);
  // "2 tomatoes, chopped" are fresh; a tin says so.
  if (found.row?.id === 'tomatoChopped' && lead !== undefined && !lead.unit && container === undefined)
    return { ...found, row: larderRow('tomato'), how: 'exact' };
  if (found.row && found.how === 'exact') return found;
  const without = findRow(rest.replace(SOAKED, ' '), own, by);
  return without.row && (without.how === 'exact' || !found.row) ? without : found;
}

/** The row the cook has picked. */
const rowById = (id: string, { own = [] }: LineOptions): Found => ({
  row: own.find((r) => r.id === id) ?? larderRow(id),
  how: 'exact',
  choices: [id],
});

/**
 * Reads a pasted list, a line each or several things to a line ("3 cups basmati, soaked, two tomatoes", "½ cup each of
 * potato and carrot"); empty lines are left out, and no more than MOST_LINES are read.
 * @example parseLines('2 onions\n400 g tomatoes').lines.length // 2
 */
export function parseLines(
  text: string,
  options: LineOptions = {},
): { lines: ParsedLine[]; leftOut: number } {
  const isKnown = (piece: string): boolean => isThing(piece, options);
  const lines = withSharedHeads(text, (words) => isName(words, options))
    .split(/\r?\n/u)
    .filter((l) => /[\p{L}\d]/u.test(l))
    .flatMap((l) => (l.length > MOST_LINE_LENGTH ? [l] : thingsOf(l, options, isKnown)));
  return {
    lines: lines.slice(0, MOST_LINES).map((l) => parseLine(l, options)),
    leftOut: Math.max(0, lines.length - MOST_LINES),
  };
}

/** True where a few words are exactly the name of a thing. */
export const isName = (words: string, options: LineOptions): boolean => {
  const { row, how } = findRow(words, options.own ?? []);
  return row !== undefined && how === 'exact' && !POURED.test(row.id);
};

/** True where a piece of a line names a thing by itself, or a pot. */
export function isThing(piece: string, options: LineOptions): boolean {
  if (potOf(piece) !== undefined) return true;
  const { row, how } = rowFor(amountOf(piece, '', options), options);
  return row !== undefined && (how !== 'spelling' || readLeading(piece, options) !== undefined);
}

const isPulse = (row: Row): boolean => 'behaves' in row && soakedFor(row, 0) !== undefined;

function stateOf(row: Row, line: string): State | undefined {
  if (!('behaves' in row)) return undefined;
  const states = RELEASE[row.behaves].map((r) => r.state);
  return STATE_WORDS.find(([words, state]) => words.test(line) && states.includes(state))?.[1];
}
