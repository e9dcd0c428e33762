import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { plain } from '../common/plain.js';
import { keptController } from '../common/keptController.js';
import { KeptIngredientDto } from './ingredient.dto.js';
import { OwnIngredient } from './ingredient.entity.js';

const controller = keptController({
  path: 'ingredients',
  what: 'ingredient',
  tag: 'kitchen',
  entity: OwnIngredient,
  dto: KeptIngredientDto,
  columns: (dto) => ({ ...dto, figures: plain(dto.figures) as OwnIngredient['figures'] }),
});

@Module({ imports: [TypeOrmModule.forFeature([OwnIngredient])], controllers: [controller] })
export class IngredientsModule {}
