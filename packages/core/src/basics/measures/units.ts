import Fraction from 'fraction.js';

/** Whether a unit weighs or fills. */
export type UnitKind = 'mass' | 'volume';

/** One unit of measure: its size in grams (mass) or millilitres (volume), exactly, and how people type it. */
export interface Unit {
  readonly id: UnitId;
  readonly kind: UnitKind;
  /** Size in g or ml as an exact fraction. */
  readonly size: Fraction;
  /** The short form shown to the cook, singular and plural. */
  readonly symbol: string;
  readonly plural: string;
  /** Lower-case spellings accepted when typing. */
  readonly spellings: readonly string[];
  readonly source: string;
}

export type UnitId =
  | 'g'
  | 'kg'
  | 'oz'
  | 'lb'
  | 'ml'
  | 'cl'
  | 'dl'
  | 'l'
  | 'cup'
  | 'cupUs'
  | 'cupLegal'
  | 'cupMetric'
  | 'cupRice'
  | 'cupImperial'
  | 'tbsp'
  | 'tbspMetric'
  | 'tbspAustralian'
  | 'tsp'
  | 'tspMetric'
  | 'flOz';

const SI = 'International System of Units';
const CLDR = 'Unicode CLDR 48, supplemental/units.json';
const AVOIRDUPOIS = 'International yard and pound agreement, 1959';

/** The cubic inch is 2.54³ ml exactly, the US gallon 231 of them; every US volume below is derived from it. */
const CUBIC_INCH_ML = new Fraction('2.54').pow(3);
const US_CUP = CUBIC_INCH_ML.mul(231).div(16);
const US_TBSP = US_CUP.div(16);
const POUND_G = new Fraction('453.59237');
const IMPERIAL_GALLON_ML = new Fraction('4546.09');

/**
 * Every unit Hammock can read. `cup` is the household's own cup and has the US customary size until the
 * household says otherwise (pass `cupMl` to parseAmount).
 */
export const UNITS: readonly Unit[] = [
  unit('g', 'mass', new Fraction(1), 'g', 'g', ['g', 'gr', 'gram', 'grams', 'gramme', 'grammes'], SI),
  unit('kg', 'mass', new Fraction(1000), 'kg', 'kg', ['kg', 'kilo', 'kilos', 'kilogram', 'kilograms'], SI),
  unit('oz', 'mass', POUND_G.div(16), 'oz', 'oz', ['oz', 'ounce', 'ounces'], AVOIRDUPOIS),
  unit('lb', 'mass', POUND_G, 'lb', 'lb', ['lb', 'lbs', 'pound', 'pounds'], AVOIRDUPOIS),
  unit(
    'ml',
    'volume',
    new Fraction(1),
    'ml',
    'ml',
    ['ml', 'cc', 'millilitre', 'millilitres', 'milliliter', 'milliliters'],
    SI,
  ),
  unit('cl', 'volume', new Fraction(10), 'cl', 'cl', ['cl', 'centilitre', 'centilitres'], SI),
  unit(
    'dl',
    'volume',
    new Fraction(100),
    'dl',
    'dl',
    ['dl', 'decilitre', 'decilitres', 'deciliter', 'deciliters'],
    SI,
  ),
  unit('l', 'volume', new Fraction(1000), 'l', 'l', ['l', 'lt', 'litre', 'litres', 'liter', 'liters'], SI),
  unit('cup', 'volume', US_CUP, 'cup', 'cups', ['c', 'cup', 'cups'], CLDR),
  unit('cupUs', 'volume', US_CUP, 'US cup', 'US cups', ['us cup', 'us cups'], CLDR),
  unit(
    'cupLegal',
    'volume',
    new Fraction(240),
    'legal cup',
    'legal cups',
    ['legal cup', 'legal cups', 'us legal cup', 'us legal cups'],
    'US 21 CFR 101.9(b)(5)(viii)',
  ),
  unit(
    'cupMetric',
    'volume',
    new Fraction(250),
    'metric cup',
    'metric cups',
    ['metric cup', 'metric cups'],
    CLDR,
  ),
  unit(
    'cupRice',
    'volume',
    new Fraction(2401, 1331).mul(100),
    'rice cup',
    'rice cups',
    ['rice cup', 'rice cups', 'rice-cooker cup', 'rice-cooker cups', 'go', 'gō'],
    'Japanese weights and measures: 1 shō = 2401/1331 l, 1 gō = a tenth',
  ),
  unit(
    'cupImperial',
    'volume',
    IMPERIAL_GALLON_ML.div(16),
    'imperial cup',
    'imperial cups',
    ['imperial cup', 'imperial cups', 'half-pint', 'half pint'],
    CLDR,
  ),
  unit(
    'tbsp',
    'volume',
    US_TBSP,
    'tbsp',
    'tbsp',
    [
      'tbsp',
      'tbsps',
      'tbs',
      'tablespoon',
      'tablespoons',
      'tablespoonful',
      'tablespoonfuls',
      'spoon',
      'spoons',
      'spoonful',
    ],
    CLDR,
  ),
  unit(
    'tbspMetric',
    'volume',
    new Fraction(15),
    'metric tbsp',
    'metric tbsp',
    ['metric tbsp', 'metric tablespoon', 'metric tablespoons'],
    'common practice',
  ),
  unit(
    'tbspAustralian',
    'volume',
    new Fraction(20),
    'Australian tbsp',
    'Australian tbsp',
    ['australian tbsp', 'australian tablespoon', 'australian tablespoons'],
    'common practice',
  ),
  unit(
    'tsp',
    'volume',
    US_TBSP.div(3),
    'tsp',
    'tsp',
    ['tsp', 'tsps', 'teaspoon', 'teaspoons', 'teaspoonful', 'teaspoonfuls'],
    CLDR,
  ),
  unit(
    'tspMetric',
    'volume',
    new Fraction(5),
    'metric tsp',
    'metric tsp',
    ['metric tsp', 'metric teaspoon', 'metric teaspoons'],
    'common practice',
  ),
  unit(
    'flOz',
    'volume',
    US_CUP.div(8),
    'fl oz',
    'fl oz',
    ['fl oz', 'fl. oz', 'fluid ounce', 'fluid ounces'],
    CLDR,
  ),
];

function unit(
  id: UnitId,
  kind: UnitKind,
  size: Fraction,
  symbol: string,
  plural: string,
  spellings: readonly string[],
  source: string,
): Unit {
  return { id, kind, size, symbol, plural, spellings, source };
}

const BY_ID = new Map(UNITS.map((u) => [u.id, u]));

/**
 * The unit with this id.
 * @example unitById('cup')?.kind // 'volume'
 */
export function unitById(id: UnitId): Unit {
  const found = BY_ID.get(id);
  if (!found) throw new Error(`no unit ${id}`);
  return found;
}

/**
 * Grams or millilitres in one `id`, as a plain number.
 * @example unitSize('tbsp', 240) // 14.787
 */
export const unitSize = (id: UnitId): number => unitById(id).size.valueOf();
