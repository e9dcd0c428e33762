import { GRAINS, INGREDIENTS, statesOf, type Measure, type Warning, type WarningCode } from '@hammock/core';
import { describe, expect, it } from '@jest/globals';
import { showAmountInput, showPour } from './measures/amounts.js';
import { showSalt } from './measures/saltAmounts.js';
import { ALLERGEN, STATE } from './words.js';
import { warningText } from './plan/warningText.js';

const CUP: Measure = { kind: 'cup', label: 'cup', ml: 240, parts: ['1', '3/4', '1/2', '1/3', '1/4'] };
const TBSP: Measure = { kind: 'spoon', label: 'tbsp', ml: 15, parts: ['1', '1/2'] };
const JUG: Measure = { kind: 'jug', label: 'jug', ml: 1000, parts: ['1'], stepMl: 50 };
const OWNED = [CUP, TBSP, JUG];

describe('words', () => {
  it('has a word for every state and allergen of the larder', () => {
    for (const row of INGREDIENTS) {
      for (const state of statesOf(row)) expect(STATE[state]).toBeTruthy();
      for (const allergen of row.allergens) expect(ALLERGEN[allergen]).toBeTruthy();
    }
  });

  it('tells every warning with what is so and what to do', () => {
    const codes: readonly WarningCode[] = [
      'baseAlone',
      'overTwoThirds',
      'deepBed',
      'mostlySteam',
      'altitude',
      'soakTooLong',
      'tooSalty',
      'thickCatches',
      'coveredShort',
      'slowBoil',
    ];
    const values: Warning['values'] = {
      overG: 200,
      takeOutG: 300,
      cookDownMin: 14.2,
      addGrainG: 90,
      fullShare: 0.7,
      bedMm: 82,
      share: 0.4,
      steamG: 150,
      boilC: 91.6,
      altitudeM: 2500,
      extraMin: 7,
      longestMin: 60,
      percent: 1.4,
      which: 'coconut',
      heatedMin: 6,
      needMin: 15,
      minutes: 26,
    };
    for (const code of codes) {
      const { says, act } = warningText({ code, values });
      for (const text of [says, act]) {
        expect(text).toMatch(/[.]$/u);
        expect(text).not.toMatch(/NaN|undefined/u);
      }
    }
    expect(warningText({ code: 'baseAlone', values }).act).toContain('300 g');
    expect(warningText({ code: 'baseAlone', values }).act).toContain('15 min');
  });
});

describe('amounts as they are shown', () => {
  it.each([
    [420, OWNED, false, '1¾ cups', '420 ml', undefined],
    [420, OWNED, true, '420 ml', '1¾ cups', undefined],
    [255, OWNED, false, '1 cup + 1 tbsp', '255 ml', undefined],
    [700, [JUG], false, '700 ml', '700 ml', undefined],
    [200, [{ ...CUP, parts: ['1', '1/2'] }], false, '1 cup', '200 ml', '+20 %'],
    [300, [], false, '300 ml', '', undefined],
  ])('%p ml', (ml, owned, metric, main, other, roughly) => {
    expect(showPour(ml, owned, metric)).toEqual({ main, other, roughly });
  });

  it('shows an ingredient as it is measured here, and typed text as typed', () => {
    const rice = GRAINS.find((g) => g.id === 'longGrainWhite')!;
    const onion = INGREDIENTS.find((i) => i.id === 'onion')!;
    const tomato = INGREDIENTS.find((i) => i.id === 'tomato')!;
    const oil = INGREDIENTS.find((i) => i.id === 'oil')!;
    const shown = (
      amount: Parameters<typeof showAmountInput>[0],
      of: Parameters<typeof showAmountInput>[1],
      metric = false,
    ) => showAmountInput(amount, of, OWNED, metric);
    expect(shown({ g: 188 }, rice)).toBe('1 cup');
    expect(shown({ g: 188 }, rice, true)).toBe('190 g');
    expect(shown({ text: '1 3/' }, rice)).toBe('1 3/');
    expect(shown({ count: 1.5 }, onion)).toBe('1½ onions');
    expect(shown({ count: 2 }, tomato)).toBe('2 tomatoes');
    expect(shown({ count: 1 }, onion)).toBe('1 onion');
    expect(shown({ ml: 60 }, oil)).toBe('60 ml');
    expect(shown({ g: 25 }, oil)).toBe('25 g');
    expect(shown({ cups: 2 }, rice)).toBe('2 cups');
  });

  it('shows salt by the spoon, in grams where there is none, and nothing when there is plenty', () => {
    expect(showSalt(0.1, OWNED)).toBeUndefined();
    expect(showSalt(5, [])).toMatchObject({ main: '5.0 g', other: '' });
    // A level tablespoon of fine salt is 15 ml at 1.217 g/ml.
    expect(showSalt(18.3, OWNED)).toEqual({ main: '1 tbsp', other: '18.3 g', roughly: undefined });
  });
});
