import { describe, expect, it } from '@jest/globals';
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
      'toasting under the lid',
      stages.map((s) => (s.act === 'toast' ? { ...s, lid: 'on' as const } : s)),
      ['lidOnWhileStirring'],
    ],
    [
      'a rest on the fire',
      stages.map((s) => (s.act === 'rest' ? { ...s, heat: 'low' as const } : s)),
      ['restThenHeat'],
    ],
    ['base under the grain', [pick('toast'), pick('base'), pick('boil'), pick('simmer')], ['baseAfterGrain']],
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
