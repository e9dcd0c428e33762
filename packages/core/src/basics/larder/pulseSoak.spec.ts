import { describe, expect, it } from '@jest/globals';
import { answer } from '../../compute/account/answer.js';
import type { IngredientInput, PlanInput } from '../../plan/input/planInput.js';
import { ingredientById } from './larder.js';
import { soakedFor } from './pulseSoak.js';

const chickpeas = ingredientById('chickpeas')!;
const pourWith = (item: Partial<IngredientInput>): number => {
  const input: PlanInput = {
    grainId: 'longGrainWhite',
    grain: { g: 300 },
    vessel: { diameterCm: 24, volumeMl: 6000 },
    ingredients: [{ ingredientId: 'chickpeas', amount: { g: 150 }, ...item }],
  };
  const made = answer(input);
  if (!made.ok) throw new Error(JSON.stringify(made.error));
  return made.value.pour.ml;
};

describe('a pulse that is soaked for so long', () => {
  it('drinks as dry when it was not, as soaked after a night, and has drunk half of that within two hours (common practice)', () => {
    expect(pourWith({ soakMin: 0 })).toBeCloseTo(pourWith({ state: 'dry' }), 6);
    expect(pourWith({ soakMin: 480 })).toBeCloseTo(pourWith({ state: 'soaked' }), 6);
    const [dry, soaked] = [pourWith({ state: 'dry' }), pourWith({ state: 'soaked' })];
    expect(pourWith({ soakMin: 120 })).toBeLessThan((dry + soaked) / 2);
    expect(pourWith({ soakMin: 60 })).toBeGreaterThan((dry + soaked) / 2);
  });

  it('never wants more for a longer soak, and no less than soaked', () => {
    const drinks = [0, 5, 30, 90, 200, 480, 600, 1440].map((min) => soakedFor(chickpeas, min)!.drinks);
    expect(drinks).toEqual([...drinks].sort((a, b) => b - a));
    expect(drinks.at(-1)).toBe(drinks.at(-3));
  });

  it('is nothing to what is not soaked, and no soak of a week', () => {
    expect(soakedFor(ingredientById('onion')!, 60)).toBeUndefined();
    const made = answer({
      grainId: 'basmati',
      grain: { g: 300 },
      vessel: { diameterCm: 24, volumeMl: 6000 },
      ingredients: [{ ingredientId: 'chickpeas', amount: { g: 100 }, soakMin: 10_000 }],
    });
    expect(made.ok ? [] : made.error).toMatchObject([
      { field: 'ingredients[0].soakMin', code: 'outOfRange' },
    ]);
  });
});
