import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { keptController } from '../common/keptController.js';
import { SteamTestDto } from './steamTest.dto.js';
import { SteamTest } from './steamTest.entity.js';

const controller = keptController({
  path: 'steam-tests',
  what: 'water test',
  tag: 'kitchen',
  entity: SteamTest,
  dto: SteamTestDto,
  columns: (dto) => dto,
});

@Module({ imports: [TypeOrmModule.forFeature([SteamTest])], controllers: [controller] })
export class SteamTestsModule {}
