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
  Method,
  Rule,
  Served,
  Sign,
  State,
  TermKind,
  Texture,
  Toast,
  Verdict,
  VesselKind,
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
  deep: 'deep brown',
};

export const SERVED: Readonly<Record<Served, string>> = {
  plain: 'on its own',
  withGravy: 'with a gravy',
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
  cloth: 'cloth under the lid',
  foil: 'foil under the lid',
  parchment: 'parchment under the lid',
  sealed: 'lid sealed',
  pressure: 'locked, under pressure',
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
  builtIn: 'its own heater',
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
  cooked: 'cooked before',
  dry: 'dry',
  soaked: 'soaked',
};

export const METHOD: Readonly<Record<Method, string>> = {
  coveredAbsorption: 'covered absorption',
  boilDown: 'boil down, then steam',
  liquidFirst: 'liquid first',
  stewSteam: 'stew and steam',
  fryDry: 'fry dry and steam',
  absorbButter: 'absorb, butter, crust',
  pressureCooker: 'pressure cooker',
  multiCooker: 'multi-cooker',
  riceCooker: 'rice cooker',
};

export const VESSEL_KIND: Readonly<Record<VesselKind, string>> = {
  pot: 'pot',
  pressureCooker: 'pressure cooker',
  multiCooker: 'multi-cooker',
  riceCooker: 'rice cooker',
};

export const RULE: Readonly<Record<Rule, string>> = {
  oneToOne: 'one to one',
  oneToOneHalf: 'one to one and a half',
  oneToTwo: 'one to two',
  halfInch: 'half an inch above',
  firstJoint: 'to the first joint',
  twoFingers: 'two fingers above',
  baseOnly: 'no water, only the base',
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
  ladle: {
    name: 'Ladle stew out',
    what: 'Take out what the plan says and keep it by you.',
    look: 'The stew that is left only just covers where the grain will lie.',
  },
  fryDry: {
    name: 'Fry the grain dry',
    what: 'Grain in the stew: stir, a minute covered, stir again, about four rounds.',
    look: 'The stew is taken up; the grain comes off the base and turns translucent.',
  },
  grain: {
    name: 'Grain in',
    what: 'Drained grain into the seasoned liquid. Level it once, then leave it.',
    look: 'It boils again.',
  },
  boilDown: {
    name: 'Boil down',
    what: 'No lid. Leave it alone.',
    look: 'Holes open in the surface and the liquid sinks level with the grain.',
  },
  butter: {
    name: 'Butter over',
    what: 'The other half of the fat, over the top and down the side.',
    look: 'It sizzles at the rim.',
  },
  pressureUp: {
    name: 'Pour, lock, bring up',
    what: 'Pour, add the salt, taste. Stir once, scrape the base. Lock the lid.',
    look: 'A steady jet, then the first whistle or the pin up.',
  },
  pressure: {
    name: 'At pressure',
    what: 'Hold it there. Count from the first whistle.',
    look: 'Only a whisper of steam between whistles.',
  },
  release: {
    name: 'Let it down',
    what: 'Off the heat. Leave it alone until the pressure has fallen by itself.',
    look: 'The pin drops; the lid turns without force.',
  },
  cook: {
    name: 'Pour, press cook',
    what: 'Pour, add the salt, taste. Stir once. Lid on, press cook.',
    look: 'The switch flips to warm.',
  },
  turn: {
    name: 'Turn once',
    what: 'From the side, top to bottom, gently. Close it again.',
    look: 'No raw grains left on top.',
  },
  steam: {
    name: 'Steam',
    what: 'Closed as the plan says, lowest heat. Do not look.',
    look: 'Grains stand up; the lid is hot to the rim.',
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
  oilRising: 'when the oil rises',
  stewTakenUp: 'when the grain has taken up the stew',
  levelWithGrain: 'when the liquid is level with the grain',
  holes: 'when holes open in the surface',
  absorbed: 'when no liquid is seen',
  atPressure: 'when it is up to pressure',
  firstWhistle: 'at the first whistle',
  pressureDown: 'when the pressure has fallen',
  crackles: 'when it crackles quietly',
  toastySmell: 'when it smells toasty',
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
  eggs: 'egg',
  gluten: 'wheat or barley (gluten)',
  nuts: 'nuts',
  peanuts: 'peanuts',
  crustaceans: 'prawns (crustaceans)',
  molluscs: 'squid or mussels (molluscs)',
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
  pressure:
    'Pressure: grain never above half full, vent clear, ring in its place; let the pressure fall before you open. The maker’s manual comes first.',
  coverAtFlame:
    'Cloth, foil or paper at a flame: fold the corners up over the lid. Paper has a highest oven temperature on its packet.',
  turningOut: 'Turning it out: dry gloves, and a plate wider than the pot.',
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
