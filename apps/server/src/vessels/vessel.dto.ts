import { RANGES, type LidFit, type VesselKind, type Wall } from '@hammock/core';
import { VESSEL_KINDS } from '../answer/plan.dto.js';
import { ChoiceField, NumberField, TextField } from '../common/fields.js';

/** What is sent to keep a pot. */
export class VesselDto {
  @TextField(60, { about: 'Name of the pot', example: 'Blue enamel pot' })
  label: string;

  @NumberField(RANGES.diameterCm, { about: 'Inside width', example: 22 })
  diameterCm: number;

  @NumberField(RANGES.volumeMl, { about: 'Volume to the brim', example: 4000 })
  volumeMl: number;

  @ChoiceField(['loose', 'wellFitting', 'tight'], { about: 'How the lid fits' })
  lid: LidFit;

  @ChoiceField(['thin', 'heavy'], { about: 'Wall' })
  wall: Wall;

  @ChoiceField(VESSEL_KINDS, { about: 'What it is; a pot when left out', optional: true })
  kind?: VesselKind;
}
