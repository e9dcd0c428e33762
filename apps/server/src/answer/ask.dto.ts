import { RANGES } from '@hammock/core';
import { NestedField, NumberField } from '../common/fields.js';
import { PlanDto } from './plan.dto.js';

/** Most kitchens one request may have simulated. */
export const MOST_DRAWS = 2000;

export class OddsAskDto {
  @NumberField(
    { least: 1, most: MOST_DRAWS, unit: 'kitchens' },
    { about: 'Kitchens to simulate', optional: true },
  )
  draws?: number;

  @NumberField(
    { least: 0, most: 2 ** 31 - 1, unit: '' },
    { about: 'The same seed gives the same odds', optional: true },
  )
  seed?: number;
}

/** A plan to answer, with the odds of it where they are asked for. */
export class AskDto extends PlanDto {
  @NestedField(() => OddsAskDto, { about: 'Ask for the odds too', optional: true })
  odds?: OddsAskDto;
}

/** A plan to cook over time. */
export class CourseAskDto extends PlanDto {
  @NumberField(RANGES.pouredMl, { about: 'Poured; what the answer says when left out', optional: true })
  pourMl?: number;
}
