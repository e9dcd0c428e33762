import { ApiProperty } from '@nestjs/swagger';
import { TAP_KINDS, type Tap } from '@hammock/core';
import type { TapRecord } from '@hammock/core/records';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Cook } from './cook.entity.js';

/** One tap at the stove, with its time. */
@Entity('stage_event')
@Index('stage_event_by_seq', ['seq'])
@Index('stage_event_by_cook', ['cookId', 'seq'])
export class TapRow implements TapRecord {
  @ApiProperty({ format: 'uuid' })
  @PrimaryColumn({ type: 'text' })
  id: string;

  @Index()
  @Column({ type: 'text' })
  cookId: string;

  @ManyToOne(() => Cook, (cook) => cook.events, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'cookId' })
  cook?: Relation<Cook>;

  @ApiProperty({ enum: TAP_KINDS })
  @Column({ type: 'text' })
  kind: Tap['kind'];

  @ApiProperty({ example: 'simmer' })
  @Column({ type: 'text' })
  stageId: string;

  @ApiProperty({ description: 'When it was tapped, ms since the epoch' })
  @Column({ type: 'integer' })
  atMs: number;

  @ApiProperty({ description: 'Minutes added, for extend', type: Number, nullable: true })
  @Column({ type: 'real', nullable: true })
  minutes: number | null;

  @ApiProperty({ description: 'What was seen, tasted, smelt or set', type: String, nullable: true })
  @Column({ type: 'text', nullable: true })
  said: string | null;

  @ApiProperty({ description: 'How much, in the unit of its kind', type: Number, nullable: true })
  @Column({ type: 'real', nullable: true })
  amount: number | null;

  @ApiProperty({ description: 'Its place in the order the server took taps in' })
  @Column({ type: 'integer', default: 0 })
  seq: number;

  @ApiProperty({ description: 'The last tap its device knew of', type: String, nullable: true })
  @Column({ type: 'text', nullable: true })
  followsId: string | null;

  @ApiProperty({ description: 'For undo: the tap it takes back', type: String, nullable: true })
  @Column({ type: 'text', nullable: true })
  undoesId: string | null;
}
