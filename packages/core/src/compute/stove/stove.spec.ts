import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { grainById } from '../../basics/larder/grainById.js';
import { stagesFor } from '../../basics/method/templates.js';
import { plannedMin } from '../../basics/method/stage.js';
import { cues } from './cue.js';
import { MOST_EXTENDED_MIN, runFromTaps } from './runFromTaps.js';
import { secondsLeft } from './sheet.js';
import { TAP_KINDS, type Tap } from './tap.js';

describe('a run at the stove', () => {
  const stages = stagesFor('coveredAbsorption', {
    grain: grainById('basmati')!,
    soakMin: 0,
    wash: 'unwashed',
    drain: 'shaken',
    sieveMin: 20,
    toast: 'none',
    hasFat: false,
    baseMin: 0,
    crust: false,
    timing: {},
  });
  const T0 = 1_700_000_000_000;
  const tap = (kind: Tap['kind'], stageId: string, minute: number, minutes?: number): Tap => ({
    id: `${kind}-${stageId}-${minute}`,
    kind,
    stageId,
    atMs: T0 + minute * 60_000,
    ...(minutes === undefined ? {} : { minutes }),
  });

  it('waits, runs and finishes; done starts the next clock', () => {
    expect(runFromTaps(stages, []).phase).toBe('waiting');
    const running = runFromTaps(stages, [tap('start', 'boil', 0), tap('done', 'boil', 6)]);
    expect(running).toMatchObject({ phase: 'running', current: 1 });
    const simmer = running.stages[1]!;
    expect(simmer.dueAtMs).toBe(T0 + (6 + plannedMin(simmer.stage)) * 60_000);
    expect(secondsLeft(simmer, T0 + 7 * 60_000)).toBe((plannedMin(simmer.stage) - 1) * 60);
    expect(
      runFromTaps(stages, [tap('done', 'boil', 6), tap('done', 'simmer', 20), tap('done', 'rest', 30)]).phase,
    ).toBe('finished');
  });

  it('calls the cook at the end of the stage that runs, and nobody before the start or after the end', () => {
    const at = (...taps: Tap[]) => cues(runFromTaps(stages, taps), 'pilaf');
    expect(at()).toEqual([]);
    const boiled = tap('done', 'boil', 6);
    const simmers = plannedMin(stages[1]!);
    const due = { trackId: 'pilaf', stageId: 'simmer', kind: 'stageDue', atMs: T0 + (6 + simmers) * 60_000 };
    expect(at(boiled)).toEqual([due]);
    expect(at(boiled, tap('extend', 'simmer', 9, 5))).toEqual([{ ...due, atMs: due.atMs + 5 * 60_000 }]);
    expect(at(boiled, tap('done', 'simmer', 20), tap('done', 'rest', 30))).toEqual([]);
  });

  it('adds five minutes, and takes a tap back', () => {
    const events = [tap('done', 'boil', 6), tap('extend', 'simmer', 18, 5)];
    expect(runFromTaps(stages, events).stages[1]!.extendedMin).toBe(5);
    const undone = runFromTaps(stages, [...events, tap('undo', 'simmer', 19)]);
    expect(undone.stages[1]!.extendedMin).toBe(0);
    expect(undone.undoable).toMatchObject({ kind: 'done', stageId: 'boil' });
    expect(runFromTaps(stages, [...events, tap('undo', 'simmer', 19), tap('undo', 'boil', 20)]).phase).toBe(
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
    expect(runFromTaps(stages, [...events].reverse())).toEqual(runFromTaps(stages, events));
    expect(runFromTaps(stages, events).current).toBe(1);
  });

  it('counts by the server’s order and no clock: a phone ten minutes slow can press Done', () => {
    const [start, done, undo] = [tap('start', 'boil', 0), tap('done', 'boil', -10), tap('undo', 'boil', -9)];
    const seen = [
      { ...start, seq: 1 },
      { ...done, seq: 2 },
    ];
    expect(runFromTaps(stages, seen)).toMatchObject({ current: 1, phase: 'running' });
    // What is still on its way counts last.
    expect(runFromTaps(stages, [done, { ...start, seq: 1 }]).current).toBe(1);
    expect(runFromTaps(stages, [...seen, { ...undo, undoesId: done.id }]).current).toBe(0);
  });

  it('takes back the tap that is named, whatever was tapped since, and once', () => {
    const [done, more] = [tap('done', 'boil', 5), tap('extend', 'simmer', 9, 5)];
    const undo = { ...tap('undo', 'simmer', 10), undoesId: more.id };
    const further = tap('extend', 'simmer', 11, 10);
    const again = { ...undo, id: 'again' };
    expect(runFromTaps(stages, [done, more, further, undo, again]).stages[1]?.extendedMin).toBe(10);
  });

  it('takes minutes off a stage, to nothing and no further', () => {
    const base = [tap('done', 'boil', 5)];
    const planned = plannedMin(stages[1]!);
    const less = runFromTaps(stages, [...base, tap('extend', 'simmer', 6, -2)]).stages[1]!;
    expect(less.extendedMin).toBe(-2);
    expect(less.dueAtMs! - less.startedAtMs!).toBe((planned - 2) * 60_000);
    expect(runFromTaps(stages, [...base, tap('extend', 'simmer', 6, -500)]).stages[1]!.extendedMin).toBe(
      -planned,
    );
  });

  it('never extends past any sense and never leaves the list', () => {
    const event = fc.record({
      id: fc.uuid(),
      kind: fc.constantFrom(...TAP_KINDS),
      stageId: fc.constantFrom('boil', 'simmer', 'rest', 'nowhere'),
      atMs: fc.integer({ min: T0, max: T0 + 1e7 }),
      minutes: fc.integer({ min: 1, max: 200 }),
    });
    fc.assert(
      fc.property(fc.array(event, { maxLength: 40 }), (events) => {
        const state = runFromTaps(stages, events);
        return (
          state.current <= stages.length && state.stages.every((r) => r.extendedMin <= MOST_EXTENDED_MIN)
        );
      }),
    );
  });
});
