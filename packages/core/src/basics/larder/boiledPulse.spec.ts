import { describe, expect, it } from '@jest/globals';
import { boiledPulse } from './boiledPulse.js';

describe('a pulse boiled before', () => {
  it('weighs two and a half to three and a half times what it weighed dry (common practice: 1 cup dry gives 2 1/2 to 3 cooked)', () => {
    for (const id of ['lentilWhole', 'chickpeas', 'blackBeans', 'kidneyBeans']) {
      const g = boiledPulse(id, 100)?.g ?? 0;
      expect([id, g > 240 && g < 350]).toEqual([id, true]);
    }
  });

  it('is nothing for what is no dry pulse', () => {
    expect(boiledPulse('onion', 100)).toBeUndefined();
    expect(boiledPulse('lentilsTinned', 100)).toBeUndefined();
  });
});
