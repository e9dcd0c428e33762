import { describe, expect, it } from '@jest/globals';
import { SPREAD } from '../account/doubt.js';
import { PILAF, planOf } from '../../testing/cooked.js';
import { measuresFor } from './measure.js';
import { frameOf, sampleRows } from './sample.js';

describe('what a measurement is worth', () => {
  it('is nothing where what it measures is known as well already', () => {
    const plan = planOf({ ...PILAF, grain: { cups: 2 } });
    const frame = frameOf(plan);
    const known = {
      ...frame,
      spreads: {
        ...frame.spreads,
        grainMass: SPREAD.grainWeighed,
        hobPower: SPREAD.hobMeasured,
        lidLeak: SPREAD.lidMeasured,
      },
    };
    const measures = measuresFor({ frame: known, rows: sampleRows(known, 2, 0, 160) }, 0);
    expect(measures.map((m) => m.act).sort()).toEqual(['waterTest', 'weighGrain']);
    for (const { now, then } of measures) expect(then).toBe(now);
    // As little is known as usual: then both are worth something.
    const open = { ...frame, spreads: { ...frame.spreads, hobPower: 0.5, grainMass: 0.12 } };
    const usual = measuresFor({ frame: open, rows: sampleRows(open, 2, 0, 160) }, 0);
    expect(usual.some((m) => m.then > m.now)).toBe(true);
  });

  it('is reckoned from the best pour, whether the one in hand is over or under it', () => {
    const frame = frameOf(planOf({ ...PILAF, grain: { cups: 2 } }));
    const samples = { frame, rows: sampleRows(frame, 2, 0, 160) };
    const now = (byG: number): number => measuresFor(samples, byG)[0]!.now;
    for (const byG of [-30, 30]) expect(Math.abs(now(byG) - now(0))).toBeLessThan(0.06);
    expect(now(0)).toBeGreaterThan(0.2);
  });
});
