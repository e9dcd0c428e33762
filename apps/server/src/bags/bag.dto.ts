import { AMYLOSE, GRAINS, type Amylose } from '@hammock/core';
import { ChoiceField, DayField, TextField } from '../common/fields.js';

/** What is sent to keep a bag of grain. */
export class BagDto {
  @ChoiceField(GRAINS.map((g) => g.id), { about: 'Id of the grain', example: 'basmati' })
  grainId: string;

  @TextField(60, { about: 'Name of the bag', example: 'Terrace long grain' })
  label: string;

  @TextField(280, { about: 'What the cook wants to remember of it', mayBeEmpty: true })
  note: string;

  @DayField({ about: 'Day it was opened', optional: true, example: '2026-11-01' })
  openedOn?: string | null;

  @ChoiceField(AMYLOSE, {
    about: "Class of amylose, where it is not the grain's usual one",
    optional: true,
    nullable: true,
    example: 'low',
  })
  amylose?: Amylose | null;
}
