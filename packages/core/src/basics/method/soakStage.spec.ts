import { describe, expect, it } from '@jest/globals';
import { edited, PILAF, planOf, pourOf } from '../../testing/cooked.js';
import { soakIn, withSoak } from './soakStage.js';

describe('a soak', () => {
  const basmati = { ...PILAF, grainId: 'basmati' };
  const soakedBy = (minutes: number) => planOf({ ...basmati, soakMin: minutes });

  it('is the same said in the sentence and in the stages', () => {
    const { stages } = soakedBy(30);
    const said = planOf({ ...basmati, stages });
    expect(said.soakMin).toBe(30);
    expect(pourOf(said)).toBeCloseTo(pourOf(soakedBy(30)), 9);
    // A sentence that was left behind does not count against the stages.
    expect(pourOf(planOf({ ...basmati, soakMin: 0, stages }))).toBeCloseTo(pourOf(said), 9);
  });

  it('is longer when its stage is', () => {
    const longer = edited({ ...basmati, soakMin: 5 }, (s) =>
      s.act === 'soak' ? { ...s, end: { kind: 'minutes', minutes: 45 } } : s,
    );
    expect(longer.soakMin).toBe(45);
  });

  it('that no stage tells of was before: it stays', () => {
    const { stages } = soakedBy(0);
    expect(planOf({ ...basmati, soakMin: 120, stages }).soakMin).toBe(120);
  });

  it('is put into stages, changed and taken out in its place', () => {
    const { stages } = soakedBy(20);
    expect(soakIn(withSoak(stages, 40))).toBe(40);
    expect(withSoak(stages, 40).map((s) => s.act)).toEqual(stages.map((s) => s.act));
    expect(withSoak(stages, 0).map((s) => s.act)).toEqual(
      stages.map((s) => s.act).filter((a) => a !== 'soak'),
    );
    expect(withSoak(withSoak(stages, 0), 15)[0]).toMatchObject({ act: 'soak', end: { minutes: 15 } });
    expect(soakIn(withSoak(stages, 0))).toBeUndefined();
  });
});
