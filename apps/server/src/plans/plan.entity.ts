import { ApiProperty } from '@nestjs/swagger';
import type { PlanInput } from '@hammock/core';
import type { PlanRecord } from '@hammock/core/records';
import { Column, Entity, Index, JoinColumn, ManyToOne, type Relation } from 'typeorm';
import { KeptEntity } from '../common/keptEntity.js';
import { Dish } from '../dishes/dish.entity.js';

/** A dish made concrete: amounts, bag, pot and burner. The newest one is what the cook is working on. */
@Entity('plan')
export class Plan extends KeptEntity implements PlanRecord {
  @ApiProperty({ format: 'uuid', nullable: true, type: String })
  @Index()
  @Column({ type: 'text', nullable: true })
  dishId: string | null;

  @ManyToOne(() => Dish, { nullable: true, onDelete: 'SET NULL' })
  @JoinColumn({ name: 'dishId' })
  dish?: Relation<Dish> | null;

  @ApiProperty({ description: 'What is being made', example: 'Bellows pilaf' })
  @Column({ type: 'text' })
  label: string;

  @ApiProperty({ nullable: true, type: String })
  @Column({ type: 'text', nullable: true })
  bagId: string | null;

  @ApiProperty({ nullable: true, type: String })
  @Column({ type: 'text', nullable: true })
  vesselId: string | null;

  @ApiProperty({ nullable: true, type: String })
  @Column({ type: 'text', nullable: true })
  hobId: string | null;

  @ApiProperty({ nullable: true, type: String })
  @Column({ type: 'text', nullable: true })
  cupId: string | null;

  @ApiProperty({
    description: 'The plan as it is asked about',
    allOf: [{ $ref: '#/components/schemas/PlanDto' }],
  })
  @Column({ type: 'simple-json' })
  input: PlanInput;
}
