import Fraction from 'fraction.js';
import { fail, ok, type Result } from '../result.js';
import type { AmountError } from './amountError.js';

const GLYPHS: Readonly<Record<string, readonly [number, number]>> = {
  '½': [1, 2],
  '⅓': [1, 3],
  '⅔': [2, 3],
  '¼': [1, 4],
  '¾': [3, 4],
  '⅕': [1, 5],
  '⅖': [2, 5],
  '⅗': [3, 5],
  '⅘': [4, 5],
  '⅙': [1, 6],
  '⅚': [5, 6],
  '⅛': [1, 8],
  '⅜': [3, 8],
  '⅝': [5, 8],
  '⅞': [7, 8],
};

/** Digits in groups of three, a fraction with or without its whole, a decimal. */
const NUMBER = new RegExp(
  String.raw`^(?:(\d{1,3}(?:[,\u0020\u00a0\u2009\u202f'’]\d{3})+)(?![\d/⁄])|(\d+)\s*[-–]?\s*([${Object.keys(GLYPHS).join('')}])|([${Object.keys(GLYPHS).join('')}])|(?:(\d+)\s*[- ]\s*)?(\d+)\s*[/⁄]\s*(\d+)|(\d*[.,]\d+|\d+(?:[.,](?=\D|$))?))`,
  'u',
);

/** Numbers as words, as far as a kitchen counts in them. */
const WORDS: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  thirteen: 13,
  fourteen: 14,
  fifteen: 15,
  sixteen: 16,
  seventeen: 17,
  eighteen: 18,
  nineteen: 19,
  twenty: 20,
  'twenty-five': 25,
  thirty: 30,
  'thirty-five': 35,
  forty: 40,
  'forty-five': 45,
  fifty: 50,
};
/** What a number word counts, however its parts are joined; 1 of none. */
const countOf = (word: string | undefined): number =>
  WORDS[(word ?? 'a').toLowerCase().replaceAll(/[\s-]+/gu, '-')] ?? 1;
/** Parts of a whole as words, and how many of each make one. */
const PARTS: Readonly<Record<string, number>> = { half: 2, third: 3, quarter: 4 };
const WORD = String.raw`(${Object.keys(WORDS)
  .sort((a, b) => b.length - a.length)
  .map((word) => word.replace('-', String.raw`[\s-]`))
  .join('|')})`;
const PART = String.raw`(half|third|quarter)s?\b`;
/** "half a", "a quarter of a", "two thirds". */
const PART_ALONE = new RegExp(String.raw`^(?:${WORD}[\s-]+)?${PART}(?:\s+of)?(?:\s+an?\b)?\s*`, 'iu');
/** "two", "a", and "two and a half". */
const WHOLE = new RegExp(String.raw`^${WORD}\b(?!\s*[-–/])\s*`, 'iu');
const AND_PART = new RegExp(
  String.raw`^\s*(?:and|&)\s+(?:${WORD}[\s-]+)?${PART}(?=\s+\S|\s*$)(?:\s+of)?(?:\s+an?\b)?\s*`,
  'iu',
);

/** A number at a place of a text, and where what follows it begins. */
export interface NumberRead {
  readonly value: Fraction;
  readonly next: number;
  /** True for "a half" and its kin, which may stand for half of what was named before. */
  readonly isPart: boolean;
}

/** Kitchens weigh a kilogram to the gram and write it with a comma: after it only these are never counted in thousands. */
const LARGE_UNIT = /^\s*(?:kg|kilo|l\b|lit|cup|c\b|lb|pound|quart|pint)/iu;

/** A part of one, in words: its size. */
const partOf = (count: string | undefined, part: string): Fraction =>
  new Fraction(countOf(count), PARTS[part.toLowerCase()] ?? 2);

/** A number in words at the start of a text, and its length; undefined where there is none. */
function inWords(rest: string): { value: Fraction; length: number; isPart: boolean } | undefined {
  const part = PART_ALONE.exec(rest);
  if (part) return { value: partOf(part[1], part[2] ?? ''), length: part[0].length, isPart: true };
  const whole = WHOLE.exec(rest);
  // "A" by itself is a word that is still being typed.
  if (!whole || (whole[0].length === rest.length && /^an?$/iu.test(whole[1] ?? ''))) return undefined;
  const and = AND_PART.exec(rest.slice(whole[0].length));
  const value = new Fraction(countOf(whole[1]));
  return and
    ? {
        value: value.add(partOf(and[1], and[2] ?? '')),
        length: whole[0].length + and[0].length,
        isPart: false,
      }
    : { value, length: whole[0].length, isPart: false };
}

/**
 * A number as people write it: "1 3/4", "1¾", "1,5", "1,000", "1 000", "two and a half", "half a".
 * @param text what was typed
 * @param from where to begin, and `end` where to stop
 */
export function readNumber(text: string, from: number, end: number): Result<NumberRead, AmountError> {
  const rest = text.slice(from, end);
  const words = inWords(rest);
  if (words) return ok({ value: words.value, next: from + words.length, isPart: words.isPart });
  const read = (value: Fraction, length: number) => ok({ value, next: from + length, isPart: false });
  if (/^[-−]\s*[\d.,½⅓¼]/u.test(rest)) return problem('notPositive', from, rest.length, rest);
  const m = NUMBER.exec(rest);
  if (!m) {
    const word = /^\S+/u.exec(rest)?.[0] ?? rest;
    return problem('notANumber', from, word.length, word);
  }
  const [all] = m;
  // Forty digits are past any kitchen and would only make exact arithmetic slow.
  if (all.length > 40) return problem('tooLarge', from, all.length, all.slice(0, 12));
  const [, grouped, wholeBeforeGlyph, glyphAfter, glyphAlone, wholeBefore, top, bottom, decimal] = m;
  const glyph = GLYPHS[glyphAfter ?? glyphAlone ?? ''];
  if (glyph) return read(new Fraction(glyph[0], glyph[1]).add(wholeBeforeGlyph ?? '0'), all.length);
  if (top !== undefined && bottom !== undefined) {
    if (/^0+$/u.test(bottom)) return problem('dividedByZero', from, all.length, all);
    return read(new Fraction(`${top}/${bottom}`).add(wholeBefore ?? '0'), all.length);
  }
  // "2 and a half".
  const and = /^\d+$/u.test(all) ? AND_PART.exec(rest.slice(all.length)) : null;
  if (and) return read(partOf(and[1], and[2] ?? '').add(all), all.length + and[0].length);
  const isDecimal = /^\d+,\d{3}$/u.test(grouped ?? '') && LARGE_UNIT.test(rest.slice(all.length));
  if (grouped !== undefined && !isDecimal) return read(new Fraction(grouped.replace(/\D/gu, '')), all.length);
  const plain = (grouped ?? decimal ?? '0').replace(',', '.').replace(/^\./u, '0.').replace(/\.$/u, '');
  return read(new Fraction(plain), all.length);
}

const problem = (code: AmountError['code'], at: number, length: number, found: string) =>
  fail<AmountError>({ code, at, length, found });
