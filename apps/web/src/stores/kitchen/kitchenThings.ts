import type { Learnt } from '@hammock/core/learning';
import type { HouseholdRecord } from '@hammock/core/records';
import { useMemo } from 'react';
import { useShallow } from 'zustand/react/shallow';
import { useKitchen } from './kitchen.js';
import type { KitchenLists } from './kitchenKept.js';
import { useLearnt } from './learnt.js';
import { useMe } from './people.js';

export type KitchenThings = KitchenLists & {
  readonly household: HouseholdRecord;
  /** What its own pots have taught. */
  readonly learnt?: Learnt | null;
  /** Whose taste this device cooks to. */
  readonly by?: string | null;
};

/** Everything of the kitchen that a plan can be made with; the same object until one of its lists changes. */
export function useKitchenThings(): KitchenThings {
  const learnt = useLearnt((s) => s.learnt);
  const by = useMe((s) => s.name);
  const things = useKitchen(
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
  return useMemo(() => ({ ...things, learnt, by }), [things, learnt, by]);
}
