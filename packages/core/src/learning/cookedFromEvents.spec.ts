import { describe, expect, it } from '@jest/globals';
import { answer } from '../compute/account/answer.js';
import { pourAtLevel } from '../compute/account/levels.js';
import type { Tap } from '../compute/stove/tap.js';
import { PILAF } from '../testing/cooked.js';
import { cookedFromEvents } from './cookedFromEvents.js';
import { evidenceFromPot, type JudgedPot } from './evidence.js';

const MIN = 60_000;
const made = answer(PILAF);
if (!made.ok) throw new Error(JSON.stringify(made.error));
const { stages, pour, levels } = made.value;
const minutesOf = (id: string): number => {
  const { end } = stages.find((s) => s.id === id)!;
  return end.kind === 'minutes' ? end.minutes : end.expectMin;
};
const STARTS = new Map<string, number>();
stages.reduce((at, s) => {
  STARTS.set(s.id, at);
  return at + minutesOf(s.id);
}, 0);
const END = stages.reduce((sum, s) => sum + minutesOf(s.id), 0);
const simmer = stages.find((s) => s.act === 'simmer')!;
const last = stages.at(-1)!;

type Said = readonly [kind: Tap['kind'], stageId: string, atMin: number, more?: Partial<Tap>];
/** The whole pot tapped through when its plan says, with what else is said. */
const through = (...more: Said[]): Tap[] => {
  const done = stages.map((s): Said => ['done', s.id, STARTS.get(s.id)! + minutesOf(s.id)]);
  return [['start', stages[0]!.id, 0] as Said, ...done, ...more]
    .sort((a, b) => a[2] - b[2])
    .map(([kind, stageId, at, extra], i) => ({
      id: `t${i.toString()}`,
      seq: i,
      kind,
      stageId,
      atMs: at * MIN,
      ...extra,
    }));
};
const went = (...more: Said[]) =>
  cookedFromEvents({ input: PILAF, stages, taps: through(...more), pouredMl: pour.ml });
const inSimmer = (part: number): number => STARTS.get(simmer.id)! + part * minutesOf(simmer.id);

describe('a pot as it went', () => {
  it('tells nothing where only its plan was done', () => {
    expect(went()).toBeUndefined();
    expect(
      cookedFromEvents({
        input: { ...PILAF, grainId: 'gravel' },
        stages,
        taps: through(['splash', simmer.id, 12, { amount: 50 }]),
        pouredMl: 500,
      }),
    ).toBeUndefined();
  });

  it('is wetter with a splash and drier with its lid off on a lively ring, by about what that is', () => {
    const splashed = went(['splash', simmer.id, inSimmer(0.5), { amount: 60 }])!;
    expect(splashed.wetterPoints).toBeGreaterThan(0.5);
    const twice = went(['splash', simmer.id, inSimmer(0.5), { amount: 120 }])!;
    expect(twice.wetterPoints).toBeGreaterThan(splashed.wetterPoints);
    expect(
      went(['lidUp', simmer.id, inSimmer(0.4), { amount: 5, said: 'mediumHigh' }])!.wetterPoints,
    ).toBeLessThan(0);
    // The account's own slope: sixty millilitres more of the pour.
    const says = evidenceFromPot({
      ...POT,
      taps: through(['splash', simmer.id, inSimmer(0.5), { amount: 60 }]),
    })!;
    const poured = evidenceFromPot({ ...POT, pouredMl: pour.ml + 60 })!;
    expect(says.evidence[0]!.points / poured.evidence[0]!.points).toBeGreaterThan(0.6);
    expect(says.evidence[0]!.points / poured.evidence[0]!.points).toBeLessThan(1.4);
  });

  it('counts what went in by its amount where the stages were not tapped through', () => {
    const alone: Tap[] = [
      { id: 'a', seq: 0, kind: 'splash', stageId: simmer.id, atMs: 5, amount: 60 },
      { id: 'b', seq: 1, kind: 'ladled', stageId: simmer.id, atMs: 6, amount: 20 },
    ];
    expect(cookedFromEvents({ input: PILAF, stages, taps: alone, pouredMl: pour.ml })).toMatchObject({
      addedMl: 40,
      wetterPoints: 0,
    });
  });

  it('tells its steam by two weighings, what went in between them left out', () => {
    const from = inSimmer(0.1);
    const weighed = (g: number, ...more: Said[]) =>
      went(
        ['weighs', simmer.id, from, { amount: 2000 }],
        ['weighs', last.id, END - 0.5, { amount: 2000 - g }],
        ...more,
      )!.steamed!;
    const { byScaleG, expectedG } = weighed(50);
    expect(byScaleG).toBe(50);
    expect(expectedG).toBeGreaterThan(5);
    expect(weighed(50, ['splash', simmer.id, inSimmer(0.5), { amount: 30 }]).byScaleG).toBeCloseTo(80, 0);
    expect(went(['weighs', simmer.id, from, { amount: 2000 }])).toBeUndefined();
  });

  it('hears what was seen and when: wet late is a grain that drinks less, dry early one that drinks more', () => {
    const wants = (said: string, part: number): number =>
      went(['looked', simmer.id, inSimmer(part), { said }])!.wants!.mean;
    expect(wants('soup', 0.95)).toBeLessThan(wants('dry', 0.25));
    // A taste is what the verdict says: it is not asked twice.
    const looked: Said = ['looked', simmer.id, inSimmer(0.7), { said: 'holes' }];
    expect(went(looked, ['tasted', simmer.id, inSimmer(0.8), { said: 'soft' }])!.wants).toEqual(
      went(looked)!.wants,
    );
  });
});

const POT: JudgedPot = {
  ...{ cookId: 'c', atMs: 0, grainId: PILAF.grainId, method: 'coveredAbsorption' },
  input: PILAF,
  stages,
  taps: [],
  pouredMl: pour.ml,
  texture: 3,
};

describe('everything a pot says', () => {
  it('that was poured as advised and is as wanted: that the advice was right', () => {
    const says = evidenceFromPot(POT)!;
    expect(says.wantedMl).toBeCloseTo(pour.ml, 6);
    expect(says.evidence).toHaveLength(1);
    expect(evidenceFromPot({ ...POT, texture: 5 })!.wantedMl).toBeLessThan(pour.ml);
    expect(evidenceFromPot({ ...POT, input: { ...PILAF, grainId: 'gravel' } })).toBeUndefined();
    expect(evidenceFromPot({ ...POT, pouredMl: 0 })).toBeUndefined();
  });

  it('that was weighed: its water by the scale, and of the grain what the verdict leaves', () => {
    const steam = (lighter: number) =>
      evidenceFromPot({
        ...POT,
        taps: through(
          ['weighs', simmer.id, inSimmer(0.1), { amount: 2000 }],
          ['weighs', last.id, END - 0.5, { amount: 2000 - lighter }],
        ),
      })!.evidence;
    const [grain, water] = steam(150);
    expect(water!.of).toEqual(['lid', 'pot', 'base', 'dish']);
    expect(water!.points).toBeGreaterThan(0);
    expect(grain!.points).toBeCloseTo(-water!.points, 9);
    expect(grain!.of).not.toContain('pot');
    // A scale that was read wrong, or another pot, says nothing.
    expect(steam(-40)).toHaveLength(1);
    expect(steam(1800)).toHaveLength(1);
  });
});

describe('a pour told by its level', () => {
  it('is what was advised where it stands as advised, and a disc of the pot for every mm', () => {
    const of = (mm: number): number => pourAtLevel({ levels, ml: pour.ml }, PILAF, mm);
    expect(of(levels.aboveGrainMm)).toBeCloseTo(pour.ml, 9);
    // A cylinder of that width, by its formula: π d² / 4.
    const mlOfOneMm = (Math.PI * PILAF.vessel.diameterCm ** 2) / 4 / 10;
    expect(of(levels.aboveGrainMm + 10) - pour.ml).toBeCloseTo(10 * mlOfOneMm, 6);
    expect(of(-1000)).toBe(0);
  });
});
