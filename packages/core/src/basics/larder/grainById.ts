import { GRAINS, type Grain } from './grains.js';

const GRAIN_BY_ID = new Map(GRAINS.map((g) => [g.id, g]));

/**
 * The grain with this id, or undefined.
 * @example grainById('basmati')?.name // 'Basmati rice'
 */
export const grainById = (id: string): Grain | undefined => GRAIN_BY_ID.get(id);
