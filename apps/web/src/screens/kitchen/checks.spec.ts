import { describe, expect, it } from '@jest/globals';
import { problemsOf } from './checks.js';

describe('checks of kept things', () => {
  it('finds nothing wrong with a good pot', () => {
    expect(problemsOf({ label: 'Pot', diameterCm: 22, volumeMl: 4000, lid: 'tight', wall: 'thin' })).toEqual(
      {},
    );
  });
  it('names each field that is wrong', () => {
    expect(problemsOf({ label: ' ', diameterCm: 500, volumeMl: Number.NaN })).toEqual({
      label: 'Give it a name.',
      diameterCm: 'From 10 to 60 cm.',
      volumeMl: 'A number is needed.',
    });
    expect(problemsOf({ label: 'x', powerW: { high: -1, low: 200 } })).toEqual({
      'powerW.high': 'From 0 to 8000 W.',
    });
    expect(problemsOf({ label: 'x', parts: [] })).toEqual({ parts: 'At least one.' });
  });
});
