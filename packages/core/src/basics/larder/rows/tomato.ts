import type { Ingredient } from '../composition.js';
import { row } from './row.js';

/** Tomato in the forms that change the sum. Natural units are common practice †. */
export const TOMATO: readonly Ingredient[] = [
  row('tomato', 'Tomato, fresh', 94.5, 0.2, 0.95, 'tomato', 'srLegacy', {
    salt: 0.01,
    film: 'tomato',
    units: { tomato: 120 },
    also: 'tomato, plum tomato, ripe tomato, vine tomato, ripe tomatoes, salad tomato, roma tomato, beef tomato, grated tomato, blended tomato',
  }),
  row('tomatoCherry', 'Tomato, cherry', 93.5, 0.2, 0.65, 'tomato', 'srLegacy', {
    salt: 0.01,
    film: 'tomato',
    units: { tomato: 15 },
    also: 'cherry tomato',
  }),
  row('tomatoChopped', 'Tomato, tinned chopped', 89.4, 0.3, 1.03, 'smoothTomato', 'srLegacy', {
    salt: 0.47,
    film: 'tomato',
    units: { tin: 400 },
    also: 'tinned tomato, canned tomato, chopped tomato, crushed tomato, diced tomato',
  }),
  row('tomatoPeeledTinned', 'Tomato, tinned whole', 94.3, 0.3, 1.01, 'tomato', 'srLegacy', {
    salt: 0.29,
    film: 'tomato',
    units: { tin: 400 },
    also: 'peeled tomato, tinned plum tomato, whole canned tomato',
  }),
  row('tomatoPuree', 'Tomato purée', 87.9, 0.2, 1.06, 'smoothTomato', 'srLegacy', {
    salt: 0.07,
    film: 'tomato',
    units: { tin: 400 },
    also: 'tomato puree, passata, sieved tomato, strained tomato, tomato pulp, tomato passata, polpa',
  }),
  row('tomatoSauce', 'Tomato sauce, tinned', 91.3, 0.3, 1.04, 'smoothTomato', 'srLegacy', {
    salt: 1.2,
    film: 'tomato',
    units: { tin: 227 },
    also: 'tomato sauce',
  }),
  row('tomatoPaste', 'Tomato paste', 73.5, 0.5, 1.1, 'smoothTomato', 'srLegacy', {
    salt: 0.15,
    film: 'tomato',
    units: { tin: 140, can: 140 },
    also: 'tomato concentrate, double concentrate, tomato concentrate paste, double tomato puree',
  }),
  row('tomatoSunDried', 'Tomato, sun-dried', 14.6, 3, 0.3, 'driedVegetable', 'srLegacy', {
    salt: 0.27,
    also: 'sun-dried tomato, dried tomato',
  }),
  row('pepperBase', 'Pepper and tomato base, blended', 91.5, 0.4, 1.01, 'smoothTomato', 'practice', {
    salt: 0.02,
    film: 'tomato',
    also: 'blended pepper, pepper mix, red pepper puree, pepper base, obe ata, blended pepper mix, blended pepper and tomato',
  }),
];
