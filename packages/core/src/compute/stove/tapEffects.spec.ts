import { describe, expect, it } from '@jest/globals';
import { TAP_KINDS } from './tap.js';
import { broughtMl, effectOf, isEdit, isObservation } from './tapEffects.js';

describe('what a tap does', () => {
  it('is said of every kind, and each is of one sort', () => {
    for (const kind of TAP_KINDS) {
      const { is } = effectOf(kind);
      expect([kind, isEdit(kind), isObservation(kind)]).toEqual([kind, is === 'edits', is === 'tells']);
    }
  });

  it('brings a splash in, takes a ladle out, and nothing with anything else', () => {
    expect(broughtMl({ kind: 'splash', amount: 60 })).toBe(60);
    expect(broughtMl({ kind: 'ladled', amount: 60 })).toBe(-60);
    // An amount is also minutes, grams or degrees.
    for (const kind of TAP_KINDS.filter((k) => k !== 'splash' && k !== 'ladled'))
      expect([kind, broughtMl({ kind, amount: 60 })]).toEqual([kind, 0]);
  });

  it('makes another pot of it whenever water goes in or out, ring or lid are other, or it stands beside its ring', () => {
    for (const kind of TAP_KINDS) {
      const { bringsMl, losesG, sets, stands, isOther, parts } = effectOf(kind);
      const isChanged = [bringsMl, losesG, sets].some((x) => x !== undefined) || stands === true;
      if (isChanged) expect([kind, isOther, parts]).toEqual([kind, true, true]);
    }
  });
});
