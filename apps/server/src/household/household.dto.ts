import { RANGES, type Served, type Texture } from '@hammock/core';
import {
  ChoiceField,
  FlagField,
  NestedListField,
  NumberField,
  TextField,
  TextListField,
} from '../common/fields.js';

/** What one jar, tin or packet of a thing holds. */
export class PacketDto {
  @TextField(60, { about: 'Id of the larder', example: 'tomatoPuree' })
  ingredientId: string;

  @TextField(20, { about: 'As it is said', example: 'jar' })
  packet: string;

  @NumberField(RANGES.ingredientG, { about: 'It holds', example: 680 })
  g: number;
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

  @NestedListField(() => PacketDto, 400, {
    about: 'What its jars, tins and packets hold',
    optional: true,
    nullable: true,
  })
  packets?: readonly PacketDto[] | null;

  @ChoiceField(['plain', 'underSalty'], { about: 'How grain is usually served' })
  served: Served;

  @FlagField({ about: 'Show g and ml first' })
  metric: boolean;
}
