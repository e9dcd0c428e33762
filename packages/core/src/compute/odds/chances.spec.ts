import { describe, expect, it } from '@jest/globals';
import { targetMoisture } from '../../basics/grain/texture.js';
import { solvePour } from '../account/solvePour.js';
import { completePlan } from '../../plan/input/completePlan.js';
import type { PlanInput } from '../../plan/input/planInput.js';
import { chancesAt, COSTS, countOf, Reader, windowFor, worth, type Samples } from './chances.js';
import { DOUBTS } from './doubts.js';
import { Gathering } from './gather.js';
import { keepByG } from './looks.js';
import { frameOf, isTimed, POINT, POINT_SIZE, ROW } from './sample.js';

const INPUT: PlanInput = {
  grainId: 'longGrainWhite',
  grain: { g: 350 },
  wash: 'rinsed',
  vessel: { diameterCm: 22, volumeMl: 4000 },
};
const made = completePlan(INPUT);
if (!made.ok) throw new Error('a plan');
const plan = made.value;
const frame = frameOf(plan);
const { low, high } = windowFor(plan);

/** Samples whose pots are known: a moisture for each of the three pours, everything else in order. */
function known(
  pots: readonly (readonly [number, number, number])[],
  over: Partial<Record<keyof typeof POINT, number>> = {},
): Samples {
  const rows = new Float64Array(pots.length * ROW);
  pots.forEach((pours, i) => {
    [...pours, pours[1], pours[1]].forEach((feels, pot) => {
      const at = i * ROW + DOUBTS.length + pot * POINT_SIZE;
      rows[at + POINT.feels] = feels;
      rows[at + POINT.done] = over.done ?? 0.98;
      rows[at + POINT.brown] = over.brown ?? -6;
      rows[at + POINT.topG] = over.topG ?? 20;
      rows[at + POINT.left] = over.left ?? 0;
    });
  });
  return { frame, rows };
}
const middle = (low + high) / 2;

describe('chances', () => {
  it('counts hard, as wanted and too soft by the edges of what is wanted', () => {
    const samples = known([
      [0, low - 0.1, 0],
      [0, low + 0.1, 0],
      [0, middle, 0],
      [0, high + 0.1, 0],
    ]);
    expect(countOf(samples)).toBe(4);
    expect(chancesAt(samples, {})).toEqual({
      hard: 0.25,
      asWanted: 0.5,
      firm: 0.25,
      soft: 0,
      tooSoft: 0.25,
      wetTop: 0,
      caught: 0,
    });
  });

  it('parts what is as wanted into what was asked for, a step firmer and a step softer', () => {
    const asked = targetMoisture(plan, plan.texture);
    const at = (feels: number) => {
      const { asWanted, firm, soft } = chancesAt(known([[0, feels, 0]]), {});
      return [asWanted, firm, soft];
    };
    expect(at(asked.aim)).toEqual([1, 0, 0]);
    expect(at(asked.low - 0.1)).toEqual([1, 1, 0]);
    expect(at(asked.high + 0.1)).toEqual([1, 0, 1]);
    expect(at(low - 0.1)).toEqual([0, 0, 0]);
    // One that is wet on top is none of them.
    expect(chancesAt(known([[0, asked.low - 0.1, 0]], { topG: 1000 }), {})).toMatchObject({
      asWanted: 0,
      firm: 0,
    });
  });

  it.each([
    ['a hard centre is hard whatever its moisture', { done: 0.5 }, { hard: 1, asWanted: 0 }],
    ['liquid left over is too soft', { left: 0.5 }, { tooSoft: 1, asWanted: 0 }],
    ['a wet top is not what was wanted', { topG: 500 }, { wetTop: 1, asWanted: 0 }],
    ['nor is a caught base', { brown: 3 }, { caught: 1, asWanted: 0 }],
  ])('%s', (_, over, expected) => {
    expect(chancesAt(known([[0, middle, 0]], over), {})).toMatchObject(expected);
  });

  it('reads between three pours by the parabola through them', () => {
    const samples = known([[60, 68, 72]]);
    const at = (share: number): number =>
      new Reader(samples, { byG: share * frame.spanG }).read(0, POINT.feels);
    expect([at(-1), at(0), at(1)]).toEqual([60, 68, 72]);
    // 68 + 6x − 2x², at a half: 70.5.
    expect(at(0.5)).toBeCloseTo(70.5, 9);
  });

  it('reads what is bounded so that nothing overshoots, and what is left late', () => {
    const samples = known([[60, 68, 72]], { left: 0 });
    samples.rows[DOUBTS.length + 2 * POINT_SIZE + POINT.left] = 0.4;
    const left = (share: number): number =>
      new Reader(samples, { byG: share * frame.spanG }).read(0, POINT.left);
    expect([left(-0.5), left(0), left(0.5), left(1)]).toEqual([0, 0, expect.closeTo(0.15, 9), 0.4]);
  });

  it('counts minutes only in the draws that have them', () => {
    const pots = Array.from({ length: 6 }, (_, i): [number, number, number] => [
      0,
      isTimed(i) ? middle : low - 5,
      0,
    ]);
    expect(chancesAt(known(pots), {}).asWanted).toBe(0.5);
    expect(chancesAt(known(pots), { byMin: 0 }).asWanted).toBe(1);
  });

  it('holds soft grain dearer than hard, and a caught base dearest', () => {
    expect(COSTS.tooSoft).toBeGreaterThan(COSTS.hard);
    expect(COSTS.caught).toBeGreaterThan(COSTS.tooSoft);
    const none = { hard: 0, asWanted: 0, tooSoft: 0, wetTop: 0, caught: 0 };
    expect(worth({ ...none, asWanted: 1 })).toBe(1);
    expect(worth({ ...none, hard: 1 })).toBeGreaterThan(worth({ ...none, tooSoft: 1 }));
  });

  it('of nothing are nothing', () => {
    expect(chancesAt({ frame, rows: new Float64Array(0) }, {})).toMatchObject({ hard: 0, asWanted: 0 });
  });
});

describe('what is kept by', () => {
  it('is what nine in ten of the dry pots lack, in tens', () => {
    // Each gram more makes them 0.02 points moister; the driest lacks five points.
    const perG = 0.02 * frame.spanG;
    const pots = Array.from({ length: 11 }, (_, i): [number, number, number] => {
      const m = middle - i / 2;
      return [m - perG, m, m + perG];
    });
    const kept = keepByG(known(pots), 0);
    expect(kept % 10).toBe(0);
    expect(kept).toBeGreaterThan(200);
    expect(kept).toBeLessThanOrEqual(260);
    expect(keepByG(known([[90, 91, 92]]), 0)).toBe(10);
  });

  it('is never more than half of what the grain drinks, however dry a few of them are', () => {
    const drunk = solvePour(frame.plan).terms.find((t) => t.kind === 'absorbed')!.g;
    const kept = keepByG(known([[middle - 30, middle - 29.9, middle - 29.8]]), 0);
    expect(kept).toBeLessThanOrEqual(drunk / 2);
    expect(kept).toBeGreaterThan(drunk / 2 - 11);
  });
});

describe('gathering', () => {
  it('asks for what is missing and is the same in any order', () => {
    const one = new Gathering(plan, { draws: 45, seed: 4 });
    expect(one.pieces(20)).toEqual([
      [0, 20],
      [20, 20],
      [40, 5],
    ]);
    for (const [from, count] of one.pieces(20)) one.sample(from, count);
    expect(one.pieces(20)).toEqual([]);
    const two = new Gathering(plan, { draws: 45, seed: 4 });
    for (const [from, count] of [...two.pieces(20)].reverse()) two.sample(from, count);
    expect(two.odds()).toEqual(one.odds());
    expect(one.odds(20).draws).toBe(20);
  });
});
