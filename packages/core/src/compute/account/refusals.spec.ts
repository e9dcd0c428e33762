import { describe, expect, it } from '@jest/globals';
import type { PlanInput } from '../../plan/input/planInput.js';
import type { Stage } from '../../basics/method/stage.js';
import { PILAF, planOf } from '../../testing/cooked.js';
import { answer } from './answer.js';

describe('a pot that overflows', () => {
  const big: PlanInput = { ...PILAF, grain: { g: 2600 } };

  it('is shared among as many pots as it takes, and not one less', () => {
    const refused = answer(big);
    expect(refused.ok).toBe(false);
    const [problem] = refused.ok ? [] : refused.error;
    expect(problem?.code).toBe('tooSmall');
    const pots = Number(problem?.values['pots']);
    expect(pots).toBeGreaterThan(1);
    expect(answer({ ...big, pots }).ok).toBe(true);
    expect(answer({ ...big, pots: pots - 1 }).ok).toBe(false);
    // What is said to fit does, and an eighth more does not.
    const largest = Number(problem?.values['largestG']);
    expect(answer({ ...big, grain: { g: largest } }).ok).toBe(true);
    expect(answer({ ...big, grain: { g: largest * 1.125 } }).ok).toBe(false);
  });
});

describe('a base that brings too much', () => {
  const wet: PlanInput = {
    ...PILAF,
    grain: { g: 150 },
    ingredients: [{ ingredientId: 'tomato', amount: { g: 1500 }, state: 'withLiquid' }],
    vessel: { diameterCm: 28, volumeMl: 9000 },
  };

  it.each<[string, Partial<PlanInput>]>([
    ['by the account', {}],
    ['beside the account', { leanMl: 40 }],
    ['by a rule', { holdTo: 'oneToOne' }],
  ])('has its ways out %s', (_what, over) => {
    const found = answer({ ...wet, ...over });
    expect(found.ok && found.value.verdict).toBe('tooMuch');
    expect(found.ok && found.value.waysOut).toMatchObject({
      overG: expect.any(Number),
      addGrainG: expect.any(Number),
    });
  });
});

describe('a bare number of grain', () => {
  it('is a weight from twenty on, and no more doubted than one', () => {
    const doubtOf = (grain: PlanInput['grain']): number | undefined => {
      const found = answer({ ...PILAF, grain });
      return found.ok ? found.value.doubt.parts.find((p) => p.code === 'grainMass')?.g : undefined;
    };
    expect(doubtOf({ text: '350' })).toBeCloseTo(doubtOf({ g: 350 }) ?? 0, 9);
    expect(doubtOf({ text: '1 1/2 cups' })).toBeGreaterThan(2 * (doubtOf({ g: 280 }) ?? 0));
  });
});

describe('a pot that never gets hot', () => {
  it('is refused at its stages, and never at one that there is none of', () => {
    const cold = planOf(PILAF).stages.map((s) => ({ ...s, heat: 'off' as const }));
    const refused = answer({ ...PILAF, stages: cold });
    const fields = refused.ok ? [] : refused.error.map((p) => p.field);
    expect(fields.length).toBeGreaterThan(0);
    for (const field of fields) expect(field).not.toContain('[-1]');
  });
});

describe('a boil-down', () => {
  const down = (change: Partial<Stage>): PlanInput => ({
    ...PILAF,
    stages: planOf({ ...PILAF, method: 'boilDown' }).stages.map((s) =>
      s.act === 'boilDown' ? { ...s, ...change } : s,
    ),
  });

  it('off the fire never comes to its sign, and is refused by name', () => {
    const refused = answer(down({ heat: 'off' }));
    expect(refused).toMatchObject({ ok: false, error: [{ code: 'neverBoils' }] });
    expect(answer(down({ heat: 'medium' })).ok).toBe(true);
    // By the clock it is only a wait.
    expect(answer(down({ heat: 'off', end: { kind: 'minutes', minutes: 7 } })).ok).toBe(true);
  });
});
