import { describe, expect, it } from '@jest/globals';
import { answerPlan } from '../account/answer.js';
import type { CompletePlan, PlanInput } from '../../plan/input/planInput.js';
import { plannedMin, type Stage } from '../../basics/method/stage.js';
import { edited, planOf, pourOf, PILAF } from '../../testing/cooked.js';
import { baseAccount } from '../../plan/input/base.js';
import { POT } from '../../testing/plans.js';
import { cookPot } from './cook.js';
import { courseOf } from '../course/course.js';
import { bandOf } from '../course/judge.js';

describe('what ends a stage is found', () => {
  const ends = (input: PlanInput) => {
    const plan = planOf(input);
    return cookPot(plan, pourOf(plan)).stages;
  };

  it('a weaker ring boils and boils down later, and flips later in a larger cooker', () => {
    const boil = (high: number): number => ends({ ...PILAF, hob: { powerW: { high } } })[0]!.toMin;
    expect(boil(700)).toBeGreaterThan(boil(1400));
    const cooker = (g: number): number =>
      ends({
        grainId: 'jasmine',
        grain: { g },
        wash: 'rinsed',
        method: 'riceCooker',
        vessel: { diameterCm: 20, volumeMl: 2800 },
      }).find((s) => s.ended === 'flip')!.toMin;
    expect(cooker(500)).toBeGreaterThan(cooker(200));
  });

  // Common practice: white rice takes a cooker 15 to 25 minutes; it flips dry, and without a crust.
  it.each([
    ['jasmine', 200, 15, 25],
    ['jasmine', 400, 15, 25],
    ['longGrainWhite', 300, 15, 25],
    ['brownLong', 300, 35, 55],
  ] as const)(
    'a rice cooker flips when the liquid is gone, before there is a crust: %s',
    (grainId, g, from, to) => {
      const plan = planOf({
        grainId,
        grain: { g },
        wash: 'rinsed',
        method: 'riceCooker',
        vessel: { diameterCm: 20, volumeMl: 2800 },
      });
      const poured = pourOf(plan);
      const { stages, series } = courseOf(plan, poured);
      const flipped = stages.find((s) => s.ended === 'flip')!;
      expect(flipped.toMin).toBeGreaterThan(from);
      expect(flipped.toMin).toBeLessThan(to);
      const i = series.minutes.findIndex((m) => m >= flipped.toMin - 1e-6);
      expect(series.freeG[i]!).toBeLessThan(0.05 * poured);
      expect(bandOf(series.browning[i]!)).toBe('clean');
    },
  );

  describe('a boil-down', () => {
    const downTo = (expectMin: number, sign: 'levelWithGrain' | 'holes' | 'absorbed' = 'holes') =>
      edited({ ...PILAF, method: 'boilDown' }, (s) =>
        s.act === 'boilDown' ? { ...s, end: { kind: 'sign', sign, expectMin } } : s,
      );
    const took = (plan: CompletePlan, pourG: number) => {
      const stage = cookPot(plan, pourG).stages.find((s) => s.act === 'boilDown')!;
      return { minutes: stage.toMin - stage.fromMin, ended: stage.ended, seen: stage.seen };
    };

    it.each(['levelWithGrain', 'holes', 'absorbed'] as const)(
      'comes to its sign at its minutes, poured as answered: %s',
      (sign) => {
        for (const minutes of [3, 8, 14]) {
          const plan = downTo(minutes, sign);
          const went = took(plan, pourOf(plan));
          expect(went).toMatchObject({ ended: 'sign', seen: sign });
          expect(went.minutes).toBeCloseTo(minutes, 2);
        }
      },
    );

    it('comes to it later with more liquid and sooner with less', () => {
      const plan = downTo(8);
      const pour = pourOf(plan);
      expect(took(plan, pour + 80).minutes).toBeGreaterThan(8.5);
      expect(took(plan, pour - 80).minutes).toBeLessThan(7.5);
    });

    it('never takes less liquid for being longer, and as much as the same minutes by the clock', () => {
      const byClock = (minutes: number) =>
        edited({ ...PILAF, method: 'boilDown' }, (s) =>
          s.act === 'boilDown' ? { ...s, end: { kind: 'minutes', minutes } } : s,
        );
      let before = 0;
      for (const minutes of [1, 2, 4, 7, 11, 16, 25]) {
        const pour = pourOf(byClock(minutes));
        expect(pour).toBeGreaterThan(before);
        expect(pourOf(downTo(minutes))).toBeCloseTo(pour, 6);
        before = pour;
      }
    });
  });

  it('whistles by the steam of the weight, and comes down by its losses', () => {
    const pot = (whistles: number) =>
      ends({
        grainId: 'basmati',
        grain: { g: 200 },
        wash: 'rinsed',
        method: 'pressureCooker',
        timing: { whistles },
        vessel: POT,
      });
    const three = pot(3);
    expect(three.find((s) => s.act === 'pressure')).toMatchObject({ ended: 'count', seen: 'underPressure' });
    // The first ends the way up; each of the others lets the same steam go.
    const letGo = (stages: typeof three): number => stages.find((s) => s.act === 'pressure')!.steamG;
    expect(letGo(three)).toBeCloseTo(2 * letGo(pot(2)), 0);
    expect(letGo(pot(2))).toBeGreaterThan(10);
    expect(three.find((s) => s.act === 'release')).toMatchObject({ ended: 'sign' });
  });

  it('says what is seen when the cook gives minutes', () => {
    const seen = (minutes: number): string =>
      ends({ ...PILAF, timing: { coveredMin: minutes } }).find((s) => s.act === 'simmer')!.seen;
    expect(seen(1)).toBe('liquidOver');
    expect(seen(15)).toBe('absorbed');
  });

  it('toasts and soaks before the liquid, at the pace of this ring', () => {
    const before = (medium: number) =>
      courseOf(planOf({ ...PILAF, soakMin: 30, toast: 'golden', hob: { powerW: { medium } } }), 400).before;
    const toast = (w: number): number => {
      const stage = before(w).find((s) => s.act === 'toast')!;
      return stage.toMin - stage.fromMin;
    };
    expect(toast(400)).toBeGreaterThan(toast(800));
    expect(before(520).find((s) => s.act === 'toast')).toMatchObject({ colour: 'golden' });
    expect(before(520).find((s) => s.act === 'soak')!.soaked).toBeGreaterThan(0.8);
    expect(before(520).at(-1)!.toMin).toBeCloseTo(0, 6);
  });
});

describe('the times of a plan', () => {
  const expected = (input: PlanInput, act: Stage['act']): number => {
    const made = answerPlan(planOf(input));
    if (!made.ok) throw new Error('no answer');
    return plannedMin(made.value.stages.find((s) => s.act === act)!);
  };
  const red: PlanInput = {
    ...PILAF,
    method: 'stewSteam',
    toast: 'golden',
    ingredients: [
      ...(PILAF.ingredients ?? []),
      { ingredientId: 'tomato', amount: { g: 400 }, state: 'oilSeparated' },
    ],
  };

  it.each(['base', 'toast', 'boil'] as const)('follow this pot on this ring: %s', (act) => {
    const on = (share: number) =>
      expected(
        { ...red, hob: { powerW: { high: 1100 * share, medium: 520 * share, mediumHigh: 850 * share } } },
        act,
      );
    expect(on(0.7)).toBeGreaterThan(on(1));
    expect(on(1)).toBeGreaterThan(on(1.6));
  });

  it('are those of the course, to the minute', () => {
    const plan = planOf(red);
    const { before, stages } = courseOf(plan, pourOf(plan));
    for (const s of [...before, ...stages].filter((x) =>
      ['base', 'toast', 'warmFat', 'boil'].includes(x.act),
    ))
      expect(Math.abs(expected(red, s.act as Stage['act']) - (s.toMin - s.fromMin))).toBeLessThanOrEqual(1);
  });

  // Common practice: short noodles brown in two to five minutes once the fat is hot.
  it('noodles take minutes, not as long as onions', () => {
    const fried: PlanInput = {
      ...PILAF,
      ingredients: [
        { ingredientId: 'butter', amount: { g: 40 } },
        { ingredientId: 'vermicelli', amount: { g: 60 }, state: 'brown' },
      ],
    };
    expect(expected(fried, 'base')).toBeGreaterThanOrEqual(2);
    expect(expected(fried, 'base')).toBeLessThanOrEqual(5);
  });
});

describe('before the liquid', () => {
  const before = (input: PlanInput) => courseOf(planOf(input), 400).before;
  const length = (stages: ReturnType<typeof before>, act: string): number => {
    const s = stages.find((x) => x.act === act)!;
    return s.toMin - s.fromMin;
  };

  it('a base waits for the oil as long as this ring needs to drive its water off', () => {
    const red = (mediumHigh: number): PlanInput => ({
      ...PILAF,
      method: 'stewSteam',
      ingredients: [
        ...(PILAF.ingredients ?? []),
        { ingredientId: 'tomato', amount: { g: 400 }, state: 'oilSeparated' },
      ],
      hob: { powerW: { mediumHigh } },
    });
    expect(length(before(red(400)), 'base')).toBeGreaterThan(length(before(red(800)), 'base'));
    const { cookedDown } = before(red(800)).find((s) => s.act === 'base')!;
    // What the course drives off is what the account counts as gone.
    const { drivenOffG, bringsG } = baseAccount(planOf(red(800)));
    expect(cookedDown).toBeCloseTo(drivenOffG / (drivenOffG + bringsG), 2);
  });

  it('noodles brown in the fat, and brown takes longer than golden', () => {
    const noodles = (state: 'golden' | 'brown'): PlanInput => ({
      ...PILAF,
      ingredients: [...(PILAF.ingredients ?? []), { ingredientId: 'vermicelli', amount: { g: 60 }, state }],
    });
    expect(before(noodles('golden')).find((s) => s.act === 'base')).toMatchObject({ noodles: 'golden' });
    expect(before(noodles('brown')).find((s) => s.act === 'base')).toMatchObject({ noodles: 'deep' });
    expect(length(before(noodles('brown')), 'base')).toBeGreaterThan(
      length(before(noodles('golden')), 'base'),
    );
    expect(before(PILAF).find((s) => s.act === 'warmFat')?.noodles).toBeUndefined();
  });
});
