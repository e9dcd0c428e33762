import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { measurable, type Measure } from './measurable.js';
import { showCount, showMeasurable, showMetric } from './show.js';
import Fraction from 'fraction.js';

const CUP: Measure = { kind: 'cup', label: 'cup', ml: 240, parts: ['1', '3/4', '1/2', '1/3', '1/4'] };
const SPOON: Measure = { kind: 'spoon', label: 'tbsp', ml: 15, parts: ['1', '1/2'] };
const JUG: Measure = { kind: 'jug', label: 'jug', ml: 1000, parts: ['1'], stepMl: 50 };

const shown = (ml: number, owned: readonly Measure[]): string | undefined => {
  const found = measurable(ml, owned);
  return found && showMeasurable(found);
};

describe('measurable', () => {
  it.each([
    [420, [CUP, SPOON], '1¾ cups'],
    [240, [CUP, SPOON], '1 cup'],
    [255, [CUP, SPOON], '1 cup + 1 tbsp'],
    [30, [CUP, SPOON], '2 tbsp'],
    [480, [CUP], '2 cups'],
    [630, [JUG], '650 ml'],
  ])('measures %p ml as a cook would', (ml, owned, words) => {
    expect(shown(ml, owned)).toBe(words);
  });

  it('shows its error only when it is above 2 %', () => {
    expect(measurable(243, [CUP])).toMatchObject({ showError: false });
    const rough = measurable(205, [{ ...CUP, parts: ['1', '1/2'] }]);
    expect(rough?.showError).toBe(true);
    expect(rough?.ml).toBe(240);
  });

  it('has no answer for a household that owns nothing to measure with, or for no amount', () => {
    expect(measurable(300, [])).toBeUndefined();
    expect(measurable(0, [CUP])).toBeUndefined();
    expect(measurable(Number.NaN, [CUP])).toBeUndefined();
    expect(measurable(5, [CUP])).toBeUndefined();
  });

  it('is never further off than 2 % or half the finest filling', () => {
    fc.assert(
      fc.property(fc.double({ min: 60, max: 3000, noNaN: true }), (ml) => {
        const found = measurable(ml, [CUP, SPOON]);
        return found !== undefined && Math.abs(found.ml - ml) <= Math.max(0.02 * ml, 240 / 8) + 1e-9;
      }),
    );
  });
});

describe('showing', () => {
  it('writes counts with the glyphs cooks know', () => {
    expect(
      [new Fraction(7, 4), new Fraction(2), new Fraction(1, 3), new Fraction(7, 5)].map(showCount),
    ).toEqual(['1¾', '2', '⅓', '1 2/5']);
  });
  it('rounds to what a scale shows', () => {
    expect([showMetric(723.4, 'ml'), showMetric(42.3, 'g')]).toEqual(['725 ml', '42 g']);
  });
});
