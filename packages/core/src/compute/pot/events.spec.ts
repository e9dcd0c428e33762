import { describe, expect, it } from '@jest/globals';
import type { CompletePlan, PlanInput } from '../../plan/input/planInput.js';
import { solvePour } from '../account/solvePour.js';
import { GRAINS } from '../../basics/larder/grains.js';
import { plannedMin, type Stage } from '../../basics/method/stage.js';
import { PILAF as OILED, planOf } from '../../testing/cooked.js';
import { withChange, type Change } from '../course/changes.js';
import { cookPot } from './cook.js';
import { courseFor, pouredWaterG } from '../course/courseFor.js';
import { courseOf } from '../course/course.js';
import { bandOf, judge } from '../course/judge.js';
import { cooksPerMin, readiness } from '../../basics/grain/kinetics.js';
import { AS_PLANNED, setupOf, type TrueValues } from './setup.js';
import { BROWN, CRUST, FREE, get, STEAM, TEMP, W0 } from './state.js';
import { stretchesOf } from './stretches.js';

const PILAF: PlanInput = { ...OILED, ingredients: [] };
const plan = planOf(PILAF);
const waterG = solvePour(plan).pourWaterG;

describe('a kitchen that is not as it was planned', () => {
  const texture = (truth: Partial<TrueValues>): number =>
    judge(cookPot(plan, waterG, { truth: { ...AS_PLANNED, ...truth } })).texture;
  const right = texture({});

  it.each<[string, Partial<TrueValues>, number]>([
    ['more grain in the cup is drier', { grain: 1.08 }, -1],
    ['moister grain is softer', { moisturePoints: 2 }, 1],
    ['a stronger ring is drier', { power: 1.3 }, -1],
    ['a bag that wants more water is firmer', { bag: 1.1 }, -1],
    ['a lid that loses more heat lets less steam go', { lid: 2 }, 1],
    ['longer under the lid is drier', { timingMin: 4 }, -1],
  ])('%s', (_, truth, way) => {
    expect(Math.sign(texture(truth) - right)).toBe(way);
  });

  it('a wetter base is softer, and stock is never in doubt', () => {
    const red = planOf({
      ...PILAF,
      ingredients: [{ ingredientId: 'tomato', amount: { g: 300 }, state: 'softened' }],
    });
    const red0 = solvePour(red).pourWaterG;
    const at = (brought: number): number =>
      judge(cookPot(red, red0, { truth: { ...AS_PLANNED, brought } })).texture;
    expect(at(1.3)).toBeGreaterThan(at(1));
    const stock = planOf({ ...PILAF, ingredients: [{ ingredientId: 'stockChicken', amount: { g: 200 } }] });
    expect(setupOf(stock, { ...AS_PLANNED, brought: 2 }).broughtG).toBe(setupOf(stock).broughtG);
  });
});

describe('events', () => {
  it('water poured later goes in half-way through the covered stage', () => {
    const later = planOf({ ...PILAF, laterShare: 0.3 });
    const rises: number[] = [];
    let last = Infinity;
    const pot = cookPot(later, waterG, {
      record: (atMin, y) => {
        if (get(y, FREE) > last + 50) rises.push(atMin);
        last = get(y, FREE);
      },
    });
    const simmer = pot.stages.find((s) => s.act === 'simmer')!;
    expect(rises).toHaveLength(1);
    expect(rises[0]).toBeGreaterThan(simmer.fromMin);
    expect(rises[0]).toBeLessThan(simmer.toMin);
    expect(Math.abs(pot.waterClosesToG)).toBeLessThan(1e-6);
  });

  it('water poured later goes in also where a sign ends that stage, and its minutes do not', () => {
    const later = planOf({ ...PILAF, laterShare: 0.3 });
    const stages = later.stages.map((s) =>
      s.act === 'simmer'
        ? { ...s, end: { kind: 'sign', sign: 'absorbed', expectMin: plannedMin(s) } as const }
        : s,
    );
    const [pot, whole] = [later, { ...later, laterShare: 0 }].map((plan) =>
      cookPot({ ...plan, stages }, waterG),
    );
    // All that was poured is in the pot or has left it.
    expect(pot!.stages.find((s) => s.act === 'simmer')!.ended).toBe('sign');
    expect(Math.abs(judge(pot!).texture - judge(whole!).texture)).toBeLessThan(0.4);
  });

  it('grain that goes in after the liquid cools it, and it boils again', () => {
    const first = planOf({ ...PILAF, method: 'liquidFirst' });
    const temps: number[] = [];
    const pot = cookPot(first, waterG, { record: (_, y) => temps.push(get(y, TEMP)) });
    const grain = pot.stages.find((s) => s.act === 'grain')!;
    expect(grain.ended).toBe('sign');
    const top = temps.findIndex((t) => t > 99);
    expect(Math.min(...temps.slice(top))).toBeLessThan(97);
  });

  it('a pot let out at once boils itself down, one let down by itself does not', () => {
    const pressed = planOf({ ...PILAF, method: 'multiCooker' });
    const quick: Stage[] = pressed.stages.map((s) =>
      s.act === 'release' ? { ...s, lid: 'off', end: { kind: 'minutes', minutes: 2 } } : s,
    );
    const release = (p: CompletePlan): number =>
      cookPot(p, 450).stages.find((s) => s.act === 'release')!.steamG;
    expect(release(pressed)).toBeCloseTo(0, 6);
    // 16 K over the boil of a pot of about 2.6 kJ/K are some twenty grams of steam.
    expect(release({ ...pressed, stages: quick })).toBeGreaterThan(10);
  });

  it('a cloth takes up what would hang under the lid, a sealed pot loses no more than an open one', () => {
    const closed = (lid: Stage['lid']) =>
      cookPot({ ...plan, stages: plan.stages.map((s) => (s.act === 'simmer' ? { ...s, lid } : s)) }, waterG);
    expect(get(closed('cloth').rested, 13)).toBeGreaterThan(get(closed('on').rested, 13));
    expect(get(closed('sealed').served, STEAM)).toBeLessThan(get(closed('off').served, STEAM));
  });

  it('lifting the lid for a minute costs a little, not the pot', () => {
    const peek: Stage = {
      id: 'peek',
      act: 'turn',
      heat: 'low',
      lid: 'off',
      end: { kind: 'sign', sign: 'crackles', expectMin: 1 },
    };
    const i = plan.stages.findIndex((s) => s.act === 'rest');
    const peeked = { ...plan, stages: [...plan.stages.slice(0, i), peek, ...plan.stages.slice(i)] };
    const by = judge(cookPot(plan, waterG)).moisture - judge(cookPot(peeked, waterG)).moisture;
    expect(by).toBeGreaterThan(0);
    expect(by).toBeLessThan(0.6);
  });

  it('a spreader and a heavy pot brown less than thin metal on a flame', () => {
    const brown = (over: Partial<Stage>, wall: 'thin' | 'heavy' = 'thin'): number => {
      const stages = plan.stages.map((s) =>
        s.act === 'simmer' ? { ...s, heat: 'medium' as const, ...over } : s,
      );
      return get(cookPot({ ...plan, stages, vessel: { ...plan.vessel, wall } }, waterG * 0.85).served, BROWN);
    };
    expect(brown({ spreader: true })).toBeLessThan(brown({}));
    expect(brown({}, 'heavy')).toBeLessThan(brown({}));
  });

  it('the floor is wet under liquid and dries once it has gone', () => {
    const long = planOf({ ...PILAF, timing: { coveredMin: 45 } });
    const crust: number[] = [];
    cookPot(long, waterG, { record: (_, y) => crust.push(get(y, CRUST)) });
    expect(crust[20]).toBeGreaterThan(0.9);
    expect(Math.min(...crust)).toBeLessThan(0.5);
  });

  it('the stretches between events join up end to start and cover the pot', () => {
    const pieces = stretchesOf(plan, waterG, setupOf(plan));
    const minutes = pieces.reduce((sum, p) => sum + p.minutes, 0);
    expect(minutes).toBeCloseTo(cookPot(plan, waterG).minutes, 1);
    for (const [i, p] of pieces.slice(1, -2).entries())
      expect(get(p.from, W0)).toBeGreaterThanOrEqual(get(pieces[i]!.from, W0));
    expect(pieces[0]!.until).toBeDefined();
  });
});

describe('what a course is asked about', () => {
  it('pours what the answer pours, a rule that is held to, or what is leant to', () => {
    const ml = (over: Partial<PlanInput>): number => pouredWaterG(planOf({ ...PILAF, ...over }));
    expect(ml({})).toBeCloseTo(waterG, 3);
    expect(ml({ holdTo: 'oneToOne' })).toBeCloseTo(350 / plan.grain.densityGPerMl, 0);
    expect(ml({ leanMl: -40 })).toBeCloseTo(waterG - 40, 0);
    expect(ml({ leanMl: -3000 })).toBe(0);
  });

  it('says what is wrong with a plan at its field, and cooks what is poured', () => {
    const wrong = courseFor({ ...PILAF, grainId: 'gravel' });
    expect(wrong).toMatchObject({ ok: false, error: [{ field: 'grainId', code: 'unknownId' }] });
    const poured = courseFor(PILAF, 321);
    expect(poured.ok && poured.value.pourWaterG).toBeCloseTo(321, 6);
  });

  it('does every change it can offer, and leaves the plan alone', () => {
    const changes: readonly Change[] = [
      { code: 'longer', stageId: 'simmer', minutes: 5 },
      { code: 'shorter', stageId: 'simmer', minutes: 50 },
      { code: 'heat', stageId: 'simmer', heat: 'high' },
      { code: 'lidOn', stageId: 'boil' },
      { code: 'cloth', stageId: 'simmer' },
      { code: 'spreader', stageId: 'simmer' },
      { code: 'rest', minutes: 20 },
      { code: 'noTurn', stageId: 'simmer' },
      { code: 'pour', waterG: 100 },
      { code: 'heavyPot' },
      { code: 'largerPot', volumeMl: 9000 },
    ];
    const before = JSON.stringify(plan);
    for (const change of changes) {
      const other = withChange(plan, waterG, change);
      expect([JSON.stringify(other.plan) !== before, other.pourWaterG !== waterG]).toContain(true);
    }
    expect(JSON.stringify(plan)).toBe(before);
    const short = withChange(plan, waterG, changes[1]!).plan.stages.find((s) => s.id === 'simmer');
    expect(short?.end).toEqual({ kind: 'minutes', minutes: 1 });
  });

  it('keeps rows of equal length, minutes that only grow, and what each stage came to', () => {
    const { series, stages } = courseOf(plan, waterG);
    const rows = [
      series.tempC,
      series.freeG,
      ...series.w,
      ...series.done,
      series.baseC,
      series.browning,
      series.steamG,
    ];
    for (const row of rows) expect(row).toHaveLength(series.minutes.length);
    for (const [i, m] of series.minutes.slice(1).entries())
      expect(m).toBeGreaterThanOrEqual(series.minutes[i]!);
    for (const [i, s] of stages.slice(1).entries()) expect(s.fromMin).toBeCloseTo(stages[i]!.toMin, 9);
    const steam = stages.reduce((sum, s) => sum + s.steamG, 0);
    expect(steam).toBeCloseTo(series.steamG.at(-1)!, 6);
  });
});

describe('bands and rates', () => {
  it('names a base by its browning', () => {
    expect([0, 0.34, 0.36, 2.99, 3.01, 5.99, 6.01, 400].map(bandOf)).toEqual([
      'clean',
      'clean',
      'golden',
      'golden',
      'dark',
      'dark',
      'burnt',
      'burnt',
    ]);
  });

  it('a grain cooks only once it has drunk a little, and faster the shorter its own covered time', () => {
    expect([0.2, 0.25, 0.5, 0.75, 2].map(readiness)).toEqual([0, 0, 0.5, 1, 1]);
    for (const grain of GRAINS) expect(cooksPerMin(grain) * grain.coveredMin).toBeGreaterThan(2);
  });

  it('unwashed, low-amylose and soft stay together; toasted, washed and firm stand apart', () => {
    const apart = (input: Partial<PlanInput>): number => {
      const p = planOf({ ...PILAF, ...input });
      return judge(cookPot(p, solvePour(p).pourWaterG)).apart;
    };
    expect(apart({ toast: 'opaque', wash: 'untilClear' })).toBeGreaterThan(apart({}));
    expect(apart({ wash: 'unwashed' })).toBeLessThan(apart({ wash: 'untilClear' }));
    expect(apart({ grainId: 'shortGrainWhite' })).toBeLessThan(apart({}));
    expect(apart({ texture: 4 })).toBeLessThan(apart({ texture: 1 }));
  });
});
