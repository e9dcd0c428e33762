import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { Bag } from '../bags/bag.entity.js';
import { Cook } from '../cooks/cook.entity.js';
import { Hob } from '../hobs/hob.entity.js';
import { Vessel } from '../vessels/vessel.entity.js';
import { FormatsController } from './formats.controller.js';

@Module({
  imports: [TypeOrmModule.forFeature([Cook, Bag, Vessel, Hob])],
  controllers: [FormatsController],
})
export class FormatsModule {}
