import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import type { DishSpec } from '@hammock/core/records';
import { plain } from '../common/plain.js';
import { keptController } from '../common/keptController.js';
import { DishDto } from './dish.dto.js';
import { Dish } from './dish.entity.js';

const controller = keptController({
  path: 'dishes',
  what: 'dish',
  tag: 'dishes',
  entity: Dish,
  dto: DishDto,
  columns: (dto) => ({ ...dto, spec: plain(dto.spec) as DishSpec }),
});

@Module({ imports: [TypeOrmModule.forFeature([Dish])], controllers: [controller] })
export class DishesModule {}
