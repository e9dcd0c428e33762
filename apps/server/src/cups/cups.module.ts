import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { Cup } from './cup.entity.js';
import { CupsController } from './cups.controller.js';

@Module({ imports: [TypeOrmModule.forFeature([Cup])], controllers: [CupsController] })
export class CupsModule {}
