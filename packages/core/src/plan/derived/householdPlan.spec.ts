import { describe, expect, it } from '@jest/globals';
import { answer } from '../../compute/account/answer.js';
import { householdPlan, type DishSpec, type HouseholdThings } from './householdPlan.js';

const VESSEL = {
  id: 'pot',
  diameterCm: 22,
  volumeMl: 4000,
  lid: 'wellFitting',
  wall: 'heavy',
  kind: 'pot',
} as const;
const HOB = {
  id: 'ring',
  kind: 'gas',
  powerW: { high: 1100, mediumHigh: 850, medium: 520, low: 210, veryLow: 140, off: 0 },
} as const;
const OWN = [
  { id: 'jar', label: 'Red jar', figures: { like: 'base', body: 'thicker' as const } },
  { id: 'base', label: 'Our passata', figures: { like: 'tomatoPuree' } },
  { id: 'other', label: 'Not in it', figures: { like: 'tomato' } },
];
const TEST = { heat: 'low', coveredLossG: 60, coveredMin: 15, openLossG: 90, openMin: 15 } as const;
const things = (over: Partial<HouseholdThings> = {}): HouseholdThings => ({
  vessel: VESSEL,
  hob: HOB,
  cup: { ml: 200 },
  steamTests: [],
  ingredients: OWN,
  place: { altitudeM: 800, roomC: 24 },
  ...over,
});
const DISH: DishSpec = {
  grainId: 'longGrainWhite',
  grain: { cups: 2 },
  ingredients: [{ ingredientId: 'jar', amount: { g: 200 } }],
};

describe('a dish in a household', () => {
  it('is cooked in its pot, on its hob, where it stands, by its cup, with what its own things are like', () => {
    const plan = householdPlan(DISH, things());
    expect(plan).toMatchObject({
      vessel: { wall: 'heavy' },
      hob: { kind: 'gas' },
      altitudeM: 800,
      roomC: 24,
      cupMl: 200,
    });
    expect(plan.own?.map((o) => [o.id, o.name])).toEqual([
      ['jar', 'Red jar'],
      ['base', 'Our passata'],
    ]);
    expect(answer(plan).ok).toBe(true);
  });

  it('has what a water test measured on this pot and hob, and on no other', () => {
    const here = { ...TEST, vesselId: 'pot', hobId: 'ring' };
    const measured = householdPlan(DISH, things({ steamTests: [here] }));
    expect(measured.hob?.measured).toEqual(['low']);
    expect(measured.vessel.lidLossWPerM2K).toBeGreaterThan(0);
    const elsewhere = householdPlan(DISH, things({ steamTests: [{ ...here, hobId: 'other' }] }));
    expect(elsewhere.hob).not.toHaveProperty('measured');
    // What cannot have been measured is not taken: an open pot that loses nothing was not boiling.
    expect(householdPlan(DISH, things({ steamTests: [{ ...here, openLossG: 0 }] })).hob).not.toHaveProperty(
      'measured',
    );
  });

  it('without a pot is refused at the pot', () => {
    const made = answer(householdPlan(DISH, things({ vessel: undefined })));
    expect(!made.ok && made.error.map((p) => p.field)).toEqual(['vessel']);
  });
});
