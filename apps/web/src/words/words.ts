import type {
  Act,
  Allergen,
  BaseSeen,
  CautionCode,
  DoubtPart,
  Drain,
  HeatSetting,
  HobKind,
  LidFit,
  LidState,
  Served,
  Sign,
  State,
  TermKind,
  Texture,
  Toast,
  Verdict,
  Wall,
  Wash,
} from '@hammock/core';

/** Every code of the core in the words of the kitchen, in one voice. */
export const TEXTURE: Readonly<Record<Texture, string>> = {
  1: 'firm',
  2: 'one grain apart',
  3: 'tender',
  4: 'soft',
  5: 'very soft',
};

export const VERDICT: Readonly<Record<Verdict, string>> = {
  1: 'hard',
  2: 'a little firm',
  3: 'as wanted',
  4: 'a little soft',
  5: 'mushy',
};

export const BASE: Readonly<Record<BaseSeen, string>> = {
  clean: 'clean',
  golden: 'golden',
  dark: 'dark',
  burnt: 'burnt',
};

export const WASH: Readonly<Record<Wash, string>> = {
  unwashed: 'unwashed',
  rinsed: 'rinsed',
  untilClear: 'rinsed until clear',
};

export const DRAIN: Readonly<Record<Drain, string>> = { shaken: 'shaken dry', sieve: '20 min in a sieve' };

export const TOAST: Readonly<Record<Toast, string>> = {
  none: 'not toasted',
  coated: 'coated in fat',
  glossy: 'glossy',
  opaque: 'opaque white',
  golden: 'light golden',
};

export const SERVED: Readonly<Record<Served, string>> = {
  plain: 'on its own',
  underSalty: 'under something salty',
};

export const HEAT: Readonly<Record<HeatSetting, string>> = {
  high: 'high heat',
  mediumHigh: 'medium-high heat',
  medium: 'medium heat',
  low: 'low heat',
  veryLow: 'lowest heat',
  off: 'no heat',
};

export const LID: Readonly<Record<LidState, string>> = {
  off: 'lid off',
  ajar: 'lid ajar',
  on: 'lid on',
  sealed: 'lid sealed',
};

export const LID_FIT: Readonly<Record<LidFit, string>> = {
  loose: 'loose lid',
  wellFitting: 'well-fitting lid',
  tight: 'tight lid',
};
export const WALL: Readonly<Record<Wall, string>> = { thin: 'thin wall', heavy: 'heavy wall' };
export const HOB_KIND: Readonly<Record<HobKind, string>> = {
  gas: 'gas',
  electric: 'electric',
  induction: 'induction',
};

export const STATE: Readonly<Record<State, string>> = {
  whole: 'in the pot first',
  withLiquid: 'in with the liquid',
  softened: 'softened',
  mushy: 'cooked to a mush',
  oilSeparated: 'fried until the oil rises',
  translucent: 'translucent',
  golden: 'golden',
  brown: 'brown',
  browned: 'browned',
  raw: 'raw',
  steeped: 'steeped',
  dry: 'dry',
  soaked: 'soaked',
};

/** What is done in a stage: its name, what to do, and what to look for. */
export const ACT: Readonly<
  Record<Act, { readonly name: string; readonly what: string; readonly look: string }>
> = {
  soak: { name: 'Soak', what: 'Grain under cool water.', look: 'Grains turn white and snap easily.' },
  drain: { name: 'Drain', what: 'Tip into a sieve and shake.', look: 'No more than a drip a second.' },
  warmFat: {
    name: 'Warm the fat',
    what: 'Fat in the pot, whole spices with it.',
    look: 'It shimmers; spices uncurl and crackle.',
  },
  base: {
    name: 'Cook the base',
    what: 'Onion first, then what is wet. Stir.',
    look: 'As far down as the plan says, and no raw smell.',
  },
  toast: {
    name: 'Toast the grain',
    what: 'Grain in the fat. Keep it moving.',
    look: 'An even colour; uneven means too hot.',
  },
  boil: {
    name: 'Pour and boil',
    what: 'Pour, add the salt, taste. Stir once.',
    look: 'Bubbles all over, not only at the rim.',
  },
  openBoil: {
    name: 'Boil open',
    what: 'No lid. Leave it alone.',
    look: 'Holes in the surface; the liquid level with the grain.',
  },
  simmer: {
    name: 'Cover',
    what: 'Lid on. Heat down. No peeking, no stirring.',
    look: 'A thread of steam; a quiet crackle near the end.',
  },
  rest: { name: 'Rest', what: 'Off the heat. Lid stays shut.', look: 'It is still drinking.' },
};

export const SIGN: Readonly<Record<Sign, string>> = {
  boilAllOver: 'when it bubbles all over',
  fatShimmers: 'when the fat shimmers',
  baseReady: 'when the base is ready',
  grainColour: 'when the colour is there',
  drained: 'when it has drained',
};

export const TERM: Readonly<Record<TermKind, string>> = {
  pour: 'What you pour',
  broughtIn: 'Brought in',
  clinging: 'Clings to the washed grain',
  absorbed: 'The grain drinks',
  steamLost: 'Leaves as steam',
  heldByOthers: 'Held as a film of sauce',
  drunkByOthers: 'Drunk by others',
};

export const DOUBT: Readonly<Record<DoubtPart['code'], string>> = {
  grainMass: 'how full the cup was',
  grainMoisture: 'how dry the grain is',
  bag: 'what this bag drinks',
  hobPower: 'how hot this hob is',
  lidLeak: 'how tight the lid is',
  broughtIn: 'how wet the base still is',
  timing: 'a minute more or less',
};

export const ALLERGEN: Readonly<Record<Allergen, string>> = {
  milk: 'milk',
  gluten: 'wheat or barley (gluten)',
  nuts: 'nuts',
  peanuts: 'peanuts',
  crustaceans: 'prawns (crustaceans)',
  fish: 'fish',
  soy: 'soy',
  celery: 'celery',
  sesame: 'sesame',
  mustard: 'mustard',
};

export const CAUTION: Readonly<Record<CautionCode, string>> = {
  allergens: 'Contains',
  rawMeat:
    'Raw meat or seafood: its own board, washed hands, cooked through. Probe temperatures are set by your local food authority.',
  hotFat: 'Hot fat burns and spits. Stay with it.',
  wetGrainInFat: 'Washed grain spits in hot fat: drain it well and let it in gently.',
  hotChilli: 'Hot chillies: gloves, and keep your hands from your eyes.',
  wholeSpices: 'Whole spices stay hard: take them out or point them out.',
  lowSodiumSalt:
    'Low-sodium salt is part potassium chloride: with kidney disease or some medicines, ask a clinician first.',
  steamBurn: 'Open the lid away from you.',
  leftovers:
    'Leftovers: spread shallow, cool within an hour or two, keep at 5 °C or below, reheat once until steaming. Your local food-safety rules come first.',
};
