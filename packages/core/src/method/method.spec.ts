import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import type { VesselKind } from '../heat/equipment.js';
import { grainById } from '../larder/larder.js';
import { coveredMinutes, METHOD_VESSEL, METHODS, stagesFor, type TemplateInput } from './methods.js';
import { orderProblems } from './order.js';
import { MOST_EXTENDED_MIN, replay, secondsLeft, type StageEvent } from './run.js';
import { isHandsOn, plannedMin, type Stage } from './stage.js';

const basmati = grainById('basmati')!;
const INPUT: TemplateInput = {
  grain: basmati,
  soakMin: 0,
  wash: 'unwashed',
  drain: 'shaken',
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

describe('a run at the stove', () => {
  const stages = template();
  const T0 = 1_700_000_000_000;
  const tap = (kind: StageEvent['kind'], stageId: string, minute: number, minutes?: number): StageEvent => ({
    id: `${kind}-${stageId}-${minute}`,
    kind,
    stageId,
    atMs: T0 + minute * 60_000,
    ...(minutes === undefined ? {} : { minutes }),
  });

  it('waits, runs and finishes; done starts the next clock', () => {
    expect(replay(stages, []).phase).toBe('waiting');
    const running = replay(stages, [tap('start', 'boil', 0), tap('done', 'boil', 6)]);
    expect(running).toMatchObject({ phase: 'running', current: 1 });
    const simmer = running.stages[1]!;
    expect(simmer.dueAtMs).toBe(T0 + (6 + plannedMin(simmer.stage)) * 60_000);
    expect(secondsLeft(simmer, T0 + 7 * 60_000)).toBe((plannedMin(simmer.stage) - 1) * 60);
    expect(
      replay(stages, [tap('done', 'boil', 6), tap('done', 'simmer', 20), tap('done', 'rest', 30)]).phase,
    ).toBe('finished');
  });

  it('adds five minutes, and takes a tap back', () => {
    const events = [tap('done', 'boil', 6), tap('extend', 'simmer', 18, 5)];
    expect(replay(stages, events).stages[1]!.extendedMin).toBe(5);
    const undone = replay(stages, [...events, tap('undo', 'simmer', 19)]);
    expect(undone.stages[1]!.extendedMin).toBe(0);
    expect(undone.undoable).toMatchObject({ kind: 'done', stageId: 'boil' });
    expect(replay(stages, [...events, tap('undo', 'simmer', 19), tap('undo', 'boil', 20)]).phase).toBe(
      'waiting',
    );
  });

  it('does not depend on the order taps arrive in, and ignores taps on other stages', () => {
    const events = [
      tap('start', 'boil', 0),
      tap('done', 'boil', 5),
      tap('extend', 'simmer', 9, 5),
      tap('done', 'rest', 10),
    ].map((event, i) => ({ ...event, seq: i + 1 }));
    expect(replay(stages, [...events].reverse())).toEqual(replay(stages, events));
    expect(replay(stages, events).current).toBe(1);
  });

  it('counts by the server’s order and no clock: a phone ten minutes slow can press Done', () => {
    const [start, done, undo] = [tap('start', 'boil', 0), tap('done', 'boil', -10), tap('undo', 'boil', -9)];
    const seen = [
      { ...start, seq: 1 },
      { ...done, seq: 2 },
    ];
    expect(replay(stages, seen)).toMatchObject({ current: 1, phase: 'running' });
    // What is still on its way counts last.
    expect(replay(stages, [done, { ...start, seq: 1 }]).current).toBe(1);
    expect(replay(stages, [...seen, { ...undo, undoesId: done.id }]).current).toBe(0);
  });

  it('takes back the tap that is named, whatever was tapped since, and once', () => {
    const [done, more] = [tap('done', 'boil', 5), tap('extend', 'simmer', 9, 5)];
    const undo = { ...tap('undo', 'simmer', 10), undoesId: more.id };
    const further = tap('extend', 'simmer', 11, 10);
    const again = { ...undo, id: 'again' };
    expect(replay(stages, [done, more, further, undo, again]).stages[1]?.extendedMin).toBe(10);
  });

  it('never extends past any sense and never leaves the list', () => {
    const event = fc.record({
      id: fc.uuid(),
      kind: fc.constantFrom<StageEvent['kind']>('start', 'done', 'extend', 'undo'),
      stageId: fc.constantFrom('boil', 'simmer', 'rest', 'nowhere'),
      atMs: fc.integer({ min: T0, max: T0 + 1e7 }),
      minutes: fc.integer({ min: 1, max: 200 }),
    });
    fc.assert(
      fc.property(fc.array(event, { maxLength: 40 }), (events) => {
        const state = replay(stages, events);
        return (
          state.current <= stages.length && state.stages.every((r) => r.extendedMin <= MOST_EXTENDED_MIN)
        );
      }),
    );
  });
});
