import { VERDICT } from '../../basics/calibration/verdict.generated.js';

/** Values of the pot over time. Every † is from memory and common practice; docs/model.md says what each does. */

/** Grain in nothing but steam drinks at this share of its rate, under a lid and open †. */
export const STEAM_DRINKS = { lidded: 0.1, open: 0.02 } as const;
/** The top of an open bed that stands above its liquid is cooler than the boil, K †. */
export const OPEN_TOP_K = 15;

/** Beds pass water to the next one at this rate, per minute (a quarter of an hour to even out †). */
export const EVENS_PER_MIN = 0.06;
/** Droplets carried up by the vapour, g per g, half of that where so much rises, g/min·m² †. */
export const CARRIED_UP = { perG: 0.3, halfGPerMinM2: 400 } as const;
/** How fast the top grains take up what hangs on them, per min †. */
export const TOP_DRINKS_PER_MIN = 0.35;
/** Share of what condenses under the lid that drips onto the grain; the rest runs down at the rim †. */
export const DRIPS_ON = 0.5;
/** Of what the top lets go, the share that each bed takes up as it runs down †. */
export const RUNS_DOWN = [0.33, 0.33, 0.34] as const;

/** Noodles and pulses take up what they drink at this rate at the boil, per minute †. */
export const OTHERS_DRINK_PER_MIN = 0.15;

/** From which beds a pot without free liquid boils its steam: mostly the lowest; an open top dries too †. */
export const DRIES = { lidded: [1, 0.7, 0.5], open: [1, 0.7, 0.7] } as const;
/** W at which a drying bed gives vapour half as readily †. */
export const DRY_HALF_W = 0.1;

/** Starch that leaches at most, g per g of dry matter, by washing, and how fast, per minute at the boil †. */
export const LEACHES = { unwashed: 0.02, rinsed: 0.01, untilClear: 0.004, perMin: 0.08 } as const;

/** Resistance between floor and food, m²K/W: moving water, a settled layer per mm, a dry bed †. */
export const RESISTS = { water: 0.00035, layerPerMm: 0.002, dryBed: 0.014 } as const;
/** Sludge that a gram of tomato or coconut solids makes, g, and the share of it that settles †. */
export const SETTLES = { sludgePerG: 4, still: 0.16, rolling: 0.05, stirred: 0.01 } as const;
/** How much hotter the hottest place of the floor gets than its average: a thin pot on flame, on a plate, a heavy pot †. */
export const HOT_SPOT = { thinOnFlame: 1.4, thinOnPlate: 1.2, heavy: 1.1, spreader: 1 } as const;
/** The film follows its target in this time wet, and with a dry bed on it, min †. */
export const FILM_LAG = { wetMin: 0.6, dryMin: 2.5 } as const;
/** How fast the bed above wicks water into the layer of grain that touches the floor, per min †. */
export const WICKS_PER_MIN = 0.012;

/** Browning: 120 kJ/mol; it counts 1 after twelve minutes at 160 °C, and BASE_BANDS says what is seen of it; past 260 it chars no faster †. */
export const BROWNS = { jPerMol: 120_000, atC: 160, goldenMin: 12, charsAtC: 260 } as const;
/** Sugars of tomato and coconut brown faster, by this much for each tenth of solids in the liquid †. */
export const SUGAR_BROWNS = 0.8;
/** Browning from which a base is golden, dark (what a cook calls caught: calibrated on pots that do and do not) and burnt. */
export const BASE_BANDS = { golden: 0.35, dark: VERDICT.caught, burnt: 2 * VERDICT.caught } as const;

/** The switch of a rice cooker flips when its floor stands this far above what boiling water leaves it at, K †. */
export const FLIPS_AT_K = 12;

/** Share of a grain that is cooked through below which a tooth calls it hard: calibrated on pots cooks are content with. */
export const NO_HARD_CENTRE = VERDICT.hardCentre;
/** Free liquid among the finished grain from which the pot is wet, g per g of dry matter †. */
export const WET_POT_PER_G = 0.12;
/** Moisture the top may stand under the mean before it is a dry top, points †. */
export const DRY_TOP_POINTS = 2.5;
/** Share of grain broken by one turn of a cooked, fully swollen bed, and from where it shows †. */
export const BREAKS = { turn: 0.25, butter: 0.08, swollenW: 2, shows: 0.2 } as const;
/** Foam of starchy liquid at a rolling boil, ml per ml of liquid for each per cent of starch and 100 g/min·m²: a pot
 * half full of what foams, the most that makers allow, reaches the brim †. */
export const FOAMS = 0.25;
