import type { Allergen, Behaviour, Ingredient, NaturalUnit, SourceId } from './composition.js';

interface Extra {
  readonly salt?: number;
  readonly units?: Readonly<Record<string, number>>;
  readonly allergens?: readonly Allergen[];
  readonly film?: 'tomato' | 'coconut';
  readonly rawMeat?: boolean;
  readonly lowSodium?: boolean;
}

/** One row: water and fat in g/100 g; other solids are what is left of 100. */
function row(
  id: string,
  name: string,
  water: number,
  fat: number,
  densityGPerMl: number,
  behaves: Behaviour,
  source: SourceId,
  extra: Extra = {},
): Ingredient {
  const { units = {}, ...rest } = extra;
  const natural: NaturalUnit[] = Object.entries(units).map(([unitName, g]) => ({ name: unitName, g }));
  const solids = Math.round((100 - water - fat) * 1000) / 1000;
  return {
    id,
    name,
    water,
    fat,
    solids,
    densityGPerMl,
    behaves,
    source,
    salt: 0,
    allergens: [],
    ...rest,
    units: natural,
  };
}

/** Everything but the grain that goes into the pot. Natural units are common practice †. */
export const INGREDIENTS: readonly Ingredient[] = [
  // Liquids. Salt of a stock is that of a ready-salted one; a household's own stock is entered by its salt.
  row('water', 'Water', 100, 0, 1, 'liquid', 'practice'),
  row('stockVegetable', 'Vegetable stock', 98, 0.1, 1, 'liquid', 'srLegacy', {
    salt: 0.75,
    allergens: ['celery'],
  }),
  row('stockChicken', 'Chicken stock', 97.5, 0.3, 1, 'liquid', 'srLegacy', {
    salt: 0.85,
    allergens: ['celery'],
  }),
  row('stockMeat', 'Meat stock', 97.3, 0.4, 1, 'liquid', 'srLegacy', { salt: 0.75, allergens: ['celery'] }),
  row('stockUnsalted', 'Stock, unsalted', 98.3, 0.2, 1, 'liquid', 'srLegacy', { salt: 0.08 }),
  row('mushroomLiquor', 'Mushroom liquor', 99, 0, 1, 'liquid', 'practice'),
  row('milk', 'Milk', 88.1, 3.3, 1.03, 'liquid', 'srLegacy', { salt: 0.11, allergens: ['milk'] }),
  row('lemonJuice', 'Lemon juice', 92.3, 0.2, 1.03, 'liquid', 'srLegacy', { units: { lemon: 45 } }),
  row('limeJuice', 'Lime juice', 90.8, 0.1, 1.03, 'liquid', 'srLegacy', { units: { lime: 30 } }),
  row('soySauce', 'Soy sauce', 71.2, 0.6, 1.15, 'liquid', 'srLegacy', {
    salt: 13.9,
    allergens: ['soy', 'gluten'],
  }),

  // Coconut. 72.9 and 53.9 g of water are the canned products'.
  row('coconutMilk', 'Coconut milk, canned', 72.9, 21.3, 1, 'coconutMilk', 'srLegacy', {
    salt: 0.03,
    film: 'coconut',
    units: { can: 400 },
  }),
  row('coconutMilkLight', 'Coconut milk, light', 91.5, 6, 1, 'coconutMilk', 'label', {
    salt: 0.04,
    film: 'coconut',
    units: { can: 400 },
  }),
  row('coconutCream', 'Coconut cream', 53.9, 34.7, 1, 'coconutMilk', 'srLegacy', {
    salt: 0.01,
    film: 'coconut',
    units: { can: 400 },
  }),
  row('coconutWater', 'Coconut water', 95, 0.2, 1.01, 'liquid', 'srLegacy', { salt: 0.27 }),
  row('coconutFresh', 'Coconut, fresh grated', 36.1, 41.4, 0.4, 'dry', 'ifct', { salt: 0.05 }),

  // Tomato in the forms that change the sum.
  row('tomato', 'Tomato, fresh', 94.5, 0.2, 0.95, 'tomato', 'srLegacy', {
    salt: 0.01,
    film: 'tomato',
    units: { tomato: 120 },
  }),
  row('tomatoChopped', 'Tomato, tinned chopped', 89.4, 0.3, 1.03, 'smoothTomato', 'srLegacy', {
    salt: 0.47,
    film: 'tomato',
    units: { tin: 400 },
  }),
  row('tomatoPuree', 'Tomato purée', 87.9, 0.2, 1.06, 'smoothTomato', 'srLegacy', {
    salt: 0.07,
    film: 'tomato',
  }),
  row('tomatoSauce', 'Tomato sauce, tinned', 91.3, 0.3, 1.04, 'smoothTomato', 'srLegacy', {
    salt: 1.2,
    film: 'tomato',
  }),
  row('tomatoPaste', 'Tomato paste', 73.5, 0.5, 1.1, 'smoothTomato', 'srLegacy', {
    salt: 0.15,
    film: 'tomato',
  }),

  // Vegetables.
  row('onion', 'Onion', 89.1, 0.1, 0.65, 'onion', 'srLegacy', { units: { onion: 110 } }),
  row('shallot', 'Shallot', 79.8, 0.1, 0.65, 'onion', 'srLegacy', { salt: 0.03, units: { shallot: 30 } }),
  row('garlic', 'Garlic', 64.4, 0.2, 0.6, 'dry', 'ifct', { salt: 0.03, units: { clove: 5 } }),
  row('ginger', 'Ginger', 81.3, 0.9, 0.6, 'hardVegetable', 'ifct', { salt: 0.03, units: { thumb: 15 } }),
  row('sweetPepper', 'Sweet pepper', 92.2, 0.3, 0.6, 'softVegetable', 'srLegacy', { units: { pepper: 150 } }),
  row('chilli', 'Chilli, fresh', 87.7, 0.2, 0.6, 'hardVegetable', 'srLegacy', {
    salt: 0.02,
    units: { chilli: 10 },
  }),
  row('mushroom', 'Mushroom', 92.5, 0.3, 0.4, 'mushroom', 'srLegacy', {
    salt: 0.01,
    units: { mushroom: 18 },
  }),
  row('mushroomDried', 'Mushroom, dried', 9.5, 1, 0.15, 'dry', 'srLegacy', { salt: 0.03 }),
  row('carrot', 'Carrot', 88.3, 0.2, 0.55, 'hardVegetable', 'srLegacy', {
    salt: 0.18,
    units: { carrot: 70 },
  }),
  row('potato', 'Potato', 79.3, 0.1, 0.65, 'hardVegetable', 'srLegacy', {
    salt: 0.02,
    units: { potato: 170 },
  }),
  row('greenBeans', 'Green beans', 90.3, 0.2, 0.5, 'hardVegetable', 'srLegacy', { salt: 0.02 }),
  row('peas', 'Peas, fresh', 73.4, 0.1, 0.6, 'hardVegetable', 'ifct', { salt: 0.01 }),
  row('peasFrozen', 'Peas, frozen', 79.9, 0.4, 0.6, 'hardVegetable', 'srLegacy', { salt: 0.28 }),
  row('coriander', 'Coriander leaf', 87, 0.7, 0.1, 'dry', 'ifct', { salt: 0.1, units: { bunch: 40 } }),
  row('mint', 'Mint leaf', 84.2, 0.7, 0.1, 'dry', 'ifct', { salt: 0.05 }),
  row('raisins', 'Raisins', 15.4, 0.5, 0.62, 'dry', 'srLegacy', { salt: 0.03 }),

  // Fats. Their own water is gone before the liquid goes in.
  row('butter', 'Butter', 16.2, 81.1, 0.95, 'fat', 'srLegacy', { salt: 0.03, allergens: ['milk'] }),
  row('butterSalted', 'Butter, salted', 15.9, 81.1, 0.95, 'fat', 'srLegacy', {
    salt: 1.6,
    allergens: ['milk'],
  }),
  row('ghee', 'Ghee', 0.2, 99.5, 0.92, 'fat', 'srLegacy', { allergens: ['milk'] }),
  row('oil', 'Oil', 0, 100, 0.92, 'fat', 'srLegacy'),

  // Dairy.
  row('yoghurt', 'Yoghurt, whole', 87.9, 3.3, 1.03, 'cultured', 'srLegacy', {
    salt: 0.12,
    allergens: ['milk'],
  }),
  row('paneer', 'Paneer', 52, 20, 0.7, 'dry', 'ifct', { salt: 0.05, allergens: ['milk'] }),

  // Pulses and noodles: they drink.
  row('lentilWhole', 'Lentils, whole', 9.2, 1.1, 0.83, 'wholePulse', 'ifct', { salt: 0.02 }),
  row('lentilSplitRed', 'Lentils, split red', 9.7, 0.8, 0.83, 'splitPulse', 'ifct', { salt: 0.02 }),
  row('noodlesShort', 'Noodles, short', 9.9, 1.5, 0.45, 'noodle', 'srLegacy', {
    salt: 0.02,
    allergens: ['gluten'],
  }),

  // Meat and seafood.
  row('chickenThigh', 'Chicken thigh, skin on', 67.6, 14.2, 0.95, 'meat', 'ifct', {
    salt: 0.2,
    rawMeat: true,
    units: { thigh: 120 },
  }),
  row('goatLeg', 'Goat leg', 68.9, 8.5, 0.95, 'meat', 'ifct', { salt: 0.2, rawMeat: true }),
  row('beefRound', 'Beef round', 68, 8.5, 0.95, 'meat', 'ifct', { salt: 0.14, rawMeat: true }),
  row('prawns', 'Prawns', 78, 1, 0.75, 'meat', 'srLegacy', {
    salt: 0.6,
    rawMeat: true,
    allergens: ['crustaceans'],
  }),

  // Nuts.
  row('cashew', 'Cashew nuts', 5.2, 43.9, 0.55, 'dry', 'srLegacy', { salt: 0.03, allergens: ['nuts'] }),
  row('peanut', 'Peanuts', 6.5, 49.2, 0.62, 'dry', 'srLegacy', { salt: 0.05, allergens: ['peanuts'] }),

  // Salt and seasoning.
  row('saltFine', 'Salt, fine', 0.2, 0, 1.217, 'dry', 'practice', { salt: 99.8 }),
  row('saltFlaky', 'Salt, flaky', 0.2, 0, 0.73, 'dry', 'practice', { salt: 99.8 }),
  row('saltCoarse', 'Salt, coarse sea', 1, 0, 1.014, 'dry', 'practice', { salt: 98 }),
  row('saltLowSodium', 'Salt, low-sodium', 0.5, 0, 1.2, 'dry', 'label', { salt: 50, lowSodium: true }),
  row('stockCube', 'Stock cube', 3.3, 15, 0.9, 'dry', 'label', {
    salt: 55,
    allergens: ['celery'],
    units: { cube: 10 },
  }),
  row('spiceMix', 'Ground spice mix', 8, 14, 0.45, 'dry', 'srLegacy', { salt: 0.2 }),
  row('spicesWhole', 'Whole spices', 9, 13, 0.35, 'dry', 'srLegacy', { salt: 0.1 }),
  row('sugar', 'Sugar', 0.2, 0, 0.85, 'dry', 'srLegacy'),
];
