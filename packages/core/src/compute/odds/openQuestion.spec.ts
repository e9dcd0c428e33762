import { describe, expect, it } from '@jest/globals';
import type { PlanInput } from '../../plan/input/planInput.js';
import { answer } from '../account/answer.js';
import { openQuestion } from './openQuestion.js';

/** Whole grain with the lid off for long in a wide pot: what steams off hangs on the ring. */
const OPEN: PlanInput = {
  grainId: 'brownLong',
  grain: { g: 300 },
  vessel: { diameterCm: 28, volumeMl: 6000, lid: 'tight' },
  timing: { openBoilMin: 12 },
};
const poured = (input: PlanInput): number => {
  const made = answer(input);
  if (!made.ok) throw new Error('no answer');
  return made.value.pour.ml;
};

describe('what nobody said of an open boil', () => {
  it('is asked where the pour hangs on it by more than a tenth, each way with what would be poured', () => {
    const asked = openQuestion(OPEN);
    expect(asked).toMatchObject({ of: 'heat', counted: { heat: 'mediumHigh' } });
    expect(asked?.ways.map(({ heat }) => heat)).toEqual(['medium', 'mediumHigh', 'high']);
    for (const { heat, ml } of asked?.ways ?? [])
      expect(ml).toBeCloseTo(poured({ ...OPEN, timing: { openBoilMin: 12, openBoilHeat: heat } }), 6);
  });

  it('is not asked once it was said, of stages the cook has set, nor where it hardly matters', () => {
    expect(openQuestion({ ...OPEN, timing: { openBoilMin: 12, openBoilHeat: 'high' } })).toBeUndefined();
    expect(openQuestion({ ...OPEN, timing: { openBoilMin: 1 } })).toBeUndefined();
    expect(openQuestion({ ...OPEN, timing: {} })).toBeUndefined();
    const set = answer(OPEN);
    if (!set.ok) throw new Error('no answer');
    const { stages } = set.value;
    expect(openQuestion({ ...OPEN, stages })).toBeUndefined();
    // A telling lays its stages too: what it did not say is still not said.
    expect(openQuestion({ ...OPEN, stages, told: 'Boil it open twelve minutes.' })?.of).toBe('heat');
  });

  it('is of its minutes where a telling gave none', () => {
    const set = answer(OPEN);
    if (!set.ok) throw new Error('no answer');
    const asked = openQuestion({
      ...OPEN,
      stages: set.value.stages,
      told: 'Boil it open for a while on medium-high.',
      timing: { openBoilHeat: 'mediumHigh' },
    });
    expect(asked).toMatchObject({ of: 'minutes', counted: { minutes: 12 } });
    expect(asked?.ways.map(({ minutes }) => minutes)).toEqual([6, 12, 18]);
  });
});
