import { ApiProperty } from '@nestjs/swagger';
import type { HeatSetting, HobKind } from '@hammock/core';
import type { HobRecord } from '@hammock/core/records';
import { Column, Entity } from 'typeorm';
import { KeptEntity } from '../common/keptEntity.js';
import { RINGS } from './hob.dto.js';

/** A burner of this household. */
@Entity('hob')
export class Hob extends KeptEntity implements HobRecord {
  @ApiProperty({ example: 'Gas ring, left' })
  @Column({ type: 'text' })
  label: string;

  @ApiProperty({ enum: RINGS })
  @Column({ type: 'text' })
  kind: HobKind;

  @ApiProperty({
    description: 'Net power by setting, W',
    type: 'object',
    additionalProperties: { type: 'number' },
  })
  @Column({ type: 'simple-json' })
  powerW: Record<HeatSetting, number>;
}
