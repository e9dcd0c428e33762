import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { Plan } from './plan.entity.js';
import { PlansController } from './plans.controller.js';

@Module({ imports: [TypeOrmModule.forFeature([Plan])], controllers: [PlansController] })
export class PlansModule {}
