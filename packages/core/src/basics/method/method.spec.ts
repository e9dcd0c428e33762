import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import type { VesselKind } from '../heat/equipment.js';
import { grainById } from '../larder/grainById.js';
import { coveredMinutes } from './timing.js';
import { stagesFor, type TemplateInput } from './templates.js';
import { METHOD_VESSEL, METHODS } from './methods.js';
import { orderProblems } from './order.js';
import { isHandsOn, plannedMin, type Stage } from './stage.js';

const basmati = grainById('basmati')!;
const INPUT: TemplateInput = {
  grain: basmati,
  soakMin: 0,
  wash: 'unwashed',
  drain: 'shaken',
  sieveMin: 20,
  toast: 'none',
  hasFat: false,
  baseMin: 0,
  crust: false,
  timing: {},
};
const template = (over: Partial<TemplateInput> = {}): readonly Stage[] =>
  stagesFor('coveredAbsorption', { ...INPUT, ...over });

describe('covered absorption', () => {
  it('leaves out what a plan does not need', () => {
    expect(template().map((s) => s.act)).toEqual(['boil', 'simmer', 'rest']);
  });

  it('has soak, drain, fat, base, toast and an open boil when asked', () => {
    const stages = template({
      soakMin: 30,
      wash: 'rinsed',
      toast: 'opaque',
      hasFat: true,
      baseMin: 8,
      timing: { openBoilMin: 5 },
    });
    expect(stages.map((s) => s.act)).toEqual([
      'soak',
      'drain',
      'warmFat',
      'base',
      'toast',
      'boil',
      'openBoil',
      'simmer',
      'rest',
    ]);
    expect(orderProblems(stages)).toEqual([]);
  });

  it('covers soaked grain for less time', () => {
    expect(coveredMinutes(basmati, 30)).toBeLessThan(coveredMinutes(basmati, 0));
    expect(template({ timing: { coveredMin: 22 } }).find((s) => s.act === 'simmer')?.end).toEqual({
      kind: 'minutes',
      minutes: 22,
    });
  });
});

describe('the nine methods', () => {
  const full: Partial<TemplateInput> = {
    soakMin: 20,
    wash: 'rinsed',
    toast: 'glossy',
    hasFat: true,
    baseMin: 8,
  };

  it.each(METHODS)(
    '%s is an order that can be cooked in its own vessel, bare or with everything',
    (method) => {
      for (const over of [{}, full, { ...full, crust: true }]) {
        const stages = stagesFor(method, { ...INPUT, ...over });
        expect(orderProblems(stages, METHOD_VESSEL[method])).toEqual([]);
        for (const stage of stages) expect(plannedMin(stage)).toBeGreaterThan(0);
      }
    },
  );

  it('counts whistles or minutes under pressure, and lets a multi-cooker go slowly', () => {
    const whistles = stagesFor('pressureCooker', { ...INPUT, timing: { whistles: 3 } });
    expect(whistles.find((s) => s.act === 'pressure')?.end).toMatchObject({ kind: 'count', count: 2 });
    const one = stagesFor('pressureCooker', { ...INPUT, timing: { whistles: 1, pressureMin: 3 } });
    expect(one.filter((s) => s.act === 'pressure').map((s) => s.end)).toEqual([
      { kind: 'minutes', minutes: 3 },
    ]);
    const slow = stagesFor('multiCooker', { ...INPUT, timing: { slow: 'high' } });
    expect(slow.some((s) => s.lid === 'pressure')).toBe(false);
  });

  it('keeps a rice cooker on for a crust and not without', () => {
    expect(stagesFor('riceCooker', INPUT).map((s) => s.act)).toEqual(['cook', 'rest']);
    expect(stagesFor('riceCooker', { ...INPUT, crust: true }).map((s) => s.act)).toEqual([
      'cook',
      'steam',
      'rest',
    ]);
  });

  it('knows which stages want the cook at the pot', () => {
    const stages = stagesFor('stewSteam', { ...INPUT, ...full });
    expect(stages.filter(isHandsOn).map((s) => s.act)).toEqual(['drain', 'warmFat', 'base', 'toast', 'turn']);
  });
});

describe('orders that are right somewhere', () => {
  const bare = (act: Stage['act'], over: Partial<Stage> = {}): Stage => ({
    id: act,
    act,
    heat: 'medium',
    lid: 'off',
    end: { kind: 'minutes', minutes: 3 },
    ...over,
  });
  const liquid = template();

  it.each<[string, readonly Stage[]]>([
    ['toast before onion', [bare('warmFat'), bare('toast'), bare('base'), ...liquid]],
    [
      'two bases one after the other',
      [bare('base'), bare('base', { id: 'base2' }), bare('toast'), ...liquid],
    ],
    [
      'meat boiled soft in the pot, dried and fried, then onions',
      [bare('boilOff'), bare('warmFat'), bare('base'), bare('base', { id: 'b2' }), ...liquid],
    ],
    ['toasted twice', [bare('toast'), bare('base'), bare('toast', { id: 't2' }), ...liquid]],
    ['off and waiting in between', [bare('base'), bare('wait', { heat: 'off' }), bare('toast'), ...liquid]],
    ['opened again after the covered time', [...liquid.filter((s) => s.act !== 'rest'), bare('openBoil')]],
    ['a rest kept warm', liquid.map((s) => (s.act === 'rest' ? { ...s, heat: 'veryLow' as const } : s))],
    [
      'tasted, forked and turned out',
      [...liquid, bare('taste'), bare('fork'), bare('turnOut', { heat: 'off' })],
    ],
  ])('%s can be cooked', (_name, stages) => {
    expect(orderProblems(stages, 'pot')).toEqual([]);
  });

  it('closed frying in a rice cooker ends by its flip', () => {
    const flip = { lid: 'on', heat: 'high', end: { kind: 'flip', expectMin: 6 } } as const;
    const stages = [
      bare('base', flip),
      bare('wait', { heat: 'off' }),
      bare('toast', flip),
      ...stagesFor('riceCooker', INPUT),
    ];
    expect(orderProblems(stages, 'riceCooker')).toEqual([]);
    expect(orderProblems(stages, 'pot').map((p) => p.code)).toContain('needsSwitch');
  });

  it('of what is done dry first and wet afterwards none is refused', () => {
    const dry = ['marinate', 'steep', 'warmFat', 'base', 'ladle', 'wait', 'taste'] as const;
    const wet = [
      'openBoil',
      'boilDown',
      'butter',
      'simmer',
      'steam',
      'turn',
      'rest',
      'wait',
      'taste',
      'fork',
      'cool',
    ] as const;
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...dry), { maxLength: 6 }),
        fc.array(fc.constantFrom(...dry.slice(0, 4), 'toast' as const), { maxLength: 4 }),
        fc.array(fc.constantFrom(...wet), { maxLength: 8 }),
        (first, then, last) => {
          const acts = [...first, ...then, 'boil' as const, ...last];
          const stages = acts.map((act, i) => bare(act, { id: `${act}${i.toString()}` }));
          expect(orderProblems(stages, 'pot')).toEqual([]);
        },
      ),
      { numRuns: 200 },
    );
  });
});

describe('impossible orders', () => {
  const stages = template({ soakMin: 20, wash: 'rinsed', toast: 'opaque', hasFat: true, baseMin: 6 });
  const pick = (act: Stage['act']): Stage => stages.find((s) => s.act === act)!;
  const codes = (list: readonly Stage[], kind?: VesselKind) => orderProblems(list, kind).map((p) => p.code);
  const last = (act: Stage['act']): Stage[] => [...stages.filter((s) => s.act !== act), pick(act)];
  const pressure = stagesFor('pressureCooker', INPUT);

  it.each<[string, readonly Stage[], string[]]>([
    ['grain toasted after the liquid went in', last('toast'), ['toastAfterLiquid']],
    ['grain soaked in the pot', last('soak'), ['soakAfterGrainIn']],
    ['base after the liquid', last('base'), ['baseAfterLiquid']],
    ['fat after the liquid', last('warmFat'), ['fatAfterLiquid']],
    ['two stages of one id', [...stages, { ...pick('rest'), heat: 'off' }], ['duplicateId']],
    ['nothing heated', stages.filter((s) => s.act !== 'boil' && s.act !== 'simmer'), ['needsHeat']],
    [
      'pressure never brought up',
      pressure.filter((s) => s.act !== 'pressureUp'),
      ['pressureNotUp', 'releaseNothing'],
    ],
    [
      'opened under pressure',
      [...pressure.filter((s) => s.act !== 'release'), { ...pick('rest'), lid: 'on' }],
      ['openedUnderPressure'],
    ],
  ])('%s', (_what, list, expected) => {
    expect(codes(list)).toEqual(expected);
  });

  it('wants a vessel that can do it', () => {
    expect(codes(pressure, 'pot')).toContain('needsPressureVessel');
    expect(codes(stagesFor('riceCooker', INPUT), 'pot')).toEqual(['needsSwitch']);
    expect(codes(pressure, 'pressureCooker')).toEqual([]);
  });
});
