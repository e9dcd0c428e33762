import { ApiProperty } from '@nestjs/swagger';
import type { PlanInput } from '@hammock/core';
import { Column, Entity } from 'typeorm';
import { KeptEntity } from '../common/keptEntity.js';

/** What a dish is without a pot: a plan less vessel and hob. */
export type DishSpec = Omit<PlanInput, 'vessel' | 'hob' | 'altitudeM' | 'roomC' | 'cupMl'>;

/** A dish this household makes: grain, what goes in with it, how it is made and for how many. */
@Entity('dish')
export class Dish extends KeptEntity {
  @ApiProperty({ example: 'Bellows pilaf' })
  @Column({ type: 'text' })
  label: string;

  @ApiProperty({ description: 'One line about it' })
  @Column({ type: 'text' })
  blurb: string;

  @ApiProperty({
    description: 'The dish as a plan without a pot',
    type: 'object',
    additionalProperties: true,
  })
  @Column({ type: 'simple-json' })
  spec: DishSpec;
}
