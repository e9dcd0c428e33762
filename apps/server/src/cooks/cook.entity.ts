import { ApiProperty } from '@nestjs/swagger';
import type { PlanInput } from '@hammock/core';
import type { AnswerReply, CookRecord } from '@hammock/core/records';
import { Column, Entity, Index, OneToMany, OneToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Outcome } from './outcome.entity.js';
import { TapRow } from './tap.entity.js';

/** One run of a plan at the stove. It keeps the plan and the answer as they were, whatever changes later. */
@Entity('cook')
@Index('cook_by_start', ['startedAtMs', 'id'])
@Index('cook_by_dish', ['dishId', 'abandoned', 'startedAtMs', 'id'])
@Index('cook_by_revision', ['revision'])
@Index('cook_by_label', ['label', 'id'])
@Index('cook_by_state', ['abandoned', 'startedAtMs', 'id', 'revision'])
export class Cook implements CookRecord {
  @ApiProperty({ format: 'uuid' })
  @PrimaryColumn({ type: 'text' })
  id: string;

  @ApiProperty({ nullable: true, type: String })
  @Column({ type: 'text', nullable: true })
  dishId: string | null;

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

  @ApiProperty({ example: 'Bellows pilaf' })
  @Column({ type: 'text' })
  label: string;

  @ApiProperty({ allOf: [{ $ref: '#/components/schemas/PlanDto' }] })
  @Column({ type: 'simple-json' })
  input: PlanInput;

  @ApiProperty({
    description: 'The answer as it was then',
    allOf: [{ $ref: '#/components/schemas/AnswerReply' }],
  })
  @Column({ type: 'simple-json' })
  answer: AnswerReply;

  @ApiProperty({ description: 'What was advised, ml' })
  @Column({ type: 'real' })
  advisedMl: number;

  @ApiProperty({ description: 'What was poured, ml; null until it is said', type: Number, nullable: true })
  @Column({ type: 'real', nullable: true })
  pouredMl: number | null;

  @ApiProperty({ description: 'ms since the epoch' })
  @Column({ type: 'integer' })
  startedAtMs: number;

  @ApiProperty({ description: 'True when it was given up', type: Boolean })
  @Column({ type: 'boolean', default: false })
  abandoned: boolean;

  @ApiProperty({ description: 'Of what was said about it; name it as standsOn when saying more' })
  @Column({ type: 'integer', default: 0 })
  revision: number;

  @ApiProperty({ type: () => TapRow, isArray: true })
  @OneToMany(() => TapRow, (event) => event.cook)
  events?: Relation<TapRow>[];

  @ApiProperty({ type: () => Outcome, nullable: true })
  @OneToOne(() => Outcome, (outcome) => outcome.cook)
  outcome?: Relation<Outcome> | null;
}
