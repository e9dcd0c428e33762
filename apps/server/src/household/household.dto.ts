import { RANGES, type Served, type Texture } from '@hammock/core';
import { AT_MS } from '../common/atMs.js';
import {
  ChoiceField,
  FlagField,
  IntegerField,
  NestedListField,
  NumberField,
  TextField,
  TextListField,
} from '../common/fields.js';

/** What one jar, tin or packet of a thing holds. */
export class CanSizeDto {
  @TextField(60, { about: 'Id of the larder', example: 'tomatoPuree' })
  ingredientId: string;

  @TextField(20, { about: 'As it is said', example: 'jar' })
  packet: string;

  @NumberField(RANGES.ingredientG, { about: 'It holds', example: 680 })
  g: number;
}

/** Longest name of a person, characters, and how many a household knows. */
export const LONGEST_NAME = 24;
export const MOST_PEOPLE = 12;

/** What the household says itself of something that pots teach of. */
export class OverrideDto {
  @TextField(90, { about: 'Id of the hidden value, as GET /api/learnt has it', example: 'kind:basmati' })
  id: string;

  @NumberField(RANGES.learntPoints, {
    about: 'Points of moisture beyond its kind; what its kind has without',
    optional: true,
    nullable: true,
  })
  points?: number | null;

  @IntegerField(AT_MS, {
    about: 'What pots from before taught of it is forgotten',
    optional: true,
    nullable: true,
  })
  sinceMs?: number | null;
}

/** What is sent to change the household. */
export class HouseholdDto {
  @TextField(60, { about: 'Name of the household', example: 'Our kitchen' })
  name: string;

  @NumberField(RANGES.altitudeM, { about: 'Altitude', example: 0 })
  altitudeM: number;

  @NumberField(RANGES.roomC, { about: 'Room temperature', example: 20 })
  roomC: number;

  @NumberField(RANGES.fingerMm, {
    about: "First joint of this cook's finger",
    optional: true,
    nullable: true,
    example: 25,
  })
  fingerMm?: number | null;

  @ChoiceField([1, 2, 3, 4, 5], { about: 'Texture wanted' })
  texture: Texture;

  @NumberField(RANGES.softerSteps, {
    about: 'Steps by which its words for texture lie softer than ours',
    optional: true,
    nullable: true,
    example: 0.5,
  })
  softerSteps?: number | null;

  @TextListField(5, {
    about: 'What it calls the five steps, firm first; an empty one is called as usual',
    optional: true,
    nullable: true,
    mostLength: 24,
  })
  textureNames?: readonly string[] | null;

  @NestedListField(() => CanSizeDto, 400, {
    about: 'What its jars, tins and packets hold',
    optional: true,
    nullable: true,
  })
  packets?: readonly CanSizeDto[] | null;

  @TextListField(MOST_PEOPLE, {
    about: 'Who cooks and eats here, by name',
    optional: true,
    nullable: true,
    mostLength: LONGEST_NAME,
  })
  people?: readonly string[] | null;

  @NestedListField(() => OverrideDto, 400, {
    about: 'What it says itself of what pots teach, or wants forgotten',
    optional: true,
    nullable: true,
  })
  told?: readonly OverrideDto[] | null;

  @ChoiceField(['plain', 'underSalty'], { about: 'How grain is usually served' })
  served: Served;

  @FlagField({ about: 'Show g and ml first' })
  metric: boolean;
}
