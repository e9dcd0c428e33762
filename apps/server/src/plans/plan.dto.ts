import { IsOptional, IsUUID } from 'class-validator';
import { ApiProperty } from '@nestjs/swagger';
import { PlanDto } from '../answer/plan.dto.js';
import { NestedField, TextField } from '../common/fields.js';

const NOT_AN_ID = { message: 'This must be a UUID.' };
const ID_FIELD = { required: false, nullable: true, type: String, format: 'uuid' } as const;

/** What is sent to keep a plan. It need not have an answer yet: half-typed amounts are kept as they are. */
export class StoredPlanDto {
  @ApiProperty(ID_FIELD)
  @IsOptional()
  @IsUUID(undefined, NOT_AN_ID)
  dishId?: string | null;

  @TextField(60, { about: 'What is being made', example: 'Bellows pilaf' })
  label: string;

  @ApiProperty(ID_FIELD)
  @IsOptional()
  @IsUUID(undefined, NOT_AN_ID)
  bagId?: string | null;

  @ApiProperty(ID_FIELD)
  @IsOptional()
  @IsUUID(undefined, NOT_AN_ID)
  vesselId?: string | null;

  @ApiProperty(ID_FIELD)
  @IsOptional()
  @IsUUID(undefined, NOT_AN_ID)
  hobId?: string | null;

  @ApiProperty(ID_FIELD)
  @IsOptional()
  @IsUUID(undefined, NOT_AN_ID)
  cupId?: string | null;

  @NestedField(() => PlanDto, { about: 'The plan as it is asked about' })
  input: PlanDto;
}
