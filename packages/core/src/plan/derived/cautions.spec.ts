import { describe, expect, it } from '@jest/globals';
import { INGREDIENTS } from '../../basics/larder/ingredients.js';
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
    ['nonStickHot', { nonStick: true, stages: [{ act: 'toast', lid: 'off', heat: 'high' }] }],
    ['wholeSpices', { ingredientIds: ['spicesWhole'] }],
  ])('%s', (code, over) => {
    expect(codes(over)).toContain(code);
  });

  it('says nothing of a coating where the pan is not hot and dry', () => {
    const boil = { act: 'boil', lid: 'off', heat: 'high' } as const;
    expect(codes({ nonStick: true, stages: [boil] })).not.toContain('nonStickHot');
    expect(codes({ nonStick: true, stages: [{ act: 'toast', lid: 'off', heat: 'low' }] })).not.toContain(
      'nonStickHot',
    );
    expect(codes({ stages: [{ act: 'toast', lid: 'off', heat: 'high' }] })).not.toContain('nonStickHot');
  });

  it('is said of all that is raw from an animal, and of nothing that is smoked or from a plant', () => {
    const raw = (id: string): boolean => codes({ ingredientIds: [id] }).includes('rawMeat');
    const animal = INGREDIENTS.filter((i) => i.behaves === 'meat').map((i) => i.id);
    expect(animal.filter((id) => !raw(id)).sort()).toEqual(['fishSmoked', 'sausageSmoked']);
    expect(INGREDIENTS.filter((i) => i.behaves !== 'meat' && raw(i.id))).toEqual([]);
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
