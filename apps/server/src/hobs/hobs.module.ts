import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { Hob } from './hob.entity.js';
import { HobsController } from './hobs.controller.js';

@Module({ imports: [TypeOrmModule.forFeature([Hob])], controllers: [HobsController] })
export class HobsModule {}
