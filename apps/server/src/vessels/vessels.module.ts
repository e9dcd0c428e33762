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
  // What is left out is what the row would say: the same words sent again are no change.
  columns: (dto) => ({ ...dto, kind: dto.kind ?? 'pot', nonStick: dto.nonStick ?? false }),
});

@Module({ imports: [TypeOrmModule.forFeature([Vessel])], controllers: [controller] })
export class VesselsModule {}
