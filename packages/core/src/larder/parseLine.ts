import { distance } from 'fastest-levenshtein';
import { readLeading, type LeadingAmount, type ParseOptions } from '../measures/parseAmount.js';
import { LARGEST_AMOUNT } from '../measures/parseAmount.js';
import { RELEASE, type Ingredient, type State } from './composition.js';
import { GRAINS, type Grain } from './grains.js';
import { INGREDIENTS } from './ingredients.js';

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
const MOST_LINE_LENGTH = 200;

type Row = Ingredient | Grain;
interface Name {
  readonly key: string;
  readonly words: readonly string[];
  readonly row: Row;
}

/** Words that say nothing about which ingredient it is. */
const FILLERS = new Set(
  'of the a an and fresh freshly large medium small big extra ripe chopped sliced diced minced grated peeled crushed finely roughly thinly coarsely cut into pieces piece cubed cleaned deveined washed rinsed drained whole raw dried dry boneless skinless about heaped level good each plus more to taste optional hot cold warm room temperature unsalted plain halved quartered deseeded trimmed ground handful pinch some little splash drizzle few knob dash'.split(
    ' ',
  ),
);
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
 */
export function parseLine(text: string, options: LineOptions = {}): ParsedLine {
  const line = text
    .replace(/^[\s•*–·-]+/u, '')
    .trim()
    .slice(0, MOST_LINE_LENGTH);
  const [beforeComma = '', ...notes] = line.split(/,(?!\d)|\(|\)/u);
  const { lead, size, container, rest } = amountOf(beforeComma, options);
  const note = notes.join(' ').trim();
  const found = find(rest, options.own ?? []);
  const base = {
    text,
    note,
    choices: found.choices,
    isGrain: found.row !== undefined && 'family' in found.row,
  };
  if (!found.row) return { ...base, status: 'unknown', reason: 'notInLarder' };
  const id = found.row.id;
  const state = stateOf(found.row, line);
  const known = { ...base, id, ...(state === undefined ? {} : { state }) };
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

/** Reads a pasted list, a line each; empty lines are left out, and no more than MOST_LINES are read. */
export function parseLines(
  text: string,
  options: LineOptions = {},
): { lines: ParsedLine[]; leftOut: number } {
  const lines = text.split(/\r?\n/u).filter((l) => /[\p{L}\d]/u.test(l));
  return {
    lines: lines.slice(0, MOST_LINES).map((l) => parseLine(l, options)),
    leftOut: Math.max(0, lines.length - MOST_LINES),
  };
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
  const lead = readLeading(juice, options);
  if (!lead) return { lead: undefined, size: undefined, container: false, rest: text };
  let rest = juice.slice(lead.next).replace(/^[x×]\s*/iu, '');
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

interface Found {
  readonly row: Row | undefined;
  readonly how: 'exact' | 'spelling' | 'severalMatch';
  readonly choices: readonly string[];
}

const MOST_CHOICES = 5;

function find(text: string, own: readonly Ingredient[]): Found {
  const said = wordsOf(text);
  const all = own.length === 0 ? larderNames() : [...own.flatMap(namesOf), ...larderNames()];
  const plain = said.filter((w) => !FILLERS.has(w));
  for (const words of [said, plain]) {
    const key = keyOf(words);
    const hit = key === '' ? undefined : all.find((n) => n.key === key);
    if (hit) return { row: hit.row, how: 'exact', choices: others(hit.row, plain, all) };
  }
  const contained = longest(all.filter((n) => n.words.length > 0 && n.words.every((w) => said.includes(w))));
  const [first] = contained;
  if (first) {
    // "red onion rings" holds "red onion"; what is left over is only a cut or a colour when it is short.
    const choices = [...new Set([...contained.map((n) => n.row.id), ...others(first.row, plain, all)])];
    return { row: first.row, how: 'severalMatch', choices: choices.slice(0, MOST_CHOICES) };
  }
  const near = all.filter((n) => nearly(n.words, plain));
  const choices = [...new Set(near.map((n) => n.row.id))].slice(0, MOST_CHOICES);
  return near[0]
    ? { row: near[0].row, how: 'spelling', choices }
    : { row: undefined, how: 'exact', choices: others(undefined, plain, all) };
}

/** Names that hold the most of what was said. */
function longest(names: readonly Name[]): readonly Name[] {
  const most = Math.max(0, ...names.map((n) => n.words.length));
  return names.filter((n) => n.words.length === most);
}

/** Every word the same but for one letter in all, in words long enough for that to mean something. */
function nearly(a: readonly string[], b: readonly string[]): boolean {
  if (a.length !== b.length || a.length === 0) return false;
  let off = 0;
  for (const [i, word] of a.entries()) {
    const other = b[i] ?? '';
    if (word === other) continue;
    if (Math.abs(word.length - other.length) > 1 || word.length < 4) return false;
    off += distance(word, other);
    if (off > 1) return false;
  }
  return true;
}

/** Other rows that share a word with what was said, for the cook to pick from. */
function others(row: Row | undefined, words: readonly string[], all: readonly Name[]): readonly string[] {
  const ids = all
    .filter((n) => n.row !== row && n.words.some((w) => w.length > 3 && words.includes(w)))
    .map((n) => n.row.id);
  return [...new Set(ids)].filter((id) => id !== row?.id).slice(0, MOST_CHOICES);
}

let kept: readonly Name[] | undefined;
/** Every name of the larder, worked out the first time a line is read. */
const larderNames = (): readonly Name[] => (kept ??= [...INGREDIENTS, ...GRAINS].flatMap(namesOf));

function namesOf(row: Row): Name[] {
  const full = row.name;
  const [head = full, ...tail] = full.split(',');
  const spoken = [full, `${tail.join(' ')} ${head}`, ...row.also];
  if ('family' in row) spoken.push(full.replace(/\s+rice$/iu, ''));
  return spoken.map((name) => {
    const words = wordsOf(name);
    return { key: keyOf(words), words, row };
  });
}

const keyOf = (words: readonly string[]): string => [...words].sort().join(' ');

const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .split(/[^\p{L}]+/u)
    .filter((w) => w.length > 1)
    .map(singular);

/** Good enough for a shopping list: tomatoes, leaves, berries, onions. */
function singular(word: string): string {
  if (word.length < 4 || word.endsWith('ss') || word.endsWith('us')) return word;
  if (word.endsWith('ies')) return `${word.slice(0, -3)}y`;
  if (/(?:lea|hal|loa)ves$/u.test(word)) return `${word.slice(0, -3)}f`;
  if (/(?:oes|shes|ches|xes)$/u.test(word)) return word.slice(0, -2);
  return word.endsWith('s') ? word.slice(0, -1) : word;
}

function stateOf(row: Row, line: string): State | undefined {
  if (!('behaves' in row)) return undefined;
  const states = RELEASE[row.behaves].map((r) => r.state);
  return STATE_WORDS.find(([words, state]) => words.test(line) && states.includes(state))?.[1];
}

const round = (n: number): number => Math.round(n * 100) / 100;
