import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { mergeFields, sameValue } from './merge.js';

const base = { label: 'Pot', note: '', diameterCm: 20 };

describe('two changes of one thing', () => {
  it('are one when they are of different fields, or say the same', () => {
    const mine = { ...base, label: 'Blue pot', note: 'same' };
    const theirs = { ...base, diameterCm: 22, note: 'same' };
    expect(mergeFields({ base, mine, theirs })).toEqual({
      merged: { label: 'Blue pot', note: 'same', diameterCm: 22 },
      conflicts: [],
    });
  });

  it('are asked about where they differ in one field', () => {
    expect(
      mergeFields({ base, mine: { ...base, label: 'Blue' }, theirs: { ...base, label: 'Green', note: 'x' } }),
    ).toEqual({ merged: { label: 'Blue', note: 'x', diameterCm: 20 }, conflicts: ['label'] });
  });

  it('are asked about in every difference when nobody knows what they stood on', () => {
    expect(
      mergeFields({ base: undefined, mine: { ...base, label: 'Blue' }, theirs: base }).conflicts,
    ).toEqual(['label']);
  });

  it('of a plan are merged by the fields of the plan; half an amount and half of another are never one', () => {
    const plan = { label: 'Pilaf', input: { grain: { g: 300 }, soakMin: 10, toast: 'opaque' } };
    const mine = { ...plan, input: { grain: { g: 400 }, soakMin: 10, toast: 'opaque' } };
    const { toast: _toast, ...untoasted } = plan.input;
    const soaked = { ...plan, input: { ...untoasted, soakMin: 30 } };
    expect(mergeFields({ base: plan, mine, theirs: soaked })).toEqual({
      merged: { label: 'Pilaf', input: { grain: { g: 400 }, soakMin: 30 } },
      conflicts: [],
    });
    const theirs = { ...plan, input: { ...plan.input, grain: { ml: 500 } } };
    expect(mergeFields({ base: plan, mine, theirs })).toMatchObject({
      merged: { input: { grain: { g: 400 } } },
      conflicts: ['input.grain'],
    });
  });

  it('know an earlier word of the same device from somebody else’s', () => {
    const own = [{ ...base, label: 'B' }];
    const theirs = { ...base, label: 'B', note: 'theirs' };
    expect(mergeFields({ base, mine: { ...base, label: 'Bl' }, theirs, own })).toEqual({
      merged: { label: 'Bl', note: 'theirs', diameterCm: 20 },
      conflicts: [],
    });
    // Put back as it was after it had arrived: that is a change too.
    expect(mergeFields({ base, mine: base, theirs: own[0]!, own }).merged).toEqual(base);
  });

  const fields = fc.dictionary(fc.constantFrom('a', 'b', 'c'), fc.option(fc.nat({ max: 3 })), {
    noNullPrototype: true,
  });

  it('come to the same whichever side merges, where nothing is asked; and lose nothing that one side alone changed', () => {
    fc.assert(
      fc.property(fields, fields, fields, (from, mine, theirs) => {
        const here = mergeFields({ base: from, mine, theirs });
        const there = mergeFields({ base: from, mine: theirs, theirs: mine });
        expect([...here.conflicts].sort()).toEqual([...there.conflicts].sort());
        for (const key of ['a', 'b', 'c'])
          if (!here.conflicts.includes(key)) {
            expect(here.merged[key]).toEqual(there.merged[key]);
            const changed = [mine, theirs].filter((side) => !sameValue(side[key], from[key]));
            expect(here.merged[key]).toEqual((changed[0] ?? from)[key]);
          }
      }),
    );
  });
});

describe('sameValue', () => {
  it.each<[unknown, unknown, boolean]>([
    [{ a: 1, b: undefined }, { a: 1 }, true],
    [{ a: [1, { b: 2 }] }, { a: [1, { b: 2 }] }, true],
    [{ a: [1, 2] }, { a: [2, 1] }, false],
    [null, undefined, false],
    [null, {}, false],
    [[], {}, false],
    [0, -0, true],
    [Number.NaN, Number.NaN, true],
  ])('%p and %p: %p', (a, b, same) => {
    expect(sameValue(a, b)).toBe(same);
    expect(sameValue(b, a)).toBe(same);
  });
});
