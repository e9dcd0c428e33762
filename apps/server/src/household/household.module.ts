import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { HouseholdController } from './household.controller.js';
import { Household } from './household.entity.js';

@Module({ imports: [TypeOrmModule.forFeature([Household])], controllers: [HouseholdController] })
export class HouseholdModule {}
