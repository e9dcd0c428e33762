import { ApiProperty } from '@nestjs/swagger';
import { Column, PrimaryColumn, type ObjectLiteral } from 'typeorm';

/** What every kept thing has. Times are ms since the epoch. */
export interface Kept extends ObjectLiteral {
  id: string;
  createdAtMs: number;
  updatedAtMs: number;
  revision: number;
  deletedAtMs: number | null;
}

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

  @ApiProperty({
    description: 'Where it stands in the order of everything stored; name it as standsOn when writing',
  })
  @Column({ type: 'integer', default: 0 })
  revision: number;

  @Column({ type: 'integer', nullable: true })
  deletedAtMs: number | null;
}
