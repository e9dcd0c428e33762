import type { Allergen, SourceId } from './composition.js';

/**
 * Classes of milled rice by how much of its starch is amylose, % of dry weight: waxy under 5, low to 20, intermediate to 25,
 * high above (classes of the rice standard evaluation by International Rice Research Institute and Juliano 1992, from memory).
 */
export const AMYLOSE = ['waxy', 'low', 'intermediate', 'high'] as const;
export type Amylose = (typeof AMYLOSE)[number];

/** A grain: the reason for the pot. Moisture in g per 100 g as sold; W values are g water per g dry matter. */
export interface Grain {
  readonly id: string;
  readonly name: string;
  readonly water: number;
  readonly fat: number;
  readonly solids: number;
  readonly densityGPerMl: number;
  readonly family: 'white' | 'parboiled' | 'wholegrain' | 'small' | 'cracked';
  /** Whose scale of cooked moisture it goes by: its class of amylose, or its family where the class decides nothing. */
  readonly scale: 'ordinary' | 'medium' | 'short' | 'aromaticLow' | 'parboiled' | 'whole' | 'small';
  /** Its usual class of amylose; only where its scale goes by that (Juliano 1992, from memory). */
  readonly amylose?: Amylose;
  /** Saturation of a cold soak, W. */
  readonly soakedW: number;
  /** Rate of the cold soak at 22 °C, per minute. */
  readonly soakRatePerMin: number;
  /** Rate at which submerged grain drinks at the boil, per minute of what is left to saturation. */
  readonly uptakePerMin: number;
  /** Points of wet-basis moisture added to the white-grain texture scale. */
  readonly textureShift: number;
  /** Further points a usual soak adds, for the white long aromatic grains that stay apart wetter. */
  readonly soakedShift: number;
  /** Minutes covered at the lowest heat, at sea level, unsoaked. */
  readonly coveredMin: number;
  /** Longest soak before the grain breaks, min. */
  readonly longestSoakMin: number;
  /** Published moisture of the plain cooked grain, g per 100 g, where there is one (SR Legacy, from memory). */
  readonly cookedWater?: number;
  readonly allergens: readonly Allergen[];
  /** Other names a cook writes it by, lower case. */
  readonly also: readonly string[];
  readonly source: SourceId;
}

/** One row of the grains: moisture and fat in g/100 g, the rest of 100 is other solids. */
export function grain(
  id: string,
  name: string,
  water: number,
  fat: number,
  densityGPerMl: number,
  habit: Habit,
  source: SourceId,
  extra: { cookedWater?: number; allergens?: readonly Allergen[]; also?: string } = {},
): Grain {
  const { also = '', ...rest } = extra;
  return {
    id,
    name,
    water,
    fat,
    solids: Math.round((100 - water - fat) * 1000) / 1000,
    densityGPerMl,
    ...habit,
    allergens: [],
    ...rest,
    also: also === '' ? [] : also.split(', '),
    source,
  };
}

/** What grains of a kind share: how they soak, drink, cook and are wanted. */
export type Habit = Pick<
  Grain,
  | 'family'
  | 'scale'
  | 'amylose'
  | 'soakedW'
  | 'soakRatePerMin'
  | 'uptakePerMin'
  | 'textureShift'
  | 'soakedShift'
  | 'coveredMin'
  | 'longestSoakMin'
>;
