import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { keptController } from '../common/keptController.js';
import { BagDto } from './bag.dto.js';
import { Bag } from './bag.entity.js';

const controller = keptController({
  path: 'bags',
  what: 'bag',
  tag: 'kitchen',
  entity: Bag,
  dto: BagDto,
  columns: (dto) => ({ ...dto, openedOn: dto.openedOn ?? null, amylose: dto.amylose ?? null }),
});

@Module({ imports: [TypeOrmModule.forFeature([Bag])], controllers: [controller] })
export class BagsModule {}
