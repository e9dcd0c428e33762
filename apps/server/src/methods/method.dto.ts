import { METHODS, MOST_STAGES, type Method } from '@hammock/core';
import { StageDto } from '../answer/plan.dto.js';
import { ChoiceField, NestedListField, TextField } from '../common/fields.js';

/** What is sent to keep a method of one's own. */
export class OwnMethodDto {
  @TextField(60, { about: 'Name of the method', example: 'Double cloth' })
  label: string;

  @ChoiceField(METHODS, { about: 'What it began as' })
  method: Method;

  @NestedListField(() => StageDto, MOST_STAGES, { about: 'Its stages in order' })
  stages: StageDto[];
}
