import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { answerPlan } from '../account/answer.js';
import { completePlan } from '../../plan/input/completePlan.js';
import { moistureFor, solvePour } from '../account/solvePour.js';
import { planOf, pourOf, restedM, codes, PILAF } from '../../testing/cooked.js';
import { anyPlan } from '../../testing/plans.js';
import { cookPot } from '../pot/cook.js';
import { courseOf, type Course } from './course.js';

describe('bad input is an outcome with its reason', () => {
  const plan = planOf(PILAF);
  const numbers = (course: Course): boolean =>
    Object.values(course.series)
      .flat(2)
      .every((n) => Number.isFinite(n)) && Number.isFinite(course.outcome.texture);

  it.each([
    [
      'a hob of no watts',
      planOf({ ...PILAF, hob: { powerW: { high: 0, mediumHigh: 0, medium: 0, low: 0, veryLow: 0 } } }),
      500,
      'neverBoiled',
    ],
    ['no liquid', plan, 0, 'noLiquid'],
    ['less than none', plan, -300, 'noLiquid'],
    ['a thousand minutes', planOf({ ...PILAF, timing: { coveredMin: 1000 } }), 500, 'caught'],
    ['a pot at six thousand metres', planOf({ ...PILAF, altitudeM: 6000 }), 500, 'hardCentre'],
    ['five times the liquid', plan, 3000, 'wetPot'],
  ])('%s', (_, given, waterG, code) => {
    const course = courseOf(given, waterG);
    expect(codes(course)).toContain(code);
    expect(numbers(course)).toBe(true);
  });

  it('below the sea it is a pot like any other', () => {
    const low = planOf({ ...PILAF, altitudeM: -100 });
    expect(codes(courseOf(low, pourOf(low)))).toEqual([]);
  });

  it('never gives anything but numbers, whatever the plan and the pour', () => {
    fc.assert(
      fc.property(anyPlan, fc.double({ min: -500, max: 6000, noNaN: true }), (input, waterG) => {
        const made = completePlan(input);
        fc.pre(made.ok);
        expect(numbers(courseOf(made.value, waterG))).toBe(true);
      }),
      { numRuns: 25 },
    );
  });

  it('reads the account backwards and cooks it forwards to the same moisture', () => {
    const solution = solvePour(plan);
    for (const share of [0.9, 1.05]) {
      const waterG = solution.pourWaterG * share;
      expect(restedM(cookPot(plan, waterG))).toBeCloseTo(moistureFor(plan, waterG, solution), 0);
    }
    expect(answerPlan(plan).ok).toBe(true);
  });
});
