import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import type { PlanInput } from '../plan/input/planInput.js';
import { PILAF } from '../testing/cooked.js';
import { judgedPot as pot, someJudged as some } from '../testing/judged.js';
import { learn, learnMore } from './learn.js';
import type { Evidence } from './belief.js';
import { learntOf } from './learntOf.js';
import { potOf } from './potOf.js';

describe('what is learnt of parts', () => {
  const at = (list: Evidence[], more: Partial<Evidence>): number =>
    learntOf(learn(list), pot(0, more))?.points ?? 0;
  const onOne = [0, 1, 2, 3].map((n) => pot(n, { points: 3 }));

  it('goes from one ring to another under the same pot and lid, further than to another pot', () => {
    const other = at(onOne, { vesselId: 'other', hobId: 'second' });
    expect(at(onOne, { hobId: 'second' })).toBeGreaterThan(other);
    expect(at(onOne, { hobId: 'second' })).toBeLessThan(at(onOne, {}));
  });

  it('goes with what a base brings to a dish that is new, and with the step that was asked for', () => {
    const tomato = onOne.map((e) => ({ ...e, baseId: 'tomato', texture: 4 as const }));
    const fresh = { dishId: 'new' };
    expect(at(tomato, { ...fresh, baseId: 'tomato', texture: 4 })).toBeGreaterThan(
      at(tomato, { ...fresh, baseId: 'coconutMilk', texture: 4 }),
    );
    expect(at(tomato, { baseId: 'tomato', texture: 4 })).toBeGreaterThan(
      at(tomato, { baseId: 'tomato', texture: 2 }),
    );
  });

  it('is one with what a device adds itself until it has asked again', () => {
    fc.assert(
      fc.property(some, (list) => {
        const [last, ...before] = list;
        const all = learn(list);
        const added = learnMore(learn(before), [last!]);
        expect([...added.ids].sort()).toEqual([...all.ids].sort());
        expect(learnMore(all, [])).toEqual(all);
        const [of, by] = [all, added].map((l) => learntOf(l, last!)!);
        // The earlier pots keep what they counted for: a mad one is not found out by the new one.
        expect(Math.abs(of!.points - by!.points)).toBeLessThan(0.6);
        expect(by!.pots).toEqual(of!.pots);
      }),
      { seed: 8, numRuns: 40 },
    );
  });

  it('is the same a row after another as all at once', () => {
    // Beyond four rows a value the rows are taken together; the same pots with names of their own are not.
    const many = Array.from({ length: 60 }, (_, n) => pot(n, { points: 1.5 + Math.sin(n) }));
    const few = learn(many.slice(0, 30));
    const twice = learnMore(few, many.slice(30));
    const { points, spread } = learntOf(learn(many), pot(0))!;
    expect(learntOf(twice, pot(0))!.points).toBeCloseTo(points, 1);
    expect(learntOf(twice, pot(0))!.spread).toBeCloseTo(spread, 1);
  });
});

describe('what a pot hangs on', () => {
  const base = (more: Partial<PlanInput>) =>
    potOf({ ...PILAF, ingredients: [], ...more }, { vesselId: 'v' }).baseId;

  it('is what brings most of its water: an ingredient of the larder, one of the household’s own, or the liquid', () => {
    expect(base({})).toBe('water');
    expect(base({ pourWith: 'coconutMilk' })).toBe('coconutMilk');
    const oil = { ingredientId: 'oil', amount: { g: 300 } };
    const onion = { ingredientId: 'onion', amount: { g: 100 } };
    const tomato = { ingredientId: 'tomato', amount: { g: 300 } };
    expect(base({ ingredients: [oil, onion, tomato] })).toBe('tomato');
    expect(base({ ingredients: [{ ...onion, amount: { g: 20 } }] })).toBe('water');
    const ours = { id: 'ours', name: 'Our passata', like: 'tomatoPuree' } as const;
    expect(base({ own: [ours], ingredients: [onion, { ingredientId: 'ours', amount: { g: 400 } }] })).toBe(
      'ours',
    );
    // What cannot be read is left out.
    expect(base({ ingredients: [{ ...tomato, amount: { text: 'some' } }, onion] })).toBe('onion');
    expect(potOf(PILAF, { by: 'Ada' })).toMatchObject({ by: 'Ada', grainId: PILAF.grainId, texture: 2 });
  });
});
