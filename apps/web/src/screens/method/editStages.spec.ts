import { completePlan, plannedMin, type Stage, type StageEnd } from '@hammock/core';
import { describe, expect, it } from '@jest/globals';
import { added, changed, endedBy, moved, removed, split } from './editStages.js';

const made = completePlan({
  grainId: 'basmati',
  grain: { g: 300 },
  wash: 'rinsed',
  soakMin: 20,
  method: 'pressureCooker',
  timing: { whistles: 3 },
  ingredients: [{ ingredientId: 'oil', amount: { g: 20 } }],
  vessel: { diameterCm: 22, volumeMl: 5000, kind: 'pressureCooker' },
});
if (!made.ok) throw new Error('a plan');
const STAGES: readonly Stage[] = made.value.stages;
const ids = (stages: readonly Stage[]): readonly string[] => stages.map((s) => s.id);
const whole = (stages: readonly Stage[]): number => stages.reduce((sum, s) => sum + plannedMin(s), 0);

describe('stages edited by hand', () => {
  it('adds what a cook is likely to mean there: a base before the liquid, steam after it', () => {
    const first = added(STAGES, 0)[1]!;
    expect(first).toMatchObject({ act: 'base', heat: 'medium', lid: 'off' });
    const last = added(STAGES, STAGES.length - 1).at(-1)!;
    expect(last).toMatchObject({ act: 'steam', heat: 'veryLow', lid: 'on' });
  });

  it('never gives two stages one name, however often something is added or split', () => {
    let stages = STAGES;
    for (let i = 0; i < 8; i += 1) stages = i % 2 === 0 ? added(stages, 2) : split(stages, 3);
    expect(new Set(ids(stages)).size).toBe(stages.length);
    expect(stages).toHaveLength(STAGES.length + 8);
  });

  it('splits every stage into two that take as long together, and a sign stays at the end', () => {
    STAGES.forEach((stage, i) => {
      const after = split(STAGES, i);
      const [one, two] = [after[i]!, after[i + 1]!];
      const least = plannedMin(stage) < 2 ? 2 : plannedMin(stage);
      expect(plannedMin(one) + plannedMin(two)).toBeCloseTo(least, 9);
      if (stage.end.kind === 'sign') {
        expect(one.end.kind).toBe('minutes');
        expect(two.end).toMatchObject({ kind: 'sign', sign: stage.end.sign });
      }
      if (stage.end.kind === 'count') {
        const [a, b] = [one.end, two.end] as { count: number }[];
        expect(a!.count + b!.count).toBe(Math.max(2, stage.end.count));
      }
    });
    expect(split(STAGES, 99)).toBe(STAGES);
  });

  it('moves a stage, and leaves the list alone when there is nowhere to move it', () => {
    const there = moved(STAGES, 0, 2);
    expect(ids(there).indexOf(STAGES[0]!.id)).toBe(2);
    expect(moved(there, 2, 0)).toEqual(STAGES);
    for (const to of [-1, STAGES.length, 0]) expect(moved(STAGES, 0, to)).toBe(STAGES);
  });

  it('changes and takes out one stage and no other', () => {
    const hotter = changed(STAGES, 1, { heat: 'high' });
    expect(hotter.filter((s, i) => s !== STAGES[i])).toHaveLength(1);
    expect(ids(removed(STAGES, 1))).toEqual(ids(STAGES).filter((_, i) => i !== 1));
    expect(whole(removed(STAGES, 1))).toBeCloseTo(whole(STAGES) - plannedMin(STAGES[1]!), 9);
  });

  it('keeps the time a stage takes when it is to end another way', () => {
    const ends: readonly StageEnd[] = [
      { kind: 'minutes', minutes: 7 },
      { kind: 'sign', sign: 'holes', expectMin: 7 },
      { kind: 'count', count: 2, expectMin: 7 },
      { kind: 'flip', expectMin: 7 },
    ];
    for (const end of ends)
      for (const kind of ['minutes', 'sign', 'count', 'flip'] as const) {
        const other = endedBy(end, kind);
        expect(other.kind).toBe(kind);
        expect(other.kind === 'minutes' ? other.minutes : other.expectMin).toBe(7);
      }
    expect(endedBy(ends[1]!, 'sign')).toEqual(ends[1]);
    expect(endedBy(ends[2]!, 'count')).toEqual(ends[2]);
  });
});
