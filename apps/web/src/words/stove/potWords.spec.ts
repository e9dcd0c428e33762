import { completePlan, courseOf, type PlanInput, type Stage, type Trouble } from '@hammock/core';
import { describe, expect, it } from '@jest/globals';
import { apartWords, changeText, inAHundred, nearestTo, SEEN, troubleText } from './potWords.js';

const PLAN: PlanInput = {
  grainId: 'longGrainWhite',
  grain: { g: 350 },
  wash: 'rinsed',
  vessel: { diameterCm: 22, volumeMl: 4000 },
};

/** Pots that go wrong, each its own way. */
const WRONG: readonly (readonly [string, Partial<PlanInput>, number, (s: Stage) => Stage])[] = [
  ['much too much', {}, 3000, (s) => s],
  ['much too little', {}, 150, (s) => s],
  ['nothing', {}, 0, (s) => s],
  ['no lid', {}, 540, (s) => (s.act === 'simmer' ? { ...s, lid: 'off' } : s)],
  ['a fierce ring', {}, 640, (s) => (s.act === 'simmer' ? { ...s, heat: 'high' } : s)],
  ['four minutes', { timing: { coveredMin: 4, restMin: 1 } }, 640, (s) => s],
  ['a ring of no power', { hob: { powerW: { high: 0, low: 0 } } }, 640, (s) => s],
  ['too small a pot', { wash: 'unwashed', vessel: { diameterCm: 18, volumeMl: 1050 } }, 640, (s) => s],
];

function cooked([, over, pourG, edit]: (typeof WRONG)[number]): {
  readonly troubles: readonly Trouble[];
  readonly stages: readonly Stage[];
} {
  const made = completePlan({ ...PLAN, ...over });
  if (!made.ok) throw new Error('a plan');
  const plan = { ...made.value, stages: made.value.stages.map(edit) };
  return { troubles: courseOf(plan, pourG).troubles, stages: plan.stages };
}

describe('what could be done otherwise', () => {
  it.each(['high', 'low', 'off'] as const)('names the heat once: %s', (heat) => {
    const text = changeText({ code: 'heat', stageId: 'x', heat }, [], () => '');
    expect(text.match(/heat/gu)).toHaveLength(1);
  });
});

describe('what goes wrong, in words', () => {
  it.each(WRONG.map((pot) => [pot[0], pot] as const))('%s: what, when, where and why', (_, pot) => {
    const { troubles, stages } = cooked(pot);
    expect(troubles.length).toBeGreaterThan(0);
    for (const trouble of troubles) {
      const { what, why } = troubleText(trouble, stages);
      expect(what).toMatch(/^[A-Z]/u);
      expect(why).toMatch(/^From minute \d+(, in “.+”)?: .+\.$/u);
      expect(`${what} ${why}`).not.toMatch(/undefined|NaN/u);
      for (const change of trouble.avoidedBy) {
        const words = changeText(change, stages, (g) => `${Math.round(g).toString()} ml`);
        expect(words).not.toMatch(/undefined|NaN|that stage/u);
        expect(words.length).toBeGreaterThan(5);
      }
    }
  });

  it('names between them most of what can be named', () => {
    const codes = new Set(WRONG.flatMap((pot) => cooked(pot).troubles.map((t) => t.code)));
    expect([...codes].sort()).toEqual(
      expect.arrayContaining([
        'boiledOver',
        'caught',
        'hardCentre',
        'neverBoiled',
        'noLiquid',
        'tooHard',
        'wetPot',
      ]),
    );
  });

  it('speaks of a stage that is no longer there without a name', () => {
    expect(changeText({ code: 'longer', stageId: 'gone', minutes: 4 }, [], () => '')).toBe(
      '4 min longer in that stage',
    );
  });
});

describe('small words', () => {
  it('say how well grains stay apart, and a share as people say it', () => {
    expect([0.2, 0.5, 0.74, 0.75, 1].map(apartWords)).toEqual([
      'grains hold together',
      'grains come apart with a fork',
      'grains come apart with a fork',
      'each grain by itself',
      'each grain by itself',
    ]);
    expect([0, 0.004, 0.005, 0.575, 1].map(inAHundred)).toEqual(['0', '0', '1', '57', '99']);
    expect(Object.values(SEEN).every((s) => s.length > 3)).toBe(true);
  });

  it('read the odds of the nearest pour that was cooked, and none far from all of them', () => {
    const chances = (asWanted: number) => ({ hard: 0, asWanted, tooSoft: 0, wetTop: 0, caught: 0 });
    const odds = {
      curve: [
        { waterG: 500, chances: chances(0.3) },
        { waterG: 540, chances: chances(0.6) },
      ],
      planned: { waterG: 540, chances: chances(0.6) },
    } as unknown as Parameters<typeof nearestTo>[0];
    expect(nearestTo(odds, 515)?.chances.asWanted).toBe(0.3);
    expect(nearestTo(odds, 524)?.chances.asWanted).toBe(0.6);
    expect(nearestTo(odds, 566)).toBeUndefined();
    expect(nearestTo(odds, 460)).toBeUndefined();
  });
});
