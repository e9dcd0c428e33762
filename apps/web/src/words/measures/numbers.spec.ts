import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { hundredths, litres, short, tenths, typedNumber, whole } from './numbers.js';

describe('numbers as they are read', () => {
  it.each([
    [whole(1240), '1240'],
    [whole(12_400), '12,400'],
    [whole(9999.7), '10,000'],
    [whole(-0.2), '0'],
    [whole(-3.4), '-3'],
    [tenths(12.44), '12.4'],
    [tenths(-0.04), '0.0'],
    [hundredths(0.349), '0.35'],
    [short(20), '20'],
    [short(100), '100'],
    [short(7.54), '7.5'],
    [short(0.04), '0'],
    [litres(3500), '3.5'],
  ])('%s', (shown, expected) => {
    expect(shown).toBe(expected);
  });

  // Reference: the language's own format. A number in the middle between two may be rounded either way.
  it('are what the language’s own format says', () => {
    const made = [
      [whole, 0, 0],
      [tenths, 1, 1],
      [hundredths, 2, 2],
      [short, 0, 1],
    ] as const;
    fc.assert(
      fc.property(fc.integer({ min: -20_000_000, max: 20_000_000 }), (n) => {
        const value = n / 1000 + 0.0004;
        for (const [format, least, most] of made)
          expect(format(value)).toBe(
            new Intl.NumberFormat('en', {
              minimumFractionDigits: least,
              maximumFractionDigits: most,
              signDisplay: 'negative',
              useGrouping: 'min2',
            }).format(value),
          );
      }),
      { numRuns: 300 },
    );
  });

  it.each([
    ['7,5', 7.5],
    [' 20 ', 20],
    ['', Number.NaN],
    ['a few', Number.NaN],
  ])('"%s" typed is %d', (text, expected) => {
    expect(typedNumber(text)).toBe(expected);
  });
});
