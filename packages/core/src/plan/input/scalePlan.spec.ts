import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { anyKitchensPlan, anyPlan, BIG_POT } from '../../testing/plans.js';
import { answer } from '../../compute/account/answer.js';
import { completePlan } from './completePlan.js';
import type { CompletePlan, PlanInput } from './planInput.js';
import { scaleAmount, scalePlan } from './scalePlan.js';

const plan: PlanInput = {
  grainId: 'jasmine',
  grain: { text: '1½ cups' },
  cupMl: 200,
  portions: 4,
  sauceLeftG: 20,
  leanMl: -30,
  pourMost: { text: '1 cup' },
  pourWith: 'stockChicken',
  usualPour: { ml: 500 },
  base: { weighsG: 240, ladleOutG: 40 },
  ingredients: [
    { ingredientId: 'onion', amount: { text: '2 onions' }, state: 'golden' },
    { ingredientId: 'tomato', amount: { text: 'one and a half' }, state: 'mushy' },
    { ingredientId: 'cashew', amount: { g: 30 }, apart: true },
    { ingredientId: 'oil', amount: { text: '3 tbsp' } },
    { ingredientId: 'carrot', amount: { cups: 0.25 } },
  ],
  vessel: BIG_POT,
};

const complete = (input: PlanInput): CompletePlan => {
  const made = completePlan(input);
  if (!made.ok) throw new Error(JSON.stringify(made.error));
  return made.value;
};
/** Everything of a plan that there is twice as much of for twice as many. */
const amounts = (p: CompletePlan): readonly (readonly [string, number])[] => [
  ['grain', p.grainG],
  ['sauce', p.sauceLeftG],
  ['lean', p.leanMl],
  ['weighs', p.base.weighsG ?? 0],
  ['ladled', p.base.ladleOutG ?? 0],
  ['most', p.pourMostG ?? 0],
  ['usual', p.usualPourMl ?? 0],
  ['portions', p.portions],
  ...p.ingredients.map(({ ingredient, g }, i) => [`${i.toString()} ${ingredient.id}`, g] as const),
];
const near = (a: number, b: number): boolean => Math.abs(a - b) <= 1e-6 * Math.max(1, Math.abs(b));

describe('scaling a plan', () => {
  it.each([0.5, 1.5, 2, 3])('by %d scales everything once, however it was said', (factor) => {
    const [one, many] = [amounts(complete(plan)), amounts(complete(scalePlan(plan, factor)))];
    expect(many.map(([what, n]) => [what, Number(n.toFixed(6))])).toEqual(
      one.map(([what, n]) => [what, Number((n * factor).toFixed(6))]),
    );
  });

  it('leaves pot and times alone, and words as a cook has them: onions stay onions, cups cups', () => {
    const twice = scalePlan(plan, 2);
    expect(twice).toMatchObject({ portions: 8, vessel: BIG_POT, grain: { cups: 3 }, pourMost: { cups: 2 } });
    expect(twice.ingredients?.map((i) => i.amount)).toEqual([
      { count: 4 },
      { count: 3 },
      { g: 60 },
      { ml: expect.closeTo(6 * 14.786_764_781_25, 6) },
      { cups: 0.5 },
    ]);
    // In a kitchen with another cup they are that cup's.
    expect(complete(scalePlan({ ...plan, cupMl: 250 }, 2)).grainG).toBeCloseTo(
      complete({ ...plan, cupMl: 250 }).grainG * 2,
      6,
    );
  });

  it('is the same for any plan of any kitchen, back and forth', () => {
    fc.assert(
      fc.property(fc.oneof(anyPlan, anyKitchensPlan), fc.constantFrom(0.5, 1.5, 2), (any, factor) => {
        const before = completePlan(any);
        const after = completePlan(scalePlan(any, factor));
        // Twice of what just fits may not fit, nor half of what is just enough to be weighed.
        if (!before.ok || !after.ok) return;
        const [one, many] = [amounts(before.value), amounts(after.value)];
        for (const [i, [what, n]] of many.entries()) {
          const wanted = what === 'portions' && any.portions === undefined ? n : (one[i]?.[1] ?? 0) * factor;
          expect([what, near(n, wanted)]).toEqual([what, true]);
        }
        const back = completePlan(scalePlan(scalePlan(any, factor), 1 / factor));
        if (back.ok) expect(near(back.value.grainG, before.value.grainG)).toBe(true);
      }),
      { numRuns: 300 },
    );
  });

  it.each<[string, Partial<PlanInput>]>([
    ['a free pour', { leanMl: 0 }],
    ['a pour beside the account', { leanMl: 60 }],
    ['a rule', { leanMl: 0, holdTo: 'oneToOneHalf' }],
    ['the usual pour', { leanMl: 0, holdTo: 'usual' }],
    ['a pot of several', { pots: 2 }],
  ])('gives the pour that the answer foretold for twice of everything: %s', (_what, over) => {
    const said: PlanInput = { ...plan, ...over };
    const [one, two] = [answer(said), answer(scalePlan(said, 2))];
    expect(one.ok && two.ok && two.value.pour.ml - one.value.doubled.pourMl).toBeCloseTo(0, 1);
  });

  it('keeps a typed amount it cannot read', () => {
    expect(scaleAmount({ text: 'a handful' }, 2)).toEqual({ text: 'a handful' });
    expect(scaleAmount({ text: '100 g' }, 3)).toEqual({ g: 300 });
    expect(scaleAmount({ text: '1 cup and 2 tbsp' }, 2, { cupMl: 240 })).toEqual({
      ml: expect.closeTo(2 * (240 + 2 * 14.786_764_781_25), 6),
    });
  });
});
