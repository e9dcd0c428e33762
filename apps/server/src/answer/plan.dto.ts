import { OWN, PLAN, STAGE, type OwnIngredient, type PlanInput, type Stage } from '@hammock/core';
import { dtoOf } from '../common/dtoOf.js';

/** A plan in ids of the larder and plain numbers. Only grainId, grain and vessel are required. */
export const PlanDto = dtoOf<PlanInput>(PLAN);
export type PlanDto = PlanInput;

export const StageDto = dtoOf<Stage>(STAGE);
export type StageDto = Stage;

/** An ingredient of the household's own, by its figures or by what it is like. */
export const OwnIngredientDto = dtoOf<OwnIngredient>(OWN);
export type OwnIngredientDto = OwnIngredient;
