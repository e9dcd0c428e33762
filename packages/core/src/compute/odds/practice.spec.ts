import { describe, expect, it } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { PlanInput } from '../../plan/input/planInput.js';
import { oddsAtPour } from './oddsAtPour.js';

/** What cooks pour and are content with, and pots that fail: common practice, from memory; there is no published source. */
const read = (name: string): readonly unknown[] =>
  (JSON.parse(readFileSync(join(__dirname, '../../testing', name), 'utf8')) as { pots: readonly unknown[] })
    .pots;
interface Content {
  readonly id: string;
  readonly plan: PlanInput;
  readonly leastCups: number;
  readonly mostCups: number;
}
interface Failing {
  readonly id: string;
  readonly plan: PlanInput;
  readonly pourCups: number;
  readonly end: 'hard' | 'soft' | 'caught';
}
const CUP_ML = 236.588;
const DRAWS = 40;

const at = (plan: PlanInput, cups: number) => {
  const found = oddsAtPour(plan, cups * CUP_ML, { draws: DRAWS });
  if (!found.ok) throw new Error(JSON.stringify(found.error));
  return found.value;
};
const mean = (list: readonly number[]): number => list.reduce((sum, n) => sum + n, 0) / list.length;

describe('the odds of pots that cooks are content with', () => {
  const pots = read('practice.json') as readonly Content[];
  const middle = pots.map((p) => at(p.plan, (p.leastCups + p.mostCups) / 2).asWanted);

  it('call them right at the middle of what is poured, and at its ends', () => {
    expect(pots).toHaveLength(70);
    expect(mean(middle)).toBeGreaterThanOrEqual(0.78);
    const ends = pots.flatMap((p) => [at(p.plan, p.leastCups).asWanted, at(p.plan, p.mostCups).asWanted]);
    expect(mean(ends)).toBeGreaterThanOrEqual(0.6);
  });

  it('fall off a fifth beyond either end', () => {
    const beyond = pots.flatMap((p) => [
      at(p.plan, 0.8 * p.leastCups).asWanted,
      at(p.plan, 1.2 * p.mostCups).asWanted,
    ]);
    expect(mean(beyond)).toBeLessThanOrEqual(0.45);
  });
});

describe('the odds of pots that fail', () => {
  const pots = read('failures.json') as readonly Failing[];

  it('seldom call them right, and name how they fail', () => {
    const found = pots.map((p) => ({ end: p.end, odds: at(p.plan, p.pourCups) }));
    expect(mean(found.map((f) => f.odds.asWanted))).toBeLessThanOrEqual(0.12);
    const named = found.map(({ end, odds }) => (end === 'soft' ? odds.tooSoft : odds[end]));
    expect(mean(named)).toBeGreaterThanOrEqual(0.8);
  });
});

describe('the odds of one pour', () => {
  const [pot] = read('practice.json') as readonly Content[];

  it('are of any pour, also far beside the advice, and the same of the same seed', () => {
    if (!pot) throw new Error('no pot');
    expect(at(pot.plan, 0.2).hard).toBeGreaterThan(0.9);
    expect(at(pot.plan, 4 * pot.mostCups).tooSoft).toBeGreaterThan(0.9);
    expect(at(pot.plan, pot.mostCups)).toEqual(at(pot.plan, pot.mostCups));
  });

  it('say what is wrong with a plan that cannot be cooked', () => {
    const found = oddsAtPour({ grainId: 'none' } as unknown as PlanInput, 100, { draws: 2 });
    expect(found.ok).toBe(false);
  });
});
