import { describe, expect, it } from '@jest/globals';
import type { PlanInput } from '../plan/planInput.js';
import type { Stage } from '../method/stage.js';
import { PILAF, planOf } from '../testing/cooked.js';
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
