import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { AnswerModule } from '../answer/answer.module.js';
import { Cook } from './cook.entity.js';
import { CooksController } from './cooks.controller.js';
import { CooksService } from './cooks.service.js';
import { Outcome } from './outcome.entity.js';
import { TapRow } from './tap.entity.js';

@Module({
  imports: [TypeOrmModule.forFeature([Cook, TapRow, Outcome]), AnswerModule],
  controllers: [CooksController],
  providers: [CooksService],
})
export class CooksModule {}
