/** A constant that nobody publishes and that moves a pour: what it is believed to be before the table of practice. */
export interface Prior {
  /** What a unit of it is: points of cooked moisture, or the logarithm of a share. */
  readonly unit: 'points' | 'log share';
  /** Its middle: what is added to the constant from memory, and nothing is before the fit. */
  readonly mean: number;
  /** One standard deviation. */
  readonly spread: number;
  readonly of: string;
  readonly why: string;
}

const points = (of: string, spread: number, why: string, mean = 0): Prior => ({
  unit: 'points',
  mean,
  spread,
  of,
  why,
});
const share = (of: string, spread: number, why: string, mean = 0): Prior => ({
  unit: 'log share',
  mean,
  spread,
  of,
  why,
});

/**
 * All that `npm run calibrate` may move, and how far each may be off †. Seventeen: more than that no table of ninety pots
 * can tell apart. A value is added to a constant from memory, so that 0 is that constant; a
 * middle that is not 0 has its reason in `why`.
 */
export const PRIORS = {
  'target.ordinary': points(
    'cooked moisture wanted of long white grain',
    1,
    'published cooked grain stands within it',
  ),
  'target.short': points(
    'the same of short grain',
    2,
    'the tables of two countries are eight points apart, the constant four',
    -3,
  ),
  'target.aromaticLow': points(
    'the same of soft aromatic grain',
    1.5,
    'jasmine: softer than long, firmer than short',
  ),
  'target.parboiled': points(
    'the same of parboiled grain, unsoaked',
    2,
    'published cooked grain has two points more than long grain (SR Legacy, from memory), the constant has less',
    2,
  ),
  'target.parboiledSoaked': points(
    'what a usual soak adds to that',
    2,
    'a soak does half of its cooking',
    -2,
  ),
  'target.whole': points('the same of grain with its bran', 1, 'published cooked grain stands within it'),
  'target.coconut': points(
    'the same for each gram of coconut milk to a gram of grain',
    2,
    'fat coats the grain, and cooks count the whole can as liquid',
    -3,
  ),
  'target.boilDown': points(
    'the same of a pot that is boiled down open before it is closed',
    1.5,
    'what is done counts, by whatever name the method goes',
  ),
  'target.small': points('the same of small and cracked grain', 1.5, 'half of them have no published figure'),
  'sealed.stew': points('the same steamed in its stew', 1.5, 'a dense base keeps liquid from the top', -1),
  vent: share(
    'steam let go by a weight, coming up and by whistles',
    0.6,
    'ten grams a whistle is what a thermostat would lose; a weight hisses',
    0.7,
  ),
  'power.open': share('power of a ring on high and medium-high', 0.15, 'rings and pots differ by as much'),
  'power.medium': share('power of a ring on medium', 0.3, 'what is called medium differs most'),
  'power.low': share(
    'power of a ring on low and very low',
    0.2,
    'the lowest flame differs from ring to ring',
  ),
  look: share(
    'how wet a base is at each of its looks',
    0.35,
    'softened, mushy and "the oil rises" are judged by eye; a base is fried for a quarter to half an hour',
  ),
  uptake: share(
    'rate at which parboiled, whole and small grain drinks at the boil',
    0.3,
    'written down from memory; what cooks pour on these is drunk by the time they serve',
  ),
  release: share(
    'water that vegetables and meat still give',
    0.35,
    'how far a base is down is judged by eye',
  ),
} as const satisfies Readonly<Record<string, Prior>>;
export type Calibrated = keyof typeof PRIORS;
export const CALIBRATED_NAMES = Object.keys(PRIORS) as Calibrated[];
