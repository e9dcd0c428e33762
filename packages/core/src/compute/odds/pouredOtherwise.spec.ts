import { describe, expect, it } from '@jest/globals';
import { answer } from '../account/answer.js';
import { PILAF } from '../../testing/cooked.js';
import { pouredOtherwise } from './pouredOtherwise.js';

const made = answer(PILAF);
if (!made.ok) throw new Error('a plan');
const advised = made.value.pour.ml;
const poured = (share: number) => pouredOtherwise(PILAF, advised * share, 150)!;

describe('a pour that was another', () => {
  it('is as wanted when it is the advised one, with nothing to do', () => {
    expect(poured(1).mend).toEqual({ kind: 'none' });
    expect(Math.abs(poured(1).byMl)).toBeLessThan(1);
    expect(Math.abs(poured(1).texture - 2)).toBeLessThanOrEqual(0.5);
  });

  it('a quarter too little wants that much more, and is mended by it', () => {
    const { mend, texture, mended, byMl } = poured(0.75);
    expect(texture).toBeLessThan(1.5);
    expect(byMl).toBeCloseTo(-0.25 * advised, 0);
    expect(mend.kind === 'pourMore' && Math.abs(mend.ml - 0.25 * advised)).toBeLessThanOrEqual(2.5);
    expect(Math.abs(mended - 2)).toBeLessThanOrEqual(0.5);
  });

  it('a quarter too much is boiled open before the lid, longer the more there is', () => {
    const [some, more] = [poured(1.15), poured(1.25)];
    if (some.mend.kind !== 'boilOpen' || more.mend.kind !== 'boilOpen')
      throw new Error(JSON.stringify([some, more]));
    expect(more.mend.minutes).toBeGreaterThan(some.mend.minutes);
    expect(more.texture).toBeGreaterThan(2.5);
    expect(Math.abs(more.mended - 2)).toBeLessThanOrEqual(0.5);
  });

  it('is no good pot for being fluffy where liquid is left among it', () => {
    const millet = { ...PILAF, grainId: 'millet', grain: { g: 250 }, timing: { coveredMin: 12 } };
    const asked = answer(millet);
    if (!asked.ok) throw new Error('a plan');
    const { wet, mend } = pouredOtherwise(millet, asked.value.pour.ml * 1.5, 100)!;
    expect(wet).toBe(true);
    expect(mend.kind).not.toBe('none');
  });

  it('is held against what was advised, also where that is the cook\u2019s own rule', () => {
    const held = { ...PILAF, usualPour: { ml: advised * 1.2 }, holdTo: 'usual' as const };
    expect(Math.abs(pouredOtherwise(held, advised * 1.2, 100)!.byMl)).toBeLessThan(1);
    expect(pouredOtherwise(held, advised, 100)!.byMl).toBeCloseTo(-0.2 * advised, 0);
    expect(pouredOtherwise(held, advised, 100)!.mend).toEqual({ kind: 'none' });
  });

  it('is looked into where this pot, and not the advised one, shows something', () => {
    const [dry, wet] = [poured(0.7), poured(1.4)];
    expect(dry.looks.map((l) => l.expect)).not.toEqual(wet.looks.map((l) => l.expect));
  });

  it('far too much for any boiling-off is said so, and a plan that cannot be cooked says nothing', () => {
    expect(poured(3).mend).toEqual({ kind: 'tooWet' });
    expect(pouredOtherwise({ ...PILAF, grainId: 'gravel' }, 100, 50)).toBeUndefined();
  });

  it('under pressure is steamed off once it is open', () => {
    const sealed = {
      ...PILAF,
      method: 'pressureCooker' as const,
      vessel: { diameterCm: 22, volumeMl: 6000, kind: 'pressureCooker' as const },
    };
    const asked = answer(sealed);
    if (!asked.ok) throw new Error('a plan');
    const { mend, mended, texture } = pouredOtherwise(sealed, asked.value.pour.ml * 1.12, 100)!;
    expect(mend.kind).toBe('steamOff');
    expect(mended).toBeLessThan(texture);
  });
});
