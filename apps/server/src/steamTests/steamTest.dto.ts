import { HEATS, type HeatSetting } from '@hammock/core';
import { ChoiceField, NumberField, TextField, UuidField } from '../common/fields.js';

const LOSS = { least: 0, most: 5000, unit: 'g' } as const;
const MINUTES = { least: 1, most: 120, unit: 'min' } as const;

/** What is sent to keep a water test. */
export class SteamTestDto {
  @TextField(140, { about: 'Which pot on which hob', example: 'Blue enamel pot on the gas ring, low' })
  label: string;

  @UuidField({ about: 'The pot' })
  vesselId: string;

  @UuidField({ about: 'The hob' })
  hobId: string;

  @ChoiceField(HEATS, { about: 'Setting of the hob' })
  heat: HeatSetting;

  @NumberField(LOSS, { about: 'Lost with the lid on' })
  coveredLossG: number;

  @NumberField(MINUTES, { about: 'over so many minutes' })
  coveredMin: number;

  @NumberField(LOSS, { about: 'Lost open' })
  openLossG: number;

  @NumberField(MINUTES, { about: 'over so many minutes' })
  openMin: number;
}
