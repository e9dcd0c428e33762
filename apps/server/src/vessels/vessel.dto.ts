import {
  LID_FITS,
  RANGES,
  VESSEL_KINDS,
  WALLS,
  type LidFit,
  type VesselKind,
  type Wall,
} from '@hammock/core';
import { ChoiceField, FlagField, NumberField, TextField } from '../common/fields.js';

/** What is sent to keep a pot. */
export class VesselDto {
  @TextField(60, { about: 'Name of the pot', example: 'Blue enamel pot' })
  label: string;

  @NumberField(RANGES.diameterCm, { about: 'Inside width', example: 22 })
  diameterCm: number;

  @NumberField(RANGES.volumeMl, { about: 'Volume to the brim', example: 4000 })
  volumeMl: number;

  @ChoiceField(LID_FITS, { about: 'How the lid fits' })
  lid: LidFit;

  @ChoiceField(WALLS, { about: 'Wall' })
  wall: Wall;

  @ChoiceField(VESSEL_KINDS, { about: 'What it is; a pot when left out', optional: true })
  kind?: VesselKind;

  @FlagField({ about: 'A coating that high heat spoils', optional: true })
  nonStick?: boolean;
}
