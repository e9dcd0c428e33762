import { answer, completePlan, courseOf, oddsOf, type PlanInput } from '@hammock/core';
import { describe, expect, it } from '@jest/globals';
import { differenceText, linesOf, type Way } from './difference.js';

const PLAN: PlanInput = {
  grainId: 'longGrainWhite',
  grain: { g: 300 },
  vessel: { diameterCm: 22, volumeMl: 4000 },
};

function way(over: Partial<PlanInput>, pourMl: number, withOdds = false): Way {
  const input = { ...PLAN, ...over };
  const made = completePlan(input);
  if (!made.ok) throw new Error('a plan');
  const odds = withOdds ? oddsOf(made.value, { draws: 60, seed: 3 }) : undefined;
  return { course: courseOf(made.value, pourMl), input, pourMl, odds };
}
const solved = answer(PLAN);
if (!solved.ok) throw new Error('an answer');
const ML = solved.value.pour.ml;
const said = (w: Way): Record<string, string> => Object.fromEntries(linesOf(w));

describe('the difference between two ways', () => {
  it('is a sentence about how it feels, what leaves as steam, and when it is on the table', () => {
    const longer = way({ timing: { coveredMin: 35 } }, ML);
    const text = differenceText(way({}, ML), longer, 'twenty minutes longer');
    expect(text).toMatch(/^With twenty minutes longer, the grain comes out/u);
    expect(text).toMatch(/firmer/u);
    expect(text).toMatch(/\d+ g more leaves as steam\./u);
    expect(text).toMatch(/on the table 20 min later\./u);
  });

  it('says which way round: soft for more, and what it was instead of', () => {
    expect(differenceText(way({}, ML), way({}, ML * 1.3), 'more')).toMatch(
      /softer: .+ instead of fluffy and separate/u,
    );
    expect(differenceText(way({}, ML * 1.3), way({}, ML), 'less')).toMatch(/firmer/u);
  });

  it('does not make a difference of what nobody feels', () => {
    expect(differenceText(way({}, ML), way({}, ML + 3), 'a splash more')).toBe(
      'With a splash more, the grain feels the same.',
    );
  });

  it('lists the same lines for both, with units, and dots until the odds stand', () => {
    const one = said(way({}, ML));
    const two = said(way({}, ML * 1.3));
    expect(Object.keys(one)).toEqual(Object.keys(two));
    expect(one['poured']).toBe(`${Math.round(ML).toString()} ml`);
    expect(one['comes out right']).toBe('…');
    expect(one['moisture']).toMatch(/^\d+\.\d %$/u);
    expect(one['bottom of the pot']).toBe('clean');
    expect(Number.parseFloat(two['moisture']!)).toBeGreaterThan(Number.parseFloat(one['moisture']!));
  });

  it('reads the share as wanted off the curve, and says so where there is next to none', () => {
    expect(said(way({}, ML, true))['comes out right']).toMatch(/^\d+ of 100$/u);
    expect(said(way({}, 3000, true))['comes out right']).toBe('almost none');
  });
});
