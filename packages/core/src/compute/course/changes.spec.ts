import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { completePlan } from '../../plan/input/completePlan.js';
import type { CompletePlan, PlanInput } from '../../plan/input/planInput.js';
import { solvePour } from '../account/solvePour.js';
import type { Stage } from '../../basics/method/stage.js';
import { edited as editedBy, PILAF, planOf } from '../../testing/cooked.js';
import { anyPlan } from '../../testing/plans.js';
import { stagesWith, withChange, type TroubleCode } from './changes.js';
import { courseOf, type Course } from './course.js';

const plan = planOf(PILAF);
const right = solvePour(plan).pourWaterG;
const edited = (edit: (s: Stage) => Stage | undefined, over: Partial<PlanInput> = {}): CompletePlan =>
  editedBy({ ...PILAF, ...over }, edit);
const simmering = (over: Partial<Stage>): CompletePlan =>
  edited((s) => (s.act === 'simmer' ? { ...s, ...over } : s));
const TURN: Stage = {
  id: 'turn',
  act: 'turn',
  heat: 'low',
  lid: 'off',
  end: { kind: 'sign', sign: 'crackles', expectMin: 1 },
};

/** One pot for every way of going wrong, and what a cook would do about it. */
const POTS: readonly (readonly [TroubleCode, CompletePlan, number, readonly string[]])[] = [
  [
    'hardCentre',
    edited((s) => s, { timing: { coveredMin: 4, restMin: 1 } }),
    right,
    ['longer', 'rest', 'pour'],
  ],
  ['tooHard', plan, right * 0.65, ['pour']],
  ['tooSoft', { ...plan, texture: 1 }, right * 1.5, ['pour', 'longer']],
  ['wetPot', plan, right * 1.9, ['pour', 'longer']],
  ['wetTop', edited((s) => (s.act === 'rest' ? undefined : s)), right, ['rest', 'cloth']],
  ['dryTop', simmering({ lid: 'off' }), right * 0.85, ['lidOn', 'rest', 'pour']],
  ['caught', simmering({ heat: 'high' }), right, ['heat', 'spreader', 'shorter', 'heavyPot', 'pour']],
  ['ranDry', simmering({ heat: 'high' }), right * 0.7, ['heat', 'spreader', 'shorter', 'heavyPot', 'pour']],
  ['paleBase', edited((s) => s, { crust: true, timing: { coveredMin: 18 } }), right, ['longer', 'heat']],
  [
    'boiledOver',
    edited((s) => s, { wash: 'unwashed', vessel: { diameterCm: 18, volumeMl: 1050 } }),
    right,
    ['largerPot', 'heat'],
  ],
  ['noLiquid', plan, 0, ['pour']],
  [
    'broken',
    { ...plan, stages: [...plan.stages.slice(0, -1), TURN, ...plan.stages.slice(-1)] },
    right,
    ['noTurn'],
  ],
];
const named = (course: Course, code: TroubleCode) => course.troubles.find((t) => t.code === code);

describe('a change that is offered', () => {
  it.each(POTS)('against %s has been cooked, and does away with it', (code, given, waterG, expected) => {
    const trouble = named(courseOf(given, waterG), code);
    expect(trouble).toBeDefined();
    expect(trouble!.avoidedBy.length).toBeLessThanOrEqual(2);
    for (const change of trouble!.avoidedBy) {
      expect(expected).toContain(change.code);
      const other = withChange(given, waterG, change);
      expect(named(courseOf(other.plan, other.pourWaterG), code)).toBeUndefined();
    }
    expect(trouble!.avoidedBy.length).toBeGreaterThan(0);
  });

  it('is never one that leaves the trouble, whatever the plan and however much is poured', () => {
    fc.assert(
      fc.property(anyPlan, fc.double({ min: 0.3, max: 2, noNaN: true }), (input, share) => {
        const made = completePlan(input);
        fc.pre(made.ok);
        const waterG = Math.max(0, solvePour(made.value).pourWaterG) * share;
        for (const { code, avoidedBy } of courseOf(made.value, waterG).troubles)
          for (const change of avoidedBy) {
            const other = withChange(made.value, waterG, change);
            expect(named(courseOf(other.plan, other.pourWaterG), code)).toBeUndefined();
            // None is offered twice: on a short stage a quarter and a half longer may be the same minutes.
            expect(avoidedBy.filter((c) => JSON.stringify(c) === JSON.stringify(change))).toHaveLength(1);
          }
      }),
      { numRuns: 20 },
    );
  });

  it('touches the stage it names and leaves every other as it is', () => {
    const { stages } = plan;
    for (const change of [
      { code: 'longer', stageId: 'simmer', minutes: 3 },
      { code: 'heat', stageId: 'simmer', heat: 'medium' },
      { code: 'cloth', stageId: 'simmer' },
    ] as const) {
      const next = stagesWith(change, stages)!;
      expect(next.map((s) => s.id)).toEqual(stages.map((s) => s.id));
      expect(next.filter((s, i) => s !== stages[i]).map((s) => s.id)).toEqual(['simmer']);
    }
    expect(stagesWith({ code: 'longer', stageId: 'nowhere', minutes: 3 }, stages)).toEqual(stages);
    const rested = stagesWith({ code: 'rest', minutes: 20 }, stages)!;
    expect(rested.filter((s) => s.act === 'rest')).toHaveLength(1);
    expect(rested.at(-1)?.end).toEqual({ kind: 'minutes', minutes: 20 });
  });
});
