import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { keptController } from '../common/keptController.js';
import { VesselDto } from './vessel.dto.js';
import { Vessel } from './vessel.entity.js';

const controller = keptController({
  path: 'vessels',
  what: 'vessel',
  tag: 'kitchen',
  entity: Vessel,
  dto: VesselDto,
  columns: (dto) => ({ ...dto, kind: dto.kind ?? 'pot' }),
});

@Module({ imports: [TypeOrmModule.forFeature([Vessel])], controllers: [controller] })
export class VesselsModule {}
