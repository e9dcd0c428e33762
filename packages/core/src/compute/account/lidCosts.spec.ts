import { describe, expect, it } from '@jest/globals';
import { edited, PILAF, planOf, pourOf } from '../../testing/cooked.js';
import { lidCosts } from './lidCosts.js';

const wide = { ...PILAF, vessel: { diameterCm: 30, volumeMl: 7000 } };

describe('what a lid costs', () => {
  it('is the pour of the same plan closed otherwise, beside the pour as planned', () => {
    const plan = planOf(wide);
    const open = edited(wide, (s) => (s.act === 'simmer' ? { ...s, lid: 'off' } : s));
    const costs = lidCosts(plan).get('simmer')!;
    expect(costs.map((c) => c.lid)).toEqual(['off', 'ajar', 'on']);
    expect(costs[0]?.pourG).toBeCloseTo(pourOf(open) - pourOf(plan), 6);
    expect(costs[2]?.pourG).toBe(0);
    expect(costs[0]!.pourG!).toBeGreaterThan(costs[1]!.pourG!);
  });

  it('turns round for a pot that is planned open', () => {
    const open = edited(wide, (s) => (s.act === 'simmer' ? { ...s, lid: 'off' } : s));
    const costs = lidCosts(open).get('simmer')!;
    expect(costs[0]).toEqual({ lid: 'off', pourG: 0 });
    expect(costs[2]!.pourG!).toBeLessThan(-10);
  });

  it('leaves out stages where it is a matter of drops, and everything under pressure', () => {
    expect(
      [...lidCosts(planOf(wide)).values()].every((c) => c.some((x) => Math.abs(x.pourG ?? 0) >= 10)),
    ).toBe(true);
    const sealed = planOf({
      ...PILAF,
      method: 'pressureCooker',
      vessel: { diameterCm: 22, volumeMl: 5000, kind: 'pressureCooker' },
    });
    expect([...lidCosts(sealed).keys()]).toEqual([]);
  });
});
