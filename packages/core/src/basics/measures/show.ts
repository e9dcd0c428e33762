import Fraction from 'fraction.js';
import type { Measurable } from './measurable.js';

const GLYPHS: Readonly<Record<string, string>> = {
  '1/2': '½',
  '1/3': '⅓',
  '2/3': '⅔',
  '1/4': '¼',
  '3/4': '¾',
  '1/8': '⅛',
  '3/8': '⅜',
  '5/8': '⅝',
  '7/8': '⅞',
};

/**
 * A count as a cook writes it: whole number and fraction glyph.
 * @example showCount(new Fraction(7, 4)) // '1¾'
 */
export function showCount(count: Fraction): string {
  const whole = count.floor();
  const rest = count.sub(whole);
  if (rest.compare(0) === 0) return whole.toString();
  const key = rest.toFraction();
  const glyph = GLYPHS[key] ?? ` ${key}`;
  return whole.compare(0) === 0 ? glyph.trim() : `${whole.toString()}${glyph}`;
}

/**
 * A measurable volume in words: "1¾ cups + 1 tbsp", "650 ml in the jug".
 * @example showMeasurable(measurable(414, [cup])) // '1¾ cups'
 */
export function showMeasurable(amount: Measurable): string {
  return amount.scoops
    .map((s) => {
      if (s.kind === 'jug') return `${Math.round(s.ml).toString()} ml`;
      const many = s.count.compare(1) > 0 && s.kind === 'cup';
      return `${showCount(s.count)} ${many ? `${s.label}s` : s.label}`;
    })
    .join(' + ');
}

/**
 * Grams or millilitres rounded to what a kitchen scale or jug shows: whole grams to 100, fives above it.
 * @example showMetric(723.4, 'ml') // '725 ml'
 */
export function showMetric(size: number, unit: 'g' | 'ml'): string {
  const step = Math.abs(size) >= 100 ? 5 : 1;
  return `${(Math.round(size / step) * step).toString()} ${unit}`;
}

/**
 * A number of quarters as an exact count, for showing "1¾ onions".
 * @example quarter(7).toFraction() // '7/4'
 */
export const quarter = (quarters: number): Fraction => new Fraction(Math.round(quarters), 4);
