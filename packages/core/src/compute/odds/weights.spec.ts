import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { PILAF, planOf } from '../../testing/cooked.js';
import { chancesAt, type Samples } from './chances.js';
import { DOUBTS, spreadsOf, truthOf } from './doubts.js';
import { keepByG } from './looks.js';
import { measuresFor } from './measure.js';
import { oddsFrom } from './odds.js';
import { frameOf, ROW, sampleRows } from './sample.js';

const DRAWS = 120;
const plan = planOf({
  ...PILAF,
  grain: { cups: 2 },
  ingredients: [{ ingredientId: 'tomato', amount: { g: 200 } }],
});
const frame = frameOf(plan);
const rows = sampleRows(frame, 3, 0, DRAWS);
const plain: Samples = { frame, rows };
const weighted = (weight: (i: number) => number): Samples => ({
  ...plain,
  weights: Float64Array.from({ length: DRAWS }, (_, i) => weight(i)),
});

/** Every number in it, in order. */
const numbers = (value: unknown): number[] =>
  typeof value === 'number'
    ? [value]
    : typeof value === 'object' && value !== null
      ? Object.values(value).flatMap(numbers)
      : [];

describe('draws that count differently', () => {
  it('with equal weights give what they give without', () => {
    const expected = numbers(oddsFrom(plain, 3));
    fc.assert(
      fc.property(fc.double({ min: 1e-3, max: 50, noNaN: true }), (w) => {
        const found = numbers(
          oddsFrom(
            weighted(() => w),
            3,
          ),
        );
        expect(found).toHaveLength(expected.length);
        found.forEach((n, i) =>
          expect(Math.abs(n - expected[i]!)).toBeLessThanOrEqual(1e-9 * Math.max(1, Math.abs(n))),
        );
      }),
      { numRuns: 25 },
    );
  });

  it('with none for some are the odds of the others alone', () => {
    const half: Samples = { frame, rows: rows.slice(0, (DRAWS / 2) * ROW) };
    const first = weighted((i) => (i < DRAWS / 2 ? 1 : 0));
    expect(chancesAt(first, { byG: 15 })).toEqual(chancesAt(half, { byG: 15 }));
    expect(keepByG(first, 0)).toBe(keepByG(half, 0));
    const [a, b] = [measuresFor(first, 0), measuresFor(half, 0)];
    expect(a.map((m) => m.act)).toEqual(b.map((m) => m.act));
    a.forEach((m, i) => expect(m.then).toBeCloseTo(b[i]!.then, 9));
  });

  it('move the chances towards what counts', () => {
    // At the dry end of the samples, where kitchens differ.
    const dry = { byG: -frame.spanG };
    const all = chancesAt(plain, dry);
    // Kitchens whose bag wants more water come out harder of the same pour.
    const bag = DOUBTS.indexOf('bag');
    const thirsty = chancesAt(
      weighted((i) => (rows[i * ROW + bag]! > 0.5 ? 10 : 1)),
      dry,
    );
    expect(thirsty.hard).toBeGreaterThan(all.hard);
    expect(thirsty.asWanted).toBeLessThan(all.asWanted);
  });
});

describe('a belief with its middle elsewhere', () => {
  const spreads = spreadsOf(plan);

  it('moves each hidden value by so many of its spreads', () => {
    const z = new Float64Array(DOUBTS.length);
    const truth = truthOf(z, spreads, { bag: 2, hobPower: -1, timing: 1.5, grainMoisture: 1 });
    expect(truth.bag).toBeCloseTo(1 + 2 * spreads.bag, 12);
    expect(truth.power).toBeCloseTo(1 - spreads.hobPower, 12);
    expect(truth.timingMin).toBeCloseTo(1.5 * spreads.timing, 12);
    expect(truth.moisturePoints).toBeCloseTo(spreads.grainMoisture, 12);
    expect(truth).toMatchObject({ grain: 1, lid: 1, speed: 1 });
    expect(truthOf(z, spreads, {})).toEqual(truthOf(z, spreads));
  });

  it('is what the pots are cooked with', () => {
    const thirsty = {
      frame: { ...frame, means: { bag: 2 } },
      rows: sampleRows({ ...frame, means: { bag: 2 } }, 3, 0, 40),
    };
    const usual: Samples = { frame, rows: rows.slice(0, 40 * ROW) };
    const less = { byG: -frame.spanG };
    expect(chancesAt(thirsty, less).hard).toBeGreaterThan(chancesAt(usual, less).hard);
  });
});
