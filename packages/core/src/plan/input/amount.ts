import { parseAmount, readLeading, thingAndPart } from '../../basics/measures/parseAmount.js';
import type { Ingredient } from '../../basics/larder/composition.js';
import type { Grain } from '../../basics/larder/grains.js';
import type { Checker } from './checker.js';
import type { AmountInput } from './amountInput.js';
import { RANGES, type Range } from './ranges.js';

const WAYS = ['g', 'ml', 'cups', 'count', 'text'] as const;

/**
 * An amount in grams, through the row's own bulk density or natural unit.
 * @param c collects what is wrong, at `field`
 * @returns g, or undefined when the amount was refused
 */
export function resolveAmount(
  c: Checker,
  field: string,
  amount: AmountInput | undefined,
  of: Ingredient | Grain,
  cupMl: number,
  range: Range,
): number | undefined {
  if (typeof amount !== 'object' || (amount as unknown) === null) return c.add(field, 'missing');
  const given = WAYS.filter((way) => amount[way] !== undefined);
  const [way] = given;
  if (given.length !== 1 || way === undefined) return c.add(field, 'oneWay');
  const before = c.problems.length;
  const g = inGrams(c, field, way, amount, of, cupMl);
  if (g === undefined || c.problems.length > before) return undefined;
  if (g < range.least || g > range.most) {
    return c.add(`${field}.${way}`, 'outOfRange', { found: Math.round(g * 100) / 100, ...range });
  }
  return g;
}

function inGrams(
  c: Checker,
  field: string,
  way: (typeof WAYS)[number],
  amount: AmountInput,
  of: Ingredient | Grain,
  cupMl: number,
): number | undefined {
  const here = `${field}.${way}`;
  switch (way) {
    case 'g':
      return c.required(here, amount.g, { least: 0.001, most: 100_000, unit: 'g' });
    case 'ml':
      return c.required(here, amount.ml, RANGES.ml) * of.densityGPerMl;
    case 'cups':
      return c.required(here, amount.cups, RANGES.cups) * cupMl * of.densityGPerMl;
    case 'count': {
      const unit = 'units' in of ? of.units[0] : undefined;
      return unit
        ? c.required(here, amount.count, RANGES.count) * unit.g
        : c.add(here, 'noNaturalUnit', { name: of.name });
    }
    case 'text': {
      if (typeof amount.text !== 'string')
        return c.add(here, 'amount.notANumber', { found: typeof amount.text });
      const counted = countedIn(amount.text, of);
      if (counted !== undefined) return counted.count * counted.unit.g;
      const parsed = readText(amount.text, cupMl);
      if (!parsed.ok) {
        const { code, ...values } = parsed.error;
        return c.add(here, `amount.${code}`, values);
      }
      return parsed.value.kind === 'mass' ? parsed.value.size : parsed.value.size * of.densityGPerMl;
    }
  }
}

/**
 * An amount as typed that is no count of natural units.
 * @example readText('350', 240).value // { kind: 'mass', size: 350 }, among others
 */
export const readText = (text: string, cupMl: number): ReturnType<typeof parseAmount> =>
  parseAmount(text, { cupMl, ...(isBareWeight(text) ? { bareUnit: 'g' } : {}) });

const isBareWeight = (text: string): boolean => Number(text.replace(/[,\s]/gu, '')) >= BARE_GRAMS_FROM;

/** A bare number from here on is a weight: nobody puts twenty onions into a pot, nor twenty cups of grain. */
const BARE_GRAMS_FROM = 20;

/**
 * "2", "2 onions", "1½ cans", "a can and a half": a count of one of the row's own natural units; undefined when it is no such count.
 * @example countedIn('2 onions', onion).count // 2
 */
export function countedIn(
  text: string,
  of: Ingredient | Grain,
):
  | { readonly count: number; readonly unit: Ingredient['units'][number]; readonly isUsual: boolean }
  | undefined {
  if (!('units' in of)) return undefined;
  const lead = readLeading(text);
  if (!lead || lead.unit) return undefined;
  const rest = text.slice(lead.next).trim();
  const more = thingAndPart(rest);
  if (more && more.rest.trim() !== '') return undefined;
  const word = (more?.word ?? rest).toLowerCase();
  const unit =
    word === '' ? of.units[0] : of.units.find((u) => [u.name, `${u.name}s`, `${u.name}es`].includes(word));
  if (!unit || (word === '' && lead.count >= BARE_GRAMS_FROM)) return undefined;
  return { count: lead.count + (more?.part ?? 0), unit, isUsual: unit === of.units[0] };
}
