import { ApiProperty } from '@nestjs/swagger';
import type { DishRecord, DishSpec } from '@hammock/core/records';
import { Column, Entity } from 'typeorm';
import { KeptEntity } from '../common/keptEntity.js';

/** A dish this household makes: grain, what goes in with it, how it is made and for how many. */
@Entity('dish')
export class Dish extends KeptEntity implements DishRecord {
  @ApiProperty({ example: 'Bellows pilaf' })
  @Column({ type: 'text' })
  label: string;

  @ApiProperty({ description: 'One line about it' })
  @Column({ type: 'text' })
  blurb: string;

  @ApiProperty({
    description: 'The dish as a plan without a pot',
    allOf: [{ $ref: '#/components/schemas/DishSpecDto' }],
  })
  @Column({ type: 'simple-json' })
  spec: DishSpec;
}
