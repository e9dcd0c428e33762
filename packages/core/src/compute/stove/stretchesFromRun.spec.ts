import { describe, expect, it } from '@jest/globals';
import { answer } from '../account/answer.js';
import { plannedMin } from '../../basics/method/stage.js';
import { PILAF, planOf } from '../../testing/cooked.js';
import { stretchesFromRun } from './stretchesFromRun.js';
import { runFromTaps } from './runFromTaps.js';
import type { Tap } from './tap.js';

const MIN = 60_000;
const plan = planOf(PILAF);
const made = answer(PILAF);
if (!made.ok) throw new Error(JSON.stringify(made.error));
const { stages } = made.value;
const simmer = stages.find((s) => s.act === 'simmer')!;

/** The simmer of the pilaf, begun at nought, with what was done to it, seen at so many minutes. */
const simmered = (nowMin: number, ...done: [Tap['kind'], number, Partial<Tap>?][]) => {
  const before = stages.slice(0, stages.indexOf(simmer));
  const taps: Tap[] = [
    ...before.map((s) => ['done', s.id, 0] as const),
    ...done.map(([kind, atMin, more]) => [kind, simmer.id, atMin, more] as const),
  ].map(([kind, stageId, atMin, more], i) => ({
    id: `t${i.toString()}`,
    seq: i,
    kind,
    stageId,
    atMs: atMin * MIN,
    ...more,
  }));
  const { plan: cooked, stretches } = stretchesFromRun(plan, runFromTaps(stages, taps), nowMin * MIN);
  return cooked.stages
    .map((stage, i) => ({ stage, minutes: stretches[i]?.minutes }))
    .filter(({ stage }) => stage.id.split('~')[0] === simmer.id)
    .map(({ stage, minutes }) => ({ heat: stage.heat, lid: stage.lid, minutes, left: plannedMin(stage) }));
};
/** The same without the lids. */
const heated: typeof simmered = (...args) => simmered(...args).map(({ lid: _, ...rest }) => rest) as never;

describe('a pot that stood, as it was cooked', () => {
  const whole = plannedMin(simmer);
  const lower = ['heat', 2, { said: 'veryLow' }] as [Tap['kind'], number, Partial<Tap>];

  it('was off its ring for as long, had its minutes left, and goes on with the ring it was on', () => {
    expect(heated(24, lower, ['pause', 4], ['resume', 19])).toEqual([
      { heat: simmer.heat, minutes: 2, left: whole },
      { heat: 'veryLow', minutes: 2, left: whole - 2 },
      { heat: 'off', minutes: 15, left: whole - 4 },
      { heat: 'veryLow', minutes: 5, left: whole - 4 },
    ]);
  });

  it('is thought of as if it went on now, for as long as it stands, whatever goes in meanwhile', () => {
    const standing = heated(24, ['pause', 4], ['splash', 10, { amount: 30 }]);
    expect(standing.map((s) => s.heat)).toEqual([simmer.heat, 'off', 'off', simmer.heat]);
    expect(standing.at(-1)).toEqual({ heat: simmer.heat, minutes: 0, left: whole - 4 });
    // What was never taken off goes on as it was.
    expect(simmered(10, lower, ['resume', 5]).map((s) => s.heat)).toEqual([
      simmer.heat,
      'veryLow',
      'veryLow',
    ]);
  });
});

describe('a look under the lid', () => {
  const whole = plannedMin(simmer);

  it('is over with ring and lid as the cook had set them, and not as they were planned', () => {
    const parts = simmered(
      9,
      ['heat', 1, { said: 'veryLow' }],
      ['lid', 2, { said: 'cloth' }],
      ['lidUp', 4, { amount: 1 }],
    );
    expect(parts.map((p) => [p.heat, p.lid])).toEqual([
      [simmer.heat, 'on'],
      ['veryLow', 'on'],
      ['veryLow', 'cloth'],
      ['veryLow', 'off'],
      ['veryLow', 'cloth'],
    ]);
  });

  it('that is not over yet is foretold with the lid put back after its minutes', () => {
    const parts = simmered(5, ['lidUp', 4, { amount: 3 }]);
    expect(parts).toEqual([
      { heat: simmer.heat, lid: 'on', minutes: 4, left: whole },
      { heat: simmer.heat, lid: 'off', minutes: 1, left: 3 },
      { heat: simmer.heat, lid: 'on', minutes: undefined, left: whole - 7 },
    ]);
    // One that is up beyond the end of its stage is not put back in it.
    expect(simmered(5, ['lidUp', 4, { amount: 60 }]).map((p) => p.lid)).toEqual(['on', 'off']);
  });

  it('of a ring set for some minutes goes back to what was set for good meanwhile', () => {
    const parts = simmered(9, ['heat', 1, { said: 'high', amount: 4 }], ['heat', 3, { said: 'veryLow' }]);
    expect(parts.map((p) => p.heat)).toEqual([simmer.heat, 'high', 'veryLow', 'veryLow']);
  });
});

describe('a pot taken up again after its end', () => {
  it('stood open until then', () => {
    const over = stages.map((s, i): Tap => ({
      id: `d${i.toString()}`,
      seq: i,
      kind: 'done',
      stageId: s.id,
      atMs: i * MIN,
    }));
    const lastMin = stages.length - 1;
    const more: Tap = {
      id: 'm',
      seq: 99,
      kind: 'insert',
      stageId: stages.at(-1)!.id,
      atMs: (lastMin + 3) * MIN,
      said: 'simmer',
      amount: 5,
    };
    const { plan: cooked, stretches } = stretchesFromRun(
      plan,
      runFromTaps(stages, [...over, more]),
      (lastMin + 4) * MIN,
    );
    expect(cooked.stages.slice(-2).map((s) => [s.act, s.heat])).toEqual([
      ['rest', 'off'],
      ['simmer', 'low'],
    ]);
    expect(stretches.slice(-2).map((s) => [s.minutes, s.isOver])).toEqual([
      [3, true],
      [1, false],
    ]);
  });
});
