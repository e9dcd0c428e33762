import { ApiProperty } from '@nestjs/swagger';
import { Column, PrimaryColumn } from 'typeorm';
import type { Kept } from './store.js';

/** The columns every kept thing has. */
export abstract class KeptEntity implements Kept {
  @ApiProperty({ format: 'uuid' })
  @PrimaryColumn({ type: 'text' })
  id: string;

  @ApiProperty({ description: 'ms since the epoch' })
  @Column({ type: 'integer' })
  createdAtMs: number;

  @ApiProperty({ description: 'ms since the epoch' })
  @Column({ type: 'integer' })
  updatedAtMs: number;

  @Column({ type: 'integer', nullable: true })
  deletedAtMs: number | null;
}
