import { describe, expect, it } from '@jest/globals';
import type { PlanInput } from '../../plan/input/planInput.js';
import { solvePour } from '../account/solvePour.js';
import { answerPlan } from '../account/answer.js';
import { plannedMin } from '../../basics/method/stage.js';
import { METHODS } from '../../basics/method/methods.js';
import { PILAF, planOf, restedM } from '../../testing/cooked.js';
import { OTHERS, TABLE } from '../../testing/pots.js';
import { cookPot } from './cook.js';

describe('one physics with the account', () => {
  const base = [
    { ingredientId: 'oil', amount: { g: 30 } },
    { ingredientId: 'onion', amount: { g: 110 } },
    { ingredientId: 'tomato', amount: { g: 150 }, state: 'oilSeparated' as const },
  ];
  const templates: [string, PlanInput][] = METHODS.flatMap((method) =>
    (['longGrainWhite', 'basmati', 'parboiledLong'] as const).map((grainId): [string, PlanInput] => [
      `${method}, ${grainId}`,
      {
        grainId,
        grain: { g: 350 },
        wash: 'rinsed',
        soakMin: grainId === 'longGrainWhite' ? 0 : 30,
        method,
        ingredients: base,
        vessel:
          method === 'riceCooker' ? { diameterCm: 22, volumeMl: 3500 } : { diameterCm: 24, volumeMl: 5000 },
      },
    ]),
  );

  const everyPot = [
    ...templates,
    ...[...TABLE, ...OTHERS].map(([what, , , plan]): [string, PlanInput] => [what, plan]),
  ];

  it.each(everyPot)(
    'shows minutes of its stages that the pot takes, to a tenth or a minute: %s',
    (_, input) => {
      const plan = planOf(input);
      const answered = answerPlan(plan);
      if (!answered.ok) throw new Error(JSON.stringify(answered.error));
      const pot = cookPot(plan, solvePour(plan).pourWaterG);
      for (const stage of answered.value.stages) {
        const took = pot.stages.find((s) => s.stageId === stage.id);
        if (!took) continue;
        const minutes = took.toMin - took.fromMin;
        // Shown in whole minutes, and never as none.
        const shown = plannedMin(stage);
        const apart = Math.abs(shown - Math.max(1, minutes));
        expect([stage.id, shown, apart <= Math.max(1, 0.1 * minutes)]).toEqual([stage.id, shown, true]);
      }
    },
  );

  it.each(everyPot)('poured as the account says the grain rests at its target: %s', (_, input) => {
    const plan = planOf(input);
    const solution = solvePour(plan);
    const pot = cookPot(plan, solution.pourWaterG);
    expect(Math.abs(restedM(pot) - solution.moisture)).toBeLessThan(1);
  });

  it('steams what the account steams, stage by stage', () => {
    const plan = planOf({ ...PILAF, timing: { openBoilMin: 4 } });
    const { steam, pourWaterG } = solvePour(plan);
    for (const stage of cookPot(plan, pourWaterG).stages.filter((s) => s.act !== 'serve')) {
      const inAccount = steam.find((s) => s.stageId === stage.stageId)!;
      expect(stage.steamG).toBeCloseTo(inAccount.g, 0);
      expect(stage.toMin - stage.fromMin).toBeCloseTo(inAccount.minutes, 0);
    }
  });
});
