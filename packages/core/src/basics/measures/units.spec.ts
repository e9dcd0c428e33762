import { describe, expect, it } from '@jest/globals';
import units from 'cldr-core/supplemental/units.json';
import { UNITS, unitSize, type UnitId } from './units.js';

/** A CLDR factor such as "ft_to_m^3*231/12^3/16" as a number; everything after a slash is a divisor. */
function cldrFactor(unit: string): number {
  const { unitConstants, convertUnits } = units.supplemental as unknown as {
    unitConstants: Record<string, { _value: string }>;
    convertUnits: Record<string, { _factor?: string }>;
  };
  const row = convertUnits[unit];
  const factor = row?._factor;
  if (factor === undefined) throw new Error(`no ${unit} in CLDR`);
  const value = (expression: string): number => {
    const [first, ...divisors] = expression.split('/');
    const product = (part: string): number =>
      part.split('*').reduce((total, token) => {
        const [name = '', power] = token.trim().split('^');
        const constant = unitConstants[name];
        const base = constant ? value(constant._value) : Number(name);
        return total * base ** Number(power ?? 1);
      }, 1);
    return divisors.reduce((quotient, d) => quotient / product(d), product(first ?? '1'));
  };
  return value(factor);
}

describe('units', () => {
  // Source: Unicode CLDR supplemental/units.json; volumes there are in cubic metres, masses in kilograms.
  it.each<[UnitId, string, number]>([
    ['cupUs', 'cup', 1e6],
    ['cupMetric', 'cup-metric', 1e6],
    ['cupImperial', 'cup-imperial', 1e6],
    ['tsp', 'teaspoon', 1e6],
    ['tbsp', 'tablespoon', 1e6],
    ['flOz', 'fluid-ounce', 1e6],
    ['oz', 'ounce', 1000],
    ['lb', 'pound', 1000],
  ])('%s has the size CLDR gives %s', (id, cldr, scale) => {
    expect(unitSize(id) / (cldrFactor(cldr) * scale)).toBeCloseTo(1, 9);
  });

  it('has one spelling for one unit, and a source for each', () => {
    const spellings = UNITS.flatMap((u) => u.spellings);
    expect(new Set(spellings).size).toBe(spellings.length);
    expect(UNITS.every((u) => u.source.length > 0 && u.size.compare(0) > 0)).toBe(true);
  });
});
