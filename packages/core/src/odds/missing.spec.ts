import { describe, expect, it } from '@jest/globals';
import type { CompletePlan } from '../plan/planInput.js';
import { withChange } from '../pot/changes.js';
import { edited, PILAF, planOf } from '../testing/cooked.js';
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

  it('is not said of a plan that no single act would mend', () => {
    expect(lacks(planOf(PILAF))).toBeUndefined();
  });
});
