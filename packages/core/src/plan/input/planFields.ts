import { TEXTURES } from '../../basics/grain/texture.js';
import {
  HEATS,
  HOB_KINDS,
  LID_FITS,
  LID_STATES,
  SEALS,
  VESSEL_KINDS,
  WALLS,
} from '../../basics/heat/equipment.js';
import { AMYLOSE } from '../../basics/larder/grain.js';
import { BEHAVIOURS, STATES } from '../../basics/larder/composition.js';
import { BODIES } from '../../basics/larder/own.js';
import { DRAINS, METHODS, SOAK_WATERS, TOASTS, WASHES } from '../../basics/method/methods.js';
import { ACTS, SIGNS, STAGE_ENDS } from '../../basics/method/stage.js';
import { SLOW_MODES } from '../../basics/method/timing.js';
import { BESIDE_KINDS } from './beside.js';
import { shape, type Field } from './fields.js';
import { RULES, SERVED, type PlanInput } from './planInput.js';
import { MOST_BESIDE, MOST_INGREDIENTS, MOST_OWN, MOST_STAGES, RANGES, type Range } from './ranges.js';

type More = Partial<Pick<Field, 'optional' | 'example'>>;
const number = (range: Range, about: string, more: More = {}) =>
  ({ kind: 'number', range, about, optional: true, ...more }) as const;
const choice = <const C extends readonly (string | number)[]>(choices: C, about: string, more: More = {}) =>
  ({ kind: 'choice', choices, about, optional: true, ...more }) as const;
const flag = (about: string) => ({ kind: 'flag', about, optional: true }) as const;
const id = (about: string, more: More = {}) =>
  ({ kind: 'text', most: 60, oneLine: true, about, ...more }) as const;
const optional = { optional: true } as const;
const needed = { optional: false } as const;

/** An amount, in exactly one way. */
export const AMOUNT = shape('Amount', {
  g: number(RANGES.amountG, 'Mass', { example: 185 }),
  ml: number(RANGES.ml, 'Volume as this ingredient is measured'),
  cups: number(RANGES.cups, "Cups of the plan's cupMl"),
  count: number(RANGES.count, 'Natural units: 2 onions, 1 can'),
  text: {
    kind: 'text',
    most: 80,
    about: 'As typed: "1 3/4 cups", "400 g", "2 onions"',
    ...optional,
    mayBeEmpty: true,
  },
});

/** Something other than the grain that goes into the pot. */
export const INGREDIENT = shape('Ingredient', {
  ingredientId: id('Id of the larder', { example: 'tomato' }),
  amount: { kind: 'one', of: AMOUNT, about: 'How much' },
  state: choice(STATES, 'How far it is cooked down when the liquid goes in'),
  soakMin: number(RANGES.soakMin, 'Soak of a pulse by itself, its water thrown away'),
  joins: {
    kind: 'text',
    most: 40,
    oneLine: true,
    about: 'Id of the stage at which it joins',
    optional: true,
  },
  apart: flag('It stays in a vessel of its own'),
  spread: number(RANGES.spread, 'One standard deviation of its amount, as a share'),
  note: { kind: 'text', most: 200, about: 'What the cook said of it', optional: true, mayBeEmpty: true },
});

export const VESSEL = shape('VesselSpec', {
  diameterCm: number(RANGES.diameterCm, 'Inside width', { ...needed, example: 22 }),
  volumeMl: number(RANGES.volumeMl, 'Volume to the brim', { ...needed, example: 4000 }),
  lid: choice(LID_FITS, 'How the lid fits'),
  wall: choice(WALLS, 'Wall'),
  kind: choice(VESSEL_KINDS, 'What it is; default what the method is made for'),
  nonStick: flag('A coating that high heat spoils; changes no number'),
  lidLossWPerM2K: number(RANGES.lidLoss, 'Heat lost through its lid, from a water test'),
});

export const POWERS = shape('Powers', {
  high: number(RANGES.powerW, 'Net power into a 22 cm pot on high'),
  mediumHigh: number(RANGES.powerW, 'on medium-high'),
  medium: number(RANGES.powerW, 'on medium'),
  low: number(RANGES.powerW, 'on low'),
  veryLow: number(RANGES.powerW, 'on the lowest setting'),
  off: number(RANGES.powerW, 'off'),
});

export const HOB = shape('HobSpec', {
  kind: choice(HOB_KINDS, 'Kind of burner'),
  powerW: { kind: 'one', of: POWERS, about: 'Powers by setting', ...optional },
  measured: {
    kind: 'choices',
    choices: HEATS,
    about: 'Settings measured by a water test in this vessel',
    ...optional,
  },
});

/** An ingredient of the household's own, by its figures or by what it is like. */
export const OWN = shape('OwnIngredient', {
  id: id('Id within the plan', { example: 'own-1' }),
  name: id('Name', { example: 'Red jar' }),
  like: id('Id of what it is like', optional),
  body: choice(BODIES, 'Against what it is like'),
  water: number(RANGES.per100G, 'Water'),
  fat: number(RANGES.per100G, 'Fat'),
  salt: number(RANGES.per100G, 'Salt'),
  densityGPerMl: number(RANGES.densityGPerMl, 'Bulk density'),
  behaves: choice(BEHAVIOURS, 'How it gives up its water'),
  allergens: { kind: 'texts', most: 14, about: 'Allergens', ...optional },
});

/** What is known of the base once it is made. */
export const BASE = shape('Base', {
  weighsG: number(RANGES.baseG, 'What the base weighs now; overrides states and minutes'),
  ladleOutG: number(RANGES.ladledG, 'Stew ladled out before the grain goes in'),
  ladleBack: {
    kind: 'text',
    most: 40,
    oneLine: true,
    about: 'Id of the stage at which it comes back',
    optional: true,
  },
});

export const TIMING = shape('Timing', {
  openBoilMin: number(RANGES.stageMin, 'Uncovered boil before the lid goes on'),
  openBoilHeat: choice(HEATS, 'Heat of the uncovered boil'),
  coveredMin: number(RANGES.timedMin, 'Minutes under the lid'),
  coveredHeat: choice(HEATS, 'Heat under the lid'),
  restMin: number(RANGES.stageMin, 'Rest off the heat, lid on'),
  seal: choice(SEALS, 'What closes the pot for the covered time'),
  spreader: flag('A flat pan under the pot for the covered time'),
  whistles: number(RANGES.whistles, 'Whistles to count in all'),
  pressureMin: number(RANGES.stageMin, 'Minutes at pressure'),
  slow: choice(SLOW_MODES, 'Slow mode of a multi-cooker, without pressure'),
  keptOnMin: number(RANGES.stageMin, 'Rice cooker left on after it flips'),
});

export const STAGE_END = shape('StageEnd', {
  kind: choice(
    STAGE_ENDS,
    'Ends on a clock, a count of whistles, something seen, or the cooker’s switch',
    needed,
  ),
  count: number(RANGES.stageCount, 'For kind "count"'),
  minutes: number(RANGES.stageMin, 'For kind "minutes"'),
  sign: choice(SIGNS, 'For kind "sign"'),
  expectMin: number(RANGES.stageMin, 'For every kind but "minutes": minutes it usually takes'),
});

export const STAGE = shape('Stage', {
  id: {
    kind: 'text',
    most: 40,
    oneLine: true,
    about: 'Name of the stage within the plan',
    example: 'simmer',
  },
  act: choice(ACTS, 'What is done', needed),
  heat: choice(HEATS, 'Setting of the hob', needed),
  lid: choice(LID_STATES, 'The lid, and what lies under it', needed),
  spreader: flag('A flat pan or plate between ring and pot'),
  insulated: flag('Wrapped up, or in an insulated box'),
  fromAbove: flag('Coals on the lid or a grill over it; changes no number'),
  end: { kind: 'one', of: STAGE_END, about: 'When it is over' },
  name: { kind: 'text', most: 60, about: 'What this cook calls it', optional: true, mayBeEmpty: true },
  note: {
    kind: 'text',
    most: 280,
    about: 'What this cook wants to be told there',
    optional: true,
    mayBeEmpty: true,
  },
});

/** Longest telling that is kept with its dish, characters. */
export const LONGEST_TOLD = 12_000;

/** Something made beside the pot. */
const BESIDE = shape('Beside', {
  id: { kind: 'text', most: 40, oneLine: true, about: 'Its id within the plan', example: 'beside-1' },
  name: { kind: 'text', most: 60, about: 'What it is', example: 'fried onions' },
  kind: choice(BESIDE_KINDS, 'A vessel that serves this pot, or a dish of its own', needed),
  minutes: number(RANGES.besideMin, 'Minutes it takes in all', needed),
  handsOnMin: number(RANGES.besideMin, 'Minutes of them, at its beginning, that want somebody there'),
  ring: flag('It needs a ring while it lasts'),
  before: {
    kind: 'text',
    most: 40,
    oneLine: true,
    about: 'Id of the stage it must be over for; the table without',
    optional: true,
  },
});

/** A plan in ids of the larder and plain numbers. Only grainId, grain and vessel are required. */
export const PLAN = shape('Plan', {
  grainId: id('Id of the grain', { example: 'longGrainWhite' }),
  grain: { kind: 'one', of: AMOUNT, about: 'How much raw grain' },
  amylose: choice(AMYLOSE, "Class of amylose of this bag, where it is not the grain's usual one"),
  wash: choice(WASHES, 'Washing'),
  soakMin: number(RANGES.soakMin, 'Soak'),
  soakWaterC: number(RANGES.waterC, 'Temperature of the soak water'),
  soakWater: choice(
    SOAK_WATERS,
    'Reused soak water is part of the pour, measured before the grain goes into it',
  ),
  drain: choice(DRAINS, 'Draining'),
  sieveMin: number(RANGES.sieveMin, 'Minutes in the sieve'),
  toast: choice(TOASTS, 'Toasting'),
  method: choice(METHODS, 'Method'),
  timing: {
    kind: 'one',
    of: TIMING,
    about: "The method's times, where they differ from its own",
    ...optional,
  },
  stages: {
    kind: 'many',
    of: STAGE,
    most: MOST_STAGES,
    about: "Stages that replace the method's own",
    ...optional,
  },
  ingredients: {
    kind: 'many',
    of: INGREDIENT,
    most: MOST_INGREDIENTS,
    about: 'Everything else that goes in',
    ...optional,
  },
  own: {
    kind: 'many',
    of: OWN,
    most: MOST_OWN,
    about: "The household's own ingredients that the plan names",
    ...optional,
  },
  told: {
    kind: 'text',
    most: LONGEST_TOLD,
    about: 'The dish as its cook told it; words, nothing is computed from them',
    optional: true,
    mayBeEmpty: true,
  },
  base: { kind: 'one', of: BASE, about: 'What is known of the base', ...optional },
  pourWith: id('Id of the liquid whose amount is asked for', { ...optional, example: 'water' }),
  pourMost: { kind: 'one', of: AMOUNT, about: 'All there is of the liquid', ...optional },
  thenWith: id('Id of the liquid that makes up the rest', optional),
  laterShare: number(RANGES.laterShare, 'Share kept back and added hot later'),
  liquidTempC: number(RANGES.waterC, 'Its temperature when poured'),
  usualPour: { kind: 'one', of: AMOUNT, about: 'What the cook usually pours in all', ...optional },
  holdTo: choice(RULES, 'A rule to pour by whatever the account says'),
  leanMl: number(RANGES.leanMl, 'What the cook pours beside the account'),
  sauceLeftG: number(RANGES.sauceLeftG, 'Water to be left as sauce'),
  vessel: { kind: 'one', of: VESSEL, about: 'The pot' },
  hob: { kind: 'one', of: HOB, about: 'The burner', ...optional },
  altitudeM: number(RANGES.altitudeM, 'Altitude'),
  fingerMm: number(RANGES.fingerMm, "First joint of this cook's finger"),
  roomC: number(RANGES.roomC, 'Room temperature'),
  texture: choice(TEXTURES, 'Texture: 1 firm, 2 one grain apart, 3 tender, 4 soft, 5 very soft'),
  softerSteps: number(RANGES.softerSteps, "Steps by which this household's words lie softer"),
  learntPoints: number(
    RANGES.learntPoints,
    'Points of moisture its pots are known to want beyond their kind',
  ),
  learntSpread: number(RANGES.learntSpread, 'What is left of the doubt of a kitchen that was not met'),
  crust: flag('A crust is wanted at the base'),
  beside: {
    kind: 'many',
    of: BESIDE,
    most: MOST_BESIDE,
    about: 'What is made beside it; changes no number',
    ...optional,
  },
  served: choice(SERVED, 'Served on its own, with a gravy, or under something salty'),
  portions: number(RANGES.portions, 'People'),
  pots: number(RANGES.pots, 'Pots it is shared among; the answer is for one'),
  saltWith: id('Id of the salt that is added', optional),
  cupMl: number(RANGES.cupMl, "The cook's own cup"),
}) satisfies { readonly fields: Readonly<Record<keyof PlanInput, Field>> };
