import { OmitType } from '@nestjs/swagger';
import { OwnIngredientDto as PlanIngredientDto } from '../answer/plan.dto.js';
import { NestedField, TextField } from '../common/fields.js';

/** Figures of an own ingredient, as a plan takes them. */
export class FiguresDto extends OmitType(PlanIngredientDto, ['id', 'name'] as const) {}

/** What is sent to keep an ingredient of one's own. */
export class KeptIngredientDto {
  @TextField(60, { about: 'Name', example: 'Red jar' })
  label: string;

  @NestedField(() => FiguresDto, { about: 'What it is like, or its water, fat and salt' })
  figures: FiguresDto;
}
