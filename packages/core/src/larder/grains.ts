import type { Amylose } from './amylose.js';
import type { Allergen, SourceId } from './composition.js';
import {
  WHITE,
  LONG_AROMATIC,
  LOW_AMYLOSE,
  MEDIUM,
  PARBOILED,
  BROWN,
  SMALL,
  BULGUR,
  type Habit,
} from './habits.js';

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

function grain(
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

/** The grains. Densities are of a levelled cup (every long grain 185 g per US customary cup: there is no published
 * figure by variety; medium 195, short 200) †. */
export const GRAINS: readonly Grain[] = [
  grain('longGrainWhite', 'Long-grain white rice', 11.6, 0.7, 0.782, WHITE, 'srLegacy', {
    cookedWater: 68.4,
  }),
  grain('mediumGrainWhite', 'Medium-grain white rice', 12.9, 0.6, 0.824, MEDIUM, 'srLegacy', {
    cookedWater: 68.6,
  }),
  grain('shortGrainWhite', 'Short-grain white rice', 13.3, 0.5, 0.845, LOW_AMYLOSE, 'srLegacy'),
  grain('basmati', 'Basmati rice', 11.6, 0.7, 0.782, LONG_AROMATIC, 'srLegacy'),
  grain('jasmine', 'Jasmine rice', 12, 0.6, 0.782, { ...LOW_AMYLOSE, scale: 'aromaticLow' }, 'srLegacy'),
  grain(
    'brokenWhite',
    'Broken white rice',
    11.6,
    0.7,
    0.82,
    { ...WHITE, soakRatePerMin: 0.1, coveredMin: 12, longestSoakMin: 30 },
    'srLegacy',
  ),
  grain('parboiledLong', 'Parboiled long-grain rice', 9.9, 1, 0.782, PARBOILED, 'srLegacy', {
    cookedWater: 70.4,
  }),
  grain('parboiledBasmati', 'Parboiled basmati rice', 9.9, 1, 0.782, PARBOILED, 'srLegacy'),
  grain('brownLong', 'Brown long-grain rice', 11.8, 3.2, 0.782, BROWN, 'srLegacy', { cookedWater: 70.3 }),
  grain('brownMedium', 'Brown medium-grain rice', 12.4, 2.7, 0.805, BROWN, 'srLegacy'),
  grain('brownBasmati', 'Brown basmati rice', 11.8, 3.2, 0.782, BROWN, 'srLegacy'),
  grain('millet', 'Millet', 8.7, 4.2, 0.845, SMALL, 'srLegacy', { cookedWater: 71.4 }),
  grain('littleMillet', 'Little millet', 11.4, 3.9, 0.845, SMALL, 'ifct'),
  grain('bulgur', 'Bulgur, coarse', 9, 1.3, 0.6, BULGUR, 'srLegacy', {
    cookedWater: 77.8,
    allergens: ['gluten'],
  }),
  grain(
    'pearlBarley',
    'Pearl barley',
    10.1,
    1.2,
    0.845,
    { ...BROWN, soakedW: 0.55, soakRatePerMin: 0.012, textureShift: 0.5 },
    'srLegacy',
    { cookedWater: 68.8, allergens: ['gluten'] },
  ),
  grain(
    'smallOvalAromatic',
    'Small oval aromatic rice',
    11.6,
    0.6,
    0.83,
    { ...WHITE, coveredMin: 12 },
    'practice',
    {
      also: 'small aromatic rice, short aromatic rice',
    },
  ),
  grain('redRice', 'Red rice', 11.5, 2.6, 0.79, BROWN, 'practice'),
  grain('blackRice', 'Black rice', 11.8, 3.2, 0.8, BROWN, 'practice'),
  grain('quinoa', 'Quinoa', 13.3, 6.1, 0.72, { ...SMALL, coveredMin: 15 }, 'srLegacy', { cookedWater: 71.6 }),
  grain(
    'fonio',
    'Fonio',
    10,
    1.5,
    0.76,
    { ...SMALL, uptakePerMin: 0.2, coveredMin: 6, textureShift: 2 },
    'practice',
  ),
  grain('foxtailMillet', 'Foxtail millet', 11, 4, 0.83, SMALL, 'practice'),
  grain('sorghum', 'Sorghum', 9, 1.7, 0.81, { ...BROWN, coveredMin: 50 }, 'ifct', { also: 'jowar' }),
  grain(
    'freekeh',
    'Freekeh, cracked',
    9,
    2.7,
    0.68,
    { ...BULGUR, textureShift: 3, coveredMin: 20 },
    'label',
    {
      allergens: ['gluten'],
    },
  ),
  grain(
    'wheatCracked',
    'Cracked wheat',
    10.6,
    1.5,
    0.67,
    { ...BULGUR, textureShift: 3, coveredMin: 18 },
    'ifct',
    {
      allergens: ['gluten'],
      also: 'broken wheat, dalia',
    },
  ),
  grain('bulgurFine', 'Bulgur, fine', 9, 1.3, 0.68, { ...BULGUR, coveredMin: 6 }, 'srLegacy', {
    allergens: ['gluten'],
  }),
  grain(
    'buckwheat',
    'Buckwheat groats',
    8.4,
    2.7,
    0.72,
    { ...BULGUR, textureShift: 4, coveredMin: 15 },
    'srLegacy',
    {
      cookedWater: 75.6,
    },
  ),
];
