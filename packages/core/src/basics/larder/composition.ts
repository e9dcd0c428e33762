/** Where a row's figures come from. A dagger in the documents is `memory: true` here. */
export interface Source {
  readonly name: string;
  /** True when the value was written down from memory and not read from the source on the day. */
  readonly memory: boolean;
}

/** Published tables a row may name. IFCT rows were read from the table; the others from memory. */
export const SOURCES = {
  srLegacy: { name: 'US Department of Agriculture, FoodData Central, SR Legacy', memory: true },
  ifct: { name: 'Indian Food Composition Tables, National Institute of Nutrition, 2017', memory: false },
  label: { name: 'typical packet label', memory: true },
  practice: { name: 'common practice', memory: true },
  household: { name: 'this household', memory: false },
} as const satisfies Record<string, Source>;

export type SourceId = keyof typeof SOURCES;

/**
 * Twelve of the fourteen allergens that Annex II of Regulation (EU) No 1169/2011 names (from memory). Lupin is in no row of the
 * larder; sulphites differ from brand to brand of dried fruit and wine and are on their labels.
 */
export const ALLERGENS = [
  'milk',
  'eggs',
  'gluten',
  'nuts',
  'peanuts',
  'crustaceans',
  'molluscs',
  'fish',
  'soy',
  'celery',
  'sesame',
  'mustard',
] as const;
export type Allergen = (typeof ALLERGENS)[number];

/** A natural unit: one medium onion, one tin. */
export interface NaturalUnit {
  readonly name: string;
  readonly g: number;
}

/** A row of the larder. Water, fat and other solids are g per 100 g and sum to 100; salt is part of solids. */
export interface Ingredient {
  readonly id: string;
  readonly name: string;
  readonly water: number;
  readonly fat: number;
  readonly solids: number;
  /** Sodium as salt (sodium × 2.542), g per 100 g; part of `solids`. */
  readonly salt: number;
  /** Bulk density as it is measured in a cup or spoon, g/ml. */
  readonly densityGPerMl: number;
  readonly units: readonly NaturalUnit[];
  /** Other names a cook writes it by, lower case. */
  readonly also: readonly string[];
  readonly allergens: readonly Allergen[];
  /** How it gives up its water as it cooks; names a row of RELEASE. */
  readonly behaves: Behaviour;
  /** Tomato and coconut solids hold a film of sauce on the grain. */
  readonly film?: 'tomato' | 'coconut';
  /** Raw meat, poultry or seafood: handled and cooked through with care. */
  readonly rawMeat?: boolean;
  /** Potassium chloride stands in for part of the salt. */
  readonly lowSodium?: boolean;
  readonly source: SourceId;
}

/** Ways an ingredient gives up its water; each has a row in RELEASE. */
export const BEHAVIOURS = [
  'liquid',
  'cultured',
  'coconutMilk',
  'tomato',
  'smoothTomato',
  'onion',
  'softVegetable',
  'hardVegetable',
  'potato',
  'frozenVegetable',
  'driedVegetable',
  'driedFruit',
  'desiccated',
  'mushroom',
  'meat',
  'fat',
  'dry',
  'browning',
  'noodle',
  'wholePulse',
  'splitPulse',
  'soyChunk',
] as const;
export type Behaviour = (typeof BEHAVIOURS)[number];

/** How far an ingredient has been cooked when the liquid goes in. */
export const STATES = [
  'whole',
  'withLiquid',
  'softened',
  'mushy',
  'oilSeparated',
  'translucent',
  'golden',
  'brown',
  'browned',
  'raw',
  'steeped',
  'cooked',
  'dry',
  'soaked',
] as const;
export type State = (typeof STATES)[number];

/** What a state does to water: the share of the ingredient's own water set free, or g drunk per g. */
export interface Release {
  readonly state: State;
  /** Share of its water that reaches the grain, 0–1. */
  readonly available: number;
  /** Water it takes up for itself, g per g. */
  readonly drinks: number;
  /** True where the share follows from how wet the whole base looks (LOOK_W). */
  readonly byLook?: true;
}

const release = (state: State, available: number, drinks = 0): Release => ({ state, available, drinks });

/**
 * How wet a base is at each look, g of water per g of its fat-free solids †. Fresh tomato stands at 18, a passata at 12,
 * and a tin of double concentrated paste at 3, which no frying makes drier than its look.
 */
export const LOOK_W: Readonly<Partial<Record<State, number>>> = {
  softened: 9,
  mushy: 5.5,
  oilSeparated: 4,
};
/** A look is a moisture: what an ingredient still brings follows from its solids, up to what it brings uncooked. */
const look = (state: State): Release => ({ state, available: 1, drinks: 0, byLook: true });

/**
 * Share of its own water that an ingredient still brings by how far it was cooked down, and what drinkers
 * take. All † (from memory, kitchen trials of this project's model notes); the first state is the default.
 */
export const RELEASE: Readonly<Record<Behaviour, readonly Release[]>> = {
  // Stock that goes into the base cooks down with it.
  liquid: [release('withLiquid', 1), look('mushy'), look('oilSeparated')],
  cultured: [release('withLiquid', 0.6), look('oilSeparated')],
  // All of its water is in the pot; what its solids keep for themselves is the film term, counted there once.
  coconutMilk: [release('withLiquid', 1), look('oilSeparated')],
  tomato: [look('mushy'), release('withLiquid', 0.7), look('softened'), look('oilSeparated')],
  smoothTomato: [release('withLiquid', 0.8), look('softened'), look('mushy'), look('oilSeparated')],
  onion: [release('translucent', 0.2), release('raw', 0.4), release('golden', 0.05), release('brown', 0)],
  // Softened vegetables hold back most of their water: their cells are whole until they are mush.
  softVegetable: [release('softened', 0.3), release('withLiquid', 0.6), look('mushy'), look('oilSeparated')],
  hardVegetable: [release('raw', 0.05), release('softened', 0.03)],
  potato: [release('raw', 0, 0.05), release('softened', 0, 0)],
  // Ice on the outside melts into the pot.
  frozenVegetable: [release('raw', 0.15), release('softened', 0.05)],
  driedVegetable: [release('dry', 0, 2.5), release('steeped', 0)],
  driedFruit: [release('whole', 0, 0.3)],
  desiccated: [release('whole', 0, 0.8)],
  mushroom: [release('browned', 0.1), release('raw', 0.4), release('steeped', 0)],
  meat: [release('browned', 0.05), release('raw', 0.22), release('cooked', 0)],
  fat: [release('whole', 0), release('withLiquid', 1)],
  dry: [release('whole', 0)],
  // Garlic, nuts and fresh cheese take colour in the fat and give no water worth counting.
  browning: [release('whole', 0), release('golden', 0), release('browned', 0)],
  // Toasted starch drinks a little less.
  noodle: [release('dry', 0, 1.2), release('golden', 0, 1.15), release('brown', 0, 1.1)],
  wholePulse: [release('dry', 0, 1.6), release('soaked', 0, 0.4)],
  splitPulse: [release('dry', 0, 2), release('soaked', 0, 1.2)],
  soyChunk: [release('dry', 0, 2.5), release('soaked', 0)],
};
