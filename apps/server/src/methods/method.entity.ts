import { ApiProperty } from '@nestjs/swagger';
import type { Method, Stage } from '@hammock/core';
import type { MethodRecord } from '@hammock/core/records';
import { Column, Entity } from 'typeorm';
import { KeptEntity } from '../common/keptEntity.js';

/** A method of this household's own: stages that began as one of the nine. */
@Entity('method')
export class OwnMethod extends KeptEntity implements MethodRecord {
  @ApiProperty({ example: 'Double cloth' })
  @Column({ type: 'text' })
  label: string;

  @ApiProperty({ example: 'boilDown' })
  @Column({ type: 'text' })
  method: Method;

  @ApiProperty({ type: 'array', items: { type: 'object', additionalProperties: true } })
  @Column({ type: 'simple-json' })
  stages: Stage[];
}
