import { ApiProperty } from '@nestjs/swagger';
import type { HeatSetting, HobKind, HobRecord } from '@hammock/core';
import { Column, Entity } from 'typeorm';
import { KeptEntity } from '../common/keptEntity.js';

/** A burner of this household. */
@Entity('hob')
export class Hob extends KeptEntity implements HobRecord {
  @ApiProperty({ example: 'Gas ring, left' })
  @Column({ type: 'text' })
  label: string;

  @ApiProperty({ enum: ['gas', 'electric', 'induction'] })
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
