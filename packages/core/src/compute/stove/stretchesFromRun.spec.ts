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
    .map(({ stage, minutes }) => ({ heat: stage.heat, minutes, left: plannedMin(stage) }));
};

describe('a pot that stood, as it was cooked', () => {
  const whole = plannedMin(simmer);
  const lower = ['heat', 2, { said: 'veryLow' }] as [Tap['kind'], number, Partial<Tap>];

  it('was off its ring for as long, had its minutes left, and goes on with the ring it was on', () => {
    expect(simmered(24, lower, ['pause', 4], ['resume', 19])).toEqual([
      { heat: simmer.heat, minutes: 2, left: whole },
      { heat: 'veryLow', minutes: 2, left: whole - 2 },
      { heat: 'off', minutes: 15, left: whole - 4 },
      { heat: 'veryLow', minutes: 5, left: whole - 4 },
    ]);
  });

  it('is thought of as if it went on now, for as long as it stands, whatever goes in meanwhile', () => {
    const standing = simmered(24, ['pause', 4], ['splash', 10, { amount: 30 }]);
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
