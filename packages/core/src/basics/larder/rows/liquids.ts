import type { Ingredient } from '../composition.js';
import { row } from './row.js';

/** Liquids. The salt of a stock is that of a ready-salted one. Natural units are common practice †. */
export const LIQUIDS: readonly Ingredient[] = [
  row('water', 'Water', 100, 0, 1, 'liquid', 'practice', {
    also: 'tap water, kettle water, boiling, from the kettle, kettle, boiling water, hot water, cold water, warm water',
  }),
  row('stockVegetable', 'Vegetable stock', 98, 0.1, 1, 'liquid', 'srLegacy', {
    salt: 0.75,
    allergens: ['celery'],
    also: 'vegetable broth, stock, broth, hot stock, veggie stock, veg stock, vegetable stock hot',
    units: { tin: 400 },
  }),
  row('stockChicken', 'Chicken stock', 97.5, 0.3, 1, 'liquid', 'srLegacy', {
    salt: 0.85,
    allergens: ['celery'],
    also: 'chicken broth, hot chicken stock, chicken stock hot, chicken liquor',
    units: { tin: 400 },
  }),
  row('stockMeat', 'Meat stock', 97.3, 0.4, 1, 'liquid', 'srLegacy', {
    salt: 0.75,
    allergens: ['celery'],
    also: 'beef stock, beef broth, lamb stock, goat stock, meat broth, meat liquor',
  }),
  row('stockFish', 'Fish stock', 97, 0.8, 1, 'liquid', 'srLegacy', {
    salt: 0.39,
    allergens: ['fish'],
    also: 'fish broth, seafood stock, prawn stock',
  }),
  row('stockUnsalted', 'Stock, unsalted', 98.3, 0.2, 1, 'liquid', 'srLegacy', {
    salt: 0.08,
    also: 'unsalted stock, home stock, bone broth',
  }),
  row('mushroomLiquor', 'Mushroom liquor', 99, 0, 1, 'liquid', 'practice', {
    also: 'mushroom water, mushroom stock',
  }),
  row('milk', 'Milk', 88.1, 3.3, 1.03, 'liquid', 'srLegacy', {
    salt: 0.11,
    allergens: ['milk'],
    also: 'whole milk, full fat milk, semi skimmed milk, cow milk',
  }),
  row('tomatoJuice', 'Tomato juice', 94.2, 0.3, 1.03, 'liquid', 'srLegacy', {
    salt: 0.64,
    film: 'tomato',
    also: 'passata juice',
  }),
  row('orangeJuice', 'Orange juice', 88.3, 0.2, 1.04, 'liquid', 'srLegacy'),
  row('lemonJuice', 'Lemon juice', 92.3, 0.2, 1.03, 'liquid', 'srLegacy', {
    units: { lemon: 45, half: 22 },
    also: 'lemon, juice of lemon',
  }),
  row('limeJuice', 'Lime juice', 90.8, 0.1, 1.03, 'liquid', 'srLegacy', {
    units: { lime: 30 },
    also: 'lime, juice of lime',
  }),
  row('vinegar', 'Vinegar', 94.8, 0, 1.01, 'liquid', 'srLegacy', {
    also: 'white vinegar, wine vinegar, white wine vinegar, red wine vinegar, rice vinegar, cider vinegar, apple cider vinegar, balsamic vinegar, malt vinegar, sherry vinegar',
  }),
  row('tamarindWater', 'Tamarind water', 92, 0, 1.02, 'liquid', 'practice', {
    also: 'tamarind juice, tamarind liquid, tamarind extract, tamarind liquor',
  }),
  row('wineWhite', 'White wine', 86.9, 0, 0.99, 'liquid', 'srLegacy', { also: 'wine, dry white wine' }),
  row('soySauce', 'Soy sauce', 71.2, 0.6, 1.15, 'liquid', 'srLegacy', {
    salt: 13.9,
    allergens: ['soy', 'gluten'],
    also: 'soy, soya sauce, light soy, dark soy, tamari, dark soy sauce, light soy sauce',
  }),
  row('fishSauce', 'Fish sauce', 71.1, 0, 1.2, 'liquid', 'srLegacy', { salt: 20, allergens: ['fish'] }),
  row('coconutWater', 'Coconut water', 95, 0.2, 1.01, 'liquid', 'srLegacy', { salt: 0.27 }),
];
