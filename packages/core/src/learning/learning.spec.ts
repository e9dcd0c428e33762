import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { answer } from '../compute/account/answer.js';
import type { PlanInput } from '../plan/input/planInput.js';
import { PILAF } from '../testing/cooked.js';
import { judgedPot as pot, someJudged as some } from '../testing/judged.js';
import { evidenceFromVerdict } from './evidence.js';
import { GUESTS, HIDDEN_SD } from './hidden.js';
import { learn } from './learn.js';
import type { Evidence, Override } from './belief.js';
import { learntOf } from './learntOf.js';

const poured = (input: PlanInput): number => {
  const made = answer(input);
  if (!made.ok) throw new Error(JSON.stringify(made.error));
  return made.value.pour.ml;
};

describe('what pots teach', () => {
  it('does not depend on their order, nor on what was learnt before', () => {
    fc.assert(
      fc.property(some, (list) => {
        const all = learn(list);
        expect(learn([...list].reverse())).toEqual(all);
        // What stood among them once and was taken out leaves nothing behind.
        learn([...list, pot(999, { points: -6 })]);
        expect(learn(list)).toEqual(all);
      }),
      { seed: 5, numRuns: 40 },
    );
  });

  it('is a belief: sure of nothing before, surer after, and never surer than pots differ', () => {
    fc.assert(
      fc.property(some, (list) => {
        const before = Math.sqrt(Object.values(HIDDEN_SD).reduce((sum, sd) => sum + sd ** 2, 0));
        for (const e of list) {
          const { spread } = learntOf(learn(list), e)!;
          expect(spread).toBeGreaterThan(0);
          expect(spread).toBeLessThanOrEqual(1 + 1e-9);
          expect(spread * before).toBeGreaterThan(0.1);
        }
      }),
      { seed: 6, numRuns: 40 },
    );
    const left = (n: number): number =>
      learntOf(learn(Array.from({ length: n }, (_, i) => pot(i))), pot(0))!.spread;
    expect([1, 2, 4, 8].map(left).every((s, i, all) => i === 0 || s < all[i - 1]!)).toBe(true);
  });

  it('of one bag helps another bag of its kind, less than itself, and not a pot that shares nothing but the household', () => {
    const learnt = learn([pot(0), pot(1), pot(2)]);
    const same = learntOf(learnt, pot(0))!.points;
    const brother = learntOf(learnt, pot(0, { bagId: 'new' }))!.points;
    const other = learntOf(
      learnt,
      pot(0, {
        grainId: 'millet',
        method: 'boilDown',
        bagId: 'm',
        vesselId: 'v',
        hobId: 'h',
        dishId: 'n',
      }),
    )!.points;
    expect(same).toBeGreaterThan(brother);
    expect(brother).toBeGreaterThan(0.7 * same);
    expect(other).toBeLessThan(0.4 * same);
    expect(learntOf(learn([]), pot(0))).toBeUndefined();
  });

  it('of a mad pot moves it by no more than a third of what one does that is a step off', () => {
    for (const n of [1, 3, 5, 10]) {
      const good = Array.from({ length: n }, (_, i) => pot(i, { points: 0.5 }));
      const at = (list: Evidence[]): number => learntOf(learn(list), pot(0))!.points;
      const plain = at(good);
      const byGood = Math.abs(at([...good, pot(90, { points: 0.5 + 2.75 })]) - plain);
      const byMad = Math.abs(at([...good, pot(90, { points: -9, sd: 1.9 })]) - plain);
      expect(byMad).toBeLessThanOrEqual(byGood / 3);
    }
  });

  it('widens where pots contradict each other', () => {
    const contradict = [4, -4, 4, -4].map((points, n) => pot(n, { points }));
    const agree = [0, 0, 0, 0].map((points, n) => pot(n, { points }));
    expect(learntOf(learn(contradict), pot(0))!.spread).toBeGreaterThan(
      learntOf(learn(agree), pot(0))!.spread * 1.15,
    );
  });

  it('is what brute force finds: the sum of the hidden values on a fine grid (Bayes, by integration)', () => {
    // One pot of nothing but kind, method and taste: one number, a normal prior, and a tenth of mistakes five times as wide.
    const prior = HIDDEN_SD.taste ** 2 + HIDDEN_SD.who ** 2 + HIDDEN_SD.kind ** 2 + HIDDEN_SD.method ** 2;
    const unnamed = HIDDEN_SD.bag ** 2 + HIDDEN_SD.pot ** 2 + HIDDEN_SD.dish ** 2;
    for (const points of [-3, -1, 0.5, 2, 4]) {
      const e = pot(0, { points, bagId: null, vesselId: null, dishId: null });
      const scale = e.sd ** 2 + 2 * 0.5 ** 2 + unnamed;
      let [all, sum] = [0, 0];
      for (let x = -12; x <= 12; x += 0.005) {
        const is = (v: number): number => Math.exp((-0.5 * (points - x) ** 2) / v) / Math.sqrt(v);
        const weight = Math.exp((-0.5 * x * x) / prior) * (0.9 * is(scale) + 0.1 * is(25 * scale));
        all += weight;
        sum += weight * x;
      }
      expect(Math.abs(learntOf(learn([e]), e)!.points - sum / all)).toBeLessThan(0.2);
    }
  });
});

describe('poor evidence', () => {
  const bagOf = (list: Evidence[], grainId: string): number | undefined => {
    const { ids, mean } = learn(list);
    return mean[ids.indexOf(`bag:bag/${grainId}`)];
  };

  it('of a bag that holds another grain now is of the grain it held', () => {
    const before = [0, 1, 2].map((n) => pot(n));
    expect(bagOf(before, 'basmati')).toBeGreaterThan(0);
    expect(bagOf(before, 'jasmine')).toBeUndefined();
    expect(bagOf([...before, pot(9, { grainId: 'jasmine', points: -2 })], 'jasmine')).toBeLessThan(0);
  });

  it('that is all one way is followed, and stays a pour', () => {
    const mushy = Array.from({ length: 12 }, (_, n) => pot(n, { points: -5.5, sd: 1.9 }));
    const { points, spread } = learntOf(learn(mushy), pot(0))!;
    expect(points).toBeLessThan(-3.5);
    expect(points).toBeGreaterThan(-5.5);
    expect(spread).toBeLessThan(0.5);
    expect(poured({ ...PILAF, learntPoints: points, learntSpread: spread })).toBeGreaterThan(100);
  });

  it('by a scale that contradicts the verdict widens what is thought, and no more', () => {
    const plain = [0, 1, 2].map((n) => pot(n, { points: 0 }));
    const weighed = [3, 4].map((n) => pot(n, { points: 8, sd: 0.5, of: ['pot', 'dish'] }));
    const at = learntOf(learn([...plain, ...weighed]), pot(0))!;
    expect(Math.abs(at.points)).toBeLessThan(1.5);
    expect(Number.isFinite(at.spread)).toBe(true);
  });
});

describe('what the household says itself', () => {
  const bag = { ids: ['bag:bag/basmati'] };
  const of = (list: Evidence[], told: Override[] = [], whose = pot(0)): number =>
    learntOf(learn(list, told), whose)?.points ?? 0;

  it('of a bag is where it begins, and pots move it from there', () => {
    expect(learn([], [{ id: 'bag:bag/basmati', points: 1.5 }])).toMatchObject({ ...bag, pots: [0] });
    expect(of([], [{ id: 'bag:bag/basmati', points: 1.5 }])).toBeCloseTo(1.5, 9);
    const drier = [0, 1, 2, 3].map((n) => pot(n, { points: -2 }));
    expect(of(drier, [{ id: 'bag:bag/basmati', points: 1.5 }])).toBeLessThan(1.5);
    expect(of(drier, [{ id: 'bag:bag/basmati', points: 1.5 }])).toBeGreaterThan(of(drier));
  });

  it('lets a bag be forgotten: what pots from before taught stays with all else, and those after count', () => {
    const long = [0, 1, 2, 3].map((n) => pot(n, { atMs: 1000 + n }));
    const forgotten = learn(long, [{ id: 'bag:bag/basmati', sinceMs: 5000 }]);
    expect(forgotten.ids).not.toContain('bag:bag/basmati');
    expect(forgotten.ids).toContain('kind:basmati');
    const since = learn([...long, pot(9, { atMs: 6000 })], [{ id: 'bag:bag/basmati', sinceMs: 5000 }]);
    expect(since.pots[since.ids.indexOf('bag:bag/basmati')]).toBe(1);
  });

  it('keeps two cooks’ tastes apart, and guests’ from the household’s', () => {
    const soft = [0, 1, 2, 3].map((n) => pot(n, { by: 'Ada', points: 3 }));
    const firm = [4, 5, 6, 7].map((n) => pot(n, { by: 'Ben', points: -1 }));
    const both = learn([...soft, ...firm]);
    const [ada, ben] = ['Ada', 'Ben'].map((by) => learntOf(both, pot(0, { by }))!.points);
    expect(ada! - ben!).toBeGreaterThan(1);
    const ours = [0, 1, 2, 3].map((n) => pot(n, { points: 0 }));
    const theirs = [4, 5].map((n) => pot(n, { points: 3 }));
    expect(Math.abs(of([...ours, ...theirs.map((e) => ({ ...e, by: GUESTS }))]))).toBeLessThan(
      0.5 * of([...ours, ...theirs]),
    );
  });

  it('an old bag counts for less than a new pot of it says', () => {
    const YEAR = 365.25 * 24 * 3600 * 1000;
    const old = pot(0, { points: 3, atMs: 0 });
    const now = pot(1, { points: 0, atMs: 4 * YEAR, bagId: 'other' });
    const fresh = pot(0, { points: 3, atMs: 4 * YEAR });
    expect(of([old, now])).toBeLessThan(of([fresh, now]));
    expect(learntOf(learn([old, now]), pot(0))!.spread).toBeGreaterThan(
      learntOf(learn([fresh, now]), pot(0))!.spread,
    );
  });
});

describe('what a pot says', () => {
  it('that was poured as advised and came out as wanted is nothing; more poured says that it wanted more', () => {
    const ml = poured(PILAF);
    expect(evidenceFromVerdict({ input: PILAF, pouredMl: ml, texture: 3 })!.points).toBeCloseTo(0, 6);
    const more = evidenceFromVerdict({ input: PILAF, pouredMl: ml * 1.1, texture: 3 })!;
    expect(more.points).toBeGreaterThan(1);
    // A step too soft at that says as much less as a step is.
    const soft = evidenceFromVerdict({ input: PILAF, pouredMl: ml * 1.1, texture: 4 })!;
    expect(more.points - soft.points).toBeCloseTo(2.75, 9);
    expect(evidenceFromVerdict({ input: PILAF, pouredMl: ml, texture: 3, known: true })!.sd).toBeLessThan(
      more.sd / 2,
    );
    expect(evidenceFromVerdict({ input: PILAF, pouredMl: 0, texture: 3 })).toBeUndefined();
    expect(
      evidenceFromVerdict({ input: { ...PILAF, grainId: 'gravel' }, pouredMl: 500, texture: 3 }),
    ).toBeUndefined();
    // Neither a rule that was held to nor what was learnt before is counted twice.
    expect(
      evidenceFromVerdict({ input: { ...PILAF, leanMl: 60, learntPoints: 3 }, pouredMl: ml, texture: 3 })!
        .points,
    ).toBeCloseTo(0, 6);
  });

  it('of a pot that is known is believed against pots that said otherwise', () => {
    const others = [0, 1, 2, 3].map((n) => pot(n, { points: 0 }));
    const known = pot(9, { points: 4, sd: 0.55, sure: true });
    expect(learntOf(learn([...others, known]), pot(0))!.points).toBeGreaterThan(2.2);
    expect(learntOf(learn([...others, pot(9, { points: 4 })]), pot(0))!.points).toBeLessThan(1.2);
  });

  it('brings the next pour to it: one pot that always comes out right, to a few per cent', () => {
    const ml = poured(PILAF) * 1.15;
    const said = evidenceFromVerdict({ input: PILAF, pouredMl: ml, texture: 3, known: true })!;
    const known = pot(0, said);
    const { points, spread } = learntOf(learn([known]), known)!;
    const next = poured({ ...PILAF, learntPoints: points, learntSpread: spread });
    expect(Math.abs(next / ml - 1)).toBeLessThan(0.03);
    const before = answer(PILAF);
    const after = answer({ ...PILAF, learntPoints: points, learntSpread: spread });
    if (!before.ok || !after.ok) throw new Error('no answer');
    expect(after.value.doubt.g).toBeLessThan(before.value.doubt.g);
  });
});
