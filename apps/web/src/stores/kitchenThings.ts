import type { HouseholdRecord } from '@hammock/core/records';
import { useShallow } from 'zustand/react/shallow';
import { useKitchen } from './kitchen.js';
import type { KitchenLists } from './kitchenKept.js';

export type KitchenThings = KitchenLists & { readonly household: HouseholdRecord };

/** Everything of the kitchen that a plan can be made with; the same object until one of its lists changes. */
export const useKitchenThings = (): KitchenThings =>
  useKitchen(
    useShallow(({ household, bags, vessels, hobs, cups, dishes, ingredients, methods, steamTests }) => ({
      household,
      bags,
      vessels,
      hobs,
      cups,
      dishes,
      ingredients,
      methods,
      steamTests,
    })),
  );
