import type { Ingredient } from '../composition.js';
import { row } from './row.js';

/** Vegetables, fresh, frozen and dried, and herbs. Natural units are common practice †. */
export const VEGETABLES: readonly Ingredient[] = [
  row('onion', 'Onion', 89.1, 0.1, 0.65, 'onion', 'srLegacy', {
    units: { onion: 110 },
    also: 'yellow onion, brown onion, white onion',
  }),
  row('onionRed', 'Onion, red', 88, 0.1, 0.65, 'onion', 'srLegacy', {
    units: { onion: 110 },
    also: 'red onion',
  }),
  row('shallot', 'Shallot', 79.8, 0.1, 0.65, 'onion', 'srLegacy', { salt: 0.03, units: { shallot: 30 } }),
  row('springOnion', 'Spring onion', 89.8, 0.2, 0.4, 'softVegetable', 'srLegacy', {
    salt: 0.04,
    units: { stalk: 15 },
    also: 'scallion, green onion',
  }),
  row('leek', 'Leek', 83, 0.3, 0.4, 'onion', 'srLegacy', { salt: 0.05, units: { leek: 150 } }),
  row('onionFried', 'Onions, fried crisp', 3, 45, 0.3, 'dry', 'label', {
    salt: 0.5,
    allergens: ['gluten'],
    also: 'crispy onion, fried onion',
  }),
  row('garlic', 'Garlic', 64.4, 0.2, 0.6, 'dry', 'ifct', {
    salt: 0.03,
    units: { clove: 5 },
    also: 'garlic clove',
  }),
  row('ginger', 'Ginger', 81.3, 0.9, 0.6, 'hardVegetable', 'ifct', {
    salt: 0.03,
    units: { thumb: 15 },
    also: 'fresh ginger, root ginger',
  }),
  row('gingerGarlicPaste', 'Ginger and garlic paste', 76, 0.6, 1.05, 'softVegetable', 'label', {
    salt: 3,
    also: 'ginger garlic paste',
  }),
  row('sweetPepper', 'Sweet pepper', 92.2, 0.3, 0.6, 'softVegetable', 'srLegacy', {
    units: { pepper: 150 },
    also: 'bell pepper, capsicum, red pepper, green pepper',
  }),
  row('chilli', 'Chilli, fresh', 87.7, 0.2, 0.6, 'hardVegetable', 'srLegacy', {
    salt: 0.02,
    units: { chilli: 10 },
    also: 'green chilli, red chilli, chili, chile, hot pepper, scotch bonnet',
  }),
  row('celery', 'Celery', 95.4, 0.2, 0.5, 'softVegetable', 'srLegacy', {
    salt: 0.2,
    units: { stick: 40 },
    allergens: ['celery'],
    also: 'celery stalk',
  }),
  row('carrot', 'Carrot', 88.3, 0.2, 0.55, 'hardVegetable', 'srLegacy', {
    salt: 0.18,
    units: { carrot: 70 },
  }),
  row('potato', 'Potato', 79.3, 0.1, 0.65, 'potato', 'srLegacy', { salt: 0.02, units: { potato: 170 } }),
  row('sweetPotato', 'Sweet potato', 77.3, 0.1, 0.6, 'potato', 'srLegacy', {
    salt: 0.14,
    units: { sweetPotato: 180 },
    also: 'sweet potatoes',
  }),
  row('pumpkin', 'Pumpkin', 91.6, 0.1, 0.5, 'softVegetable', 'srLegacy', { also: 'squash, butternut' }),
  row('courgette', 'Courgette', 94.8, 0.3, 0.55, 'softVegetable', 'srLegacy', {
    salt: 0.02,
    units: { courgette: 200 },
    also: 'zucchini',
  }),
  row('aubergine', 'Aubergine', 92.3, 0.2, 0.35, 'softVegetable', 'srLegacy', {
    units: { aubergine: 300 },
    also: 'eggplant, brinjal',
  }),
  row('okra', 'Okra', 89.6, 0.2, 0.45, 'softVegetable', 'srLegacy', { salt: 0.02, also: 'ladies finger' }),
  row('cabbage', 'Cabbage', 92.2, 0.1, 0.35, 'softVegetable', 'srLegacy', { salt: 0.05 }),
  row('cauliflower', 'Cauliflower', 92.1, 0.3, 0.45, 'hardVegetable', 'srLegacy', { salt: 0.08 }),
  row('broccoli', 'Broccoli', 89.3, 0.4, 0.4, 'hardVegetable', 'srLegacy', { salt: 0.08 }),
  row('spinach', 'Spinach', 91.4, 0.4, 0.12, 'softVegetable', 'srLegacy', {
    salt: 0.2,
    units: { bunch: 250 },
  }),
  row('greenBeans', 'Green beans', 90.3, 0.2, 0.5, 'hardVegetable', 'srLegacy', {
    salt: 0.02,
    also: 'french bean, string bean, runner bean',
  }),
  row('broadBeans', 'Broad beans, fresh', 81, 0.6, 0.6, 'hardVegetable', 'srLegacy', {
    salt: 0.06,
    also: 'broad bean, fava bean',
  }),
  row('beetroot', 'Beetroot', 87.6, 0.2, 0.6, 'hardVegetable', 'srLegacy', {
    salt: 0.2,
    units: { beetroot: 120 },
    also: 'beet',
  }),
  row('plantainGreen', 'Plantain, green', 65.3, 0.1, 0.65, 'hardVegetable', 'srLegacy', {
    units: { plantain: 220 },
    also: 'plantain',
  }),
  row('peas', 'Peas, fresh', 73.4, 0.1, 0.6, 'hardVegetable', 'ifct', { salt: 0.01, also: 'green pea, pea' }),
  row('peasFrozen', 'Peas, frozen', 79.9, 0.4, 0.6, 'frozenVegetable', 'srLegacy', {
    salt: 0.28,
    also: 'frozen pea',
  }),
  row('mixedVegFrozen', 'Mixed vegetables, frozen', 82, 0.5, 0.6, 'frozenVegetable', 'srLegacy', {
    salt: 0.12,
    also: 'frozen mixed vegetables, frozen vegetables, mixed veg',
  }),
  row('sweetcorn', 'Sweetcorn', 76, 1.2, 0.65, 'hardVegetable', 'srLegacy', {
    salt: 0.04,
    units: { cob: 100 },
    also: 'corn, corn kernel, maize',
  }),
  row('sweetcornFrozen', 'Sweetcorn, frozen', 75, 0.8, 0.65, 'frozenVegetable', 'srLegacy', {
    also: 'frozen corn, frozen sweetcorn',
  }),
  row('spinachFrozen', 'Spinach, frozen', 90.2, 0.6, 0.7, 'frozenVegetable', 'srLegacy', {
    salt: 0.19,
    also: 'frozen spinach',
  }),
  row('mushroom', 'Mushroom', 92.5, 0.3, 0.4, 'mushroom', 'srLegacy', {
    salt: 0.01,
    units: { mushroom: 18 },
    also: 'button mushroom, chestnut mushroom',
  }),
  row('mushroomDried', 'Mushroom, dried', 9.5, 1, 0.15, 'driedVegetable', 'srLegacy', {
    salt: 0.03,
    also: 'dried mushroom, dried shiitake, dried porcini',
  }),
  row('vegetablesDried', 'Vegetables, dried', 6, 1, 0.25, 'driedVegetable', 'label', {
    salt: 0.3,
    also: 'dried vegetables, dehydrated vegetables, dried carrot',
  }),
  row('coriander', 'Coriander leaf', 87, 0.7, 0.1, 'dry', 'ifct', {
    salt: 0.1,
    units: { bunch: 40 },
    also: 'coriander, cilantro, coriander leaves',
  }),
  row('mint', 'Mint leaf', 84.2, 0.7, 0.1, 'dry', 'ifct', {
    salt: 0.05,
    units: { bunch: 30 },
    also: 'mint, mint leaves',
  }),
  row('parsley', 'Parsley', 87.7, 0.8, 0.1, 'dry', 'srLegacy', { salt: 0.14, units: { bunch: 40 } }),
  row('dill', 'Dill', 86, 1.1, 0.1, 'dry', 'srLegacy', { salt: 0.15, units: { bunch: 30 } }),
  row('curryLeaves', 'Curry leaves', 65.3, 1.1, 0.1, 'dry', 'ifct', {
    salt: 0.05,
    units: { sprig: 3 },
    also: 'curry leaf',
  }),
];
