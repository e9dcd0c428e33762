import { describe, expect, it } from '@jest/globals';
import { cautionsFor } from './cautions.js';

const codes = (over: Partial<Parameters<typeof cautionsFor>[0]>) =>
  cautionsFor({
    grainId: 'basmati',
    ingredientIds: [],
    washed: false,
    stages: [{ act: 'simmer', lid: 'off' }],
    ...over,
  }).map((c) => c.code);

describe('cautions (common practice; local food-safety rules come first)', () => {
  it('always warns of steam and of leftovers', () => {
    expect(codes({})).toEqual(['steamBurn', 'leftovers']);
  });

  it.each<[string, Parameters<typeof codes>[0]]>([
    ['rawMeat', { ingredientIds: ['chickenThigh'] }],
    ['hotFat', { stages: [{ act: 'toast', lid: 'off' }] }],
    ['wetGrainInFat', { stages: [{ act: 'toast', lid: 'off' }], washed: true }],
    ['lowSodiumSalt', { ingredientIds: ['saltLowSodium'] }],
    ['hotChilli', { ingredientIds: ['chilli'] }],
    ['pressure', { stages: [{ act: 'pressure', lid: 'pressure' }] }],
    ['coverAtFlame', { stages: [{ act: 'steam', lid: 'foil' }] }],
    ['turningOut', { crust: true }],
    ['wholeSpices', { ingredientIds: ['spicesWhole'] }],
  ])('%s', (code, over) => {
    expect(codes(over)).toContain(code);
  });

  it('names allergens once, from the grain too', () => {
    const [first] = cautionsFor({
      grainId: 'bulgur',
      ingredientIds: ['butter', 'yoghurt', 'prawns'],
      washed: false,
      stages: [],
    });
    expect(first).toEqual({ code: 'allergens', allergens: ['crustaceans', 'gluten', 'milk'] });
  });
});
