import { ApiProperty } from '@nestjs/swagger';
import { LID_FITS, VESSEL_KINDS, WALLS, type LidFit, type VesselKind, type Wall } from '@hammock/core';
import type { VesselRecord } from '@hammock/core/records';
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

  @ApiProperty({ enum: LID_FITS })
  @Column({ type: 'text' })
  lid: LidFit;

  @ApiProperty({ enum: WALLS })
  @Column({ type: 'text' })
  wall: Wall;

  @ApiProperty({ enum: VESSEL_KINDS })
  @Column({ type: 'text', default: 'pot' })
  kind: VesselKind;

  @ApiProperty({ description: 'A coating that high heat spoils' })
  @Column({ type: 'boolean', default: false })
  nonStick: boolean;
}
