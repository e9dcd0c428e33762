import { OmitType } from '@nestjs/swagger';
import { PlanDto } from '../answer/plan.dto.js';
import { NestedField, TextField } from '../common/fields.js';

/** A dish as a plan without a pot. */
export class DishSpecDto extends OmitType(PlanDto, [
  'vessel',
  'hob',
  'altitudeM',
  'amylose',
  'fingerMm',
  'softerSteps',
  'learntPoints',
  'learntSpread',
  'roomC',
  'cupMl',
] as const) {}

/** What is sent to keep a dish. */
export class DishDto {
  @TextField(60, { about: 'Name of the dish', example: 'Bellows pilaf' })
  label: string;

  @TextField(140, { about: 'One line about it', mayBeEmpty: true })
  blurb: string;

  @NestedField(() => DishSpecDto, { about: 'The dish as a plan without a pot' })
  spec: DishSpecDto;
}
