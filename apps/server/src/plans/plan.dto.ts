import { PlanDto } from '../answer/plan.dto.js';
import { NestedField, TextField, UuidField } from '../common/fields.js';

/** What is sent to keep a plan. It need not have an answer yet: half-typed amounts are kept as they are. */
export class StoredPlanDto {
  @UuidField({ about: 'The dish it is', optional: true, nullable: true })
  dishId?: string | null;

  @TextField(60, { about: 'What is being made', example: 'Bellows pilaf' })
  label: string;

  @UuidField({ about: 'The bag of grain', optional: true, nullable: true })
  bagId?: string | null;

  @UuidField({ about: 'The pot', optional: true, nullable: true })
  vesselId?: string | null;

  @UuidField({ about: 'The burner', optional: true, nullable: true })
  hobId?: string | null;

  @UuidField({ about: 'The cup', optional: true, nullable: true })
  cupId?: string | null;

  @NestedField(() => PlanDto, { about: 'The plan as it is asked about' })
  input: PlanDto;
}
