import { describe, expect, it } from '@jest/globals';
import { parseAmount } from '@hammock/core';
import { FRACTIONS, UNIT_KEYS, withFraction, withUnit } from './amountTyping.js';

describe('keys of an amount', () => {
  it.each([
    ['500', 'g', '500 g'],
    ['2 cups', 'g', '2 g'],
    ['2 cups + 1 tbsp', 'tsp', '2 cups + 1 tsp'],
    ['1½', 'cups', '1½ cups'],
    ['', 'g', ''],
    ['', '½', '½'],
    ['2', '½', '2½'],
    ['2 cups', '⅓', '2⅓ cups'],
    ['2½ cups', '¼', '2¼ cups'],
    ['2 1/2 cups', '¼', '2¼ cups'],
    ['2 cups + 1 tbsp', '½', '2 cups + 1½ tbsp'],
  ])('"%s" and a tap on %s is "%s"', (text, key, expected) => {
    expect(
      (FRACTIONS as readonly string[]).includes(key) ? withFraction(text, key) : withUnit(text, key),
    ).toBe(expected);
  });

  it('are all read as amounts', () => {
    for (const fraction of FRACTIONS)
      for (const unit of UNIT_KEYS)
        expect(parseAmount(withUnit(withFraction('1', fraction), unit)).ok).toBe(true);
  });
});
