import { AMYLOSE, type Amylose } from '@hammock/core';
import { ApiProperty } from '@nestjs/swagger';
import type { BagRecord } from '@hammock/core/records';
import { Column, Entity } from 'typeorm';
import { KeptEntity } from '../common/keptEntity.js';

/** A bag of grain of this household. */
@Entity('bag')
export class Bag extends KeptEntity implements BagRecord {
  @ApiProperty({ description: 'Id of the grain', example: 'basmati' })
  @Column({ type: 'text' })
  grainId: string;

  @ApiProperty({ example: 'Terrace long grain' })
  @Column({ type: 'text' })
  label: string;

  @ApiProperty({ description: 'What the cook wants to remember of it' })
  @Column({ type: 'text' })
  note: string;

  @ApiProperty({ description: 'Day it was opened', example: '2026-11-01', type: String, nullable: true })
  @Column({ type: 'text', nullable: true })
  openedOn: string | null;

  @ApiProperty({
    description: "Class of amylose, where it is not the grain's usual one",
    enum: AMYLOSE,
    nullable: true,
  })
  @Column({ type: 'text', nullable: true })
  amylose: Amylose | null;
}
