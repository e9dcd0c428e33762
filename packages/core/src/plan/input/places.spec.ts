import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { answer, type Answer } from '../../compute/account/answer.js';
import { INGREDIENTS } from '../../basics/larder/ingredients.js';
import { cookPot } from '../../compute/pot/cook.js';
import { planOf } from '../../testing/cooked.js';
import { cautionsOf } from '../derived/cautions.js';
import { completePlan } from './completePlan.js';
import type { IngredientInput, PlanInput } from './planInput.js';

const POT: PlanInput = {
  grainId: 'longGrainWhite',
  grain: { g: 300 },
  ingredients: [
    { ingredientId: 'oil', amount: { g: 30 } },
    { ingredientId: 'onion', amount: { g: 150 } },
  ],
  vessel: { diameterCm: 24, volumeMl: 6000 },
};
const withOne = (item: IngredientInput): PlanInput => ({
  ...POT,
  ingredients: [...(POT.ingredients ?? []), item],
});
const ask = (input: PlanInput): Answer => {
  const made = answer(input);
  if (!made.ok) throw new Error(JSON.stringify(made.error));
  return made.value;
};
const anyItem = fc.record({
  ingredientId: fc.constantFrom(...INGREDIENTS.map((i) => i.id)),
  amount: fc.record({ g: fc.integer({ min: 5, max: 200 }) }),
});

describe('what stays in a vessel of its own', () => {
  it('changes nothing in the pot, whatever it is', () => {
    const plain = ask(POT);
    fc.assert(
      fc.property(anyItem, (item) => {
        expect(ask(withOne({ ...item, apart: true }))).toEqual(plain);
      }),
      { numRuns: 60 },
    );
  });
});

describe('what joins when the liquid is in', () => {
  const waterOf = ({ ingredientId, amount }: IngredientInput): number =>
    ((amount.g ?? 0) * (INGREDIENTS.find((i) => i.id === ingredientId)?.water ?? 0)) / 100;

  it('never lowers the pour by more than its own water', () => {
    const plain = ask(POT);
    fc.assert(
      fc.property(anyItem, fc.constantFrom('simmer', 'rest'), (item, joins) => {
        const { pour } = ask(withOne({ ...item, joins }));
        // Warming what joins is a little steam more; film and thirst may ask for more.
        expect(plain.pour.waterG - pour.waterG).toBeLessThanOrEqual(waterOf(item) + 1);
      }),
      { numRuns: 60 },
    );
  });

  it('was fried nowhere: a tomato laid on brings more than one cooked mushy, a courgette for the last two minutes hardly any', () => {
    const pourOf = (item: IngredientInput): number =>
      ask({ ...withOne(item), timing: { restMin: 2 } }).pour.waterG;
    const tomato = { ingredientId: 'tomato', amount: { g: 200 } };
    expect(pourOf({ ...tomato, joins: 'simmer' })).toBeLessThan(pourOf(tomato));
    const courgette = { ingredientId: 'courgette', amount: { g: 200 } };
    const plain = ask({ ...POT, timing: { restMin: 2 } }).pour.waterG;
    const [late, early] = [
      pourOf({ ...courgette, joins: 'rest' }),
      pourOf({ ...courgette, joins: 'simmer' }),
    ];
    expect(plain - early).toBeGreaterThan(plain - late);
  });

  it('brings its water into the pot at its stage, and no water is lost on the way', () => {
    const plan = planOf(withOne({ ingredientId: 'tomato', amount: { g: 250 }, joins: 'simmer' }));
    const poured = ask(withOne({ ingredientId: 'tomato', amount: { g: 250 }, joins: 'simmer' })).pour.waterG;
    const cooked = cookPot(plan, poured);
    expect(Math.abs(cooked.waterClosesToG)).toBeLessThan(1e-6);
    expect([...cooked.setup.joining.keys()]).toEqual(['simmer']);
    expect(cooked.setup.joining.get('simmer')).toBeGreaterThan(100);
  });

  it('goes in with the rest where its stage is gone or comes before the liquid', () => {
    const item = { ingredientId: 'tomato', amount: { g: 200 } };
    for (const joins of ['nowhere', 'boil', 'base'])
      expect(ask(withOne({ ...item, joins })).pour).toEqual(ask(withOne(item)).pour);
  });
});

describe('stock in the base', () => {
  it('cooks down with it and brings less than with the liquid', () => {
    const stock = { ingredientId: 'stockChicken', amount: { ml: 500 } };
    const [poured, cookedDown] = [ask(withOne(stock)), ask(withOne({ ...stock, state: 'oilSeparated' }))];
    expect(cookedDown.pour.waterG).toBeGreaterThan(poured.pour.waterG + 300);
  });
});

describe('an amount that was not measured', () => {
  it('is in the doubt, by its name', () => {
    const tomato = { ingredientId: 'tomato', amount: { g: 300 } };
    const [sure, loose] = [ask(withOne(tomato)), ask(withOne({ ...tomato, spread: 0.4 }))];
    expect(loose.pour).toEqual(sure.pour);
    expect(loose.doubt.g).toBeGreaterThan(sure.doubt.g);
    expect(loose.doubt.parts.some((p) => p.code === 'amounts')).toBe(true);
    const refused = completePlan(withOne({ ...tomato, spread: 3 }));
    expect(refused.ok ? [] : refused.error).toMatchObject([
      { field: 'ingredients[2].spread', code: 'outOfRange' },
    ]);
  });
});

describe('what the cook usually pours', () => {
  it('stands among the rules with what would come of it, and is held to', () => {
    const free = ask({ ...POT, usualPour: { ml: 600 } });
    expect(free.pour).toEqual(ask(POT).pour);
    expect(free.rules.find((r) => r.rule === 'usual')?.ml).toBeCloseTo(600, 6);
    expect(ask(POT).rules.some((r) => r.rule === 'usual')).toBe(false);
    const held = ask({ ...POT, usualPour: { ml: 600 }, holdTo: 'usual' });
    expect(held.pour.ml).toBeCloseTo(600, 1);
    expect(held.held).toMatchObject({ rule: 'usual', accountMl: free.pour.ml });
    expect(
      ask({ ...POT, usualPour: { ml: 600 }, holdTo: 'usual', pots: 2, grain: { g: 600 } }).pour.ml,
    ).toBeCloseTo(300, 1);
  });

  it('is missed at its field where it is held to and was never said', () => {
    const made = answer({ ...POT, holdTo: 'usual' });
    expect(made.ok ? [] : made.error).toMatchObject([{ field: 'usualPour', code: 'missing' }]);
  });
});

describe('a finger of one\u2019s own', () => {
  it('is what \u201cto the first joint\u201d pours by, and a longer one pours more', () => {
    const joint = (fingerMm?: number): number =>
      ask({ ...POT, ...(fingerMm === undefined ? {} : { fingerMm }) }).rules.find(
        (r) => r.rule === 'firstJoint',
      )!.ml;
    expect(joint(25)).toBe(joint());
    // A millimetre over a 24 cm floor is 45.2 ml: geometry.
    expect(joint(30) - joint(25)).toBeCloseTo(5 * 45.24, 0);
    const refused = answer({ ...POT, fingerMm: 300 });
    expect(refused.ok ? [] : refused.error).toMatchObject([{ field: 'fingerMm', code: 'outOfRange' }]);
  });
});

describe('soak water that is poured', () => {
  it('brings what the grain has drunk only where it was measured before', () => {
    const soaked = { ...POT, wash: 'rinsed', soakMin: 30 } as const;
    const pour = (soakWater: PlanInput['soakWater']): number =>
      ask({ ...soaked, ...(soakWater ? { soakWater } : {}) }).pour.waterG;
    expect(pour('reusedAfter')).toBe(pour('thrown'));
    expect(pour('reused')).toBeGreaterThan(pour('reusedAfter') + 20);
  });
});

describe('words for texture that lie elsewhere', () => {
  it('pour a step more where they are a step softer, and call the same grain a step firmer', () => {
    // One step is from the middle of a band to the middle of the next.
    const [two, three] = [ask({ ...POT, texture: 2 }), ask({ ...POT, texture: 3 })];
    const softer = ask({ ...POT, texture: 2, softerSteps: 1 });
    const step = three.pour.ml - two.pour.ml;
    expect(Math.abs(softer.pour.ml - three.pour.ml)).toBeLessThan(0.2 * step);
    expect(ask({ ...POT, texture: 2, softerSteps: 0.5 }).pour.ml).toBeLessThan(softer.pour.ml);
    expect(softer.comesOut.texture).toBeCloseTo(2, 1);
    const refused = answer({ ...POT, softerSteps: 4 });
    expect(refused.ok ? [] : refused.error).toMatchObject([{ field: 'softerSteps', code: 'outOfRange' }]);
  });
});

describe('stew that is taken out and comes back', () => {
  const STEW: PlanInput = {
    ...POT,
    ingredients: [...POT.ingredients!, { ingredientId: 'tomato', amount: { g: 600 }, state: 'mushy' }],
  };
  const out = { ladleOutG: 150 };

  it('brings its water and its salt from then on, as if it had stayed', () => {
    const [stayed, gone] = [ask(STEW), ask({ ...STEW, base: out })];
    const back = ask({ ...STEW, base: { ...out, ladleBack: 'simmer' } });
    expect(gone.pour.waterG).toBeGreaterThan(stayed.pour.waterG + 20);
    expect(Math.abs(back.pour.waterG - stayed.pour.waterG)).toBeLessThan(2);
    expect(back.base.ladledSaltG).toBe(0);
    expect(back.account.terms.filter((t) => t.joins === 'simmer').length).toBeGreaterThan(0);
  });

  it('keeps every gram in the pot over time', () => {
    const plan = planOf({ ...STEW, base: { ...out, ladleBack: 'simmer' } });
    const pot = cookPot(plan, ask(STEW).pour.waterG);
    expect(Math.abs(pot.waterClosesToG)).toBeLessThan(1e-3);
  });

  it('stays out where there is no such stage, or none with liquid by then', () => {
    const gone = ask({ ...STEW, base: out }).pour.waterG;
    for (const ladleBack of ['base', 'nowhere'])
      expect(ask({ ...STEW, base: { ...out, ladleBack } }).pour.waterG).toBe(gone);
  });
});

describe('lids and coatings', () => {
  const covered = (over: Partial<PlanInput>): number => ask({ ...POT, ...over }).pour.waterG;

  it('a lid that drips back, and one with a weight on it, lose no more than an ordinary one', () => {
    const lid = (fit: NonNullable<PlanInput['vessel']['lid']>): number =>
      covered({ vessel: { ...POT.vessel, lid: fit } });
    expect(lid('selfBasting')).toBe(lid('tight'));
    expect(lid('tight')).toBeLessThan(lid('wellFitting'));
    // At the boil the ring decides what goes; below it the closure does, as while the pot rests.
    const rested = (closed: 'on' | 'weighted' | 'foil'): number =>
      covered({ stages: ask(POT).stages.map((s) => (s.act === 'rest' ? { ...s, lid: closed } : s)) });
    expect(rested('weighted')).toBeLessThan(rested('on'));
    expect(rested('foil')).toBeLessThan(rested('weighted'));
  });

  it('coals and a coating change no number: nobody has measured what they do', () => {
    const plain = ask(POT);
    const stages = plain.stages.map((s) => (s.act === 'simmer' ? { ...s, fromAbove: true } : s));
    expect(covered({ stages })).toBe(ask({ ...POT, stages: plain.stages }).pour.waterG);
    expect(covered({ vessel: { ...POT.vessel, nonStick: true } })).toBe(plain.pour.waterG);
    const said = (input: PlanInput) => cautionsOf(input, ask(input).stages).map((c) => c.code);
    expect(said({ ...POT, stages })).toContain('coals');
    expect(said(POT)).not.toContain('coals');
  });
});

describe('what is made beside the pot', () => {
  it('changes no number, and no two of it may be called alike: each has a clock', () => {
    const salad = { id: 'a', name: 'salad', kind: 'side', minutes: 10 } as const;
    expect(ask({ ...POT, beside: [salad] })).toEqual(ask(POT));
    const twice = answer({ ...POT, beside: [salad, { ...salad, name: 'soup' }] });
    expect(twice.ok ? [] : twice.error).toMatchObject([{ field: 'beside[1].id', code: 'order.duplicateId' }]);
    for (const odd of [7, null, 'salad', [null], [[]], [7]])
      expect(() => answer({ ...POT, beside: odd as never })).not.toThrow();
  });
});
