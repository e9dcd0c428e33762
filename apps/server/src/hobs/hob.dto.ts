import { HOB_KINDS, RANGES, type HobKind } from '@hammock/core';
import { ChoiceField, NestedField, NumberField, TextField } from '../common/fields.js';

/** Net power into a 22 cm pot by setting, W. */
export class HobPowersDto {
  @NumberField(RANGES.powerW, { about: 'Net power on high' })
  high: number;

  @NumberField(RANGES.powerW, { about: 'Net power on medium-high' })
  mediumHigh: number;

  @NumberField(RANGES.powerW, { about: 'Net power on medium' })
  medium: number;

  @NumberField(RANGES.powerW, { about: 'Net power on low' })
  low: number;

  @NumberField(RANGES.powerW, { about: 'Net power on the lowest setting' })
  veryLow: number;

  @NumberField(RANGES.powerW, { about: 'Net power on off' })
  off: number;
}

/** Rings that are kept: a vessel's own heater comes with the vessel. */
export const RINGS = HOB_KINDS.filter((kind) => kind !== 'builtIn');

/** What is sent to keep a burner. */
export class HobDto {
  @TextField(60, { about: 'Name of the burner', example: 'Gas ring, left' })
  label: string;

  @ChoiceField(RINGS, { about: 'Kind of burner' })
  kind: HobKind;

  @NestedField(() => HobPowersDto, { about: 'Net power by setting' })
  powerW: HobPowersDto;
}
