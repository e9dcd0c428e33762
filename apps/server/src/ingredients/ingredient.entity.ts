import { ApiProperty } from '@nestjs/swagger';
import type { Allergen, Behaviour, Body } from '@hammock/core';
import type { IngredientRecord } from '@hammock/core/records';
import { Column, Entity } from 'typeorm';
import { KeptEntity } from '../common/keptEntity.js';

/** An ingredient of this household's own: by its figures, or by what it is like. */
@Entity('ingredient')
export class OwnIngredient extends KeptEntity implements IngredientRecord {
  @ApiProperty({ example: 'Red jar' })
  @Column({ type: 'text' })
  label: string;

  @ApiProperty({
    description: 'like, body, water, fat, salt (g per 100 g), densityGPerMl, behaves, allergens',
    type: 'object',
    additionalProperties: true,
  })
  @Column({ type: 'simple-json' })
  figures: {
    like?: string;
    body?: Body;
    water?: number;
    fat?: number;
    salt?: number;
    densityGPerMl?: number;
    behaves?: Behaviour;
    allergens?: Allergen[];
  };
}
