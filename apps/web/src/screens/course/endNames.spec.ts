import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { liftsOf } from './endNames.js';

describe('names at the ends of lines', () => {
  it('stay where they are when there is room', () => {
    expect(liftsOf([20, 60, 90])).toEqual([0, 0, 0]);
  });

  it('give way by half, and stand above the axis', () => {
    expect(liftsOf([50, 50])).toEqual([-8, 8]);
    expect(liftsOf([0, 2])).toEqual([9, 23]);
  });

  it('are a line of text apart, in the order of their ends', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 104, noNaN: true }), { minLength: 1, maxLength: 4 }),
        (ends) => {
          const lifts = liftsOf(ends);
          const places = ends
            .map((end, i) => ({ end, at: end + (lifts[i] ?? 0) }))
            .sort((a, b) => a.end - b.end || a.at - b.at);
          places.forEach(({ at }, i) => {
            expect(at).toBeGreaterThan(8.9);
            if (i > 0) expect(at - (places[i - 1]?.at ?? 0)).toBeGreaterThan(15.5);
          });
        },
      ),
    );
  });
});
