import type {
  Allergen,
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
  Wall,
  Wash,
} from '@hammock/core';
import type { BaseSeen, Verdict } from '@hammock/core/records';

/** Every code of the core in the words of the kitchen, in one voice. */
export const TEXTURE: Readonly<Record<Texture, string>> = {
  1: 'firm',
  2: 'fluffy and separate',
  3: 'tender',
  4: 'soft',
  5: 'very soft',
};

export const VERDICT: Readonly<Record<Verdict, string>> = {
  1: 'hard',
  2: 'a little firm',
  3: 'just right',
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

/** How grain was drained, by as long as it was. */
export const drainText = (drain: Drain, sieveMin: number): string =>
  drain === 'shaken' ? 'shaken dry' : `${sieveMin.toString()} min in a sieve`;

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
  weighted: 'lid on, a tray or weight on it',
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
  selfBasting: 'lid that drips back',
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

/** Who says how far the base is down. */
export const BASE_BY = { state: 'by its looks', heat: 'by the fire', weighed: 'by the scale' } as const;

export const METHOD: Readonly<Record<Method, string>> = {
  coveredAbsorption: 'absorption, lid on',
  boilDown: 'boil down, then steam',
  liquidFirst: 'liquid first',
  stewSteam: 'stew and steam',
  fryDry: 'fry dry and steam',
  absorbButter: 'absorption, butter, crust',
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
  usual: 'what you usually pour',
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
  clinging: 'Left on the grain from washing',
  absorbed: 'The grain drinks',
  steamLost: 'Leaves as steam',
  heldByOthers: 'Stays in the sauce',
  drunkByOthers: 'Drunk by others',
};

export const DOUBT: Readonly<Record<DoubtPart['code'], string>> = {
  grainMass: 'how full the cup was',
  grainMoisture: 'how dry the grain is',
  bag: 'how much this bag drinks',
  kitchen: 'a kitchen we have not met',
  hobPower: 'how hot this burner is',
  lidLeak: 'how tight the lid is',
  broughtIn: 'how wet the base still is',
  amounts: 'handfuls, ranges and what was not measured',
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
