import fc from 'fast-check';
import { GRAINS } from '../basics/larder/grains.js';
import { INGREDIENTS } from '../basics/larder/ingredients.js';
import { METHODS } from '../basics/method/methods.js';
import { statesOf } from '../basics/larder/larder.js';
import { LID_FITS, SEALS, WALLS } from '../basics/heat/equipment.js';
import type { AmountInput } from '../plan/input/amountInput.js';
import type { PlanInput } from '../plan/input/planInput.js';
import { TEXTURES } from '../basics/grain/texture.js';

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

/** An amount in any of the ways it can be given. */
const anyAmount = (units: number): fc.Arbitrary<AmountInput> =>
  fc.oneof(
    fc.record({ g: fc.double({ min: 1, max: 500, noNaN: true }) }),
    fc.record({ ml: fc.double({ min: 1, max: 500, noNaN: true }) }),
    fc.record({ cups: fc.double({ min: 0.1, max: 2, noNaN: true }) }),
    ...(units > 0 ? [fc.record({ count: fc.double({ min: 0.5, max: 3, noNaN: true }) })] : []),
  );

const anyIngredient = fc.constantFrom(...INGREDIENTS).chain((row) =>
  fc.record({
    ingredientId: fc.constant(row.id),
    amount: anyAmount(row.units.length),
    state: fc.constantFrom(...statesOf(row)),
  }),
);

const power = (most: number): fc.Arbitrary<number> => fc.double({ min: most / 3, max: most, noNaN: true });

/** Any sensible plan of any kitchen: its own vessel and hob, its own times, amounts as they come to hand. */
export const anyKitchensPlan: fc.Arbitrary<PlanInput> = fc
  .tuple(
    anyPlan,
    fc.record({
      ingredients: fc.array(anyIngredient, { maxLength: 8 }),
      sieveMin: fc.integer({ min: 0, max: 30 }),
      soakWaterC: fc.integer({ min: 5, max: 45 }),
      roomC: fc.integer({ min: 5, max: 35 }),
      cupMl: fc.double({ min: 150, max: 260, noNaN: true }),
      timing: fc.record(
        {
          openBoilMin: fc.integer({ min: 0, max: 8 }),
          openBoilHeat: fc.constantFrom('high', 'mediumHigh', 'medium'),
          coveredMin: fc.integer({ min: 5, max: 50 }),
          coveredHeat: fc.constantFrom('low', 'veryLow'),
          restMin: fc.integer({ min: 0, max: 15 }),
          seal: fc.constantFrom(...SEALS),
          spreader: fc.boolean(),
          whistles: fc.integer({ min: 0, max: 5 }),
          pressureMin: fc.integer({ min: 0, max: 20 }),
          slow: fc.constantFrom('high', 'low'),
          keptOnMin: fc.integer({ min: 0, max: 20 }),
        },
        { requiredKeys: [] },
      ),
    }),
    fc.record(
      {
        lid: fc.constantFrom(...LID_FITS),
        wall: fc.constantFrom(...WALLS),
        lidLossWPerM2K: fc.double({ min: 4, max: 15, noNaN: true }),
      },
      { requiredKeys: [] },
    ),
    fc.record(
      {
        kind: fc.constantFrom('gas', 'electric', 'induction'),
        powerW: fc.record({
          high: power(1500),
          mediumHigh: power(1100),
          medium: power(700),
          low: power(300),
          veryLow: power(200),
          off: fc.constant(0),
        }),
      },
      { requiredKeys: [] },
    ),
    fc.integer({ min: 18, max: 32 }),
  )
  .map(([plan, more, vessel, hob, diameterCm]) => ({
    ...plan,
    ...more,
    vessel: { ...vessel, diameterCm, volumeMl: 20_000 },
    hob,
  }));
