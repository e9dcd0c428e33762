import { describe, expect, it } from '@jest/globals';
import { GRAINS } from '../../basics/larder/grains.js';
import { answer, type Answer } from './answer.js';
import { OTHERS, TABLE } from '../../testing/pots.js';
import { targetMoisture } from '../../basics/grain/texture.js';
import type { PlanInput } from '../../plan/input/planInput.js';

const CUP_ML = 236.588;
const POT = { diameterCm: 22, volumeMl: 4000 };

function solved(plan: PlanInput): Answer {
  const result = answer(plan);
  if (!result.ok) throw new Error(JSON.stringify(result.error));
  return result.value;
}
const offBy = (cups: number, plan: PlanInput): number => solved(plan).pour.ml / (cups * CUP_ML) - 1;
const mean = (list: readonly number[]): number => list.reduce((sum, n) => sum + Math.abs(n), 0) / list.length;

describe('pots of common practice', () => {
  it.each(TABLE)('%s: about %p cups', (_what, cups, within, plan) => {
    expect(Math.abs(offBy(cups, plan))).toBeLessThanOrEqual(within);
  });

  it('are right to a tenth on average', () => {
    expect(mean(TABLE.map(([, cups, , plan]) => offBy(cups, plan)))).toBeLessThanOrEqual(0.1);
  });

  it.each(OTHERS)('not in the table: %s, about %p cups', (_what, cups, within, plan) => {
    expect(Math.abs(offBy(cups, plan))).toBeLessThanOrEqual(within);
  });

  it('are right to a tenth on average outside the table too', () => {
    expect(mean(OTHERS.map(([, cups, , plan]) => offBy(cups, plan)))).toBeLessThanOrEqual(0.1);
  });

  it('is nothing, or little, where a whole stew takes the place of water', () => {
    const stew = solved({
      grainId: 'parboiledBasmati',
      grain: { cups: 2 },
      wash: 'rinsed',
      soakMin: 30,
      method: 'stewSteam',
      ingredients: [
        { ingredientId: 'tomato', amount: { g: 1000 }, state: 'softened' },
        { ingredientId: 'onion', amount: { count: 3 }, state: 'golden' },
        { ingredientId: 'oil', amount: { g: 80 } },
      ],
      vessel: POT,
    });
    expect(stew.pour.ml).toBeLessThan(0.35 * 2 * CUP_ML);
  });
});

/**
 * Source: moisture of plain cooked grain, US Department of Agriculture SR Legacy (long-grain 68.4, medium 68.6,
 * parboiled 70.4, brown 70.3, millet 71.4, bulgur 77.8, pearl barley 68.8, quinoa 71.6, buckwheat 75.6 g/100 g; written down from memory).
 * A plainly cooked grain is between the dry edge of "one grain apart" and the wet edge of "tender".
 */
describe('published cooked moistures', () => {
  it.each(GRAINS.filter((g) => g.cookedWater !== undefined).map((g) => [g.name, g] as const))(
    '%s',
    (_name, grain) => {
      const unsoaked = {
        grain,
        soakMin: 0,
        soakWaterC: 22,
        soakWater: 'thrown',
        wash: 'unwashed',
        drain: 'shaken',
        sieveMin: 20,
        toast: 'none',
        method: 'coveredAbsorption',
        softerSteps: 0,
        learntPoints: 0,
      } as const;
      expect(grain.cookedWater).toBeGreaterThanOrEqual(targetMoisture(unsoaked, 2).low);
      expect(grain.cookedWater).toBeLessThanOrEqual(targetMoisture(unsoaked, 3).high);
    },
  );
});
