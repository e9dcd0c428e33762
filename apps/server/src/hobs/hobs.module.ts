import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import type { HobFields } from '@hammock/core/records';
import { plain } from '../common/plain.js';
import { keptController } from '../common/keptController.js';
import { HobDto } from './hob.dto.js';
import { Hob } from './hob.entity.js';

const controller = keptController({
  path: 'hobs',
  what: 'hob',
  tag: 'kitchen',
  entity: Hob,
  dto: HobDto,
  columns: (dto) => ({ ...dto, powerW: plain(dto.powerW) as HobFields['powerW'] }),
});

@Module({ imports: [TypeOrmModule.forFeature([Hob])], controllers: [controller] })
export class HobsModule {}
