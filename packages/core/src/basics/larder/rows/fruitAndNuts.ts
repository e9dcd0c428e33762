import type { Ingredient } from '../composition.js';
import { row } from './row.js';

/** Dried fruit, nuts and seeds. Natural units are common practice †. */
export const FRUIT_AND_NUTS: readonly Ingredient[] = [
  row('raisins', 'Raisins', 19.7, 0.3, 0.62, 'driedFruit', 'ifct', {
    salt: 0.03,
    also: 'sultana, golden raisin, sultanas, kishmish',
  }),
  row('apricotsDried', 'Apricots, dried', 30.9, 0.5, 0.55, 'driedFruit', 'srLegacy', {
    salt: 0.03,
    units: { apricot: 8 },
    also: 'dried apricot',
  }),
  row('dates', 'Dates', 21.3, 0.2, 0.6, 'driedFruit', 'srLegacy', {
    units: { date: 8 },
    also: 'date, medjool date, khajur',
  }),
  row('barberries', 'Barberries, dried', 15, 1, 0.3, 'driedFruit', 'label', { also: 'barberry' }),
  row('pomegranateSeeds', 'Pomegranate seeds', 83.5, 0.1, 0.6, 'dry', 'ifct', {
    also: 'pomegranate, pomegranate arils',
  }),
  row('cashew', 'Cashew nuts', 5.2, 43.9, 0.55, 'browning', 'srLegacy', {
    units: { nut: 1.5 },
    salt: 0.03,
    allergens: ['nuts'],
    also: 'cashew, kaju',
  }),
  row('almond', 'Almonds', 4.4, 49.9, 0.6, 'browning', 'srLegacy', {
    units: { almond: 1.2 },
    allergens: ['nuts'],
    also: 'almond, flaked almond, badam, slivered almond, ground almond',
  }),
  row('pistachio', 'Pistachios', 4.4, 45.3, 0.55, 'browning', 'srLegacy', {
    allergens: ['nuts'],
    also: 'pistachio',
  }),
  row('walnut', 'Walnuts', 4.1, 65.2, 0.45, 'browning', 'srLegacy', {
    units: { half: 2 },
    allergens: ['nuts'],
    also: 'walnut, walnut halves, walnut pieces, akhrot',
  }),
  row('pineNuts', 'Pine nuts', 5.3, 48.8, 0.55, 'browning', 'ifct', {
    allergens: ['nuts'],
    also: 'pine nut',
  }),
  row('peanut', 'Peanuts', 6.5, 49.2, 0.62, 'browning', 'srLegacy', {
    salt: 0.05,
    allergens: ['peanuts'],
    also: 'groundnut, roasted peanut, groundnuts',
  }),
  row('sesame', 'Sesame seeds', 4.7, 49.7, 0.6, 'dry', 'srLegacy', {
    salt: 0.03,
    allergens: ['sesame'],
    also: 'sesame seed',
  }),
];
