import {
  ACTS,
  METHODS,
  MOST_INGREDIENTS,
  MOST_OWN,
  MOST_STAGES,
  RANGES,
  RELEASE,
  RULES,
  SIGNS,
  type Act,
  type Allergen,
  type Behaviour,
  type Body,
  type Drain,
  type HeatSetting,
  type HobKind,
  type LidFit,
  type LidState,
  type Method,
  type Rule,
  type Served,
  type Sign,
  type State,
  type Texture,
  type Toast,
  type VesselKind,
  type Wall,
  type Wash,
} from '@hammock/core';
import {
  ChoiceField,
  ChoiceListField,
  FlagField,
  NestedField,
  NestedListField,
  NumberField,
  TextField,
  TextListField,
} from '../common/fields.js';

export const HEATS: readonly HeatSetting[] = ['high', 'mediumHigh', 'medium', 'low', 'veryLow', 'off'];
const STATES: readonly State[] = [
  'whole',
  'cooked',
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
  'dry',
  'soaked',
];
const LID_STATES: readonly LidState[] = [
  'off',
  'ajar',
  'on',
  'cloth',
  'foil',
  'parchment',
  'sealed',
  'pressure',
];
const BEHAVIOURS = Object.keys(RELEASE) as Behaviour[];
export const VESSEL_KINDS: readonly VesselKind[] = ['pot', 'pressureCooker', 'multiCooker', 'riceCooker'];

/** An amount, in exactly one way. */
export class AmountDto {
  @NumberField({ least: 0, most: 100_000, unit: 'g' }, { about: 'Mass', optional: true, example: 185 })
  g?: number;

  @NumberField(RANGES.ml, { about: 'Volume as this ingredient is measured', optional: true })
  ml?: number;

  @NumberField(RANGES.cups, { about: "Cups of the plan's cupMl", optional: true })
  cups?: number;

  @NumberField(RANGES.count, { about: 'Natural units: 2 onions, 1 can', optional: true })
  count?: number;

  @TextField(80, { about: 'As typed: "1 3/4 cups", "400 g", "2 onions"', optional: true, mayBeEmpty: true })
  text?: string;
}

/** Something other than the grain that goes into the pot. */
export class IngredientDto {
  @TextField(60, { about: 'Id of the larder', example: 'tomato' })
  ingredientId: string;

  @NestedField(() => AmountDto, { about: 'How much' })
  amount: AmountDto;

  @ChoiceField(STATES, { about: 'How far it is cooked down when the liquid goes in', optional: true })
  state?: State;
}

export class VesselSpecDto {
  @NumberField(RANGES.diameterCm, { about: 'Inside width', example: 22 })
  diameterCm: number;

  @NumberField(RANGES.volumeMl, { about: 'Volume to the brim', example: 4000 })
  volumeMl: number;

  @ChoiceField(['loose', 'wellFitting', 'tight'] satisfies LidFit[], {
    about: 'How the lid fits',
    optional: true,
  })
  lid?: LidFit;

  @ChoiceField(['thin', 'heavy'] satisfies Wall[], { about: 'Wall', optional: true })
  wall?: Wall;

  @ChoiceField(VESSEL_KINDS, { about: 'What it is; default what the method is made for', optional: true })
  kind?: VesselKind;

  @NumberField(RANGES.lidLoss, { about: 'Heat lost through its lid, from a water test', optional: true })
  lidLossWPerM2K?: number;
}

export class PowersDto {
  @NumberField(RANGES.powerW, { about: 'Net power into a 22 cm pot on high', optional: true })
  high?: number;

  @NumberField(RANGES.powerW, { about: 'on medium-high', optional: true })
  mediumHigh?: number;

  @NumberField(RANGES.powerW, { about: 'on medium', optional: true })
  medium?: number;

  @NumberField(RANGES.powerW, { about: 'on low', optional: true })
  low?: number;

  @NumberField(RANGES.powerW, { about: 'on the lowest setting', optional: true })
  veryLow?: number;

  @NumberField(RANGES.powerW, { about: 'off', optional: true })
  off?: number;
}

export class HobSpecDto {
  @ChoiceField(['gas', 'electric', 'induction', 'builtIn'] satisfies HobKind[], {
    about: 'Kind of burner',
    optional: true,
  })
  kind?: HobKind;

  @NestedField(() => PowersDto, { about: 'Powers by setting', optional: true })
  powerW?: PowersDto;

  @ChoiceListField(HEATS, { about: 'Settings measured by a water test in this vessel', optional: true })
  measured?: HeatSetting[];
}

/** An ingredient of the household's own, by its figures or by what it is like. */
export class OwnIngredientDto {
  @TextField(60, { about: 'Id within the plan', example: 'own-1' })
  id: string;

  @TextField(60, { about: 'Name', example: 'Red jar' })
  name: string;

  @TextField(60, { about: 'Id of what it is like', optional: true })
  like?: string;

  @ChoiceField(['thinner', 'same', 'thicker'] satisfies Body[], {
    about: 'Against what it is like',
    optional: true,
  })
  body?: Body;

  @NumberField(RANGES.per100G, { about: 'Water', optional: true })
  water?: number;

  @NumberField(RANGES.per100G, { about: 'Fat', optional: true })
  fat?: number;

  @NumberField(RANGES.per100G, { about: 'Salt', optional: true })
  salt?: number;

  @NumberField(RANGES.densityGPerMl, { about: 'Bulk density', optional: true })
  densityGPerMl?: number;

  @ChoiceField(BEHAVIOURS, { about: 'How it gives up its water', optional: true })
  behaves?: Behaviour;

  @TextListField(14, { about: 'Allergens', optional: true })
  allergens?: Allergen[];
}

/** What is known of the base once it is made. */
export class BaseDto {
  @NumberField(RANGES.baseG, {
    about: 'What the base weighs now; overrides states and minutes',
    optional: true,
  })
  weighsG?: number;

  @NumberField(
    { ...RANGES.baseG, least: 0 },
    { about: 'Stew ladled out before the grain goes in', optional: true },
  )
  ladleOutG?: number;
}

export class TimingDto {
  @NumberField(RANGES.stageMin, { about: 'Uncovered boil before the lid goes on', optional: true })
  openBoilMin?: number;

  @ChoiceField(HEATS, { about: 'Heat of the uncovered boil', optional: true })
  openBoilHeat?: HeatSetting;

  @NumberField({ ...RANGES.stageMin, least: 1 }, { about: 'Minutes under the lid', optional: true })
  coveredMin?: number;

  @ChoiceField(HEATS, { about: 'Heat under the lid', optional: true })
  coveredHeat?: HeatSetting;

  @NumberField(RANGES.stageMin, { about: 'Rest off the heat, lid on', optional: true })
  restMin?: number;

  @ChoiceField(['ajar', 'on', 'cloth', 'foil', 'parchment', 'sealed'] satisfies LidState[], {
    about: 'What closes the pot for the covered time',
    optional: true,
  })
  seal?: LidState;

  @FlagField({ about: 'A flat pan under the pot for the covered time', optional: true })
  spreader?: boolean;

  @NumberField(RANGES.whistles, { about: 'Whistles to count in all', optional: true })
  whistles?: number;

  @NumberField(RANGES.stageMin, { about: 'Minutes at pressure', optional: true })
  pressureMin?: number;

  @ChoiceField(['high', 'low'], { about: 'Slow mode of a multi-cooker, without pressure', optional: true })
  slow?: 'high' | 'low';

  @NumberField(RANGES.stageMin, { about: 'Rice cooker left on after it flips', optional: true })
  keptOnMin?: number;
}

export class StageEndDto {
  @ChoiceField(['minutes', 'count', 'sign', 'flip'], {
    about: 'Ends on a clock, a count of whistles, something seen, or the cooker’s switch',
  })
  kind: 'minutes' | 'count' | 'sign' | 'flip';

  @NumberField(RANGES.stageCount, { about: 'For kind "count"', optional: true })
  count?: number;

  @NumberField(RANGES.stageMin, { about: 'For kind "minutes"', optional: true })
  minutes?: number;

  @ChoiceField(SIGNS, { about: 'For kind "sign"', optional: true })
  sign?: Sign;

  @NumberField(RANGES.stageMin, {
    about: 'For every kind but "minutes": minutes it usually takes',
    optional: true,
  })
  expectMin?: number;
}

export class StageDto {
  @TextField(40, { about: 'Name of the stage within the plan', example: 'simmer' })
  id: string;

  @ChoiceField(ACTS, { about: 'What is done' })
  act: Act;

  @ChoiceField(HEATS, { about: 'Setting of the hob' })
  heat: HeatSetting;

  @ChoiceField(LID_STATES, { about: 'The lid, and what lies under it' })
  lid: LidState;

  @FlagField({ about: 'A flat pan or plate between ring and pot', optional: true })
  spreader?: boolean;

  @FlagField({ about: 'Wrapped up, or in an insulated box', optional: true })
  insulated?: boolean;

  @NestedField(() => StageEndDto, { about: 'When it is over' })
  end: StageEndDto;
}

/** A plan in ids of the larder and plain numbers. Only grainId, grain and vessel are required. */
export class PlanDto {
  @TextField(60, { about: 'Id of the grain', example: 'longGrainWhite' })
  grainId: string;

  @NestedField(() => AmountDto, { about: 'How much raw grain' })
  grain: AmountDto;

  @ChoiceField(['unwashed', 'rinsed', 'untilClear'] satisfies Wash[], { about: 'Washing', optional: true })
  wash?: Wash;

  @NumberField(RANGES.soakMin, { about: 'Soak', optional: true })
  soakMin?: number;

  @NumberField(RANGES.waterC, { about: 'Temperature of the soak water', optional: true })
  soakWaterC?: number;

  @ChoiceField(['shaken', 'sieve'] satisfies Drain[], { about: 'Draining', optional: true })
  drain?: Drain;

  @ChoiceField(['thrown', 'reused'], {
    about: 'Reused soak water is part of the pour, measured before the grain goes into it',
    optional: true,
  })
  soakWater?: 'thrown' | 'reused';

  @NumberField(RANGES.sieveMin, { about: 'Minutes in the sieve', optional: true })
  sieveMin?: number;

  @ChoiceField(['none', 'coated', 'glossy', 'opaque', 'golden', 'deep'] satisfies Toast[], {
    about: 'Toasting',
    optional: true,
  })
  toast?: Toast;

  @ChoiceField(METHODS, { about: 'Method', optional: true })
  method?: Method;

  @NestedField(() => TimingDto, {
    about: "The method's times, where they differ from its own",
    optional: true,
  })
  timing?: TimingDto;

  @NestedListField(() => StageDto, MOST_STAGES, {
    about: "Stages that replace the method's own",
    optional: true,
  })
  stages?: StageDto[];

  @NestedListField(() => IngredientDto, MOST_INGREDIENTS, {
    about: 'Everything else that goes in',
    optional: true,
  })
  ingredients?: IngredientDto[];

  @NestedListField(() => OwnIngredientDto, MOST_OWN, {
    about: "The household's own ingredients that the plan names",
    optional: true,
  })
  own?: OwnIngredientDto[];

  @NestedField(() => BaseDto, { about: 'What is known of the base', optional: true })
  base?: BaseDto;

  @NestedField(() => AmountDto, { about: 'All there is of the liquid', optional: true })
  pourMost?: AmountDto;

  @TextField(60, { about: 'Id of the liquid that makes up the rest', optional: true })
  thenWith?: string;

  @NumberField(RANGES.laterShare, { about: 'Share kept back and added hot later', optional: true })
  laterShare?: number;

  @ChoiceField(RULES, { about: 'A rule to pour by whatever the account says', optional: true })
  holdTo?: Rule;

  @NumberField(RANGES.leanMl, { about: 'What the cook pours beside the account', optional: true })
  leanMl?: number;

  @TextField(60, { about: 'Id of the liquid whose amount is asked for', optional: true, example: 'water' })
  pourWith?: string;

  @NumberField(RANGES.waterC, { about: 'Its temperature when poured', optional: true })
  liquidTempC?: number;

  @NumberField(RANGES.sauceLeftG, { about: 'Water to be left as sauce', optional: true })
  sauceLeftG?: number;

  @NestedField(() => VesselSpecDto, { about: 'The pot' })
  vessel: VesselSpecDto;

  @NestedField(() => HobSpecDto, { about: 'The burner', optional: true })
  hob?: HobSpecDto;

  @NumberField(RANGES.altitudeM, { about: 'Altitude', optional: true })
  altitudeM?: number;

  @NumberField(RANGES.roomC, { about: 'Room temperature', optional: true })
  roomC?: number;

  @ChoiceField([1, 2, 3, 4, 5], {
    about: 'Texture: 1 firm, 2 one grain apart, 3 tender, 4 soft, 5 very soft',
    optional: true,
  })
  texture?: Texture;

  @FlagField({ about: 'A crust is wanted at the base', optional: true })
  crust?: boolean;

  @ChoiceField(['plain', 'withGravy', 'underSalty'] satisfies Served[], {
    about: 'Served on its own, with a gravy, or under something salty',
    optional: true,
  })
  served?: Served;

  @NumberField(RANGES.portions, { about: 'People', optional: true })
  portions?: number;

  @NumberField(RANGES.pots, { about: 'Pots it is shared among; the answer is for one', optional: true })
  pots?: number;

  @TextField(60, { about: 'Id of the salt that is added', optional: true })
  saltWith?: string;

  @NumberField(RANGES.cupMl, { about: "The cook's own cup", optional: true })
  cupMl?: number;
}
