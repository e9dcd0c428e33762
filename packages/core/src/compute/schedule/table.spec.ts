import { describe, expect, it } from '@jest/globals';
import { plannedMin, type Stage } from '../../basics/method/stage.js';
import { runFromTaps } from '../stove/runFromTaps.js';
import type { Tap } from '../stove/tap.js';
import { PILAF, planOf } from '../../testing/cooked.js';
import { nextTime, tableAtMs } from './table.js';

const MIN = 60_000;
const { stages } = planOf(PILAF);
const minutes = (list: readonly Stage[]): number => list.reduce((sum, s) => sum + plannedMin(s), 0);
const tap = (kind: Tap['kind'], stageId: string, atMin: number, more = {}): Tap => ({
  id: `${kind}${stageId}`,
  seq: atMin * 10,
  kind,
  stageId,
  atMs: atMin * MIN,
  ...more,
});

describe('the table, as a pot goes on', () => {
  it('is all its minutes away, and nearer as time goes by', () => {
    expect(tableAtMs(runFromTaps(stages, []), 0)).toBeCloseTo(minutes(stages) * MIN, 6);
    const [first] = stages;
    const started = runFromTaps(stages, [tap('start', first!.id, 0)]);
    expect(tableAtMs(started, 0.5 * MIN)).toBeCloseTo(minutes(stages) * MIN, 6);
    // A stage that has run over by three minutes makes everything three minutes later.
    const overMin = plannedMin(first!) + 3;
    expect(tableAtMs(started, overMin * MIN)).toBeCloseTo((minutes(stages) + 3) * MIN, 6);
  });

  it('moves with a stage that ended early and with one that was lengthened', () => {
    const [first, second] = stages;
    const early = [tap('start', first!.id, 0), tap('done', first!.id, 0)];
    expect(tableAtMs(runFromTaps(stages, early), 0)).toBeCloseTo(minutes(stages.slice(1)) * MIN, 6);
    const longer = [...early, tap('extend', second!.id, 0.5, { minutes: 5 })];
    expect(tableAtMs(runFromTaps(stages, longer), 0.5 * MIN)).toBeCloseTo(
      (minutes(stages.slice(1)) + 5) * MIN,
      6,
    );
    const all = stages.flatMap((s, i) => [tap('done', s.id, i)]);
    expect(tableAtMs(runFromTaps(stages, all), 99 * MIN)).toBe(99 * MIN);
  });
});

describe('a time of day', () => {
  it('is the next one, on the clock on the wall', () => {
    // 18:00 UTC is 20:00 on a wall two hours before it.
    const at = Date.UTC(2026, 10, 27, 18, 0);
    expect(nextTime('20:30', at, 120)).toBe(Date.UTC(2026, 10, 27, 18, 30));
    expect(nextTime('19:30', at, 120)).toBe(Date.UTC(2026, 10, 28, 17, 30));
    expect(nextTime('9:05', at, 0)).toBe(Date.UTC(2026, 10, 28, 9, 5));
    for (const none of ['', '25:00', '19.30', 'soon']) expect(nextTime(none, at, 0)).toBeUndefined();
  });
});
