import { describe, expect, it } from '@jest/globals';
import { advisedMl } from '../compute/account/answer.js';
import { completePlan } from '../plan/input/completePlan.js';
import { learntInto } from '../plan/derived/learntInto.js';
import type { PlanInput } from '../plan/input/planInput.js';
import { PILAF } from '../testing/cooked.js';
import { evidenceFromPot, type JudgedPot } from './evidence.js';
import { learn, learnMore } from './learn.js';
import { learntOf } from './learntOf.js';
import { potOf } from './potOf.js';
import type { Evidence, Learnt } from './belief.js';

const MADE = { dishId: 'd', bagId: 'b', vesselId: 'v', hobId: 'h' };
const DAY_MS = 86_400_000;

const advised = (plan: PlanInput): number => {
  const made = completePlan(plan);
  if (!made.ok) throw new Error(JSON.stringify(made.error));
  return advisedMl(made.value) ?? 0;
};
const FIRST = advised(PILAF);
/** What a pot says that was poured so far beside the first advice, on a day. */
const says = (
  day: number,
  shift: number,
  texture: JudgedPot['texture'] = 3,
  made = MADE,
): readonly Evidence[] =>
  evidenceFromPot({
    cookId: `c${day.toString()}`,
    atMs: day * DAY_MS,
    input: PILAF,
    pouredMl: FIRST * (1 + shift),
    texture,
    stages: [],
    taps: [],
    ...made,
  })?.evidence ?? [];
/** How far the advice has gone towards a pour, share. */
const followed = (learnt: Learnt, shift: number, made = MADE): number => {
  const found = learntOf(learnt, potOf(PILAF, made));
  const now = advised(learntInto(PILAF, { points: found?.points ?? 0, spread: found?.spread ?? 1 }));
  return (now - FIRST) / (FIRST * shift);
};

describe('what worked', () => {
  it.each([-0.4, -0.3, -0.2, -0.1, 0.1, 0.2, 0.3, 0.4])(
    'at %p beside the advice is followed half-way after one pot, and all the way after two',
    (shift) => {
      expect(followed(learn(says(1, shift)), shift)).toBeGreaterThanOrEqual(0.5);
      const twice = followed(learn([...says(1, shift), ...says(2, shift)]), shift);
      expect(Math.abs(twice - 1)).toBeLessThanOrEqual(0.03);
    },
  );

  it('is of its dish: another dish and another pot go by what all pots say', () => {
    const learnt = learn([...says(1, -0.3), ...says(2, -0.3)]);
    const own = followed(learnt, -0.3);
    for (const other of [
      { ...MADE, dishId: 'other' },
      { ...MADE, vesselId: 'other' },
      { ...MADE, dishId: null as unknown as string },
    ])
      expect(followed(learnt, -0.3, other)).toBeLessThan(own - 0.1);
    // A new bag begins where the dish is.
    expect(followed(learnt, -0.3, { ...MADE, bagId: 'new' })).toBeGreaterThan(0.9);
  });

  it('that comes out otherwise later is left again', () => {
    const twice = [...says(1, -0.3), ...says(2, -0.3)];
    const hard = [...twice, ...says(3, -0.3, 1), ...says(4, -0.3, 1)];
    expect(followed(learn(hard), -0.3)).toBeLessThan(followed(learn(twice), -0.3) - 0.2);
  });

  it('is the same whatever order pots are heard in, and heard later', () => {
    const list = [...says(1, -0.2), ...says(2, -0.2), ...says(3, 0.1)];
    expect(learn([...list].reverse()).ways).toEqual(learn(list).ways);
    expect(learnMore(learn(list.slice(0, 1)), list.slice(1)).ways).toEqual(learn(list).ways);
  });
});
