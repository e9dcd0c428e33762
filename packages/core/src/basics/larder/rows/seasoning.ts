import type { Ingredient } from '../composition.js';
import { row } from './row.js';

/** Salt, cubes, pastes and spices. Natural units are common practice †. */
export const SEASONING: readonly Ingredient[] = [
  row('saltFine', 'Salt, fine', 0.2, 0, 1.217, 'dry', 'practice', {
    salt: 99.8,
    also: 'salt, table salt, fine salt, sea salt fine, cooking salt, iodised salt, namak',
  }),
  row('saltFlaky', 'Salt, flaky', 0.2, 0, 0.73, 'dry', 'practice', {
    salt: 99.8,
    also: 'flaky salt, kosher salt, sea salt flakes',
  }),
  row('saltCoarse', 'Salt, coarse sea', 1, 0, 1.014, 'dry', 'practice', {
    salt: 98,
    also: 'coarse salt, sea salt, rock salt, coarse sea salt, pink salt, himalayan salt, pickling salt',
  }),
  row('saltLowSodium', 'Salt, low-sodium', 0.5, 0, 1.2, 'dry', 'label', {
    salt: 50,
    lowSodium: true,
    also: 'low-sodium salt, lite salt',
  }),
  row('stockCube', 'Stock cube', 3.3, 15, 0.9, 'dry', 'label', {
    salt: 55,
    allergens: ['celery'],
    units: { cube: 10, bouillon: 10 },
    also: 'bouillon cube, stock cube, seasoning cube, seasoning cubes, bouillon cubes, bouillon',
  }),
  row('stockPowder', 'Stock powder', 4, 9, 0.75, 'dry', 'label', {
    salt: 45,
    allergens: ['celery'],
    also: 'bouillon powder, stock granule, chicken bouillon, chicken bouillon powder, chicken powder, beef bouillon, vegetable bouillon, stock granules, bouillon granules, vegetable stock powder, chicken stock powder',
  }),
  row('misoPaste', 'Soybean paste', 43, 6, 1.1, 'dry', 'srLegacy', {
    salt: 9.5,
    allergens: ['soy', 'gluten'],
    also: 'miso, bean paste',
  }),
  row('chilliPaste', 'Chilli paste', 72, 4, 1.05, 'softVegetable', 'label', {
    salt: 5,
    also: 'harissa, sambal, red chilli paste, chilli garlic paste, pepper paste, chili paste, curry chilli paste, sambal oelek, rose harissa',
  }),
  row('curryPaste', 'Curry paste', 60, 12, 1.05, 'softVegetable', 'label', { salt: 6, also: 'spice paste' }),
  row('peanutButter', 'Peanut butter', 1.2, 51, 1.08, 'dry', 'srLegacy', {
    salt: 1.1,
    allergens: ['peanuts'],
    also: 'peanut paste, groundnut paste',
  }),
  row('tahini', 'Sesame paste', 3.1, 53.8, 1.02, 'dry', 'srLegacy', {
    salt: 0.3,
    allergens: ['sesame'],
    also: 'tahini',
  }),
  row('tamarindPulp', 'Tamarind pulp', 20.8, 0.1, 0.9, 'dry', 'ifct', {
    salt: 0.07,
    also: 'tamarind, tamarind paste, imli',
  }),
  row('olives', 'Olives', 76, 11, 0.6, 'dry', 'srLegacy', {
    salt: 3.9,
    units: { olive: 4 },
    also: 'olive, green olive, black olive',
  }),
  row('capers', 'Capers', 83.9, 0.9, 0.6, 'dry', 'srLegacy', { salt: 5.9, also: 'caper' }),
  row('mustard', 'Mustard, made', 83, 3.3, 1.05, 'dry', 'srLegacy', {
    salt: 2.8,
    allergens: ['mustard'],
    also: 'mustard, dijon mustard, wholegrain mustard, english mustard',
  }),
  row('spiceMix', 'Ground spice mix', 8, 14, 0.45, 'dry', 'srLegacy', {
    salt: 0.2,
    also: 'ground spice, spice mix, spice powder, berbere, ras el hanout, sambar powder, rasam powder, masala powder, jerk seasoning unsalted',
  }),
  row('spicesWhole', 'Whole spices', 9, 13, 0.35, 'dry', 'srLegacy', {
    salt: 0.1,
    also: 'whole spice, whole spices, whole garam masala, bouquet of whole spices',
    units: { piece: 0.5 },
  }),
  row('saffron', 'Saffron', 11.9, 5.9, 0.2, 'dry', 'srLegacy', {
    also: 'kesar, saffron strand, saffron thread',
    salt: 0.38,
    units: { pinch: 0.1, strand: 0.002 },
  }),
  row('sugar', 'Sugar', 0.2, 0, 0.85, 'dry', 'srLegacy', {
    also: 'white sugar, brown sugar, caster sugar, granulated sugar',
  }),
  row('jaggery', 'Jaggery', 11.2, 0.2, 0.85, 'dry', 'ifct', { salt: 0.06, also: 'palm sugar, cane sugar' }),
  row('honey', 'Honey', 17.1, 0, 1.42, 'dry', 'srLegacy'),
];
