import { describe, expect, it } from '@jest/globals';
import type { CookLine } from '@hammock/core/records';
import { triesText } from '../../words/notebook/learntWords.js';
import { habitOf } from './habit.js';

const poured = (...shares: (number | null)[]): CookLine[] =>
  shares.map((share, n) => ({
    ...{ id: `c${n.toString()}`, dishId: 'dish', bagId: null, vesselId: null, hobId: null, cupId: null },
    ...{ label: 'Pot', startedAtMs: -n, abandoned: false, revision: 1, outcome: null },
    advisedMl: 1000,
    pouredMl: share === null ? null : 1000 * share,
  }));

describe('what a household does again and again', () => {
  it('is the middle of its last pours, where most of them go one way', () => {
    expect(habitOf(poured(1.2, 1.1, 1.15, 1, 0.9), 'dish')).toEqual({ times: 1.15, pots: 3 });
    expect(habitOf(poured(0.8, 0.9, 0.85), 'dish')).toEqual({ times: 0.85, pots: 3 });
  });

  it('is nothing where it is seldom, hardly anything, both ways, of another dish, or not told', () => {
    for (const list of [
      poured(1.2, 1.2),
      poured(1.02, 1.03, 1.04),
      poured(1.2, 0.8, 1.2, 0.8, 1.2, 1.2).slice(0, 4),
      poured(null, null, null),
      poured(1, 1, 1.2, 1.2, 1, 1.2, 1.2),
    ])
      expect(habitOf(list, 'dish')).toBeUndefined();
    expect(habitOf(poured(1.2, 1.2, 1.2), 'other')).toBeUndefined();
    expect(habitOf(poured(1.2, 1.2, 1.2), null)).toBeUndefined();
    expect(habitOf(undefined, 'dish')).toBeUndefined();
  });
});

describe('what would teach most', () => {
  it('says what a verdict takes away, a scale where it adds something, and where the doubt is', () => {
    expect(triesText({ verdict: 0.2, weighed: 0.3, most: 'pot' })).toContain(
      '20 % of the doubt away. Weighed',
    );
    expect(triesText({ verdict: 0.2, weighed: 0.3, most: 'pot' })).toContain('this pot on its ring');
    expect(triesText({ verdict: 0.2, weighed: 0.21, most: 'bag' })).toContain('A scale would add little');
  });
});
