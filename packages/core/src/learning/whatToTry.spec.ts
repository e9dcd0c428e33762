import { describe, expect, it } from '@jest/globals';
import { HIDDEN_SD } from './hidden.js';
import { learn, NOTHING_LEARNT } from './learn.js';
import type { Evidence } from './belief.js';
import { whatToTry } from './whatToTry.js';

const POT = {
  grainId: 'basmati',
  method: 'coveredAbsorption' as const,
  ...{ bagId: 'bag', vesselId: 'pot', hobId: 'ring', dishId: 'dish' },
};
const pots = (n: number, more: Partial<Evidence> = {}): Evidence[] =>
  Array.from({ length: n }, (_, i) => ({ ...POT, cookId: `c${i.toString()}`, points: 1, sd: 1.25, ...more }));

describe('what to try', () => {
  it('is of the first pot what Bayes says by hand: a normal prior, and a verdict', () => {
    const prior = Object.values(HIDDEN_SD).reduce((sum, sd) => sum + sd ** 2, 0);
    const noise = 1.25 ** 2 + 2 * 0.5 ** 2;
    expect(whatToTry(NOTHING_LEARNT, POT).verdict).toBeCloseTo(1 - Math.sqrt(noise / (prior + noise)), 9);
  });

  it('tells less the more is known, and more with a scale than without', () => {
    const [none, few, many] = [0, 3, 20].map((n) => whatToTry(learn(pots(n)), POT));
    expect(none!.verdict).toBeGreaterThan(few!.verdict);
    expect(few!.verdict).toBeGreaterThan(many!.verdict);
    for (const t of [none!, few!, many!]) {
      expect(t.weighed).toBeGreaterThan(t.verdict);
      expect(t.weighed).toBeLessThan(1);
    }
  });

  it('names what most of the doubt comes from: a dish or a pot that is new beside what is known', () => {
    const known = learn(pots(30));
    expect(whatToTry(known, { ...POT, vesselId: 'new' }).most).toBe('pot');
    expect(whatToTry(learn(pots(30, { bagId: null, grainId: 'jasmine' })), { ...POT }).most).toBe('kind');
  });
});
