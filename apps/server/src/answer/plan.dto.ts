import {
  ACTS,
  MOST_INGREDIENTS,
  MOST_STAGES,
  RANGES,
  type Act,
  type Drain,
  type HeatSetting,
  type HobKind,
  type LidFit,
  type LidState,
  type Served,
  type Sign,
  type State,
  type Texture,
  type Toast,
  type Wall,
  type Wash,
} from '@hammock/core';
import { ChoiceField, NestedField, NestedListField, NumberField, TextField } from '../common/fields.js';

const HEATS: readonly HeatSetting[] = ['high', 'mediumHigh', 'medium', 'low', 'veryLow', 'off'];
const STATES: readonly State[] = [
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
  'dry',
  'soaked',
];
const SIGNS: readonly Sign[] = ['boilAllOver', 'fatShimmers', 'baseReady', 'grainColour', 'drained'];

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
  @ChoiceField(['gas', 'electric', 'induction'] satisfies HobKind[], {
    about: 'Kind of burner',
    optional: true,
  })
  kind?: HobKind;

  @NestedField(() => PowersDto, { about: 'Powers by setting', optional: true })
  powerW?: PowersDto;
}

export class TimingDto {
  @NumberField(RANGES.stageMin, { about: 'Uncovered boil before the lid goes on', optional: true })
  openBoilMin?: number;

  @ChoiceField(HEATS, { about: 'Heat of the uncovered boil', optional: true })
  openBoilHeat?: HeatSetting;

  @NumberField(RANGES.coveredMin, { about: 'Minutes under the lid', optional: true })
  coveredMin?: number;

  @ChoiceField(HEATS, { about: 'Heat under the lid', optional: true })
  coveredHeat?: HeatSetting;

  @NumberField(RANGES.stageMin, { about: 'Rest off the heat, lid on', optional: true })
  restMin?: number;
}

export class StageEndDto {
  @ChoiceField(['minutes', 'sign'], { about: 'Ends on a clock or on something seen' })
  kind: 'minutes' | 'sign';

  @NumberField(RANGES.stageMin, { about: 'For kind "minutes"', optional: true })
  minutes?: number;

  @ChoiceField(SIGNS, { about: 'For kind "sign"', optional: true })
  sign?: Sign;

  @NumberField(RANGES.stageMin, { about: 'For kind "sign": minutes it usually takes', optional: true })
  expectMin?: number;
}

export class StageDto {
  @TextField(40, { about: 'Name of the stage within the plan', example: 'simmer' })
  id: string;

  @ChoiceField(ACTS, { about: 'What is done' })
  act: Act;

  @ChoiceField(HEATS, { about: 'Setting of the hob' })
  heat: HeatSetting;

  @ChoiceField(['off', 'ajar', 'on', 'sealed'] satisfies LidState[], { about: 'The lid' })
  lid: LidState;

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

  @ChoiceField(['none', 'coated', 'glossy', 'opaque', 'golden'] satisfies Toast[], {
    about: 'Toasting',
    optional: true,
  })
  toast?: Toast;

  @ChoiceField(['coveredAbsorption'], { about: 'Method', optional: true })
  method?: 'coveredAbsorption';

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

  @ChoiceField(['plain', 'underSalty'] satisfies Served[], {
    about: 'Served on its own or under something salty',
    optional: true,
  })
  served?: Served;

  @NumberField(RANGES.portions, { about: 'People', optional: true })
  portions?: number;

  @NumberField(RANGES.cupMl, { about: "The cook's own cup", optional: true })
  cupMl?: number;
}
