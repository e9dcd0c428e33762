import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { Dish } from './dish.entity.js';
import { DishesController } from './dishes.controller.js';

@Module({ imports: [TypeOrmModule.forFeature([Dish])], controllers: [DishesController] })
export class DishesModule {}
