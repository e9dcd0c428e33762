import { readLeading, thingAndPart, type LeadingAmount, type ParseOptions } from '../measures/parseAmount.js';
import { LARGEST_AMOUNT } from '../measures/parseAmount.js';
import { RELEASE, type Ingredient, type State } from './composition.js';
import { findRow, singular, wordsOf, type Row } from './findRow.js';
import { potOf, SOAKED, soakOf, type Soak } from './saidBesides.js';

/** An amount of a line: exactly one of mass, volume or natural units. */
export type LineAmount = { readonly g: number } | { readonly ml: number } | { readonly count: number };

/** One typed line as understood. */
export interface ParsedLine {
  readonly text: string;
  /**
   * `understood` needs nothing; `check` is our best reading and wants a tap; `unmeasurable` has no amount that
   * can be measured; `unknown` is not in the larder.
   */
  readonly status: 'understood' | 'check' | 'unmeasurable' | 'unknown';
  /** Why it is not simply understood. */
  readonly reason?:
    'spelling' | 'severalMatch' | 'noAmount' | 'noUnit' | 'packetSize' | 'vague' | 'tooMuch' | 'notInLarder';
  /** Id of the ingredient or grain read, where there is one. */
  readonly id?: string;
  readonly isGrain: boolean;
  readonly amount?: LineAmount;
  readonly state?: State;
  /** Minutes a grain is soaked, where the line says that it is; `said` is false for the usual half hour. */
  readonly soak?: Soak;
  /** Width of a pot, cm, where the line names a pot and nothing that goes into it. */
  readonly potCm?: number;
  /** What was said besides: "sliced". */
  readonly note: string;
  /** Ids it could also be, nearest first. */
  readonly choices: readonly string[];
}

export interface LineOptions extends ParseOptions {
  /** The household's own ingredients, looked in first. */
  readonly own?: readonly Ingredient[];
}

/** Most lines read from one paste. */
export const MOST_LINES = 200;
/** Longest line that is read, characters: longer ones are no ingredient. */
const MOST_LINE_LENGTH = 200;

/** What a cook's word for a size makes of the usual piece †. */
const SIZE: Readonly<Record<string, number>> = { small: 0.7, medium: 1, large: 1.4, big: 1.4 };
const CONTAINER = /^(?:cans?|tins?|packets?|packs?|sachets?|jars?|bottles?|cartons?|tubes?)\b\.?\s*/iu;
const VAGUE =
  /\b(?:handfuls?|to taste|some|a little|splash|drizzle|dash|glug|bit of|few|knob|as needed|pinch(?:es)?|sprinkle)\b/iu;
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
 * Reads one line of a list: "3 medium onions, sliced", "1 8-oz can tomato sauce", "1/3 cup yoghurt". Never
 * guesses in silence: a name that only nearly fits comes back as `check`. Never throws.
 * @example parseLine('2 onions, sliced').amount // { count: 2 }
 */
export function parseLine(text: string, options: LineOptions = {}): ParsedLine {
  const line = text
    .replace(/^[\s•*–·-]+/u, '')
    .trim()
    .slice(0, MOST_LINE_LENGTH);
  const [beforeComma = '', ...notes] = line.split(/,(?!\d)|\(|\)/u);
  const { lead, size, container, rest } = amountOf(beforeComma, options);
  const note = notes.join(' ').trim();
  const potCm = potOf(line);
  if (potCm !== undefined)
    return { text, note: '', choices: [], isGrain: false, potCm, status: 'understood' };
  const found = rowFor(rest, options.own ?? []);
  const base = {
    text,
    note,
    choices: found.choices,
    isGrain: found.row !== undefined && 'family' in found.row,
  };
  if (!found.row) return { ...base, status: 'unknown', reason: 'notInLarder' };
  const id = found.row.id;
  const state = stateOf(found.row, line);
  const soak = base.isGrain ? soakOf(line) : undefined;
  const known = { ...base, id, ...(state === undefined ? {} : { state }), ...(soak ? { soak } : {}) };
  const named = 'units' in found.row && found.row.units.some((u) => wordsOf(beforeComma).includes(u.name));
  if (!lead || (VAGUE.test(line) && !lead.unit && !size && !named)) {
    return { ...known, status: 'unmeasurable', reason: VAGUE.test(line) ? 'vague' : 'noAmount' };
  }
  const amount = inUnits({ lead, size, container, rest: beforeComma, row: found.row });
  if (typeof amount === 'string') return { ...known, status: 'unmeasurable', reason: amount };
  if (Object.values(amount).some((n: number) => n > LARGEST_AMOUNT || n <= 0))
    return { ...known, status: 'unmeasurable', reason: 'tooMuch' };
  if (found.how === 'exact') return { ...known, amount, status: 'understood' };
  return { ...known, amount, status: 'check', reason: found.how };
}

/** The row a line means; what is said of soaking says nothing about which row it is. */
function rowFor(text: string, own: readonly Ingredient[]): ReturnType<typeof findRow> {
  const found = findRow(text, own);
  if (found.row && found.how === 'exact') return found;
  const without = findRow(text.replace(SOAKED, ' '), own);
  return without.row && without.how === 'exact' ? without : found;
}

/**
 * Reads a pasted list, a line each or several things to a line ("3 cups basmati, soaked, two tomatoes"); empty lines
 * are left out, and no more than MOST_LINES are read.
 * @example parseLines('2 onions\n400 g tomatoes').lines.length // 2
 */
export function parseLines(
  text: string,
  options: LineOptions = {},
): { lines: ParsedLine[]; leftOut: number } {
  const lines = text
    .split(/\r?\n/u)
    .filter((l) => /[\p{L}\d]/u.test(l))
    .flatMap((l) => things(l, options));
  return {
    lines: lines.slice(0, MOST_LINES).map((l) => parseLine(l, options)),
    leftOut: Math.max(0, lines.length - MOST_LINES),
  };
}

/** The things of one line: after a comma a new one begins where an amount of something known does. */
function things(line: string, options: LineOptions): string[] {
  if (line.length > MOST_LINE_LENGTH) return [line];
  const begun: string[] = [];
  for (const piece of line.split(/,\s+/u)) {
    const isNew =
      begun.length > 0 &&
      readLeading(piece, options) !== undefined &&
      (potOf(piece) !== undefined ||
        rowFor(amountOf(piece, options).rest, options.own ?? []).row !== undefined);
    if (begun.length === 0 || isNew) begun.push(piece);
    else begun.push(`${begun.pop() ?? ''}, ${piece}`);
  }
  return begun;
}

interface Amount {
  readonly lead: LeadingAmount | undefined;
  /** Contents of one tin or packet where the line says them, in g or ml. */
  readonly size: LeadingAmount['unit'];
  readonly container: boolean;
  readonly rest: string;
}

/** "1 8-oz can", "2 x 400 g tins", "3", "1/3 cup", and what follows. */
function amountOf(text: string, options: ParseOptions): Amount {
  const juice = text.replace(/^juice of\s+/iu, '');
  const begun = readLeading(juice, options);
  if (!begun) return { lead: undefined, size: undefined, container: false, rest: text };
  let rest = juice.slice(begun.next).replace(/^[x×]\s*/iu, '');
  const more = begun.unit ? undefined : thingAndPart(rest);
  const lead = { ...begun, count: begun.count + (more?.part ?? 0) };
  if (more) rest = `${more.word} ${more.rest}`;
  let size: LeadingAmount['unit'];
  if (!lead.unit) {
    const inner = readLeading(rest, options);
    if (inner?.unit) {
      size = { kind: inner.unit.kind, size: inner.unit.size * inner.count };
      rest = rest.slice(inner.next);
    }
  }
  const held = CONTAINER.exec(rest);
  if (held) rest = rest.slice(held[0].length);
  if (held && lead.unit && !size) return { lead, size, container: false, rest };
  return { lead, size, container: held !== null, rest: juice === text ? rest : `juice of ${rest}` };
}

type Why = 'noUnit' | 'packetSize';

/** The amount in g, ml or natural units of this row; a reason when it cannot be measured. */
function inUnits(read: {
  lead: LeadingAmount;
  size: LeadingAmount['unit'];
  container: boolean;
  rest: string;
  row: Row;
}): LineAmount | Why {
  const { lead, size, container, rest, row } = read;
  const unit = lead.unit ?? size;
  if (unit) {
    const total = lead.count * unit.size;
    return unit.kind === 'mass' ? { g: round(total) } : { ml: round(total) };
  }
  const natural = 'units' in row ? row.units : [];
  if (container) {
    const tin = natural.find((u) => ['tin', 'can', 'sachet'].includes(u.name));
    return tin ? { g: round(tin.g * lead.count) } : 'packetSize';
  }
  const words = wordsOf(rest);
  const named = natural.find((u) => words.includes(singular(u.name.toLowerCase()))) ?? natural[0];
  if (!named) return 'noUnit';
  const grown = Object.entries(SIZE).find(([word]) => words.includes(word))?.[1] ?? 1;
  const scaled = named.g * grown;
  return named === natural[0] && grown === 1 ? { count: lead.count } : { g: round(scaled * lead.count) };
}

function stateOf(row: Row, line: string): State | undefined {
  if (!('behaves' in row)) return undefined;
  const states = RELEASE[row.behaves].map((r) => r.state);
  return STATE_WORDS.find(([words, state]) => words.test(line) && states.includes(state))?.[1];
}

const round = (n: number): number => Math.round(n * 100) / 100;
