import type { Ingredient } from '../composition.js';
import { row } from './row.js';

/** Coconut. 72.9 and 53.9 g of water are the canned products. Natural units are common practice †. */
export const COCONUT: readonly Ingredient[] = [
  row('coconutMilk', 'Coconut milk, canned', 72.9, 21.3, 1, 'coconutMilk', 'srLegacy', {
    salt: 0.03,
    film: 'coconut',
    units: { can: 400, tin: 400 },
    also: 'coconut milk, thick coconut milk, tinned coconut milk, canned coconut milk, full fat coconut milk',
  }),
  row('coconutMilkLight', 'Coconut milk, light', 91.5, 6, 1, 'coconutMilk', 'label', {
    salt: 0.04,
    film: 'coconut',
    units: { can: 400 },
    also: 'light coconut milk, thin coconut milk',
  }),
  row('coconutCream', 'Coconut cream', 53.9, 34.7, 1, 'coconutMilk', 'srLegacy', {
    salt: 0.01,
    film: 'coconut',
    units: { can: 400 },
    also: 'cream of coconut',
  }),
  row('coconutPowder', 'Coconut milk powder', 2, 63, 0.45, 'dry', 'label', {
    salt: 0.3,
    film: 'coconut',
    units: { sachet: 50 },
    allergens: ['milk'],
    also: 'powdered coconut milk, coconut powder',
  }),
  row('coconutFresh', 'Coconut, fresh grated', 36.1, 41.4, 0.4, 'dry', 'ifct', {
    salt: 0.02,
    also: 'grated coconut, fresh coconut, freshly grated coconut, coconut fresh',
  }),
  row('coconutDesiccated', 'Coconut, desiccated', 3, 64.5, 0.35, 'desiccated', 'srLegacy', {
    salt: 0.09,
    also: 'desiccated coconut, dried coconut, dry coconut, desiccated coconut flakes',
  }),
  row('coconutOil', 'Coconut oil', 0, 100, 0.92, 'fat', 'ifct'),
];
