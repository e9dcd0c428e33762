import { ApiProperty } from '@nestjs/swagger';
import {
  COUNTS,
  HELPED,
  type BaseSeen,
  type Counts,
  type Helped,
  type OutcomeRecord,
  type Verdict,
} from '@hammock/core/records';
import { Column, Entity, Index, JoinColumn, OneToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Cook } from './cook.entity.js';

/** How a cook came out, as judged by the one who ate it. */
@Entity('outcome')
@Index('outcome_by_texture', ['cookId', 'texture'])
export class Outcome implements OutcomeRecord {
  @PrimaryColumn({ type: 'text' })
  cookId: string;

  @OneToOne(() => Cook, (cook) => cook.outcome, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'cookId' })
  cook?: Relation<Cook>;

  @ApiProperty({ description: '1 hard, 2 a little firm, 3 as wanted, 4 a little soft, 5 mushy' })
  @Column({ type: 'integer' })
  texture: Verdict;

  @ApiProperty({ enum: ['clean', 'golden', 'dark', 'burnt'] })
  @Column({ type: 'text' })
  base: BaseSeen;

  @ApiProperty({ description: 'One line for next time' })
  @Column({ type: 'text' })
  note: string;

  @ApiProperty({ enum: COUNTS, description: 'Whether it is learnt from' })
  @Column({ type: 'text', default: 'once' })
  counts: Counts;

  @ApiProperty({ description: 'Whose verdict it is; everybody’s without', type: String, nullable: true })
  @Column({ type: 'text', nullable: true })
  by: string | null;

  @ApiProperty({ description: 'Who ate', type: [String], nullable: true })
  @Column({ type: 'simple-json', nullable: true })
  ate: readonly string[] | null;

  @ApiProperty({ enum: HELPED, isArray: true, description: 'What helped', nullable: true })
  @Column({ type: 'simple-json', nullable: true })
  helped: readonly Helped[] | null;

  @ApiProperty({ description: 'ms since the epoch' })
  @Column({ type: 'integer' })
  atMs: number;
}
