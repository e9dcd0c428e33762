import Fraction from 'fraction.js';
import { fail, ok, type Result } from '../result.js';
import type { AmountError, AmountErrorCode } from './amountError.js';
import { readNumber } from './readNumber.js';
import { UNITS, unitById, type Unit, type UnitId, type UnitKind } from './units.js';

/** One "1 3/4 cups" of a typed amount. */
export interface AmountPart {
  readonly value: Fraction;
  readonly unit: UnitId;
}

/** A typed amount as understood: its parts in order, and their exact sum in g or ml. */
export interface ParsedAmount {
  readonly kind: UnitKind;
  readonly parts: readonly AmountPart[];
  /** Sum in g (mass) or ml (volume), exact. */
  readonly exact: Fraction;
  /** The same sum as a plain number. */
  readonly size: number;
}

export interface ParseOptions {
  /** Size of the household's own cup in ml; "cup" and "c" mean this one. */
  readonly cupMl?: number;
  /** Unit of a bare number; without it a bare number is refused. */
  readonly bareUnit?: UnitId;
}

/** Nothing larger than this is a household amount (g or ml). A 100-litre pot is past any kitchen. */
export const LARGEST_AMOUNT = 100_000;

const JOINER = /^\s*(?:\+|&|,|;|and\b|plus\b)\s*/iu;
/** Longest spellings first, so that "metric cup" is not read as an unknown "metric". */
const SPELLINGS: readonly (readonly [string, Unit])[] = UNITS.flatMap((u) =>
  u.spellings.map((s) => [s, u] as const),
).sort((a, b) => b[0].length - a[0].length);

/**
 * Reads an amount as people type it: "1 3/4 c", "1¾ cups", "400 g", "2 tbsp + 1 tsp", "1,5 dl", "half a cup",
 * "1,000 g", "1 000 g", "two and a half cups", "a cup and a half".
 * @param text what was typed
 * @param options the household's cup in ml, and the unit of a bare number
 * @returns the exact amount, or what was not understood and where. Never throws.
 * @example parseAmount('1 3/4 cups', { cupMl: 240 }).value.size // 420
 */
export function parseAmount(text: string, options: ParseOptions = {}): Result<ParsedAmount, AmountError> {
  const parts: AmountPart[] = [];
  let at = text.length - text.trimStart().length;
  const end = text.trimEnd().length;
  if (at >= end) return problem('empty', 0, 0, '');
  while (at < end) {
    const part = readPart(text, at, end, options, parts.at(-1)?.unit);
    if (!part.ok) return part;
    parts.push(part.value.part);
    at = part.value.next;
    const joiner = JOINER.exec(text.slice(at, end));
    if (joiner) {
      at += joiner[0].length;
      if (at >= end) return problem('notANumber', at - joiner[0].trimEnd().length, 1, joiner[0].trim());
    }
  }
  return sum(text, parts, options);
}

/** An amount at the start of a longer line, and where the rest begins. */
export interface LeadingAmount {
  readonly count: number;
  /** Size of the unit in g or ml; undefined when no unit followed the number. */
  readonly unit: { readonly kind: UnitKind; readonly size: number } | undefined;
  readonly next: number;
}

/**
 * The number a line begins with, and its unit where it has one: "3 medium onions" is a bare 3.
 * @returns undefined when the line does not begin with a number
 */
export function readLeading(text: string, options: ParseOptions = {}): LeadingAmount | undefined {
  const number = readNumber(text, 0, text.length);
  if (!number.ok) return undefined;
  let at = number.value.next;
  while (at < text.length && /[\s-]/u.test(text[at] ?? '')) at += 1;
  const unit = readUnit(text.slice(at));
  const count = number.value.value.valueOf();
  if (!unit) return { count, unit: undefined, next: at };
  const { kind } = unitById(unit.id);
  const size = sizeOf(unit.id, options).valueOf();
  const lead = { count, unit: { kind, size }, next: skipSpace(text, at + unit.length, text.length) };
  return withMore(text, lead, options);
}

/** What joins two parts of one amount within a line; a comma there begins a note. */
const LINE_JOINER = /^(?:\+|&|and\b|plus\b)\s*/iu;

/** "1 tsp plus 1/8 tsp", "a cup and a half": all that is said of one amount, in the unit it began with. */
function withMore(
  text: string,
  lead: LeadingAmount & { readonly unit: NonNullable<LeadingAmount['unit']> },
  options: ParseOptions,
): LeadingAmount {
  const joiner = LINE_JOINER.exec(text.slice(lead.next));
  if (!joiner) return lead;
  const from = lead.next + joiner[0].length;
  const number = readNumber(text, from, text.length);
  if (!number.ok) return lead;
  const more = readLeading(text.slice(from), options);
  if (more?.unit?.kind === lead.unit.kind)
    return {
      ...lead,
      count: lead.count + (more.count * more.unit.size) / lead.unit.size,
      next: from + more.next,
    };
  if (more && !more.unit && number.value.isPart)
    return { ...lead, count: lead.count + more.count, next: from + more.next };
  return lead;
}

/** What comes in ones and a part more, "a can and a half of": the thing's word, the part, and what follows it. */
export function thingAndPart(
  text: string,
): { readonly word: string; readonly part: number; readonly rest: string } | undefined {
  const [, word = '', more = ''] = /^\s*(\p{L}+)\.?\s+(?:and|&)\s+(.*)$/isu.exec(text) ?? [];
  const part = readNumber(more, 0, more.length);
  if (word === '' || !part.ok || !part.value.isPart) return undefined;
  return { word, part: part.value.value.valueOf(), rest: more.slice(part.value.next) };
}

function readPart(
  text: string,
  from: number,
  end: number,
  options: ParseOptions,
  before: UnitId | undefined,
): Result<{ part: AmountPart; next: number }, AmountError> {
  const number = readNumber(text, from, end);
  if (!number.ok) return number;
  let at = number.value.next;
  while (at < end && /[\s-]/u.test(text[at] ?? '')) at += 1;
  const unit = readUnit(text.slice(at, end));
  if (unit)
    return ok({
      part: { value: number.value.value, unit: unit.id },
      next: skipSpace(text, at + unit.length, end),
    });
  const rest = text.slice(at, end);
  if (rest === '' || JOINER.test(rest)) {
    // "A cup and a half": half of what was named before.
    if (number.value.isPart && before !== undefined)
      return ok({ part: { value: number.value.value, unit: before }, next: at });
    if (options.bareUnit)
      return ok({ part: { value: number.value.value, unit: options.bareUnit }, next: at });
    return problem('missingUnit', from, at - from, text.slice(from, at).trim());
  }
  const word = /^[^\s+&,;]+/u.exec(rest)?.[0] ?? rest;
  return problem('unknownUnit', at, word.length, word);
}

function readUnit(rest: string): { id: UnitId; length: number } | undefined {
  // The one pair where case carries meaning at the stove: T is a tablespoon, t a teaspoon.
  const single = /^([Tt])(?![\p{L}])/u.exec(rest);
  if (single) return { id: single[1] === 'T' ? 'tbsp' : 'tsp', length: 1 };
  const lower = rest.toLowerCase();
  for (const [spelling, unit] of SPELLINGS) {
    if (!lower.startsWith(spelling)) continue;
    const after = rest.slice(spelling.length);
    if (/^\p{L}/u.test(after)) continue;
    const dot = after.startsWith('.') && !/^\.\d/u.test(after) ? 1 : 0;
    return { id: unit.id, length: spelling.length + dot };
  }
  return undefined;
}

function sum(
  text: string,
  parts: readonly AmountPart[],
  options: ParseOptions,
): Result<ParsedAmount, AmountError> {
  const kinds = new Set(parts.map((p) => unitById(p.unit).kind));
  const [kind] = kinds;
  if (kinds.size !== 1 || !kind) return problem('mixedKinds', 0, text.length, text.trim());
  let exact = new Fraction(0);
  for (const part of parts) exact = exact.add(part.value.mul(sizeOf(part.unit, options)));
  if (exact.compare(0) <= 0) return problem('notPositive', 0, text.length, text.trim());
  if (exact.compare(LARGEST_AMOUNT) > 0) return problem('tooLarge', 0, text.length, text.trim());
  return ok({ kind, parts, exact, size: exact.valueOf() });
}

const sizeOf = (id: UnitId, options: ParseOptions): Fraction =>
  id === 'cup' && options.cupMl !== undefined && Number.isFinite(options.cupMl) && options.cupMl > 0
    ? new Fraction(options.cupMl)
    : unitById(id).size;

const skipSpace = (text: string, from: number, end: number): number => {
  let at = from;
  while (at < end && /\s/u.test(text[at] ?? '')) at += 1;
  return at;
};

const problem = (code: AmountErrorCode, at: number, length: number, found: string) =>
  fail<AmountError>({ code, at, length, found });
