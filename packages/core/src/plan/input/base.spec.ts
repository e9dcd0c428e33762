import { describe, expect, it } from '@jest/globals';
import { CP_WATER } from '../../basics/heat/constants.js';
import { fryingHeatCapacity } from '../../basics/heat/equipment.js';
import { surplusW } from '../../basics/heat/steam.js';
import { beforeLiquid } from '../../compute/acts/beforeLiquid.js';
import { edited, planOf, pourOf, TOMATO_POT } from '../../testing/cooked.js';
import type { CompletePlan, PlanInput } from './planInput.js';
import { baseAccount, baseRate, inPot } from './base.js';
import { surroundings } from './surroundings.js';

describe('a base judged by the fire', () => {
  const stages = planOf(TOMATO_POT).stages.map((s) =>
    s.act === 'base' ? { ...s, end: { kind: 'minutes' as const, minutes: 10 } } : s,
  );
  const plan = planOf({ ...TOMATO_POT, stages });
  const at = surroundings(plan);
  const stage = plan.stages.find((s) => s.act === 'base')!;

  it('gives off no more vapour than the ring has paid for', () => {
    const { by, drivenOffG, wentInG } = baseAccount(plan);
    expect(by).toBe('heat');
    expect(drivenOffG).toBeGreaterThan(0);
    // Energy is kept (first law): what the ring gives beyond the losses and what hot fat and floor give up on the way
    // down to the boil warms the base, and then turns it to vapour. Shimmering fat is at 150 °C (common practice).
    const fatG = 31;
    const floorKJPerK = fryingHeatCapacity(plan.vessel);
    const givenKJ = surplusW(at, stage) * 0.6 + (floorKJPerK + fatG * 0.002) * (150 - at.boil.tempC);
    const warmedKJ = (0.9 * wentInG * CP_WATER * (at.boil.tempC - plan.roomC)) / 1000;
    expect((drivenOffG * at.boil.latentKJPerKg) / 1000).toBeLessThanOrEqual(
      (givenKJ - warmedKJ) * (1 + 1e-9),
    );
  });

  it('loses by the minute what the ring can pay for', () => {
    expect((baseRate(plan) * at.boil.latentKJPerKg) / 60).toBeLessThanOrEqual(
      surplusW(at, { heat: stage.heat, lid: 'off' }) * (1 + 1e-9),
    );
  });
});

describe('a base judged by its look', () => {
  const STEW: PlanInput = {
    ...TOMATO_POT,
    method: 'stewSteam',
    ingredients: [
      { ingredientId: 'tomato', amount: { g: 600 }, state: 'oilSeparated' },
      { ingredientId: 'onion', amount: { g: 110 }, state: 'golden' },
      { ingredientId: 'oil', amount: { g: 60 } },
    ],
    vessel: { diameterCm: 26, volumeMl: 8000 },
  };
  const baseOf = (plan: CompletePlan) => beforeLiquid(plan).find((s) => s.act === 'base')!;

  it.each(['thin', 'heavy'] as const)('agrees with the minutes that the look takes, in a %s pot', (wall) => {
    const input: PlanInput = { ...STEW, vessel: { ...STEW.vessel, wall } };
    const looked = planOf(input);
    const { fromMin, toMin } = baseOf(looked);
    // Common practice: a stew is fried for a quarter to half an hour until the oil rises.
    expect(toMin - fromMin).toBeGreaterThan(15);
    expect(toMin - fromMin).toBeLessThan(30);
    const timed = edited(input, (s) =>
      s.act === 'base' ? { ...s, end: { kind: 'minutes', minutes: toMin - fromMin } } : s,
    );
    expect(baseAccount(timed).by).toBe('heat');
    expect(baseAccount(timed).bringsG / baseAccount(looked).bringsG).toBeCloseTo(1, 1);
    expect(Math.abs(pourOf(timed) - pourOf(looked))).toBeLessThan(10);
  });

  it('is as wet as its look whatever it is made of, and a tin of paste no drier than it came', () => {
    const leaves = (ingredientId: string) => {
      const [part] = inPot(
        planOf({ ...STEW, ingredients: [{ ingredientId, amount: { g: 300 }, state: 'oilSeparated' }] }),
      );
      const { ingredient, available } = part!;
      return { perSolids: (available * ingredient.water) / ingredient.solids, ingredient };
    };
    const looks = ['tomato', 'sweetPepper', 'tomatoChopped'].map((id) => leaves(id).perSolids);
    expect(Math.max(...looks) - Math.min(...looks)).toBeLessThan(1e-9);
    // Double concentrated paste has 26.5 g of solids to 73.5 g of water (SR Legacy, from memory).
    const paste = leaves('tomatoPaste');
    expect(paste.perSolids).toBeLessThan(looks[0]!);
    expect(paste.perSolids).toBeLessThanOrEqual(paste.ingredient.water / paste.ingredient.solids);
  });
});

describe('fat in a dry pot', () => {
  // Common practice: one to three minutes on medium, four in a heavy pot.
  it.each([
    ['thin', 18, 1, 3],
    ['thin', 28, 1, 3],
    ['heavy', 22, 1, 4],
    ['heavy', 28, 1, 4.5],
  ] as const)('of a %s pot of %d cm shimmers after %d to %d min', (wall, diameterCm, least, most) => {
    const plan = planOf({ ...TOMATO_POT, vessel: { diameterCm, volumeMl: 6000, wall } });
    const { fromMin, toMin } = beforeLiquid(plan).find((s) => s.act === 'warmFat')!;
    expect(toMin - fromMin).toBeGreaterThan(least);
    expect(toMin - fromMin).toBeLessThan(most);
  });
});
