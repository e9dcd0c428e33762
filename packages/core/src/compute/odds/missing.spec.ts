import { describe, expect, it } from '@jest/globals';
import type { CompletePlan } from '../../plan/input/planInput.js';
import { withChange } from '../course/changes.js';
import { edited, PILAF, planOf } from '../../testing/cooked.js';
import { missingAct } from './missing.js';
import { oddsOf } from './odds.js';
import { frameOf, sampleRows } from './sample.js';

const lacks = (plan: CompletePlan) => {
  const frame = frameOf(plan);
  return missingAct({ frame, rows: sampleRows(frame, 5, 0, 120) }, 5);
};

describe('the act a plan lacks', () => {
  it('is a rest where a wet top was served at once, with what it gains in the same kitchens', () => {
    const hurried = edited(PILAF, (s) => (s.act === 'rest' ? undefined : s));
    const found = lacks(hurried)!;
    expect(found.change).toEqual({ code: 'rest', minutes: 5 });
    const { plan: rested } = withChange(hurried, 0, found.change);
    const shares = [hurried, rested].map((p) => oddsOf(p, { draws: 120, seed: 5 }).best.chances.asWanted);
    expect([found.now, found.then]).toEqual(shares);
    expect(found.then - found.now).toBeGreaterThanOrEqual(0.08);
    expect(lacks(rested)?.change.code).not.toBe('rest');
  });

  it('is no second rest for a pot that is forked after its rest, and goes before the fork where there is none', () => {
    const fork = {
      id: 'fork',
      act: 'fork',
      heat: 'off',
      lid: 'off',
      end: { kind: 'minutes', minutes: 1 },
    } as const;
    const rested = planOf(PILAF);
    const forked = { ...rested, stages: [...rested.stages, fork] };
    expect(lacks(forked)?.change.code).not.toBe('rest');
    const hurried = { ...rested, stages: [...rested.stages.filter((s) => s.act !== 'rest'), fork] };
    const { plan } = withChange(hurried, 0, { code: 'rest', minutes: 5 });
    expect(plan.stages.slice(-2).map((s) => s.act)).toEqual(['rest', 'fork']);
    const again = withChange(forked, 0, { code: 'rest', minutes: 12 }).plan.stages;
    expect(again.filter((s) => s.act === 'rest')).toHaveLength(1);
    expect(new Set(again.map((s) => s.id)).size).toBe(again.length);
  });

  it('is more minutes where a high kitchen cooks by the minutes of a low one', () => {
    const high = edited({ ...PILAF, altitudeM: 2500 }, (s) =>
      s.act === 'simmer' ? { ...s, end: { kind: 'minutes', minutes: 12 } } : s,
    );
    const found = lacks(high)!;
    expect(found.change).toMatchObject({ code: 'longer', stageId: 'simmer' });
    expect(found.then).toBeGreaterThan(found.now + 0.2);
  });

  it('is not said of a plan that no single act would mend', () => {
    expect(lacks(planOf(PILAF))).toBeUndefined();
  });
});
