import { describe, expect, it } from '@jest/globals';
import type { CompletePlan, PlanInput } from '../../plan/input/planInput.js';
import type { Stage } from '../../basics/method/stage.js';
import { codes, cooked, edited, PILAF, planOf, pourOf } from '../../testing/cooked.js';
import { POT } from '../../testing/plans.js';
import { withChange } from './changes.js';
import { cookPot } from '../pot/cook.js';
import { courseOf, type Course } from './course.js';
import { judge } from './judge.js';

describe('going wrong the known ways', () => {
  const plan = planOf(PILAF);
  const waterG = pourOf(plan);
  const right = courseOf(plan, waterG);

  it('goes right when nothing is done wrong', () => {
    expect(codes(right)).toEqual([]);
    expect(right.outcome.texture).toBeCloseTo(2, 0);
  });

  it('a quarter more liquid is soft, and less of it would not be', () => {
    const wet = courseOf(plan, waterG * 1.25);
    // Wet or soft: a cook calls either too soft.
    const trouble = wet.troubles.find((t) => t.code === 'tooSoft' || t.code === 'wetPot');
    const [change] = trouble!.avoidedBy;
    expect(change?.code).toBe('pour');
  });

  it('a quarter less is hard, most of all on top', () => {
    const dry = courseOf(plan, waterG * 0.75);
    expect(codes(dry)).toContain('tooHard');
    const [low, , top] = dry.outcome.beds;
    expect(top!.moisture).toBeLessThan(low!.moisture);
    expect(top!.moisture).toBeLessThan(64);
  });

  it('the lid left off dries the top', () => {
    const open = edited(PILAF, (s) => (s.act === 'simmer' ? { ...s, lid: 'off' } : s));
    const course = courseOf(open, waterG);
    const gap = (c: Course): number => c.outcome.restedMoisture - c.outcome.beds[2]!.moisture;
    expect(gap(course)).toBeGreaterThan(3 * gap(right));
    expect(course.outcome.beds[2]!.done).toBeLessThan(right.outcome.beds[2]!.done);
  });

  it('high heat under the lid catches the base, and lower heat would not', () => {
    const fierce = edited(PILAF, (s) => (s.act === 'simmer' ? { ...s, heat: 'high' } : s));
    const course = courseOf(fierce, waterG);
    const caught = course.troubles.find((t) => t.code === 'caught')!;
    expect(caught.why).toBe('tooHot');
    expect(caught.stageId).toBe('simmer');
    expect(caught.avoidedBy[0]).toMatchObject({ code: 'heat', stageId: 'simmer' });
  });

  it('no rest leaves the top wetter', () => {
    const unrested = edited(PILAF, (s) => (s.act === 'rest' ? undefined : s));
    const course = courseOf(unrested, waterG);
    expect(course.outcome.topGPerM2).toBeGreaterThan(1.5 * right.outcome.topGPerM2);
    expect(codes(course)).toContain('wetTop');
    const change = course.troubles.find((t) => t.code === 'wetTop')!.avoidedBy[0]!;
    expect(change).toEqual({ code: 'rest', minutes: 10 });
    const other = withChange(unrested, waterG, change);
    expect(judge(cookPot(other.plan, other.pourWaterG)).flags.wetTop).toBe(false);
  });

  it('stirring late breaks grain', () => {
    const turn: Stage = {
      id: 'turn',
      act: 'turn',
      heat: 'low',
      lid: 'off',
      end: { kind: 'sign', sign: 'crackles', expectMin: 1 },
    };
    const { stages } = plan;
    const at = (i: number): CompletePlan => ({
      ...plan,
      stages: [...stages.slice(0, i), turn, ...stages.slice(i)],
    });
    const simmer = stages.findIndex((s) => s.act === 'simmer');
    const early = cookPot(at(simmer), waterG).broken;
    const late = courseOf(at(simmer + 1), waterG);
    expect(late.outcome.broken).toBeGreaterThan(2 * early);
    expect(codes(late)).toContain('broken');
  });

  it('a thick tomato base on a thin pot catches where a thin one does not', () => {
    const thick: PlanInput = {
      ...PILAF,
      ingredients: [
        ...(PILAF.ingredients ?? []),
        { ingredientId: 'tomatoPaste', amount: { g: 200 }, state: 'oilSeparated' },
        { ingredientId: 'tomato', amount: { g: 400 }, state: 'oilSeparated' },
      ],
      timing: { coveredHeat: 'medium' },
    };
    const course = courseOf(planOf(thick), pourOf(planOf(thick)));
    expect(course.troubles.find((t) => t.code === 'caught')?.why).toBe('thickBase');
    const thin = planOf({ ...PILAF, timing: { coveredHeat: 'medium' } });
    expect(codes(courseOf(thin, pourOf(thin)))).not.toContain('caught');
    const heavy = planOf({ ...thick, vessel: { ...POT, wall: 'heavy' } });
    expect(judge(cooked(heavy)).browning).toBeLessThan(course.outcome.browning);
  });

  it('too short a time leaves a hard centre, and more of it does not', () => {
    const short = planOf({ ...PILAF, timing: { coveredMin: 4, restMin: 1 } });
    const trouble = courseOf(short, pourOf(short)).troubles.find((t) => t.code === 'hardCentre')!;
    expect(trouble.why).toBe('shortTime');
    expect(trouble.avoidedBy.length).toBeGreaterThan(0);
    for (const change of trouble.avoidedBy) {
      const other = withChange(short, pourOf(short), change);
      expect(judge(cookPot(other.plan, other.pourWaterG)).flags.hardCentre).toBe(false);
    }
  });

  it('a fierce ring boils it dry before it is done, and says when', () => {
    const fierce = edited(PILAF, (s) => (s.act === 'simmer' ? { ...s, heat: 'high' } : s));
    const dry = courseOf(fierce, waterG * 0.7).troubles.find((t) => t.code === 'ranDry')!;
    expect(dry.stageId).toBe('simmer');
    expect(dry.why).toBe('boiledOff');
    // Less heat alone cannot make up for a third too little; what is offered has been cooked and does.
    expect(dry.avoidedBy.map((c) => c.code)).toContain('pour');
  });

  // Makers' manuals: a closed pot no more than half full of what foams, two thirds of anything else (common practice).
  const ROOMY = { diameterCm: 22, volumeMl: 6000 };
  it.each([
    ['riceCooker', 350],
    ['riceCooker', 700],
    ['coveredAbsorption', 700],
    ['boilDown', 700],
  ] as const)('half full of unwashed grain and its liquid a pot holds its foam: %s, %i g', (method, g) => {
    const unwashed: PlanInput = { ...PILAF, method, grain: { g }, wash: 'unwashed', vessel: ROOMY };
    const poured = pourOf(planOf(unwashed));
    const filledTo = (share: number): readonly string[] => {
      const vessel = { ...planOf(unwashed).vessel, volumeMl: (g / 1.45 + poured) / share };
      return codes(courseOf({ ...planOf(unwashed), vessel }, poured));
    };
    expect(filledTo(1 / 2)).not.toContain('boiledOver');
    if (method === 'riceCooker') expect(filledTo(2 / 3)).toContain('boiledOver');
    expect(filledTo(0.95)).toContain('boiledOver');
  });

  it('foam of unwashed grain in a small pot goes over the brim', () => {
    const small = planOf({ ...PILAF, wash: 'unwashed', vessel: { diameterCm: 18, volumeMl: 1100 } });
    expect(codes(courseOf(small, waterG))).toContain('boiledOver');
    expect(codes(courseOf(planOf({ ...PILAF, wash: 'untilClear' }), waterG))).not.toContain('boiledOver');
  });
});
