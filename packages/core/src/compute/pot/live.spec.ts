import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { completePlan } from '../../plan/input/completePlan.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import { plannedMin } from '../../basics/method/stage.js';
import { cooked, PILAF, planOf, pourOf } from '../../testing/cooked.js';
import { anyPlan } from '../../testing/plans.js';
import { cookPot } from './cook.js';
import {
  advancePot,
  endStage,
  finishPot,
  pourMore,
  readPot,
  startPot,
  takeOut,
  type LivePot,
} from './live.js';
import { setupOf } from './setup.js';
import { FREE, get, STEAM, TEMP } from './state.js';

/** As it would come out of a file or of another worker, to be gone on with there. */
const sent = (pot: LivePot): LivePot => JSON.parse(JSON.stringify(pot)) as LivePot;

function expectSame(plan: CompletePlan, waterG: number, pot: LivePot): void {
  const never = cookPot(plan, waterG);
  const paused = finishPot(setupOf(plan), pot);
  for (const row of ['rested', 'served'] as const)
    for (const [i, value] of never[row].entries())
      expect(Math.abs(get(paused[row], i) - value)).toBeLessThanOrEqual(1e-9 * Math.max(1, Math.abs(value)));
  expect(paused.stages).toEqual(never.stages);
  expect(paused.ranDryMin).toBe(never.ranDryMin);
}

describe('a pot on its way', () => {
  it('paused at any minutes, written down and taken up elsewhere, ends as the one that was never paused', () => {
    const minutes = fc.array(fc.double({ min: 0, max: 25, noNaN: true }), { minLength: 1, maxLength: 5 });
    fc.assert(
      fc.property(
        anyPlan,
        minutes,
        fc.double({ min: 0.5, max: 1.4, noNaN: true }),
        (input, pauses, share) => {
          const made = completePlan(input);
          if (!made.ok) return;
          const waterG = Math.max(0, pourOf(made.value)) * share;
          let pot = startPot(setupOf(made.value), waterG);
          for (const by of pauses) pot = sent(advancePot(setupOf(made.value), pot, by));
          expectSame(made.value, waterG, pot);
        },
      ),
      { numRuns: 60 },
    );
  });

  const plan = planOf(PILAF);
  const setup = setupOf(plan);
  const start = startPot(setup, pourOf(plan));

  it('is read at any moment, and reading does not move it', () => {
    const never = cooked(plan);
    const boil = never.stages.find((s) => s.act === 'boil')!;
    const onTheWay = advancePot(setup, start, boil.toMin / 2);
    const reading = readPot(setup, onTheWay);
    expect(reading.isOver).toBe(false);
    expect(reading.y[TEMP]).toBeGreaterThan(plan.liquidTempC);
    expect(reading.y[TEMP]).toBeLessThan(100);
    expect(readPot(setup, onTheWay)).toEqual(reading);
    expect(onTheWay.stageIndex).toBe(plan.stages.findIndex((s) => s.act === 'boil'));
    // Two halves come to where the whole comes to.
    const whole = readPot(setup, advancePot(setup, start, 12));
    const halves = readPot(setup, advancePot(setup, sent(advancePot(setup, start, 5)), 7));
    expect(halves).toEqual(whole);
  });

  it('stays in a stage until the cook says that it is over, and goes on losing water there', () => {
    const simmer = plan.stages.findIndex((s) => s.act === 'simmer');
    let pot = advancePot(setup, start, 0);
    while (pot.stageIndex < simmer) pot = endStage(setup, advancePot(setup, pot, 6, { stays: true }));
    const planned = plannedMin(plan.stages[simmer]!);
    const inTime = advancePot(setup, pot, planned, { stays: true });
    const late = advancePot(setup, sent(inTime), 10, { stays: true });
    expect(late.stageIndex).toBe(simmer);
    const [then, now] = [readPot(setup, inTime), readPot(setup, late)];
    expect(now.isOver).toBe(true);
    expect(now.y[STEAM]! - then.y[STEAM]!).toBeGreaterThan(5);
    const told = endStage(setup, late);
    expect(told.began.cooked.at(-1)).toMatchObject({ stageId: 'simmer', ended: 'told' });
    expect(told.atMin).toBeCloseTo(pot.atMin + planned + 10, 6);
    // By the plan it would have gone on to the rest.
    expect(advancePot(setup, pot, planned + 1).stageIndex).toBe(simmer + 1);
  });

  it('is told of an early end too: the pot that left the fire sooner has lost less', () => {
    const simmer = plan.stages.findIndex((s) => s.act === 'simmer');
    let pot = advancePot(setup, start, 0);
    while (pot.stageIndex < simmer) pot = advancePot(setup, pot, 1);
    const early = finishPot(setup, endStage(setup, advancePot(setup, pot, 4)));
    const asPlanned = finishPot(setup, pot);
    expect(get(early.served, STEAM)).toBeLessThan(get(asPlanned.served, STEAM) - 5);
    expect(get(early.rested, FREE)).toBeGreaterThan(get(asPlanned.rested, FREE));
  });

  it('is over when all its stages are, and then stands', () => {
    const over = advancePot(setup, start, 500);
    expect(over.stageIndex).toBe(plan.stages.length);
    expect(endStage(setup, over)).toEqual(over);
    expect(readPot(setup, over).isOver).toBe(true);
    expectSame(plan, pourOf(plan), over);
  });
});

describe('a pot that something is done to in the middle of a stage', () => {
  it('goes on with the minutes that are left, and enters the stage no second time', () => {
    // Peas that join at the steaming bring their water once, however often something is put in there.
    const plan = planOf({
      ...PILAF,
      ingredients: [...PILAF.ingredients!, { ingredientId: 'peas', amount: { g: 150 }, joins: 'simmer' }],
    });
    const setup = setupOf(plan);
    let pot = startPot(setup, pourOf(plan));
    while (plan.stages[pot.stageIndex]!.act !== 'simmer') pot = advancePot(setup, pot, 0.5);
    const began = pot.began.atMin;
    pot = advancePot(setup, pot, 4);
    const never = finishPot(setup, pot);
    let often = pot;
    for (let i = 0; i < 3; i += 1) often = sent(takeOut(setup, pourMore(setup, often, 10, 95), 10));
    const done = finishPot(setup, often);
    const water = (y: ArrayLike<number>): number => get(y as never, FREE) + get(y as never, STEAM);
    expect(Math.abs(water(done.served) - water(never.served))).toBeLessThan(3);
    const simmer = done.stages.findLast((s) => s.act === 'simmer')!;
    expect(simmer.toMin - began).toBeCloseTo(plannedMin(plan.stages.find((s) => s.act === 'simmer')!), 1);
    expect(Math.abs(done.minutes - never.minutes)).toBeLessThan(0.2);
  });
});
