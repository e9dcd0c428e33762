import type { Allergen, Behaviour, Ingredient, NaturalUnit, SourceId } from '../composition.js';

interface Extra {
  readonly also?: string;
  readonly salt?: number;
  readonly units?: Readonly<Record<string, number>>;
  readonly allergens?: readonly Allergen[];
  readonly film?: 'tomato' | 'coconut';
  readonly rawMeat?: boolean;
  readonly lowSodium?: boolean;
}

/** One row of the larder: water and fat in g/100 g; other solids are what is left of 100. */
export function row(
  id: string,
  name: string,
  water: number,
  fat: number,
  densityGPerMl: number,
  behaves: Behaviour,
  source: SourceId,
  extra: Extra = {},
): Ingredient {
  const { units = {}, also = '', ...rest } = extra;
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
    also: also === '' ? [] : also.split(', '),
    units: natural,
  };
}
