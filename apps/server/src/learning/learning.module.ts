import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { Cook } from '../cooks/cook.entity.js';
import { Household } from '../household/household.entity.js';
import { LearningController } from './learning.controller.js';
import { LearningService } from './learning.service.js';

@Module({
  imports: [TypeOrmModule.forFeature([Cook, Household])],
  controllers: [LearningController],
  providers: [LearningService],
})
export class LearningModule {}
