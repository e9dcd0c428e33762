import { ApiProperty } from '@nestjs/swagger';
import type { Served, Texture } from '@hammock/core';
import type { HouseholdRecord } from '@hammock/core/records';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** The one household: where it cooks and how it likes its grain. */
@Entity('household')
export class Household implements HouseholdRecord {
  @PrimaryColumn({ type: 'integer' })
  id: number;

  @ApiProperty({ example: 'Our kitchen' })
  @Column({ type: 'text' })
  name: string;

  @ApiProperty({ description: 'm above the sea' })
  @Column({ type: 'real' })
  altitudeM: number;

  @ApiProperty({ description: '°C' })
  @Column({ type: 'real' })
  roomC: number;

  @ApiProperty({ description: "First joint of this cook's finger, mm", type: Number, nullable: true })
  @Column({ type: 'real', nullable: true })
  fingerMm: number | null;

  @ApiProperty({ description: 'Texture wanted, 1 firm to 5 very soft' })
  @Column({ type: 'integer' })
  texture: Texture;

  @ApiProperty({ enum: ['plain', 'underSalty'] })
  @Column({ type: 'text' })
  served: Served;

  @ApiProperty({ description: 'True when amounts are shown in g and ml first' })
  @Column({ type: 'boolean' })
  metric: boolean;

  @ApiProperty({ description: 'Name it as standsOn when writing' })
  @Column({ type: 'integer', default: 0 })
  revision: number;
}
