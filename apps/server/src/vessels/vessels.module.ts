import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { Vessel } from './vessel.entity.js';
import { VesselsController } from './vessels.controller.js';

@Module({ imports: [TypeOrmModule.forFeature([Vessel])], controllers: [VesselsController] })
export class VesselsModule {}
