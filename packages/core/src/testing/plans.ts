import fc from 'fast-check';
import { GRAINS } from '../larder/grains.js';
import { INGREDIENTS } from '../larder/ingredients.js';
import { METHODS } from '../method/methods.js';
import { statesOf } from '../larder/larder.js';
import type { PlanInput } from '../plan/planInput.js';
import { TEXTURES } from '../grain/texture.js';

/** An ordinary pot for tests: 22 cm, 4 litres. */
export const POT = { diameterCm: 22, volumeMl: 4000 } as const;

/** A pot nothing in these tests overflows. */
export const BIG_POT = { diameterCm: 32, volumeMl: 20_000 } as const;

const ingredient = fc.constantFrom(...INGREDIENTS).chain((row) =>
  fc.record({
    ingredientId: fc.constant(row.id),
    amount: fc.record({ g: fc.double({ min: 1, max: 800, noNaN: true }) }),
    state: fc.constantFrom(...statesOf(row)),
  }),
);

/** Any sensible plan for a big pot. */
export const anyPlan: fc.Arbitrary<PlanInput> = fc.record({
  grainId: fc.constantFrom(...GRAINS.map((g) => g.id)),
  grain: fc.record({ g: fc.double({ min: 50, max: 1500, noNaN: true }) }),
  wash: fc.constantFrom('unwashed', 'rinsed', 'untilClear'),
  soakMin: fc.integer({ min: 0, max: 240 }),
  drain: fc.constantFrom('shaken', 'sieve'),
  toast: fc.constantFrom('none', 'coated', 'glossy', 'opaque', 'golden', 'deep'),
  ingredients: fc.array(ingredient, { maxLength: 8 }),
  liquidTempC: fc.integer({ min: 5, max: 98 }),
  texture: fc.constantFrom(...TEXTURES),
  served: fc.constantFrom('plain', 'underSalty'),
  altitudeM: fc.integer({ min: -100, max: 3500 }),
  portions: fc.integer({ min: 1, max: 16 }),
  method: fc.constantFrom(...METHODS),
  soakWater: fc.constantFrom('thrown', 'reused'),
  crust: fc.boolean(),
  laterShare: fc.constantFrom(0, 0.3),
  timing: fc.record({
    openBoilMin: fc.integer({ min: 0, max: 8 }),
    coveredMin: fc.integer({ min: 5, max: 50 }),
  }),
  vessel: fc.constant(BIG_POT),
});
