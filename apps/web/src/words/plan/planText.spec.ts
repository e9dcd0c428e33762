import { describe, expect, it } from '@jest/globals';
import { answer, grainById, ingredientById, type PlanInput } from '@hammock/core';
import { measuresOf } from '../../stores/kitchen/kitchenRows.js';
import { CUPS } from '../../testing/household.js';
import { planSheet, sheetText } from './planText.js';

const INPUT: PlanInput = {
  grainId: 'basmati',
  grain: { g: 300 },
  portions: 4,
  ingredients: [
    { ingredientId: 'onion', amount: { count: 2 }, state: 'golden' },
    { ingredientId: 'oil', amount: { g: 30 } },
  ],
  vessel: { diameterCm: 22, volumeMl: 4000 },
};
const sheetOf = (input: PlanInput, unit: 'cups' | 'ml' = 'ml') => {
  const found = answer(input);
  if (!found.ok) throw new Error(JSON.stringify(found.error));
  const sheet = planSheet({
    label: 'Evening pilaf',
    input,
    answer: found.value,
    measures: measuresOf(CUPS),
    unit,
    rowOf: (id) => grainById(id) ?? ingredientById(id),
  });
  return { sheet, value: found.value };
};

describe('a dish on a sheet', () => {
  it('says what goes in, what to pour, and every stage with its heat, lid and end', () => {
    const { sheet, value } = sheetOf(INPUT);
    expect(sheet.heading).toBe('Evening pilaf, for 4');
    expect(sheet.goesIn.slice(0, 3)).toEqual(['300 g basmati rice', '2 onions, golden', '30 g oil']);
    expect(sheet.goesIn.at(-1)).toMatch(/ to add$/u);
    // To what a jug shows.
    const [, shown] = /^Pour (\d+) ml \(.*cup.*\) of water\.$/u.exec(sheet.pour) ?? [];
    expect(Math.abs(Number(shown) - value.pour.ml)).toBeLessThanOrEqual(5);
    expect(sheet.stages).toHaveLength(value.stages.length);
    sheet.stages.forEach((line, i) =>
      expect(line).toMatch(new RegExp(`^${(i + 1).toString()}\\. .+: .+, .+, .+min\\.$`, 'u')),
    );
    expect(sheetOf(INPUT, 'cups').sheet.pour).toMatch(/cup/u);
  });

  it('keeps the cook’s words, what joins later and what stays apart', () => {
    const { value } = sheetOf(INPUT);
    const stages = value.stages.map((s) => (s.act === 'simmer' ? { ...s, note: 'Nobody lifts it.' } : s));
    const { sheet } = sheetOf({
      ...INPUT,
      stages,
      ingredients: [
        { ingredientId: 'tomato', amount: { count: 4 }, note: 'grated' },
        { ingredientId: 'peasFrozen', amount: { g: 100 }, joins: 'simmer' },
        { ingredientId: 'cashew', amount: { g: 30 }, apart: true },
      ],
    });
    expect(sheet.goesIn).toEqual(
      expect.arrayContaining([
        '4 tomatoes, fresh, grated',
        '100 g peas, frozen, joins at “Simmer”',
        '30 g cashew nuts, in a vessel of its own',
      ]),
    );
    expect(sheet.stages.find((l) => l.includes('Simmer'))).toMatch(/min\. Nobody lifts it\.$/u);
  });

  it('is plain text with a line for each', () => {
    const { sheet } = sheetOf(INPUT);
    const lines = sheetText(sheet).split('\n');
    expect(lines[0]).toBe(sheet.heading);
    expect(lines).toContain(`- ${sheet.goesIn[0]!}`);
    expect(lines).toContain(sheet.pour);
    expect(lines.at(-1)).toBe(sheet.stages.at(-1));
  });

  it('says so where nothing is to be poured', () => {
    const wet = {
      ...INPUT,
      ingredients: [{ ingredientId: 'tomato', amount: { g: 2500 }, state: 'withLiquid' }],
    } as PlanInput;
    expect(sheetOf(wet).sheet.pour).toBe('Pour nothing: the base is enough.');
  });
});
