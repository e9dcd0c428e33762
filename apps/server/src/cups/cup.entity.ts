import { ApiProperty } from '@nestjs/swagger';
import type { Measure } from '@hammock/core';
import type { CupRecord } from '@hammock/core/records';
import { Column, Entity } from 'typeorm';
import { KeptEntity } from '../common/keptEntity.js';

/** A cup, spoon or jug of this household. */
@Entity('cup')
export class Cup extends KeptEntity implements CupRecord {
  @ApiProperty({ example: 'cup' })
  @Column({ type: 'text' })
  label: string;

  @ApiProperty({ enum: ['cup', 'spoon', 'jug'] })
  @Column({ type: 'text' })
  kind: Measure['kind'];

  @ApiProperty({ description: 'Volume when full, ml' })
  @Column({ type: 'real' })
  ml: number;

  @ApiProperty({ description: 'Fractions that can be filled', example: ['1', '1/2'] })
  @Column({ type: 'simple-json' })
  parts: string[];

  @ApiProperty({ description: "A jug's graduation, ml; null for others", type: Number, nullable: true })
  @Column({ type: 'real', nullable: true })
  stepMl: number | null;
}
