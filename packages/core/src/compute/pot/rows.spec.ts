import { describe, expect, it } from '@jest/globals';
import { answerPlan } from '../account/answer.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import { GRAINS } from '../../basics/larder/grains.js';
import { cooked, PILAF, planOf } from '../../testing/cooked.js';
import { TABLE } from '../../testing/pots.js';
import { cookPot } from './cook.js';
import { judge, type PotOutcome } from '../course/judge.js';
import { cookingFactor } from '../../basics/grain/kinetics.js';

describe('cooking of grain', () => {
  // Source: Suzuki, Kubota, Omichi, Hosaka, J. Food Science 41 (1976), from memory: 79.5 kJ/mol to 110 °C, 36.8 above.
  it('follows the published activation energies', () => {
    const slope = (a: number, b: number): number =>
      (-8.314462618 * Math.log(cookingFactor(b) / cookingFactor(a))) / (1 / (b + 273.15) - 1 / (a + 273.15));
    expect(slope(80, 100)).toBeCloseTo(79_500, 3);
    expect(slope(112, 130)).toBeCloseTo(36_800, 3);
    expect(cookingFactor(100)).toBe(1);
    expect(cookingFactor(110.0001) / cookingFactor(110)).toBeCloseTo(1, 4);
  });

  it('is done after the covered time that a packet names, for every grain', () => {
    for (const { id } of GRAINS) {
      const pot = cooked(
        planOf({ ...PILAF, grainId: id, grain: { g: 300 }, vessel: { diameterCm: 24, volumeMl: 5000 } }),
      );
      expect(Math.min(...judge(pot).beds.map((b) => b.done))).toBeGreaterThan(0.9);
    }
  });

  it('takes longer where the pot boils cooler', () => {
    const done = (altitudeM: number): number => judge(cooked(planOf({ ...PILAF, altitudeM }))).beds[1]!.done;
    expect(done(3000)).toBeLessThan(done(1500));
    expect(done(1500)).toBeLessThan(done(0));
  });
});

/** What cooks say of these pots: each grain apart to tender, cooked through, nothing caught (common practice). */
describe('the pots of the table with what is really poured', () => {
  const APART_TO_TENDER = [1.5, 3.5] as const;
  const poured = (cups: number, { pourWith }: CompletePlan): number =>
    (cups * 236.588 * pourWith.densityGPerMl * pourWith.water) / 100;
  const chancesInspected = ([what, cups, , input]: (typeof TABLE)[number], sigmas: number): PotOutcome[] => {
    const plan = planOf(input);
    const answered = answerPlan(plan);
    if (!answered.ok) throw new Error(what);
    const waterG = poured(cups, plan) + sigmas * answered.value.doubt.g;
    // "Fifteen to twenty minutes" is until it is done, looked at every minute.
    const minutes = /(\d+) to (\d+)$/.exec(what)?.slice(1).map(Number);
    if (!minutes) return [judge(cookPot(plan, waterG))];
    const [from = 0, to = 0] = minutes;
    return Array.from({ length: to - from + 1 }, (_, i) => {
      const stages = plan.stages.map((s) =>
        s.act === 'simmer' ? { ...s, end: { kind: 'minutes' as const, minutes: from + i } } : s,
      );
      return judge(cookPot({ ...plan, stages }, waterG));
    });
  };
  it.each(TABLE.map((row) => [row[0], row] as const))('%s', (_, row) => {
    const looks = chancesInspected(row, 0);
    const outcome = looks.find((o) => !o.flags.hardCentre) ?? looks[0]!;
    expect(['clean', 'golden']).toContain(outcome.base);
    expect(outcome.flags).toMatchObject({ caught: false, hardCentre: false, wetTop: false, broken: false });
    expect(outcome.apart).toBeGreaterThan(0.5);
    // How it comes out is known as well as the answer says it is: its one standard deviation to either side.
    const [low, high] = APART_TO_TENDER;
    const textures = [-1, 1].map((sigmas) => {
      const some = chancesInspected(row, sigmas);
      return (some.find((o) => !o.flags.hardCentre) ?? some[0]!).texture;
    });
    expect(Math.max(...textures)).toBeGreaterThan(low);
    expect(Math.min(...textures)).toBeLessThan(high);
    expect(outcome.texture).toBeGreaterThan(low - 0.5);
    expect(outcome.texture).toBeLessThan(high + 0.5);
  });

  it('the one with a crust has a golden base', () => {
    const [, cups, , { timing, ...rest }] = TABLE[5]!;
    expect(timing).toBeDefined();
    const crusted = planOf({ ...rest, crust: true });
    expect(judge(cookPot(crusted, poured(cups, crusted))).base).toBe('golden');
    expect(judge(cooked(planOf({ ...PILAF, crust: true }))).base).toBe('golden');
    expect(judge(cooked(planOf({ ...PILAF, method: 'boilDown', crust: true }))).base).toBe('golden');
  });
});
