import { answer } from '@hammock/core';
import { describe, expect, it } from '@jest/globals';
import { accountRows } from './accountRows.js';

describe('the account as rows', () => {
  const result = answer({
    grainId: 'jasmine',
    grain: { g: 340 },
    wash: 'rinsed',
    vessel: { diameterCm: 24, volumeMl: 5000 },
    ingredients: [
      { ingredientId: 'coconutMilk', amount: { ml: 400 } },
      { ingredientId: 'tomato', amount: { g: 200 } },
    ],
  });
  if (!result.ok) throw new Error('no answer');
  const rows = accountRows(result.value);

  it('is a running total that ends at nothing', () => {
    expect(rows[0]?.from).toBe(0);
    expect(Math.abs(rows.at(-1)!.to)).toBeLessThan(0.1);
    for (const [i, row] of rows.entries()) if (i > 0) expect(row.from).toBe(rows[i - 1]!.to);
  });

  it('brings all water in before any leaves, largest first, every term in exactly one row', () => {
    const sides = rows.map((r) => r.side);
    expect(sides.lastIndexOf('comesFrom')).toBeLessThan(sides.indexOf('goesTo'));
    expect(rows.flatMap((r) => r.terms)).toHaveLength(result.value.account.terms.length);
  });

  it('names and colours what brings and what takes', () => {
    expect(rows.find((r) => r.kind === 'broughtIn')).toMatchObject({
      label: 'Coconut milk brings',
      colour: 'coconut',
    });
    expect(rows.find((r) => r.kind === 'absorbed')).toMatchObject({
      label: 'Jasmine rice drinks',
      colour: 'husk',
    });
    expect(rows.filter((r) => r.kind === 'steamLost')).toHaveLength(1);
  });
});
