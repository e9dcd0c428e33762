import { describe, expect, it } from '@jest/globals';
import { PILAF } from '../../testing/cooked.js';
import { fits } from './fields.js';
import { PLAN } from './planFields.js';

describe('the description of a plan', () => {
  it('has every field that a plan may have, and takes the plans of the examples', () => {
    expect(
      fits({ grainId: 'basmati', grain: { g: 200 }, vessel: { diameterCm: 20, volumeMl: 3000 } }, PLAN),
    ).toBe(true);
    expect(fits({ ...PILAF, pots: 2, crust: true, holdTo: 'oneToTwo' }, PLAN)).toBe(true);
    expect(fits({ ...PILAF, colour: 'red' }, PLAN)).toBe(false);
  });
});
