import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import type { Stage } from '../../basics/method/stage.js';
import { runFromTaps } from '../stove/runFromTaps.js';
import type { Tap } from '../stove/tap.js';
import { besideRuns } from './beside.js';
import type { Placed } from './clashes.js';
import { scheduleMeal } from './meal.js';
import { besideRunTrack, besideTrack, potTrack, runTrack, type Track } from './tracks.js';

const MIN = 60_000;
const T0 = 1_700_000_000_000;
const STAGES: readonly Stage[] = [
  { id: 'soak', act: 'soak', heat: 'off', lid: 'off', end: { kind: 'minutes', minutes: 30 } },
  { id: 'drain', act: 'drain', heat: 'off', lid: 'off', end: { kind: 'minutes', minutes: 2 } },
  { id: 'base', act: 'base', heat: 'medium', lid: 'off', end: { kind: 'minutes', minutes: 12 } },
  { id: 'boil', act: 'boil', heat: 'high', lid: 'on', end: { kind: 'minutes', minutes: 6 } },
  { id: 'simmer', act: 'simmer', heat: 'low', lid: 'on', end: { kind: 'minutes', minutes: 12 } },
  { id: 'rest', act: 'rest', heat: 'off', lid: 'on', end: { kind: 'minutes', minutes: 8 } },
];
const salad = { id: 'salad', name: 'salad', kind: 'side', minutes: 10, handsOnMin: 10 } as const;
const onions = {
  id: 'onions',
  name: 'fried onions',
  kind: 'garnish',
  minutes: 15,
  handsOnMin: 15,
  ring: true,
} as const;
const water = {
  id: 'water',
  name: 'hot water',
  kind: 'hotWater',
  minutes: 8,
  ring: true,
  before: 'boil',
} as const;
const at = (meal: { placed: readonly Placed[] }, actId: string): Placed =>
  meal.placed.find((p) => p.actId === actId)!;
const minutes = (ms: number): number => (ms - T0) / MIN;

describe('a meal, backwards from the table', () => {
  it('ends every track at the table and begins each act in time for the next', () => {
    const meal = scheduleMeal([potTrack('pot', STAGES, 'pot'), besideTrack(salad, 'pot')], {
      wantedMs: T0 + 120 * MIN,
      nowMs: T0,
      rings: 2,
    });
    expect(meal).toMatchObject({ lateMs: 0, clashes: [], tableMs: T0 + 120 * MIN });
    expect(minutes(at(meal, 'rest').toMs)).toBe(120);
    expect(minutes(at(meal, 'boil').fromMs)).toBe(120 - 26);
    expect(minutes(at(meal, 'soak').fromMs)).toBe(120 - 70);
    // Covered, the pot wants nobody: the salad is made then.
    expect(minutes(at(meal, 'salad/hands').toMs)).toBe(120);
  });

  it('has what serves the pot ready when it is wanted', () => {
    const meal = scheduleMeal([potTrack('pot', STAGES, 'pot'), besideTrack(water, 'pot')], {
      wantedMs: T0 + 120 * MIN,
      nowMs: T0,
      rings: 2,
    });
    expect(at(meal, 'water/alone').toMs).toBeLessThanOrEqual(at(meal, 'boil').fromMs);
    expect(minutes(at(meal, 'water/alone').fromMs)).toBe(120 - 26 - 8);
  });

  it('keeps hands off each other: what can stand is made ahead', () => {
    // Two pots at once: their bases are both at hand, and one of them can stand.
    const meal = scheduleMeal([potTrack('one', STAGES, 'pot'), potTrack('two', STAGES, 'pot')], {
      wantedMs: T0 + 180 * MIN,
      nowMs: T0,
      rings: 2,
    });
    expect(meal.clashes).toEqual([]);
    const bases = meal.placed.filter((p) => p.actId === 'base').sort((a, b) => a.fromMs - b.fromMs);
    expect(bases[0]!.toMs).toBeLessThanOrEqual(bases[1]!.fromMs);
  });

  it('counts the rings, and says what cannot be helped', () => {
    const one = scheduleMeal([potTrack('pot', STAGES, 'pot'), besideTrack(onions, 'pot')], {
      wantedMs: T0 + 120 * MIN,
      nowMs: T0,
      rings: 1,
    });
    expect(one.clashes).toEqual([]);
    // One ring: before the pot needs it, or while it rests.
    const fried = at(one, 'onions/hands');
    for (const p of one.placed.filter((q) => q.trackId === 'pot' && q.ring))
      expect(fried.toMs <= p.fromMs || p.toMs <= fried.fromMs).toBe(true);
    // Both on, and no way to move them.
    const both: Track[] = ['a', 'b'].map((id) => ({
      ...potTrack(id, STAGES.slice(2), 'pot'),
      onUntilMs: T0 + 5 * MIN,
    }));
    const clashing = scheduleMeal(both, { nowMs: T0, rings: 1 });
    expect(clashing.clashes.some((c) => c.over === 'hands')).toBe(true);
    expect(clashing.clashes.some((c) => c.over === 'ring')).toBe(true);
  });

  it('says how late it will be when it had to be begun before now', () => {
    const meal = scheduleMeal([potTrack('pot', STAGES, 'pot')], {
      wantedMs: T0 + 60 * MIN,
      nowMs: T0,
      rings: 2,
    });
    expect(meal.lateMs).toBe(10 * MIN);
    expect(at(meal, 'soak').fromMs).toBe(T0);
    expect(scheduleMeal([], { nowMs: T0, rings: 2 })).toMatchObject({ placed: [], tableMs: T0, lateMs: 0 });
  });

  it('moves with the pots that are on: an end that comes late is late at the table', () => {
    const tap = (kind: Tap['kind'], stageId: string, minute: number): Tap => ({
      id: `${kind}${stageId}`,
      kind,
      stageId,
      atMs: T0 + minute * MIN,
    });
    const taps = [tap('start', 'soak', 0), tap('done', 'soak', 30), tap('start', 'salad', 31)];
    const run = runFromTaps(STAGES, taps);
    const track = runTrack('pot', run, 'pot')!;
    expect(track.acts.map((a) => a.id)).toEqual(['drain', 'base', 'boil', 'simmer', 'rest']);
    const [made] = besideRuns([salad], taps);
    expect(made).toMatchObject({ startedAtMs: T0 + 31 * MIN, dueAtMs: T0 + 41 * MIN });
    const nowMs = T0 + 36 * MIN;
    const meal = scheduleMeal([track, besideRunTrack(made!, 'pot', nowMs)!], { nowMs, rings: 2 });
    // The drain was due at 32 and is not over: 38 minutes are left after now.
    expect(minutes(meal.tableMs)).toBe(36 + 38);
    expect(minutes(at(meal, 'salad/hands').toMs)).toBe(41);
    // Over its minutes and not done it is at hand still.
    const late = besideRunTrack(made!, 'pot', T0 + 45 * MIN)!;
    expect(late.acts).toMatchObject([{ handsOn: true }]);
    const done = besideRuns([salad], [...taps, tap('done', 'salad', 40)]);
    expect(besideRunTrack(done[0]!, 'pot', nowMs)).toBeUndefined();
    const over = STAGES.map(({ id }, i) => tap('done', id, i));
    expect(runTrack('pot', runFromTaps(STAGES, over), 'pot')).toBeUndefined();
  });

  it('keeps what is made beside a pot apart from its stages, and gives it a clock of its own', () => {
    const tap = (kind: Tap['kind'], minute: number, more: Partial<Tap> = {}): Tap => ({
      id: `${kind}${minute.toString()}`,
      kind,
      stageId: 'onions',
      atMs: T0 + minute * MIN,
      ...more,
    });
    const taps = [tap('start', 1), tap('extend', 5, { minutes: 4 })];
    expect(runFromTaps(STAGES, taps)).toMatchObject({ current: 0, phase: 'waiting' });
    const [run] = besideRuns([onions, salad], taps);
    expect(run!.dueAtMs).toBe(T0 + 20 * MIN);
    expect(besideRuns([salad], taps)[0]!.startedAtMs).toBeUndefined();
    expect(besideRunTrack(run!, 'pot', T0 + 17 * MIN)).toMatchObject({ onUntilMs: T0 + 20 * MIN });
    const undone = [...taps, tap('undo', 6, { undoesId: 'extend5' })];
    expect(besideRuns([onions], undone)[0]!.dueAtMs).toBe(T0 + 16 * MIN);
  });
});

/** Up to four tracks of up to ten acts, with what serves them, some of them on. */
const actOf = (id: string) =>
  fc.record({
    id: fc.constant(id),
    minutes: fc.integer({ min: 0, max: 40 }),
    handsOn: fc.boolean(),
    ring: fc.boolean(),
    canStand: fc.boolean(),
  });
const trackOf = (id: string): fc.Arbitrary<Track> =>
  fc
    .record({
      acts: fc
        .integer({ min: 1, max: 10 })
        .chain((n) => fc.tuple(...Array.from({ length: n }, (_, i) => actOf(`a${i.toString()}`)))),
      keepsMin: fc.integer({ min: 0, max: 60 }),
      on: fc.option(fc.integer({ min: -30, max: 60 }), { nil: undefined, freq: 4 }),
      serves: fc.option(fc.nat(9), { nil: undefined, freq: 3 }),
    })
    .map(({ acts, keepsMin, on, serves }) => ({
      id,
      acts,
      keepsMin,
      ...(on === undefined ? {} : { onUntilMs: T0 + on * MIN }),
      ...(serves === undefined || id === 't0'
        ? {}
        : { before: { trackId: 't0', actId: `a${serves.toString()}` } }),
    }));
const sheets = fc
  .integer({ min: 1, max: 4 })
  .chain((n) => fc.tuple(...Array.from({ length: n }, (_, i) => trackOf(`t${i.toString()}`))));
const overlap = (a: Placed, b: Placed): boolean => Math.max(a.fromMs, b.fromMs) < Math.min(a.toMs, b.toMs);

describe('any meal', () => {
  it('begins nothing before what it needs, overlaps hands and rings only where it says so, and meets the table or says how late', () => {
    fc.assert(
      fc.property(
        sheets,
        fc.integer({ min: -60, max: 400 }),
        fc.integer({ min: 1, max: 3 }),
        (tracks, inMin, rings) => {
          const wantedMs = T0 + inMin * MIN;
          const meal = scheduleMeal(tracks, { wantedMs, nowMs: T0, rings });
          expect(meal.placed).toHaveLength(tracks.reduce((n, t) => n + t.acts.length, 0));
          for (const track of tracks) {
            const mine = track.acts.map((a) =>
              meal.placed.find((p) => p.trackId === track.id && p.actId === a.id)!,
            );
            for (const [i, p] of mine.entries()) {
              const next = mine[i + 1];
              if (next) expect(p.toMs).toBeLessThanOrEqual(next.fromMs);
              if (next && !track.acts[i]!.canStand) expect(next.fromMs).toBe(p.toMs);
              expect(p.fromMs).toBeGreaterThanOrEqual(T0);
              expect(p.toMs).toBeLessThanOrEqual(meal.tableMs);
            }
            const served = meal.placed.find(
              (p) => p.trackId === track.before?.trackId && p.actId === track.before.actId,
            );
            if (served && track.onUntilMs === undefined && !meal.notReady.includes(track.id))
              expect(mine.at(-1)!.toMs).toBeLessThanOrEqual(served.fromMs);
          }
          const said = (a: Placed, b: Placed): boolean =>
            meal.clashes.some((c) => c.over === 'hands' && c.between.includes(a) && c.between.includes(b));
          for (const [i, a] of meal.placed.entries())
            for (const b of meal.placed.slice(i + 1))
              if (a.handsOn && b.handsOn && a.trackId !== b.trackId) expect(said(a, b)).toBe(overlap(a, b));
          for (const { fromMs, toMs } of meal.placed) {
            const middle = (fromMs + toMs) / 2;
            const on = meal.placed.filter((p) => p.ring && p.fromMs < middle && middle < p.toMs);
            if (on.length > rings)
              expect(
                meal.clashes.some((c) => c.over === 'ring' && c.fromMs <= middle && middle <= c.toMs),
              ).toBe(true);
          }
          expect(meal.tableMs).toBe(wantedMs + meal.lateMs);
          // What serves a pot that waits itself is always ready for it: the pot is begun later.
          for (const id of meal.notReady)
            expect(
              tracks.some(
                (t) => t.onUntilMs !== undefined && t.id === tracks.find((x) => x.id === id)!.before?.trackId,
              ),
            ).toBe(true);
        },
      ),
      { seed: 19, numRuns: 300 },
    );
  });

  it('finds a way where what is at hand may stand: two hands never meet', () => {
    const easy = fc.array(fc.integer({ min: 1, max: 15 }), { minLength: 2, maxLength: 4 });
    fc.assert(
      fc.property(easy, (list) => {
        const tracks: Track[] = list.map((min, i) => ({
          id: `t${i.toString()}`,
          acts: [
            { id: 'base', minutes: min, handsOn: true, ring: true, canStand: true },
            { id: 'covered', minutes: 30, handsOn: false, ring: true, canStand: false },
          ],
          keepsMin: 20,
        }));
        const meal = scheduleMeal(tracks, { wantedMs: T0 + 300 * MIN, nowMs: T0, rings: 4 });
        expect(meal.clashes).toEqual([]);
        expect(meal.lateMs).toBe(0);
      }),
      { seed: 7 },
    );
  });
});
