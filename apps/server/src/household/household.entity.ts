import { ApiProperty } from '@nestjs/swagger';
import type { Served, Texture } from '@hammock/core';
import type { HouseholdRecord, CanSize, Override } from '@hammock/core/records';
import { Column, Entity, PrimaryColumn } from 'typeorm';
import { CanSizeDto, OverrideDto } from './household.dto.js';

/** There is one household in a database; the first migration puts it there. */
export const ONLY = 1;

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

  @ApiProperty({
    description: 'Steps by which its words for texture lie softer than ours',
    type: Number,
    nullable: true,
  })
  @Column({ type: 'real', nullable: true })
  softerSteps: number | null;

  @ApiProperty({ description: 'What it calls the five steps', type: [String], nullable: true })
  @Column({ type: 'simple-json', nullable: true })
  textureNames: readonly string[] | null;

  @ApiProperty({
    description: 'What its jars, tins and packets hold',
    type: () => [CanSizeDto],
    nullable: true,
  })
  @Column({ type: 'simple-json', nullable: true })
  packets: readonly CanSize[] | null;

  @ApiProperty({ description: 'Who cooks and eats here', type: [String], nullable: true })
  @Column({ type: 'simple-json', nullable: true })
  people: readonly string[] | null;

  @ApiProperty({
    description: 'What it says itself of what pots teach',
    type: () => [OverrideDto],
    nullable: true,
  })
  @Column({ type: 'simple-json', nullable: true })
  told: readonly Override[] | null;

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
