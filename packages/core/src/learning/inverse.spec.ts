import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { inverse, Matrix } from 'ml-matrix';
import { inverseOf } from './inverse.js';

describe('the inverse of a covariance', () => {
  it('is what the package finds column by column (ml-matrix, by LU), and symmetric', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 12 }), fc.integer({ min: 1, max: 1000 }), (n, seed) => {
        const random = Matrix.from1DArray(
          n,
          n,
          Array.from({ length: n * n }, (_, k) => Math.sin(seed + 7 * k)),
        );
        const precision = random.mmul(random.transpose()).add(Matrix.eye(n, n, 0.5));
        const expected = inverse(precision).to1DArray();
        const found = inverseOf(Float64Array.from(precision.to1DArray()), n);
        found.forEach((v, k) => expect(Math.abs(v - expected[k]!)).toBeLessThan(1e-9));
        for (let i = 0; i < n; i += 1)
          for (let j = 0; j < n; j += 1) expect(found[i * n + j]).toBe(found[j * n + i]);
      }),
      { seed: 3, numRuns: 50 },
    );
  });
});
