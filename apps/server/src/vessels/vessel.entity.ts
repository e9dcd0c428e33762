import { ApiProperty } from '@nestjs/swagger';
import type { LidFit, VesselKind, VesselRecord, Wall } from '@hammock/core';
import { Column, Entity } from 'typeorm';
import { KeptEntity } from '../common/keptEntity.js';

/** A pot of this household. */
@Entity('vessel')
export class Vessel extends KeptEntity implements VesselRecord {
  @ApiProperty({ example: 'Blue enamel pot' })
  @Column({ type: 'text' })
  label: string;

  @ApiProperty({ description: 'Inside width, cm' })
  @Column({ type: 'real' })
  diameterCm: number;

  @ApiProperty({ description: 'Volume to the brim, ml' })
  @Column({ type: 'real' })
  volumeMl: number;

  @ApiProperty({ enum: ['loose', 'wellFitting', 'tight'] })
  @Column({ type: 'text' })
  lid: LidFit;

  @ApiProperty({ enum: ['thin', 'heavy'] })
  @Column({ type: 'text' })
  wall: Wall;

  @ApiProperty({ enum: ['pot', 'pressureCooker', 'multiCooker', 'riceCooker'] })
  @Column({ type: 'text', default: 'pot' })
  kind: VesselKind;
}
