import { RANGES, type Served, type Texture } from '@hammock/core';
import { ChoiceField, FlagField, NumberField, TextField } from '../common/fields.js';

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

  @ChoiceField(['plain', 'underSalty'], { about: 'How grain is usually served' })
  served: Served;

  @FlagField({ about: 'Show g and ml first' })
  metric: boolean;
}
