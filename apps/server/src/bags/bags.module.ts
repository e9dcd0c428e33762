import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { Bag } from './bag.entity.js';
import { BagsController } from './bags.controller.js';

@Module({ imports: [TypeOrmModule.forFeature([Bag])], controllers: [BagsController] })
export class BagsModule {}
