import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { answer } from '../account/answer.js';
import { wetBasis } from '../../basics/grain/moisture.js';
import { TASTED, textureOf } from '../../basics/grain/texture.js';
import { chancesAt } from '../odds/chances.js';
import { frameOf, sampleRows } from '../odds/sample.js';
import type { PlanInput } from '../../plan/input/planInput.js';
import { advancePot, endStage, readPot, stageOverAtMin, startPot } from '../pot/live.js';
import { setupOf, type TrueValues } from '../pot/setup.js';
import { W0 } from '../pot/state.js';
import { PILAF, planOf } from '../../testing/cooked.js';
import { beliefOf, type PotBelief, type PotNow } from './belief.js';
import { LOOKED, OBSERVATIONS } from './observation.js';
import { TAP_KINDS, type Tap } from './tap.js';

const MIN = 60_000;
const answered = (input: PlanInput) => {
  const made = answer(input);
  if (!made.ok) throw new Error(JSON.stringify(made.error));
  return made.value;
};
const { stages, pour, keepBy } = answered(PILAF);
const minutesOf = (id: string): number => {
  const { end } = stages.find((s) => s.id === id)!;
  return end.kind === 'minutes' ? end.minutes : end.expectMin;
};

/** Taps in the order they were made, each after so many minutes. */
const taps = (
  list: readonly (readonly [kind: Tap['kind'], stageId: string, atMin: number, more?: object])[],
): Tap[] =>
  list.map(([kind, stageId, atMin, more], i) => ({
    id: `t${i.toString()}`,
    seq: i,
    kind,
    stageId,
    atMs: atMin * MIN,
    ...more,
  }));

/** Everything pressed when the plan says, up to the beginning of the simmer. */
const BEFORE: readonly (readonly [Tap['kind'], string, number])[] = (() => {
  let at = 0;
  const list: [Tap['kind'], string, number][] = [['start', stages[0]!.id, 0]];
  for (const s of stages) {
    if (s.act === 'simmer') break;
    at += minutesOf(s.id);
    list.push(['done', s.id, at]);
  }
  return list;
})();
const SIMMERS = BEFORE.at(-1)![2];
const believed = (list: Tap[], nowMin: number, more: Partial<PotNow> = {}): PotBelief =>
  beliefOf({ input: PILAF, stages, taps: list, nowMs: nowMin * MIN, keepByMl: keepBy.ml, ...more })!;
const said = (kind: Tap['kind'], word: string, atMin: number) =>
  [kind, 'simmer', SIMMERS + atMin, { said: word }] as const;

describe('a pot of which nothing was said', () => {
  it('has the odds', () => {
    const plan = planOf(PILAF);
    const frame = frameOf(plan);
    const odds = chancesAt({ frame, rows: sampleRows(frame, 7, 0, 600) }, {});
    const belief = beliefOf(
      { input: PILAF, stages, taps: [], nowMs: 0, keepByMl: keepBy.ml },
      { draws: 900, seed: 7 },
    )!;
    for (const key of ['asWanted', 'hard', 'tooSoft'] as const)
      expect(Math.abs(belief.leftAlone[key] - odds[key])).toBeLessThan(0.04);
    expect(belief.act.kind).toBe('none');
  });
});

describe('taps', () => {
  const list = taps([...BEFORE, said('looked', 'holes', 9), said('tasted', 'nearly', 14)]);

  it('say the same in whatever order they arrive', () => {
    const all = believed(list, SIMMERS + 14);
    fc.assert(
      fc.property(fc.shuffledSubarray(list, { minLength: list.length }), (shuffled) => {
        expect(believed(shuffled, SIMMERS + 14)).toEqual(all);
      }),
      { numRuns: 4 },
    );
  });

  it('that are undone leave no trace', () => {
    const before = list.slice(0, -1);
    const undo: Tap = {
      id: 'u',
      seq: 99,
      kind: 'undo',
      stageId: 'simmer',
      atMs: (SIMMERS + 14) * MIN,
      undoesId: list.at(-1)!.id,
    };
    expect(believed([...list, undo], SIMMERS + 14)).toEqual(believed(before, SIMMERS + 14));
  });

  it('of any kind, at any time, never break it', () => {
    const tap = fc.record({
      kind: fc.constantFrom(...TAP_KINDS.filter((k) => k !== 'undo')),
      stageId: fc.constantFrom(...stages.map((s) => s.id), 'nowhere'),
      atMs: fc.integer({ min: -86_400_000, max: 86_400_000 }),
      said: fc.constantFrom(...Object.values(OBSERVATIONS).flatMap((s) => s.words ?? []), ''),
      amount: fc.double({ min: -20, max: 60_000, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(tap, { maxLength: 12 }), fc.integer({ min: -60, max: 600 }), (list, nowMin) => {
        const events = list.map((t, i) => ({ ...t, id: i.toString(), seq: i }));
        const { leftAlone, then, leftMin } = believed(events, nowMin);
        for (const share of [...Object.values(leftAlone), ...Object.values(then)])
          expect(share >= 0 && share <= 1).toBe(true);
        expect(leftMin.least).toBeLessThanOrEqual(leftMin.most);
      }),
      { numRuns: 25 },
    );
  });
});

describe('what is said', () => {
  it('of the grain decides what is done, and each act is better than none', () => {
    const at = (word: (typeof TASTED)[number]) =>
      believed(taps([...BEFORE, said('tasted', word, 15)]), SIMMERS + 15);
    const [hard, nearly] = [at('hard'), at('nearly')];
    expect(hard.act.kind).toBe('splash');
    expect(hard.then.asWanted).toBeGreaterThan(hard.leftAlone.asWanted + 0.2);
    // A step firmer is nearly right, and not wrong: it rests to its end.
    expect(nearly.act.kind).toBe('none');
    const soft = at('soft');
    expect(soft.act.kind).toBe('open');
    expect(at('done').leftAlone.asWanted).toBeGreaterThan(0.6);
    // Firmer grain wants more water: what the grain wants is learnt from the tooth.
    expect(nearly.grainWants.mean).toBeGreaterThan(soft.grainWants.mean + 0.05);
  });

  it('makes a wetter pot of a wetter look', () => {
    const soft = LOOKED.map(
      (word) => believed(taps([...BEFORE, said('looked', word, 8)]), SIMMERS + 8).leftAlone.tooSoft,
    );
    expect(soft[2]).toBeGreaterThan(soft[4]!);
    expect(believed(taps([...BEFORE, said('looked', 'soup', 14)]), SIMMERS + 14).unlikely).toBe(true);
    expect(believed(taps([...BEFORE, said('looked', 'holes', 10)]), SIMMERS + 10).unlikely).toBe(false);
  });

  it('of what was poured has its mend at once', () => {
    const over = believed(taps(BEFORE), SIMMERS, { pouredMl: pour.ml * 1.25 });
    expect(over.act).toMatchObject({ kind: 'open', lively: true });
    const under = believed(taps(BEFORE), SIMMERS, { pouredMl: pour.ml * 0.75 });
    expect(under.act).toMatchObject({ kind: 'splash', moreThanKept: true });
    for (const { leftAlone, then } of [over, under])
      expect(then.asWanted).toBeGreaterThan(leftAlone.asWanted + 0.25);
  });

  it('of a pot that was opened has something to be done, also where it was locked before', () => {
    for (const method of ['coveredAbsorption', 'multiCooker'] as const) {
      const kind = method === 'multiCooker' ? ({ kind: 'multiCooker' } as const) : {};
      const input: PlanInput = { ...PILAF, method, vessel: { ...PILAF.vessel, ...kind } };
      const made = answered(input);
      let at = 0;
      const list: (readonly [Tap['kind'], string, number, object?])[] = [['start', made.stages[0]!.id, 0]];
      for (const s of made.stages) {
        at += s.end.kind === 'minutes' ? s.end.minutes : s.end.expectMin;
        list.push(['done', s.id, at]);
      }
      list.push(['tasted', made.stages.at(-1)!.id, at + 1, { said: 'hard' }]);
      const { act, then, leftAlone } = beliefOf({
        input,
        stages: made.stages,
        taps: taps(list),
        nowMs: (at + 1) * MIN,
        keepByMl: made.keepBy.ml,
      })!;
      expect(['splash', 'backOn']).toContain(act.kind);
      expect(then.asWanted).toBeGreaterThan(leftAlone.asWanted + 0.1);
    }
  });

  it('of the ring does not change what the sign of a boil-down looks like', () => {
    const input: PlanInput = { ...PILAF, method: 'boilDown' };
    const made = answered(input);
    let at = 0;
    const list: (readonly [Tap['kind'], string, number, object?])[] = [['start', made.stages[0]!.id, 0]];
    for (const s of made.stages) {
      if (s.act === 'boilDown') break;
      at += s.end.kind === 'minutes' ? s.end.minutes : s.end.expectMin;
      list.push(['done', s.id, at]);
    }
    const stage = made.stages.find((s) => s.act === 'boilDown')!;
    const after = (more: readonly (typeof list)[number][]): PotBelief =>
      beliefOf({
        input,
        stages: made.stages,
        taps: taps([...list, ...more]),
        nowMs: (at + 1) * MIN,
        keepByMl: made.keepBy.ml,
      })!;
    // The same ring said again splits the stage, and nothing else.
    const split = after([['heat', stage.id, at + 1, { said: stage.heat }]]);
    const whole = after([['stirred', stage.id, at + 1]]);
    expect(split.leftMin.least).toBeCloseTo(whole.leftMin.least, 1);
    expect(split.leftMin.most).toBeCloseTo(whole.leftMin.most, 1);
    expect(split.leftAlone.asWanted).toBeCloseTo(whole.leftAlone.asWanted, 1);
  });

  it('of the ring and the lid is set back after its minutes', () => {
    const base = taps(BEFORE);
    const open = (amount: number): PotBelief =>
      believed(
        [
          ...base,
          ...taps([['lidUp', 'simmer', SIMMERS + 1, { amount, said: 'mediumHigh' }]]).map((t) => ({
            ...t,
            id: 'lid',
            seq: 50,
          })),
        ],
        SIMMERS + 12,
      );
    const [shut, short, long] = [believed(base, SIMMERS + 12), open(3), open(10)];
    expect(short.leftAlone.hard).toBeGreaterThan(shut.leftAlone.hard + 0.1);
    expect(long.leftAlone.hard).toBeGreaterThan(short.leftAlone.hard);
  });

  it('that a boil came early speaks of a strong ring', () => {
    const boil = (atMin: number): number => {
      const from = BEFORE.at(-2)![2];
      const list = taps([...BEFORE.slice(0, -1), ['sign', 'boil', from + atMin, { said: 'boil' }]]);
      return believed(list, from + atMin).ring.mean;
    };
    const usual = minutesOf('boil');
    expect(boil(usual * 0.8)).toBeGreaterThan(boil(usual * 1.3) + 0.15);
  });

  it('two weighings say what steamed off between them, whatever the pot itself weighs', () => {
    const weighed = (emptyG: number, lostG: number, putIn = 0): PotBelief =>
      believed(
        taps([
          ...BEFORE,
          ['weighs', 'simmer', SIMMERS + 1, { amount: emptyG + 1500 }],
          ...(putIn > 0 ? [['splash', 'simmer', SIMMERS + 5, { amount: putIn }] as const] : []),
          ['weighs', 'simmer', SIMMERS + 11, { amount: emptyG + 1500 - lostG + putIn }],
        ]),
        SIMMERS + 11,
      );
    const little = weighed(900, 10);
    const much = weighed(900, 60);
    expect(much.ring.mean).toBeGreaterThan(little.ring.mean + 0.05);
    expect(weighed(2400, 60)).toEqual(much);
    // What was put in between does not count as steam that came back.
    expect(Math.abs(weighed(900, 60, 45).ring.mean - much.ring.mean)).toBeLessThan(0.05);
    // One weight alone, the pot's own among it, tells nothing; a pot that grows heavier by itself is looked at again.
    const once = believed(
      taps([...BEFORE, ['weighs', 'simmer', SIMMERS + 1, { amount: 400 }]]),
      SIMMERS + 11,
    );
    expect(once.leftAlone).toEqual(believed(taps(BEFORE), SIMMERS + 11).leftAlone);
    expect(weighed(900, -300).unlikely).toBe(true);
  });

  it('of a stage that is left out ahead counts at once, and not only when its turn comes', () => {
    const rest = stages.find((s) => s.act === 'rest')!.id;
    const at = (list: Tap[]): number => believed(list, SIMMERS + 8).leftAlone.asWanted;
    const skipped = taps([...BEFORE, ['skip', rest, SIMMERS + 8]]);
    expect(at(skipped)).not.toBe(at(taps(BEFORE)));
  });

  it('opens no pot that is locked, and calls none lost that cannot be helped yet', () => {
    const locked: PlanInput = {
      ...PILAF,
      method: 'multiCooker',
      vessel: { ...PILAF.vessel, kind: 'multiCooker' },
    };
    const made = answered(locked);
    const list: Tap[] = taps([['start', made.stages[0]!.id, 0]]);
    let at = 0;
    for (const s of made.stages) {
      if (s.act === 'pressure') break;
      at += 5;
      list.push(...taps([['done', s.id, at]]).map((t) => ({ ...t, id: s.id, seq: at })));
    }
    const { act } = beliefOf({
      input: locked,
      stages: made.stages,
      taps: list,
      nowMs: (at + 1) * MIN,
      keepByMl: 100,
      pouredMl: made.pour.ml * 0.7,
    })!;
    expect(act.kind).toBe('none');
  });
});

describe('a pot told of truly and exactly', () => {
  /** One hidden kitchen: what its pot shows when, told without an error. */
  const toldOf = (truth: TrueValues): PotBelief => {
    const plan = planOf(PILAF);
    const setup = setupOf(plan, truth);
    const at = BEFORE.at(-2)![2];
    let pot = startPot(setup, pour.waterG);
    while (plan.stages[pot.stageIndex]!.act !== 'boil') pot = endStage(setup, pot);
    const boilMin = stageOverAtMin(setup, pot);
    pot = endStage(setup, advancePot(setup, pot, boilMin, { stays: true }));
    const list: (readonly [Tap['kind'], string, number, object?])[] = [
      ...BEFORE.slice(0, -1),
      ['sign', 'boil', at + boilMin, { said: 'boil' }],
      ['done', 'boil', at + boilMin],
    ];
    for (const m of [4, 6, 8, 10, 12, 14]) {
      const { gapsFull, y } = readPot(setup, advancePot(setup, pot, m, { stays: true }));
      const look = LOOKED[[1.5, 1, 0.6, 0.15].findIndex((edge) => gapsFull > edge)] ?? 'dry';
      list.push(['looked', 'simmer', at + boilMin + m, { said: look }]);
      if (m < 12) continue;
      const feels = wetBasis((y[W0]! + y[W0 + 1]! + y[W0 + 2]!) / 3 / truth.bag);
      const off = textureOf(plan, feels) - plan.texture;
      const taste = TASTED[[-1.25, -0.5, 0.5].findIndex((edge) => off < edge)] ?? 'soft';
      list.push(['tasted', 'simmer', at + boilMin + m, { said: taste }]);
    }
    return believed(taps(list), at + boilMin + 14);
  };
  const plain = { grain: 1, moisturePoints: 0, bag: 1, speed: 1, power: 1, lid: 1, brought: 1, timingMin: 0 };

  it.each([0.8, 0.9, 1, 1.1])('finds a ring that gives %p of what the plan says, to a twentieth', (power) => {
    expect(Math.abs(toldOf({ ...plain, power }).ring.mean / power - 1)).toBeLessThan(0.05);
  });

  it.each([0.9, 1, 1.1])('finds grain that wants %p of what is usual, to three hundredths', (bag) => {
    expect(Math.abs(toldOf({ ...plain, bag }).grainWants.mean / bag - 1)).toBeLessThan(0.03);
  });
});
