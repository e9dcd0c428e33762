import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { keptController } from '../common/keptController.js';
import { CupDto } from './cup.dto.js';
import { Cup } from './cup.entity.js';

const controller = keptController({
  path: 'cups',
  what: 'cup',
  tag: 'kitchen',
  entity: Cup,
  dto: CupDto,
  columns: (dto) => ({ ...dto, stepMl: dto.stepMl ?? null }),
});

@Module({ imports: [TypeOrmModule.forFeature([Cup])], controllers: [controller] })
export class CupsModule {}
