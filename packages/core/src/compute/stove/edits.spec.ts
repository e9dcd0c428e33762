import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import type { Stage } from '../../basics/method/stage.js';
import { addedBy, addedId, INSERTED } from './edits.js';
import { tableAtMs } from '../schedule/table.js';
import { cues } from './cue.js';
import { clockMs, runFromTaps } from './runFromTaps.js';
import { fireNow } from './sheet.js';
import { TAP_KINDS, type Tap } from './tap.js';

const STAGES: readonly Stage[] = [
  { id: 'boil', act: 'boil', heat: 'high', lid: 'on', end: { kind: 'minutes', minutes: 6 } },
  { id: 'simmer', act: 'simmer', heat: 'low', lid: 'on', end: { kind: 'minutes', minutes: 12 } },
  { id: 'rest', act: 'rest', heat: 'off', lid: 'on', end: { kind: 'minutes', minutes: 8 } },
];
const T0 = 1_700_000_000_000;
const MIN = 60_000;
let count = 0;
const tap = (kind: Tap['kind'], stageId: string, minute: number, more: Partial<Tap> = {}): Tap => ({
  id: `t${(count += 1).toString()}`,
  kind,
  stageId,
  atMs: T0 + minute * MIN,
  ...more,
});
const acts = (...taps: Tap[]) => runFromTaps(STAGES, taps).stages.map((l) => l.stage.act);

describe('the line of stages, edited on the way', () => {
  it('takes a stage in after the one it is put behind, with its minutes and the fire of its kind', () => {
    const more = tap('insert', 'simmer', 8, { said: 'openBoil', amount: 3 });
    const run = runFromTaps(STAGES, [tap('done', 'boil', 6), more]);
    expect(run.stages.map((l) => l.stage.act)).toEqual(['boil', 'simmer', 'openBoil', 'rest']);
    expect(run.stages[2]!.stage).toMatchObject({
      id: addedId(more.id),
      lid: 'off',
      end: { kind: 'minutes', minutes: 3 },
    });
    expect(addedBy(run.stages[2]!.stage.id)).toBe(more.id);
    expect(addedBy('simmer')).toBeUndefined();
    // Cooked like any other.
    const on = runFromTaps(STAGES, [
      tap('done', 'boil', 6),
      more,
      tap('done', 'simmer', 18),
      tap('done', addedId(more.id), 21),
    ]);
    expect(on).toMatchObject({ current: 3, phase: 'running' });
    expect(on.stages[2]).toMatchObject({ startedAtMs: T0 + 18 * MIN, doneAtMs: T0 + 21 * MIN });
  });

  it('never puts a stage where the pot has already been', () => {
    const late = tap('insert', 'boil', 9, { said: 'rest', amount: 2 });
    expect(acts(tap('done', 'boil', 6), late)).toEqual(['boil', 'simmer', 'rest', 'rest']);
    expect(runFromTaps(STAGES, [tap('done', 'boil', 6), late]).stages[1]!.startedAtMs).toBe(T0 + 6 * MIN);
    expect(acts(tap('insert', 'nowhere', 1, { said: 'rest', amount: 2 }))).toEqual(acts());
    expect(acts(tap('insert', 'boil', 1, { said: 'flambé', amount: 2 }))).toEqual(acts());
  });

  it('goes on after its end with what is put in then, its clock running', () => {
    const over = [tap('done', 'boil', 6), tap('done', 'simmer', 18), tap('done', 'rest', 26)];
    const mend = tap('insert', 'rest', 27, { said: 'steam', amount: 5 });
    const run = runFromTaps(STAGES, [...over, mend]);
    expect(run).toMatchObject({ current: 3, phase: 'running' });
    expect(run.stages[3]!.dueAtMs).toBe(T0 + 32 * MIN);
  });

  it('does a stage again from its beginning: the one that is on ends with it', () => {
    const once = tap('again', 'simmer', 10);
    const run = runFromTaps(STAGES, [tap('done', 'boil', 6), once]);
    expect(run.stages.map((l) => l.stage.act)).toEqual(['boil', 'simmer', 'simmer', 'rest']);
    expect(run.stages[1]!.doneAtMs).toBe(T0 + 10 * MIN);
    expect(run.stages[2]).toMatchObject({ startedAtMs: T0 + 10 * MIN, dueAtMs: T0 + 22 * MIN });
    // One that is over comes next, and waits for its turn.
    const boiled = runFromTaps(STAGES, [tap('done', 'boil', 6), tap('again', 'boil', 7)]);
    expect(boiled.stages.map((l) => l.stage.act)).toEqual(['boil', 'simmer', 'boil', 'rest']);
    expect(boiled.current).toBe(1);
    // One that was never begun cannot be done again.
    expect(acts(tap('again', 'rest', 1))).toEqual(acts());
  });

  it('goes back to the stage before, whose clock goes on', () => {
    const run = runFromTaps(STAGES, [
      tap('start', 'boil', 0),
      tap('done', 'boil', 2),
      tap('back', 'simmer', 3),
    ]);
    expect(run).toMatchObject({ current: 0, phase: 'running' });
    expect(run.stages[0]).toMatchObject({ startedAtMs: T0, doneAtMs: undefined });
    expect(run.stages[1]!.startedAtMs).toBeUndefined();
    const over = [tap('done', 'boil', 6), tap('done', 'simmer', 18), tap('done', 'rest', 26)];
    expect(runFromTaps(STAGES, [...over, tap('back', 'rest', 27)])).toMatchObject({ current: 2 });
    expect(runFromTaps(STAGES, [tap('back', 'boil', 1)]).current).toBe(0);
  });

  it('leaves a stage out, now or when its turn comes', () => {
    const ahead = runFromTaps(STAGES, [
      tap('start', 'boil', 0),
      tap('skip', 'simmer', 1),
      tap('done', 'boil', 6),
    ]);
    expect(ahead.current).toBe(2);
    expect(ahead.stages[1]).toMatchObject({ skipped: true, doneAtMs: T0 + 6 * MIN });
    expect(ahead.stages[2]!.startedAtMs).toBe(T0 + 6 * MIN);
    // Nothing of it is waited for: the table is so much sooner.
    const whole = runFromTaps(STAGES, [tap('start', 'boil', 0)]);
    const without = runFromTaps(STAGES, [tap('start', 'boil', 0), tap('skip', 'simmer', 1)]);
    expect(tableAtMs(whole, T0) - tableAtMs(without, T0)).toBe(12 * MIN);
    const first = runFromTaps(STAGES, [tap('skip', 'boil', 0)]);
    expect(first).toMatchObject({ current: 1, phase: 'waiting' });
    // One that is on is ended by Done: it was cooked.
    expect(runFromTaps(STAGES, [tap('start', 'boil', 0), tap('skip', 'boil', 1)]).current).toBe(0);
    // Gone back to, it is cooked after all.
    const back = runFromTaps(STAGES, [tap('skip', 'boil', 0), tap('back', 'simmer', 1)]);
    expect(back.current).toBe(0);
    expect(back.stages[0]!.skipped).toBe(false);
  });

  it('starts no clock of a pot that waits, however many stages are left out', () => {
    const two = runFromTaps(STAGES, [tap('skip', 'boil', 0), tap('skip', 'simmer', 1)]);
    expect(two).toMatchObject({ current: 2, phase: 'waiting' });
    expect(two.stages[2]!.startedAtMs).toBeUndefined();
  });

  it('takes what a pot stood in a stage back with it, and leaves none behind', () => {
    const stood = [
      tap('done', 'boil', 6),
      tap('pause', 'simmer', 8),
      tap('resume', 'simmer', 18),
      tap('back', 'simmer', 20),
    ];
    const back = runFromTaps(STAGES, stood);
    expect(back.stages.map((l) => l.stoodMs / MIN)).toEqual([10, 0, 0]);
    const again = runFromTaps(STAGES, [...stood, tap('done', 'boil', 22)]);
    expect(again.stages[1]).toMatchObject({ stoodMs: 0, dueAtMs: T0 + 34 * MIN });
  });

  it('is over with its cooker when the switch flips', () => {
    const stages: readonly Stage[] = [
      { id: 'cook', act: 'cook', heat: 'high', lid: 'on', end: { kind: 'flip', expectMin: 20 } },
      ...STAGES.slice(2),
    ];
    const flip = [tap('start', 'cook', 0), tap('sign', 'cook', 14, { said: 'flip' })];
    const run = runFromTaps(stages, flip);
    expect(run).toMatchObject({ current: 1, phase: 'running' });
    expect(run.stages[0]!.doneAtMs).toBe(T0 + 14 * MIN);
    // Old pots, where it was said and then pressed, are as they were.
    expect(runFromTaps(stages, [...flip, tap('done', 'cook', 14.2)])).toMatchObject({ current: 1 });
    expect(runFromTaps(STAGES, [tap('sign', 'boil', 3, { said: 'flip' })]).current).toBe(0);
  });

  it('sets ring and lid of a stage to come; of the one that is on it is said', () => {
    const run = runFromTaps(STAGES, [
      tap('start', 'boil', 0),
      tap('heat', 'simmer', 1, { said: 'veryLow' }),
      tap('lid', 'simmer', 1, { said: 'cloth' }),
      tap('heat', 'boil', 2, { said: 'medium' }),
      tap('lidUp', 'boil', 3, { amount: 2 }),
    ]);
    expect(run.stages[1]!.stage).toMatchObject({ heat: 'veryLow', lid: 'cloth' });
    expect(run.said.map((t) => t.kind)).toEqual(['heat', 'lidUp']);
    const at = (minute: number) => fireNow(run.stages[0]!, run.said, T0 + minute * MIN);
    expect(at(4)).toMatchObject({ heat: 'medium', lid: 'off' });
    // Up for two minutes, and down again.
    expect(at(6)).toMatchObject({ heat: 'medium', lid: 'on' });
    expect(fireNow(run.stages[1]!, run.said, T0 + 4 * MIN)).toMatchObject({ heat: 'veryLow' });
  });

  it('is a line that can be cooked after any taps in any order: what is over first, then one, then what is to come', () => {
    const some = fc.record({
      kind: fc.constantFrom(...TAP_KINDS),
      which: fc.nat(5),
      minute: fc.nat(60),
      said: fc.constantFrom(...INSERTED, 'low', 'off', undefined),
    });
    fc.assert(
      fc.property(fc.array(some, { maxLength: 30 }), (list) => {
        const taps: Tap[] = [];
        for (const [i, { kind, which, minute, said }] of list.entries()) {
          const { stages } = runFromTaps(STAGES, taps);
          const stageId = stages[which % stages.length]!.stage.id;
          taps.push(
            tap(kind, stageId, minute, { seq: i, amount: 4, ...(said === undefined ? {} : { said }) }),
          );
        }
        const run = runFromTaps(STAGES, taps);
        expect(new Set(run.stages.map((l) => l.stage.id)).size).toBe(run.stages.length);
        for (const [i, line] of run.stages.entries()) {
          expect(line.doneAtMs !== undefined).toBe(i < run.current);
          if (i > run.current) expect(line.startedAtMs).toBeUndefined();
        }
        // However they arrive they count in the server's order.
        expect(runFromTaps(STAGES, [...taps].reverse())).toEqual(run);
        // Taken back, a tap leaves no trace.
        const last = taps.filter((t) => t.kind !== 'undo').at(-1);
        if (last && !taps.some((t) => t.kind === 'undo'))
          expect(
            runFromTaps(STAGES, [...taps, tap('undo', 'boil', 61, { seq: 99, undoesId: last.id })]),
          ).toEqual(
            runFromTaps(
              STAGES,
              taps.filter((t) => t !== last),
            ),
          );
      }),
      { seed: 13 },
    );
  });
});

describe('a pot that stands', () => {
  const on = [tap('done', 'boil', 6)];
  const paused = tap('pause', 'simmer', 10);

  it('keeps its clock as it was, rings nobody, and is on the table later by as long as it stands', () => {
    const run = runFromTaps(STAGES, [...on, paused]);
    expect(run.pausedAtMs).toBe(T0 + 10 * MIN);
    expect(clockMs(run, T0 + 25 * MIN)).toBe(T0 + 10 * MIN);
    expect(clockMs(run, T0 + 9 * MIN)).toBe(T0 + 9 * MIN);
    expect(cues(run, 'pilaf')).toEqual([]);
    // 12 of simmer from 6 on, 15 of standing, 8 of rest.
    expect(tableAtMs(run, T0 + 25 * MIN)).toBe(T0 + (6 + 12 + 15 + 8) * MIN);
    expect(fireNow(run.stages[1]!, run.said, T0 + 20 * MIN)).toMatchObject({ heat: 'off', lid: 'on' });
  });

  it('goes on where it stood, and is not paused twice', () => {
    const taps = [...on, paused, tap('pause', 'simmer', 12), tap('resume', 'simmer', 25)];
    const run = runFromTaps(STAGES, taps);
    expect(run.pausedAtMs).toBeUndefined();
    expect(run.stages[1]).toMatchObject({ stoodMs: 15 * MIN, dueAtMs: T0 + 33 * MIN });
    expect(fireNow(run.stages[1]!, run.said, T0 + 26 * MIN)).toMatchObject({ heat: 'low' });
    expect(cues(run, 'pilaf')[0]?.atMs).toBe(T0 + 33 * MIN);
  });

  it('goes on with the ring it was on, and not the one of the plan', () => {
    const taps = [...on, tap('heat', 'simmer', 8, { said: 'veryLow' }), paused, tap('resume', 'simmer', 25)];
    const run = runFromTaps(STAGES, taps);
    const heatAt = (minute: number): string =>
      fireNow(
        run.stages[1]!,
        run.said.filter((t) => t.atMs <= T0 + minute * MIN),
        T0 + minute * MIN,
      ).heat;
    expect([9, 12, 26].map(heatAt)).toEqual(['veryLow', 'off', 'veryLow']);
  });

  it('heats on the ring that was set meanwhile only once it is back', () => {
    const set = [...on, paused, tap('heat', 'simmer', 12, { said: 'veryLow' })];
    const heatAt = (taps: Tap[], minute: number): string => {
      const run = runFromTaps(STAGES, taps);
      return fireNow(run.stages[1]!, run.said, T0 + minute * MIN).heat;
    };
    expect(heatAt(set, 13)).toBe('off');
    expect(heatAt([...set, tap('resume', 'simmer', 20)], 21)).toBe('veryLow');
  });

  it('goes on with whatever ends its stage; one that waits to be begun does not stand', () => {
    const over = runFromTaps(STAGES, [...on, paused, tap('done', 'simmer', 20)]);
    expect(over).toMatchObject({ current: 2, pausedAtMs: undefined });
    expect(over.stages[2]!.stoodMs).toBe(0);
    expect(runFromTaps(STAGES, [tap('pause', 'boil', 1)]).pausedAtMs).toBeUndefined();
    expect(
      runFromTaps(STAGES, [...on, paused, tap('undo', 'simmer', 11, { undoesId: paused.id })]),
    ).toMatchObject({ pausedAtMs: undefined, current: 1 });
  });
});
