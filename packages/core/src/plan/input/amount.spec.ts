import { describe, expect, it } from '@jest/globals';
import { ingredientById } from '../../basics/larder/larder.js';
import { grainById } from '../../basics/larder/grainById.js';
import { POT } from '../../testing/plans.js';
import { completePlan } from './completePlan.js';

const grainOf = (text: string) => completePlan({ grainId: 'basmati', grain: { text }, vessel: POT });
const grainG = (text: string): number => {
  const made = grainOf(text);
  if (!made.ok) throw new Error(JSON.stringify(made.error));
  return made.value.grainG;
};
const ingredientG = (ingredientId: string, text: string): number => {
  const made = completePlan({
    grainId: 'basmati',
    grain: { g: 300 },
    vessel: POT,
    ingredients: [{ ingredientId, amount: { text } }],
  });
  if (!made.ok) throw new Error(JSON.stringify(made.error));
  return made.value.ingredients[0]!.g;
};

describe('an amount as a cook writes it in a plan', () => {
  const basmati = grainById('basmati')!;
  const tomato = ingredientById('tomato')!.units[0]!;

  it('is grams where a bare number is too many of anything else', () => {
    expect(grainG('500')).toBe(500);
    expect(grainG(' 1,000 ')).toBe(1000);
    expect(grainG('two cups')).toBeCloseTo(2 * 236.588 * basmati.densityGPerMl, 1);
    expect(ingredientG('oil', '40')).toBe(40);
    expect(ingredientG(`tomato`, '400')).toBe(400);
  });

  it('asks of what, where a bare number is small', () => {
    const made = grainOf('3');
    expect(made.ok ? undefined : made.error[0]).toMatchObject({
      field: 'grain.text',
      code: 'amount.missingUnit',
    });
  });

  it.each([
    ['2', 2],
    [`2 ${tomato.name}s`, 2],
    ['two', 2],
    ['half', 0.5],
    ['1½', 1.5],
    [`a ${tomato.name} and a half`, 1.5],
    [`two and a half ${tomato.name}s`, 2.5],
  ])('counts %s by the natural unit', (text, count) => {
    expect(ingredientG('tomato', text)).toBeCloseTo(count * tomato.g, 6);
  });
});
