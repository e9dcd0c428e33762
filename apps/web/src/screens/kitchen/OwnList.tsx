import type { IngredientFields } from '@hammock/core/records';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { describeOwn, IngredientInputs, wrongWith } from './IngredientInputs.js';
import { ThingList } from './ThingList.js';
import * as w from '../../words/screens/kitchen.js';

const NEW_INGREDIENT: IngredientFields = { label: '', figures: { like: 'tomato', body: 'thicker' } };

/** Ingredients of one’s own. */
export const OwnList = () => (
  <ThingList
    kind="ingredients"
    title={w.ingredientsOfYourOwn}
    one="ingredient"
    fresh={NEW_INGREDIENT}
    describe={describeOwn}
    refused={(own) => wrongWith(own, useKitchen.getState().ingredients) !== undefined}
    fields={(own, set, problem) => <IngredientInputs own={own} set={set} problem={problem} />}
  />
);
