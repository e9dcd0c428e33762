import { CUP_PARTS, type Measure } from '@hammock/core';
import { IsIn } from 'class-validator';
import { ChoiceField, NumberField, TextField, TextListField } from '../common/fields.js';

/** What is sent to keep a cup, spoon or jug. */
export class CupDto {
  @TextField(40, { about: 'Name as it is said', example: 'cup' })
  label: string;

  @ChoiceField(['cup', 'spoon', 'jug'], { about: 'What it is' })
  kind: Measure['kind'];

  @NumberField({ least: 0.5, most: 5000, unit: 'ml' }, { about: 'Volume when full', example: 240 })
  ml: number;

  @TextListField(8, { about: 'Fractions of it that can be filled', example: ['1', '1/2'] })
  @IsIn(CUP_PARTS, { each: true, message: `Every part must be one of ${CUP_PARTS.join(', ')}.` })
  parts: string[];

  @NumberField(
    { least: 1, most: 1000, unit: 'ml' },
    { about: "A jug's graduation", optional: true, nullable: true },
  )
  stepMl?: number | null;
}
