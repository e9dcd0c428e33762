import type { Ingredient } from '../composition.js';
import { row } from './row.js';

/** Vegetables, fresh, frozen and dried, and herbs. Natural units are common practice †. */
export const VEGETABLES: readonly Ingredient[] = [
  row('onion', 'Onion', 89.1, 0.1, 0.65, 'onion', 'srLegacy', {
    units: { onion: 110 },
    also: 'yellow onion, brown onion, white onion, small onion, cooking onion, sweet onion',
  }),
  row('onionRed', 'Onion, red', 88, 0.1, 0.65, 'onion', 'srLegacy', {
    units: { onion: 110 },
    also: 'red onion',
  }),
  row('shallot', 'Shallot', 79.8, 0.1, 0.65, 'onion', 'srLegacy', { salt: 0.03, units: { shallot: 30 } }),
  row('springOnion', 'Spring onion', 89.8, 0.2, 0.4, 'softVegetable', 'srLegacy', {
    salt: 0.04,
    units: { stalk: 15, bunch: 100, onion: 15 },
    also: 'scallion, green onion, spring onions, salad onion',
  }),
  row('leek', 'Leek', 83, 0.3, 0.4, 'onion', 'srLegacy', {
    also: 'leeks',
    salt: 0.05,
    units: { leek: 150, leeks: 150 },
  }),
  row('onionFried', 'Onions, fried crisp', 3, 45, 0.3, 'dry', 'label', {
    salt: 0.5,
    allergens: ['gluten'],
    also: 'crispy onion, fried onion',
  }),
  row('garlic', 'Garlic', 64.4, 0.2, 0.6, 'browning', 'ifct', {
    salt: 0.03,
    units: { clove: 5, bulb: 45, head: 45 },
    also: 'garlic clove, garlic cloves, lahsun, minced garlic, chopped garlic',
  }),
  row('ginger', 'Ginger', 81.3, 0.9, 0.6, 'hardVegetable', 'ifct', {
    salt: 0.03,
    units: { thumb: 15, inch: 8, piece: 15, slice: 3, knob: 15 },
    also: 'fresh ginger, root ginger, adrak',
  }),
  row('gingerGarlicPaste', 'Ginger and garlic paste', 76, 0.6, 1.05, 'softVegetable', 'label', {
    salt: 3,
    also: 'ginger garlic paste',
  }),
  row('sweetPepper', 'Sweet pepper', 92.2, 0.3, 0.6, 'softVegetable', 'srLegacy', {
    units: { pepper: 150 },
    also: 'bell pepper, capsicum, red pepper, green pepper, yellow pepper, orange pepper, romano pepper, pointed pepper, tatashe, red sweet pepper, sweet red pepper, green bell pepper, red bell pepper, yellow bell pepper, orange bell pepper, mixed pepper',
  }),
  row('chilli', 'Chilli, fresh', 87.7, 0.2, 0.6, 'hardVegetable', 'srLegacy', {
    salt: 0.02,
    units: { chilli: 10, habanero: 8, pepper: 10 },
    also: 'green chilli, red chilli, chili, chile, hot pepper, scotch bonnet, habanero, scotch bonnet pepper, bird chilli, thai chilli, birds eye chilli, ata rodo, green chillies, serrano, chilli pepper, fresh chilli, red hot pepper',
  }),
  row('celery', 'Celery', 95.4, 0.2, 0.5, 'softVegetable', 'srLegacy', {
    salt: 0.2,
    units: { stick: 40, stalk: 40 },
    allergens: ['celery'],
    also: 'celery stalk, celery sticks',
  }),
  row('carrot', 'Carrot', 88.3, 0.2, 0.55, 'hardVegetable', 'srLegacy', {
    also: 'grated carrot, baby carrot, gajar',
    salt: 0.18,
    units: { carrot: 70 },
  }),
  row('potato', 'Potato', 79.3, 0.1, 0.65, 'potato', 'srLegacy', {
    also: 'new potato, baby potato, aloo, waxy potato, boiled potato',
    salt: 0.02,
    units: { potato: 170 },
  }),
  row('sweetPotato', 'Sweet potato', 77.3, 0.1, 0.6, 'potato', 'srLegacy', {
    salt: 0.14,
    units: { sweetPotato: 180 },
    also: 'sweet potatoes',
  }),
  row('pumpkin', 'Pumpkin', 91.6, 0.1, 0.5, 'softVegetable', 'srLegacy', {
    units: { slice: 100 },
    also: 'squash, butternut, butternut squash, squash pumpkin, kaddu, acorn squash',
  }),
  row('courgette', 'Courgette', 94.8, 0.3, 0.55, 'softVegetable', 'srLegacy', {
    salt: 0.02,
    units: { courgette: 200 },
    also: 'zucchini',
  }),
  row('aubergine', 'Aubergine', 92.3, 0.2, 0.35, 'softVegetable', 'srLegacy', {
    units: { aubergine: 300 },
    also: 'eggplant, brinjal, brinjals, baby aubergine, garden egg',
  }),
  row('okra', 'Okra', 89.6, 0.2, 0.45, 'softVegetable', 'srLegacy', {
    salt: 0.02,
    also: 'ladies finger, bhindi, lady finger',
  }),
  row('cabbage', 'Cabbage', 92.2, 0.1, 0.35, 'softVegetable', 'srLegacy', {
    also: 'white cabbage, green cabbage, savoy',
    units: { cabbage: 900, head: 900, leaf: 20 },
    salt: 0.05,
  }),
  row('cauliflower', 'Cauliflower', 92.1, 0.3, 0.45, 'hardVegetable', 'srLegacy', {
    also: 'cauliflower floret, gobi',
    units: { cauliflower: 600, head: 600, floret: 20 },
    salt: 0.08,
  }),
  row('broccoli', 'Broccoli', 89.3, 0.4, 0.4, 'hardVegetable', 'srLegacy', {
    also: 'broccoli floret',
    units: { head: 400, floret: 15 },
    salt: 0.08,
  }),
  row('spinach', 'Spinach', 91.4, 0.4, 0.12, 'softVegetable', 'srLegacy', {
    also: 'baby spinach, palak, spinach leaves',
    salt: 0.2,
    units: { bunch: 250, leaf: 3 },
  }),
  row('greenBeans', 'Green beans', 90.3, 0.2, 0.5, 'hardVegetable', 'srLegacy', {
    salt: 0.02,
    also: 'french bean, string bean, runner bean, green bean, fine bean, beans green',
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
  row('peas', 'Peas, fresh', 73.4, 0.1, 0.6, 'hardVegetable', 'ifct', {
    salt: 0.01,
    also: 'green pea, pea, garden pea, matar, shelled pea, fresh pea',
  }),
  row('peasFrozen', 'Peas, frozen', 79.9, 0.4, 0.6, 'frozenVegetable', 'srLegacy', {
    salt: 0.28,
    also: 'frozen pea, frozen peas, frozen green pea, petit pois',
  }),
  row('mixedVegFrozen', 'Mixed vegetables, frozen', 82, 0.5, 0.6, 'frozenVegetable', 'srLegacy', {
    salt: 0.12,
    also: 'frozen mixed vegetables, frozen vegetables, frozen peas and carrots, mixed vegetables frozen',
  }),
  row('sweetcorn', 'Sweetcorn', 76, 1.2, 0.65, 'hardVegetable', 'srLegacy', {
    salt: 0.04,
    units: { cob: 100 },
    also: 'corn, corn kernel, maize, fresh corn, sweet corn, corn kernels',
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
    units: { mushroom: 18, handful: 60 },
    also: 'button mushroom, chestnut mushroom, portobello, portobello mushroom, oyster mushroom, fresh shiitake, shiitake, cremini, brown mushroom, white mushroom, wild mushroom, mushrooms fresh',
  }),
  row('mushroomDried', 'Mushroom, dried', 9.5, 1, 0.15, 'driedVegetable', 'srLegacy', {
    salt: 0.03,
    also: 'dried mushroom, dried shiitake, dried porcini, porcini, dried wild mushroom, dried mushrooms mixed, wood ear',
  }),
  row('vegetablesDried', 'Vegetables, dried', 6, 1, 0.25, 'driedVegetable', 'label', {
    salt: 0.3,
    also: 'dried vegetables, dehydrated vegetables, dried carrot',
  }),
  row('coriander', 'Coriander leaf', 87, 0.7, 0.1, 'dry', 'ifct', {
    salt: 0.1,
    units: { bunch: 40, leaf: 0.1, sprig: 1.5, stalk: 1.5 },
    also: 'coriander, cilantro, coriander leaves, dhania leaf, dhania leaves, fresh coriander, coriander stalk, chopped coriander, coriander root',
  }),
  row('mint', 'Mint leaf', 84.2, 0.7, 0.1, 'dry', 'ifct', {
    salt: 0.05,
    units: { bunch: 30, leaf: 0.15, sprig: 1 },
    also: 'mint, mint leaves, pudina, fresh mint, spearmint',
  }),
  row('parsley', 'Parsley', 87.7, 0.8, 0.1, 'dry', 'srLegacy', {
    also: 'flat parsley, flat leaf parsley, fresh parsley, parsley leaves, chervil, tarragon',
    salt: 0.14,
    units: { bunch: 40, sprig: 1.5 },
  }),
  row('dill', 'Dill', 86, 1.1, 0.1, 'dry', 'srLegacy', {
    also: 'fresh dill, dill weed',
    salt: 0.15,
    units: { bunch: 30, sprig: 1 },
  }),
  row('curryLeaves', 'Curry leaves', 65.3, 1.1, 0.1, 'dry', 'ifct', {
    salt: 0.05,
    units: { sprig: 3, leaf: 0.15 },
    also: 'curry leaf',
  }),
];
