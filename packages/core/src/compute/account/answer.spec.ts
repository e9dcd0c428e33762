import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { anyPlan, BIG_POT, POT } from '../../testing/plans.js';
import { answer, type Answer } from './answer.js';
import type { PlanInput } from '../../plan/input/planInput.js';
import { problemText } from '../../say/words/index.js';
import { scalePlan } from '../../plan/input/scalePlan.js';

const PILAF: PlanInput = { grainId: 'longGrainWhite', grain: { cups: 2 }, vessel: BIG_POT };

function solved(plan: PlanInput): Answer {
  const result = answer(plan);
  if (!result.ok) throw new Error(JSON.stringify(result.error));
  return result.value;
}
const pourMl = (over: Partial<PlanInput>): number => solved({ ...PILAF, ...over }).pour.ml;
const termG = (a: Answer, kind: string): number =>
  a.account.terms.filter((t) => t.kind === kind).reduce((sum, t) => sum + t.g, 0);
const problemsOf = (plan: unknown) => {
  const result = answer(plan as PlanInput);
  return result.ok ? [] : result.error;
};

describe('the water account', () => {
  it('closes to 0.1 g for any plan, is finite, and leaves the plan alone', () => {
    fc.assert(
      fc.property(anyPlan, (plan) => {
        const before = JSON.stringify(plan);
        const result = answer(plan);
        expect(JSON.stringify(plan)).toBe(before);
        if (!result.ok) return;
        expect(Math.abs(result.value.account.closesToG)).toBeLessThan(0.1);
        expect(result.value.account.ended).toBe('converged');
        for (const term of result.value.account.terms) expect(Number.isFinite(term.g)).toBe(true);
      }),
      { numRuns: 400 },
    );
  });

  it('is the same every time, and frozen', () => {
    expect(solved(PILAF)).toEqual(solved(PILAF));
    expect(Object.isFrozen(solved(PILAF).account.terms[0])).toBe(true);
  });

  it('rises with grain, texture, open boiling and time covered', () => {
    const base = pourMl({});
    expect(pourMl({ grain: { cups: 3 } })).toBeGreaterThan(base);
    expect(pourMl({ texture: 3 })).toBeGreaterThan(base);
    expect(pourMl({ timing: { openBoilMin: 5 } })).toBeGreaterThan(base + 80);
    expect(pourMl({ timing: { coveredMin: 25 } })).toBeGreaterThan(base);
    expect(pourMl({ vessel: { ...BIG_POT, lid: 'loose' } })).toBeGreaterThan(base);
  });

  it('falls with rinsing, soaking, hot liquid, and with a base that brings water', () => {
    const base = pourMl({});
    expect(pourMl({ wash: 'rinsed' })).toBeLessThan(base);
    expect(pourMl({ soakMin: 30 })).toBeLessThan(pourMl({ wash: 'rinsed' }));
    expect(pourMl({ soakMin: 30, soakWaterC: 45 })).toBeLessThan(pourMl({ soakMin: 30 }));
    expect(pourMl({ soakMin: 30, drain: 'sieve' })).toBeGreaterThan(pourMl({ soakMin: 30 }));
    expect(pourMl({ liquidTempC: 95 })).toBeLessThan(base);
    const tomato = (state: 'withLiquid' | 'mushy' | 'oilSeparated') =>
      pourMl({ ingredients: [{ ingredientId: 'tomato', amount: { g: 400 }, state }] });
    expect(tomato('withLiquid')).toBeLessThan(tomato('mushy'));
    expect(tomato('mushy')).toBeLessThan(tomato('oilSeparated'));
  });

  it('falls smoothly as a soak grows longer, for the grain that stays apart wetter too', () => {
    const pours = [0, 5, 10, 20, 29, 30, 31, 45, 60].map((soakMin) =>
      pourMl({ grainId: 'basmati', wash: 'rinsed', soakMin }),
    );
    for (let i = 2; i < pours.length; i += 1) expect(pours[i]!).toBeLessThanOrEqual(pours[i - 1]! + 0.01);
  });

  it('does not double when everything in the pot doubles: the steam belongs to the pot', () => {
    const one = solved(PILAF);
    const two = solved({ ...PILAF, grain: { cups: 4 } });
    expect(two.pour.ml).toBeCloseTo(one.doubled.pourMl, 1);
    expect(one.doubled.ratio).toBeLessThan(1.95);
    expect(termG(two, 'absorbed')).toBeCloseTo(2 * termG(one, 'absorbed'), 6);
    expect(Math.abs(termG(two, 'steamLost') - termG(one, 'steamLost'))).toBeLessThan(
      0.2 * termG(one, 'steamLost'),
    );
  });

  it('drinks for lentils and noodles, and holds a film for tomato and coconut', () => {
    const lentils = solved({ ...PILAF, ingredients: [{ ingredientId: 'lentilWhole', amount: { g: 100 } }] });
    expect(termG(lentils, 'drunkByOthers')).toBeCloseTo(160, 6);
    const soaked = solved({
      ...PILAF,
      ingredients: [{ ingredientId: 'lentilWhole', amount: { g: 100 }, state: 'soaked' }],
    });
    expect(termG(soaked, 'drunkByOthers')).toBeCloseTo(40, 6);
    const held = termG(solved(PILAF), 'heldByOthers');
    expect(termG(solved({ ...PILAF, sauceLeftG: 50 }), 'heldByOthers')).toBeCloseTo(held + 50, 6);
  });

  it('counts a 400 ml can of coconut milk as the 292 g of water it holds, and says what to top it up with', () => {
    const can = solved({ ...PILAF, ingredients: [{ ingredientId: 'coconutMilk', amount: { ml: 400 } }] });
    // 72.9 g of water per 100 g: SR Legacy, canned coconut milk, from memory.
    expect(can.account.terms.find((t) => t.of === 'coconutMilk' && t.kind === 'broughtIn')?.g).toBeCloseTo(
      291.6,
      1,
    );
    expect(can.pour.ml).toBeLessThan(pourMl({}) - 230);
    // Cooks count nearly the whole can as liquid (common practice, the table's pots with coconut).
    expect(can.pour.ml).toBeGreaterThan(pourMl({}) - 400);
  });

  it('pours stock by its water and counts its salt', () => {
    const stock = solved({ ...PILAF, pourWith: 'stockChicken' });
    expect((stock.pour.g * 97.5) / 100).toBeCloseTo(stock.pour.waterG, 6);
    expect(stock.salt.sources[0]).toMatchObject({ ingredientId: 'stockChicken' });
    expect(stock.salt.addG).toBeLessThan(solved(PILAF).salt.addG);
  });

  it('answers a base that is too wet with a negative pour and three ways out, each of which works', () => {
    const wet: PlanInput = {
      ...PILAF,
      ingredients: [{ ingredientId: 'tomato', amount: { g: 3000 }, state: 'withLiquid' }],
    };
    const result = solved(wet);
    expect(result.pour.ml).toBeLessThan(0);
    const { overG, takeOutG, addGrainG, cookDownMin } = result.warnings.find((w) => w.code === 'baseAlone')!
      .values as Record<string, number>;
    expect(overG).toBeCloseTo(-result.pour.waterG, 6);
    // No ring of 2 kW drives off more: a gram of steam takes 2.257 kJ (IAPWS-95).
    expect(overG! / cookDownMin!).toBeLessThan((2000 * 0.06) / 2.257);
    expect(overG! / cookDownMin!).toBeGreaterThan((400 * 0.06) / 2.257);
    const less = solved({
      ...wet,
      ingredients: [{ ingredientId: 'tomato', amount: { g: 3000 - takeOutG! }, state: 'withLiquid' }],
    });
    // What is ladled out takes its film with it, so the pot ends a little to the dry side of nothing.
    expect(Math.abs(less.pour.ml)).toBeLessThan(0.15 * Math.abs(result.pour.ml));
    const more = solved({ ...wet, grain: { g: result.grainG + addGrainG! } });
    expect(Math.abs(more.pour.ml)).toBeLessThan(15);
  });

  it('narrows its doubt when the grain is weighed, and keeps that much by', () => {
    const cups = solved(PILAF);
    const weighed = solved({ ...PILAF, grain: { g: cups.grainG } });
    expect(weighed.pour.ml).toBeCloseTo(cups.pour.ml, 6);
    expect(weighed.doubt.g).toBeLessThan(cups.doubt.g);
    expect(cups.keepBy.ml).toBeGreaterThanOrEqual(cups.doubt.g);
    expect(cups.window.hardMl).toBeLessThan(cups.window.lowMl);
    expect(cups.window.highMl).toBeLessThan(cups.window.mushMl);
  });
});

describe('the salt account', () => {
  it('adds up to the band for how it is served', () => {
    const plain = solved(PILAF);
    expect(plain.salt.cookedPercent).toBeCloseTo(0.9, 6);
    expect(solved({ ...PILAF, served: 'underSalty' }).salt.cookedPercent).toBeCloseTo(0.5, 6);
    // The liquid tastes saltier than the dish: the grain is still to drink it.
    expect(plain.salt.liquidPercent).toBeGreaterThan(plain.salt.cookedPercent);
    // Between half and a bit over one teaspoon of fine salt a cup of raw grain (common practice).
    expect(plain.salt.addFineTsp / 2).toBeGreaterThan(0.5);
    expect(plain.salt.addFineTsp / 2).toBeLessThan(1.2);
  });

  it('says so when there is too much already, against the WHO guideline of 5 g a day', () => {
    const salty = solved({
      ...PILAF,
      portions: 4,
      ingredients: [{ ingredientId: 'saltFine', amount: { g: 30 } }],
    });
    expect(salty.salt.addG).toBe(0);
    expect(salty.warnings.map((w) => w.code)).toContain('tooSalty');
    expect(salty.salt.shareOfDay).toBeCloseTo(29.94 / 4 / 5, 2);
  });
});

describe('warnings', () => {
  const codes = (over: Partial<PlanInput>) =>
    solved({ ...PILAF, vessel: POT, ...over }).warnings.map((w) => w.code);
  it.each<[string, Partial<PlanInput>]>([
    ['overTwoThirds', { grain: { cups: 4 }, vessel: { diameterCm: 22, volumeMl: 3000 } }],
    ['deepBed', { grain: { cups: 4 }, vessel: { diameterCm: 20, volumeMl: 6000 } }],
    ['mostlySteam', { grain: { cups: 0.5 }, timing: { openBoilMin: 6 } }],
    ['altitude', { altitudeM: 2400 }],
    ['soakTooLong', { soakMin: 200 }],
    ['thickCatches', { ingredients: [{ ingredientId: 'tomatoPaste', amount: { g: 200 } }] }],
    ['coveredShort', { timing: { coveredMin: 6 } }],
    ['slowBoil', { grain: { cups: 5 }, vessel: BIG_POT, hob: { powerW: { high: 450 } } }],
  ])('%s', (code, over) => {
    expect(codes(over)).toContain(code);
    expect(codes({})).toEqual([]);
  });

  it('adds to the covered time on a mountain, the more the higher, and not under pressure', () => {
    const extra = (
      altitudeM: number,
      vessel: PlanInput['vessel'] = POT,
      method?: PlanInput['method'],
    ): unknown =>
      solved({ ...PILAF, vessel, altitudeM, ...(method ? { method } : {}) }).warnings.find(
        (w) => w.code === 'altitude',
      )?.values.extraMin;
    const [high, higher] = [Number(extra(1500)), Number(extra(3000))];
    // Common practice: about a quarter longer at 1500 m, at most twice as long at 3000 m, of some sixteen minutes.
    expect(high).toBeGreaterThanOrEqual(1);
    expect(high).toBeLessThanOrEqual(6);
    expect(higher).toBeGreaterThan(high);
    expect(higher).toBeLessThanOrEqual(16);
    const sealed = { ...POT, kind: 'pressureCooker' } as const;
    expect(extra(3000, sealed, 'pressureCooker')).toBeUndefined();
  });
});

describe('a plan that cannot be answered', () => {
  it.each<[string, unknown, string, string]>([
    ['no grain', { ...PILAF, grainId: undefined }, 'grainId', 'missing'],
    ['an unknown grain', { ...PILAF, grainId: 'gravel' }, 'grainId', 'unknownId'],
    ['no amount', { ...PILAF, grain: undefined }, 'grain', 'missing'],
    ['an empty amount', { ...PILAF, grain: {} }, 'grain', 'oneWay'],
    ['two amounts', { ...PILAF, grain: { g: 1, ml: 1 } }, 'grain', 'oneWay'],
    ['zero', { ...PILAF, grain: { g: 0 } }, 'grain.g', 'outOfRange'],
    ['negative', { ...PILAF, grain: { cups: -1 } }, 'grain.cups', 'outOfRange'],
    ['enormous', { ...PILAF, grain: { g: 1e9 } }, 'grain.g', 'outOfRange'],
    ['NaN', { ...PILAF, grain: { g: Number.NaN } }, 'grain.g', 'notANumber'],
    ['a string for a number', { ...PILAF, grain: { g: '200' } }, 'grain.g', 'notANumber'],
    ['1/0 cup', { ...PILAF, grain: { text: '1/0 cup' } }, 'grain.text', 'amount.dividedByZero'],
    ['counted grain', { ...PILAF, grain: { count: 3 } }, 'grain.count', 'noNaturalUnit'],
    ['no vessel', { ...PILAF, vessel: undefined }, 'vessel', 'missing'],
    [
      'a pot too small',
      { ...PILAF, vessel: { diameterCm: 14, volumeMl: 900 } },
      'vessel.volumeMl',
      'tooSmall',
    ],
    [
      'an unknown ingredient',
      { ...PILAF, ingredients: [{ ingredientId: 'moon', amount: { g: 1 } }] },
      'ingredients[0].ingredientId',
      'unknownId',
    ],
    [
      'a brown tomato',
      { ...PILAF, ingredients: [{ ingredientId: 'tomato', amount: { count: 1 }, state: 'brown' }] },
      'ingredients[0].state',
      'noSuchState',
    ],
    ['poured oil', { ...PILAF, pourWith: 'oil' }, 'pourWith', 'notALiquid'],
    ['a hob of zero watts', { ...PILAF, hob: { powerW: { high: 0 } } }, 'stages[0].heat', 'neverBoils'],
    ['texture 9', { ...PILAF, texture: 9 }, 'texture', 'outOfRange'],
    [
      'stages in a wrong order',
      {
        ...PILAF,
        stages: [
          { id: 'a', act: 'simmer', heat: 'low', lid: 'on', end: { kind: 'minutes', minutes: 9 } },
          { id: 'b', act: 'toast', heat: 'low', lid: 'off', end: { kind: 'minutes', minutes: 9 } },
        ],
      },
      'stages[1].act',
      'order.toastAfterLiquid',
    ],
    [
      'a stage of ten thousand minutes',
      {
        ...PILAF,
        stages: [
          { id: 'a', act: 'simmer', heat: 'low', lid: 'on', end: { kind: 'minutes', minutes: 10_000 } },
        ],
      },
      'stages[0].end.minutes',
      'outOfRange',
    ],
    [
      'a stage that is never hot',
      {
        ...PILAF,
        stages: [
          { id: 'a', act: 'simmer', heat: 'veryLow', lid: 'on', end: { kind: 'minutes', minutes: 9 } },
        ],
      },
      'stages[0].heat',
      'neverBoils',
    ],
    [
      'a pressure cooker more than half full',
      { ...PILAF, method: 'pressureCooker', grain: { g: 700 }, vessel: { diameterCm: 20, volumeMl: 2500 } },
      'vessel.volumeMl',
      'overHalf',
    ],
    [
      'whistles in a pot',
      { ...PILAF, method: 'pressureCooker', vessel: { ...BIG_POT, kind: 'pot' } },
      'stages[0].act',
      'order.needsPressureVessel',
    ],
    [
      'likes that go in a circle',
      {
        ...PILAF,
        own: [
          { id: 'a', name: 'One', like: 'b' },
          { id: 'b', name: 'Other', like: 'a' },
        ],
      },
      'own[0].like',
      'own.circular',
    ],
    ['a base weighed where there is none', { ...PILAF, base: { weighsG: 300 } }, 'base.weighsG', 'noBase'],
    ['ladled where there is none', { ...PILAF, base: { ladleOutG: 300 } }, 'base.ladleOutG', 'noBase'],
    ['salted with sugar', { ...PILAF, saltWith: 'sugar' }, 'saltWith', 'unknownId'],
    ['nine pots', { ...PILAF, pots: 9 }, 'pots', 'outOfRange'],
    ['all of it later', { ...PILAF, laterShare: 1 }, 'laterShare', 'outOfRange'],
    ['no such rule', { ...PILAF, holdTo: 'byEye' }, 'holdTo', 'notAChoice'],
    ['ingredients that are no list', { ...PILAF, ingredients: 'salt' }, 'ingredients', 'notAChoice'],
  ])('%s', (_what, plan, field, code) => {
    const found = problemsOf(plan);
    expect(found).toContainEqual(expect.objectContaining({ field, code }));
    for (const p of found) expect(problemText(p)).toMatch(/\.$|…$/u);
  });

  it('reports everything wrong at once', () => {
    expect(
      problemsOf({ ...PILAF, grainId: 'gravel', texture: 0, altitudeM: 9000 }).map((p) => p.field),
    ).toEqual(['grainId', 'altitudeM', 'texture']);
  });

  it('never throws, whatever it is given', () => {
    const junk = fc.record(
      {
        grainId: fc.oneof(fc.constant('basmati'), fc.anything()),
        grain: fc.oneof(fc.record({ g: fc.double() }), fc.record({ text: fc.string() }), fc.anything()),
        vessel: fc.oneof(
          fc.record({ diameterCm: fc.double(), volumeMl: fc.double() }),
          fc.constant(POT),
          fc.anything(),
        ),
        ingredients: fc.oneof(
          fc.array(fc.record({ ingredientId: fc.string(), amount: fc.anything() })),
          fc.array(fc.anything()),
          fc.anything(),
        ),
        hob: fc.anything(),
        own: fc.oneof(fc.array(fc.anything()), fc.anything()),
        base: fc.anything(),
        pourMost: fc.anything(),
        method: fc.anything(),
        stages: fc.oneof(fc.array(fc.anything()), fc.anything()),
        timing: fc.anything(),
        soakMin: fc.anything(),
      },
      { requiredKeys: [] },
    );
    fc.assert(
      fc.property(junk, (plan) => typeof answer(plan as unknown as PlanInput).ok === 'boolean'),
      { numRuns: 1500 },
    );
  });
});

describe('amounts in a plan', () => {
  it.each<[PlanInput['grain'], number]>([
    [{ g: 185 }, 185],
    [{ cups: 1 }, 236.588 * 0.782],
    [{ ml: 100 }, 78.2],
    [{ text: '1 lb' }, 453.59237],
    [{ text: '2 metric cups' }, 391],
  ])('%p', (grain, g) => {
    expect(solved({ ...PILAF, grain }).grainG).toBeCloseTo(g, 3);
  });

  it('counts natural units, by number or in words', () => {
    const saltOf = (amount: PlanInput['grain']) =>
      termG(
        solved({ ...PILAF, ingredients: [{ ingredientId: 'onion', amount, state: 'raw' }] }),
        'broughtIn',
      );
    // Two of 110 g.
    expect(saltOf({ count: 2 })).toBeCloseTo(saltOf({ g: 220 }), 9);
    expect(saltOf({ count: 2 })).toBeGreaterThan(0);
    expect(saltOf({ text: '2 onions' })).toBeCloseTo(saltOf({ count: 2 }), 9);
    expect(saltOf({ text: '2' })).toBeCloseTo(saltOf({ count: 2 }), 9);
  });
});

describe('the three dishes of the job', () => {
  const dishes: Readonly<Record<string, PlanInput>> = {
    'a stock pilaf': {
      grainId: 'longGrainWhite',
      grain: { g: 85 },
      portions: 1,
      pourWith: 'stockVegetable',
      ingredients: [
        { ingredientId: 'butter', amount: { g: 8 } },
        { ingredientId: 'onion', amount: { g: 28 } },
      ],
      vessel: BIG_POT,
    },
    'a tomato-base rice': {
      grainId: 'parboiledLong',
      grain: { g: 85 },
      portions: 1,
      ingredients: [
        { ingredientId: 'tomato', amount: { g: 75 }, state: 'mushy' },
        { ingredientId: 'tomatoPaste', amount: { g: 8 }, state: 'oilSeparated' },
        { ingredientId: 'oil', amount: { ml: 11 } },
      ],
      vessel: BIG_POT,
    },
    'a coconut-milk rice': {
      grainId: 'jasmine',
      grain: { g: 85 },
      portions: 1,
      ingredients: [{ ingredientId: 'coconutMilk', amount: { ml: 70 } }],
      vessel: BIG_POT,
    },
  };
  const ways: readonly Partial<PlanInput>[] = [
    {},
    { wash: 'rinsed' },
    { wash: 'untilClear', soakMin: 30 },
    { toast: 'golden' },
    { wash: 'rinsed', soakMin: 20, drain: 'sieve', toast: 'opaque' },
  ];

  it.each(Object.entries(dishes))(
    '%s: for 1 to 16, washed or not, soaked or not, toasted or not',
    (_name, one) => {
      for (const way of ways) {
        let before = 0;
        for (let people = 1; people <= 16; people += 1) {
          const { pour, doubled } = solved(scalePlan({ ...one, ...way }, people));
          expect(pour.ml).toBeGreaterThan(before);
          expect(doubled.ratio).toBeLessThan(2);
          before = pour.ml;
        }
      }
    },
  );
});
