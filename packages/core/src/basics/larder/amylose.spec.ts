import { describe, expect, it } from '@jest/globals';
import { answer } from '../../compute/account/answer.js';
import type { PlanInput } from '../../plan/input/planInput.js';
import { withAmylose } from './amylose.js';
import { AMYLOSE } from './grain.js';
import { grainById } from './grainById.js';
import { GRAINS } from './grains.js';

const pourOf = (over: Partial<PlanInput>): number => {
  const made = answer({
    grainId: 'longGrainWhite',
    grain: { g: 300 },
    vessel: { diameterCm: 22, volumeMl: 4000 },
    ...over,
  });
  if (!made.ok) throw new Error(JSON.stringify(made.error));
  return made.value.pour.ml;
};

describe('the class of amylose', () => {
  // Juliano 1992 (from memory): short and medium japonica and fragrant jasmine are low; long-grain and basmati intermediate.
  it.each([
    ['shortGrainWhite', 'low'],
    ['mediumGrainWhite', 'low'],
    ['jasmine', 'low'],
    ['longGrainWhite', 'intermediate'],
    ['basmati', 'intermediate'],
  ])('of %s is %s', (id, amylose) => {
    expect(grainById(id)?.amylose).toBe(amylose);
  });

  it('of a bag decides its scale: tender grain is poured less, and the usual class changes nothing', () => {
    expect(pourOf({ amylose: 'low' })).toBeLessThan(0.9 * pourOf({}));
    expect(pourOf({ amylose: 'intermediate' })).toBe(pourOf({}));
    expect(pourOf({ grainId: 'jasmine', amylose: 'intermediate' })).toBeGreaterThan(
      1.1 * pourOf({ grainId: 'jasmine' }),
    );
  });

  it('never wants a grain wetter for less amylose', () => {
    for (const grain of GRAINS) {
      const shifts = AMYLOSE.map((a) => withAmylose(grain, a).textureShift);
      expect(shifts).toEqual([...shifts].sort((a, b) => a - b));
    }
  });

  it('is nothing to grain whose bran, size or parboiling decides', () => {
    for (const grainId of ['brownLong', 'parboiledLong', 'millet', 'bulgur'])
      expect(pourOf({ grainId, amylose: 'low' })).toBe(pourOf({ grainId }));
  });

  it('that nobody knows is refused at its field', () => {
    const made = answer({
      grainId: 'basmati',
      grain: { g: 300 },
      vessel: { diameterCm: 22, volumeMl: 4000 },
      amylose: 'sticky' as 'low',
    });
    expect(made.ok ? [] : made.error).toMatchObject([{ field: 'amylose', code: 'notAChoice' }]);
  });
});
