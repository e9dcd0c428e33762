import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { parseAmount } from './parseAmount.js';

const sizeOf = (text: string, cupMl?: number): number => {
  const parsed = parseAmount(text, cupMl === undefined ? {} : { cupMl });
  if (!parsed.ok) throw new Error(`${text}: ${parsed.error.code}`);
  return parsed.value.size;
};

describe('parseAmount', () => {
  // Expected sizes follow from the CLDR unit factors (cup 236.588 ml, tbsp 14.78676 ml, tsp 4.92892 ml).
  it.each([
    ['1 3/4 c', 1.75 * 236.588],
    ['1¾ cups', 1.75 * 236.588],
    ['1-1/2 cups', 1.5 * 236.588],
    ['half a cup', 0.5 * 236.588],
    ['a cup', 236.588],
    ['½ cup', 0.5 * 236.588],
    ['400 g', 400],
    ['2 tbsp', 2 * 14.78676],
    ['2 Tbsp + 1 tsp', 2 * 14.78676 + 4.92892],
    ['2 T', 2 * 14.78676],
    ['2 t', 2 * 4.92892],
    ['1,5 dl', 150],
    ['.5 l', 500],
    ['1 lb 2 oz', 453.59237 + 2 * 28.349523125],
    ['1 cup and 2 tablespoons', 236.588 + 2 * 14.78676],
    ['2 metric cups', 500],
    ['1 rice cup', 180.39],
    ['1 half-pint', 284.13],
    ['12 fl. oz', 12 * 29.57353],
    ['1,000 g', 1000],
    ['1 000 g', 1000],
    ['1\u00a0000 g', 1000],
    ['1’250 g', 1250],
    ['12,500 g', 12_500],
    ['1,250 kg', 1250],
    ['1,500 g + 1,5 g', 1501.5],
    ['two cups', 2 * 236.588],
    ['Twelve tbsp', 12 * 14.78676],
    ['one and a half cups', 1.5 * 236.588],
    ['2 and a half cups', 2.5 * 236.588],
    ['two and three quarter cups', 2.75 * 236.588],
    ['a cup and a half', 1.5 * 236.588],
    ['two cups and a quarter', 2.25 * 236.588],
    ['a quarter of a cup', 236.588 / 4],
    ['three quarters of a cup', (3 * 236.588) / 4],
    ['two thirds cup', (2 * 236.588) / 3],
    ['a third of a cup', 236.588 / 3],
    ['a half cup', 236.588 / 2],
  ])('reads %s', (text, expected) => {
    expect(sizeOf(text) / expected).toBeCloseTo(1, 4);
  });

  it('keeps fractions exact', () => {
    const parsed = parseAmount('1/3 cup + 1/3 cup + 1/3 cup', { cupMl: 240 });
    expect(parsed.ok && parsed.value.exact.equals(240)).toBe(true);
  });

  it("uses the cook's own cup", () => {
    expect(sizeOf('2 cups', 180)).toBe(360);
    expect(sizeOf('2 metric cups', 180)).toBe(500);
  });

  it.each([
    ['', 'empty', 0, 0],
    ['   ', 'empty', 0, 0],
    ['1/0 cup', 'dividedByZero', 0, 3],
    ['3 blobs', 'unknownUnit', 2, 5],
    ['many cups', 'notANumber', 0, 4],
    ['2', 'missingUnit', 0, 1],
    ['two and a half', 'missingUnit', 0, 14],
    ['2 and a half', 'missingUnit', 0, 12],
    ['1 cup + ', 'notANumber', 6, 1],
    ['1 cup + 20 g', 'mixedKinds', 0, 12],
    ['-2 cups', 'notPositive', 0, 7],
    ['0 g', 'notPositive', 0, 3],
    ['1.5.2 cups', 'unknownUnit', 3, 2],
    ['1e5 g', 'unknownUnit', 1, 2],
    ['900000 kg', 'tooLarge', 0, 9],
    ['NaN g', 'notANumber', 0, 3],
    ['Infinity cups', 'notANumber', 0, 8],
  ])('says what is wrong with %p and where', (text, code, at, length) => {
    const parsed = parseAmount(text);
    expect(parsed).toMatchObject({ ok: false, error: { code, at, length } });
  });

  it('reads a bare number in the unit it was told', () => {
    expect(parseAmount('250', { bareUnit: 'g' })).toMatchObject({
      ok: true,
      value: { kind: 'mass', size: 250 },
    });
  });

  it('never throws, and points inside the text', () => {
    const soup = fc.oneof(
      fc.string(),
      fc.string({ unit: fc.constantFrom(...'0123456789/.,½⅓¾ +-cupgmltbs⁄TtNa'.split('')) }),
    );
    fc.assert(
      fc.property(soup, (text) => {
        const parsed = parseAmount(text);
        if (parsed.ok) return Number.isFinite(parsed.value.size) && parsed.value.size > 0;
        return parsed.error.at >= 0 && parsed.error.at + parsed.error.length <= text.length;
      }),
      { numRuns: 2000 },
    );
  });

  it('reads back any quarter of a cup it is given', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 20 }), fc.constantFrom(1, 2, 3), (whole, quarters) => {
        const exact = whole + quarters / 4;
        expect(sizeOf(`${whole} ${quarters}/4 cups`, 200)).toBeCloseTo(exact * 200, 9);
        expect(sizeOf(`${exact} cups`, 200)).toBeCloseTo(exact * 200, 9);
      }),
    );
  });
});

describe('vulgar fractions', () => {
  it('are what Unicode says they are', () => {
    // Source: the compatibility decomposition of each character (Unicode Standard, NFKC).
    for (const glyph of '½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞') {
      const [top = 0, bottom = 1] = glyph.normalize('NFKC').split('⁄').map(Number);
      const parsed = parseAmount(`${glyph} cup`, { cupMl: 240 });
      expect(parsed.ok && parsed.value.size).toBeCloseTo((240 * top) / bottom, 9);
    }
  });
});
