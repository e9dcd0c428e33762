import fc from 'fast-check';
import type { Evidence } from '../learning/belief.js';

/** What the n-th pot of a household says: all of one dish, cooked in the same way, where nothing else is said. */
export const judgedPot = (n: number, more: Partial<Evidence> = {}): Evidence => ({
  cookId: `cook-${n.toString().padStart(3, '0')}`,
  grainId: 'basmati',
  method: 'coveredAbsorption',
  bagId: 'bag',
  vesselId: 'pot',
  hobId: 'ring',
  dishId: 'dish',
  baseId: 'water',
  points: 2,
  sd: 1.25,
  ...more,
});
/** A few pots of two bags, grains, methods, pots and dishes. */
export const someJudged: fc.Arbitrary<Evidence[]> = fc
  .array(
    fc.record({
      bagId: fc.constantFrom('a', 'b', null),
      grainId: fc.constantFrom('basmati', 'jasmine'),
      method: fc.constantFrom('coveredAbsorption' as const, 'boilDown' as const),
      vesselId: fc.constantFrom('p', 'q', null),
      dishId: fc.constantFrom('x', 'y', null),
      points: fc.double({ min: -6, max: 6, noNaN: true }),
      sd: fc.constantFrom(0.55, 1.25, 1.9),
    }),
    { minLength: 1, maxLength: 12 },
  )
  .map((list) => list.map((e, i) => judgedPot(i, e)));
