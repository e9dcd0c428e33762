import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { grainById } from '../larder/larder.js';
import { coveredAbsorption, coveredMinutes, type TemplateInput } from './coveredAbsorption.js';
import { orderProblems } from './order.js';
import { MOST_EXTENDED_MIN, replay, secondsLeft, type StageEvent } from './run.js';
import { plannedMin } from './stage.js';

const basmati = grainById('basmati')!;
const template = (over: Partial<TemplateInput> = {}): ReturnType<typeof coveredAbsorption> =>
  coveredAbsorption({
    grain: basmati,
    soakMin: 0,
    wash: 'unwashed',
    drain: 'shaken',
    toast: 'none',
    hasFat: false,
    baseMin: 0,
    timing: {},
    ...over,
  });

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

  it('refuses impossible orders with the reason', () => {
    const stages = template({ toast: 'opaque' });
    const toastLast = [...stages.filter((s) => s.act !== 'toast'), stages.find((s) => s.act === 'toast')!];
    expect(orderProblems(toastLast)).toMatchObject([{ code: 'beforeItsTurn', act: 'toast' }]);
    expect(orderProblems([]).map((p) => p.code)).toEqual(['needsBoil', 'needsSimmer']);
    expect(
      orderProblems(stages.map((s) => (s.act === 'toast' ? { ...s, lid: 'on' as const } : s))),
    ).toMatchObject([{ code: 'lidOnWhileStirring' }]);
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
    ];
    expect(replay(stages, [...events].reverse())).toEqual(replay(stages, events));
    expect(replay(stages, events).current).toBe(1);
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
