import { ApiProperty } from '@nestjs/swagger';
import type { StageEvent } from '@hammock/core';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Cook } from './cook.entity.js';

/** One tap at the stove, with its time. */
@Entity('stage_event')
export class StageEventRow {
  @ApiProperty({ format: 'uuid' })
  @PrimaryColumn({ type: 'text' })
  id: string;

  @Index()
  @Column({ type: 'text' })
  cookId: string;

  @ManyToOne(() => Cook, (cook) => cook.events, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'cookId' })
  cook?: Relation<Cook>;

  @ApiProperty({ enum: ['start', 'done', 'extend', 'undo'] })
  @Column({ type: 'text' })
  kind: StageEvent['kind'];

  @ApiProperty({ example: 'simmer' })
  @Column({ type: 'text' })
  stageId: string;

  @ApiProperty({ description: 'When it was tapped, ms since the epoch' })
  @Column({ type: 'integer' })
  atMs: number;

  @ApiProperty({ description: 'Minutes added, for extend', type: Number, nullable: true })
  @Column({ type: 'real', nullable: true })
  minutes: number | null;
}
