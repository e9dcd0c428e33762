import type { AmountInput, IngredientInput } from '@hammock/core';
import type { Changed, DishRecord, DishSpec, Fields, PlanRecord } from '@hammock/core/records';
import type { Draft } from './draftOf.js';

/** The plan as the server last had it: what a change stands on. */
interface StoredPlan {
  readonly planId: string;
  readonly revision: number;
  readonly said: Fields | null;
}

export interface DraftStore {
  readonly draft: Draft | null;
  readonly stored: StoredPlan | null;
  /** True from a change until it is written down for the server. */
  readonly unsent: boolean;
  /** Plans with changes of their own that another dish took the place of, the last one first. */
  readonly aside: readonly Draft[];
  readonly chooseDish: (dish: DishRecord) => void;
  /** Takes up a plan that was set aside; the present one is set aside in its turn. */
  readonly goBackTo: (planId: string) => void;
  readonly choose: (change: Partial<Pick<Draft, 'bagId' | 'vesselId' | 'hobId' | 'cupId'>>) => void;
  readonly setPortions: (portions: number) => void;
  readonly setGrain: (amount: AmountInput) => void;
  /** Changes fields of the dish, and drops those that no longer belong to it. */
  readonly setSpec: (change: Partial<DishSpec>, drop?: readonly (keyof DishSpec)[]) => void;
  readonly setIngredient: (
    index: number,
    change: Partial<IngredientInput>,
    drop?: readonly (keyof IngredientInput)[],
  ) => void;
  readonly addIngredient: (ingredient: IngredientInput) => void;
  /** Puts a whole list in, after what is there already. */
  /** The rest of the dish to fit the grain there is. */
  readonly fitToGrain: (factor: number) => void;
  readonly removeIngredient: (index: number) => void;
  /** Says which dish this plan now is. */
  readonly called: (dishId: string, label: string) => void;
  /** Takes up an earlier plan again, as a new one. */
  readonly takeUp: (
    from: Pick<PlanRecord, 'dishId' | 'label' | 'bagId' | 'vesselId' | 'hobId' | 'cupId' | 'input'>,
  ) => void;
  /** Changes several fields in one step of undo. */
  readonly change: (fields: Partial<Draft>) => void;
  /** Reads the newest plan; waits for the kitchen, which is being read. */
  readonly load: (kitchen?: Promise<unknown>) => Promise<void>;
  /** Takes the plan as the server has it up, where nothing newer is on its way from here. */
  readonly hear: (rows: readonly Changed<PlanRecord>[]) => void;
}
