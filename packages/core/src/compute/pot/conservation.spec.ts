import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { planOf, pourOf, restedM, PILAF } from '../../testing/cooked.js';
import { anyPlan } from '../../testing/plans.js';
import { OTHERS, TABLE } from '../../testing/pots.js';
import { cookPot, STEP_MIN } from './cook.js';
import { courseOf } from '../course/course.js';
import { setupOf } from './setup.js';
import { FREE, get, STEAM, W0, type State } from './state.js';

describe('what is kept', () => {
  it('loses no water and no heat, whatever the plan', () => {
    fc.assert(
      fc.property(anyPlan, fc.double({ min: 0, max: 3, noNaN: true }), (input, share) => {
        const plan = planOf(input);
        const waterG = Math.max(0, pourOf(plan)) * share;
        let worst = 0;
        const total = (y: State): number =>
          y.reduce((sum, v, i) => (i === FREE || (i >= 11 && i <= 14) ? sum + v : sum), 0);
        let first: number | undefined;
        const pot = cookPot(plan, waterG, {
          record: (_, y) => {
            expect(y.every((v) => Number.isFinite(v))).toBe(true);
            first ??= total(y);
            worst = Math.max(worst, get(y, FREE) < -0.1 ? 1 : 0);
          },
        });
        expect(worst).toBe(0);
        const all = pot.setup.dryG * 4 + waterG + 1;
        expect(Math.abs(pot.waterClosesToG) / all).toBeLessThan(1e-6);
        expect(Math.abs(pot.heat.closesToKJ) / Math.max(1, pot.heat.inKJ)).toBeLessThan(1e-3);
      }),
      { numRuns: 60 },
    );
  });

  it('keeps every gram at every single step', () => {
    const plan = planOf(PILAF);
    const setup = setupOf(plan);
    const totals: number[] = [];
    cookPot(plan, pourOf(plan), {
      record: (_, y) => {
        const beds = ((get(y, W0) + get(y, W0 + 1) + get(y, W0 + 2)) * setup.dryG) / 3;
        totals.push(get(y, FREE) + beds + get(y, 11) + get(y, 12) + get(y, 13) + get(y, STEAM));
      },
    });
    const [first = 0] = totals;
    for (const t of totals) expect(Math.abs(t - first) / first).toBeLessThan(1e-6);
  });

  it('moves the moisture by less than a thousandth when the step is halved', () => {
    for (const [, , , input] of [...TABLE, ...OTHERS]) {
      const plan = planOf(input);
      const waterG = pourOf(plan);
      const whole = restedM(cookPot(plan, waterG));
      const half = restedM(cookPot(plan, waterG, { stepMin: STEP_MIN / 2 }));
      expect(Math.abs(whole / half - 1)).toBeLessThan(1e-3);
    }
  });

  it('is the same every time', () => {
    const plan = planOf(PILAF);
    expect(cookPot(plan, 500).served).toEqual(cookPot(plan, 500).served);
    expect(Object.isFrozen(courseOf(plan, 500))).toBe(true);
  });
});
