import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import type { Stage } from '@hammock/core';
import { plain } from '../common/plain.js';
import { keptController } from '../common/keptController.js';
import { OwnMethodDto } from './method.dto.js';
import { OwnMethod } from './method.entity.js';

const controller = keptController({
  path: 'methods',
  what: 'method',
  tag: 'kitchen',
  entity: OwnMethod,
  dto: OwnMethodDto,
  columns: (dto) => ({ ...dto, stages: plain(dto.stages) as Stage[] }),
});

@Module({ imports: [TypeOrmModule.forFeature([OwnMethod])], controllers: [controller] })
export class MethodsModule {}
