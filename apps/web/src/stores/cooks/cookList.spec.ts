import { describe, expect, it } from '@jest/globals';
import type { CookLine } from '@hammock/core/records';
import { PAGE, withLine } from './cookList.js';

const line = (startedAtMs: number): CookLine =>
  ({ id: `p${startedAtMs.toString()}`, startedAtMs }) as CookLine;
const days = (list: readonly CookLine[]): number[] => list.map((l) => l.startedAtMs);

describe('the newest pages of the notebook', () => {
  it('take a pot up at its place', () => {
    expect(days(withLine([line(9), line(5), line(1)], line(7)))).toEqual([9, 7, 5, 1]);
    expect(days(withLine([line(9)], line(2)))).toEqual([9, 2]);
    expect(days(withLine([], line(2)))).toEqual([2]);
  });

  it('leave an older one than all of them to its own page, where there are further pages', () => {
    const full = Array.from({ length: PAGE }, (_, n) => line(1000 - n));
    // At the end it would be where the next page is asked from, and all between would be passed over.
    expect(withLine(full, line(3))).toBe(full);
    expect(days(withLine(full, line(2000)))[0]).toBe(2000);
    expect(withLine(full.slice(1), line(3))).toHaveLength(PAGE);
  });
});
