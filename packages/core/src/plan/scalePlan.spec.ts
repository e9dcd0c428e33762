import { describe, expect, it } from '@jest/globals';
import { BIG_POT } from '../testing/plans.js';
import { answer } from '../account/answer.js';
import type { PlanInput } from './planInput.js';
import { scaleAmount, scalePlan } from './scalePlan.js';

describe('scaling a plan', () => {
  const plan: PlanInput = {
    grainId: 'jasmine',
    grain: { text: '1½ cups' },
    cupMl: 240,
    portions: 4,
    sauceLeftG: 20,
    ingredients: [
      { ingredientId: 'onion', amount: { count: 1 } },
      { ingredientId: 'coconutMilk', amount: { ml: 400 } },
      { ingredientId: 'oil', amount: { cups: 0.25 } },
      { ingredientId: 'ginger', amount: { g: 20 } },
    ],
    vessel: BIG_POT,
  };

  it('scales what goes in and leaves pot and times alone', () => {
    const twice = scalePlan(plan, 2);
    expect(twice.grain.ml).toBeCloseTo(720, 9);
    expect(twice.ingredients?.map((i) => i.amount)).toEqual([
      { count: 2 },
      { ml: 800 },
      { cups: 0.5 },
      { g: 40 },
    ]);
    expect(twice).toMatchObject({ portions: 8, sauceLeftG: 40, vessel: BIG_POT });
  });

  it('gives the pour that the answer foretold for twice of everything', () => {
    const one = answer(plan);
    const two = answer(scalePlan(plan, 2));
    expect(one.ok && two.ok && two.value.pour.ml - one.value.doubled.pourMl).toBeCloseTo(0, 1);
  });

  it('keeps a typed amount it cannot read', () => {
    expect(scaleAmount({ text: 'a handful' }, 2)).toEqual({ text: 'a handful' });
    expect(scaleAmount({ text: '100 g' }, 3)).toEqual({ g: 300 });
  });
});
