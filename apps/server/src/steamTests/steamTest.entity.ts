import { ApiProperty } from '@nestjs/swagger';
import type { HeatSetting } from '@hammock/core';
import type { SteamTestRecord } from '@hammock/core/records';
import { Column, Entity } from 'typeorm';
import { KeptEntity } from '../common/keptEntity.js';

/** A water test: two weighings of one pot on one hob at one setting. */
@Entity('steam_test')
export class SteamTest extends KeptEntity implements SteamTestRecord {
  @ApiProperty({ example: 'Blue enamel pot on the gas ring, low' })
  @Column({ type: 'text' })
  label: string;

  @ApiProperty({ format: 'uuid' })
  @Column({ type: 'text' })
  vesselId: string;

  @ApiProperty({ format: 'uuid' })
  @Column({ type: 'text' })
  hobId: string;

  @ApiProperty({ example: 'low' })
  @Column({ type: 'text' })
  heat: HeatSetting;

  @ApiProperty({ description: 'Lost with the lid on, g' })
  @Column({ type: 'real' })
  coveredLossG: number;

  @ApiProperty({ description: 'over so many minutes' })
  @Column({ type: 'real' })
  coveredMin: number;

  @ApiProperty({ description: 'Lost open, g' })
  @Column({ type: 'real' })
  openLossG: number;

  @ApiProperty({ description: 'over so many minutes' })
  @Column({ type: 'real' })
  openMin: number;
}
