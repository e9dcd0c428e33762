import {
  scalePlan,
  type AmountInput,
  type DishRecord,
  type DishSpec,
  type IngredientInput,
  type PlanInput,
  type PlanRecord,
} from '@hammock/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { ask } from '../api/http.js';
import { useKitchen, type KitchenLists } from './kitchen.js';
import { useOutbox } from './outbox.js';

/** The plan being worked on: a dish for so many, and which of the household's things it is made with. */
export interface Draft {
  readonly planId: string;
  readonly dishId: string | null;
  readonly label: string;
  readonly spec: DishSpec;
  readonly bagId: string | null;
  readonly vesselId: string | null;
  readonly hobId: string | null;
  readonly changedAtMs: number;
}

export interface DraftStore {
  readonly draft: Draft | null;
  readonly chooseDish: (dish: DishRecord) => void;
  readonly choose: (change: Partial<Pick<Draft, 'bagId' | 'vesselId' | 'hobId'>>) => void;
  readonly setPortions: (portions: number) => void;
  readonly setGrain: (amount: AmountInput) => void;
  readonly setSpec: (change: Partial<DishSpec>) => void;
  readonly setIngredient: (index: number, change: Partial<IngredientInput>) => void;
  readonly addIngredient: (ingredient: IngredientInput) => void;
  readonly removeIngredient: (index: number) => void;
  /** Says which dish this plan now is. */
  readonly called: (dishId: string, label: string) => void;
  /** Takes up an earlier plan again, as a new one. */
  readonly takeUp: (
    from: Pick<PlanRecord, 'dishId' | 'label' | 'bagId' | 'vesselId' | 'hobId' | 'input'>,
  ) => void;
  readonly load: () => Promise<void>;
}

const SEND_AFTER_MS = 500;
let sendTimer: ReturnType<typeof setTimeout> | undefined;

/** The draft, kept in the browser at every keystroke and on the server a moment later. */
export const useDraft = create<DraftStore>()(
  persist(
    (set, get) => {
      const put = (draft: Draft): void => {
        set({ draft: { ...draft, changedAtMs: Date.now() } });
        clearTimeout(sendTimer);
        sendTimer = setTimeout(send, SEND_AFTER_MS);
      };
      const change = (fields: Partial<Draft>): void => {
        const { draft } = get();
        if (draft) put({ ...draft, ...fields });
      };
      const changeSpec = (fields: Partial<DishSpec>): void => {
        const { draft } = get();
        if (draft) put({ ...draft, spec: { ...draft.spec, ...fields } });
      };
      return {
        draft: null,
        chooseDish: (dish) => {
          put(draftOf(dish, get().draft));
        },
        choose: (fields) => {
          const bag = useKitchen.getState().bags.find((b) => b.id === fields.bagId);
          const { draft } = get();
          if (draft)
            put({ ...draft, ...fields, spec: bag ? { ...draft.spec, grainId: bag.grainId } : draft.spec });
        },
        setPortions: (portions) => {
          const { draft } = get();
          if (!draft || !Number.isFinite(portions) || portions < 1) return;
          const before = draft.spec.portions ?? 4;
          change({ spec: { ...specOf(scalePlan(draft.spec as PlanInput, portions / before)), portions } });
        },
        setGrain: (grain) => {
          changeSpec({ grain });
        },
        setSpec: changeSpec,
        setIngredient: (index, fields) => {
          const list = get().draft?.spec.ingredients ?? [];
          changeSpec({ ingredients: list.map((item, i) => (i === index ? { ...item, ...fields } : item)) });
        },
        addIngredient: (ingredient) => {
          changeSpec({ ingredients: [...(get().draft?.spec.ingredients ?? []), ingredient] });
        },
        removeIngredient: (index) => {
          changeSpec({ ingredients: (get().draft?.spec.ingredients ?? []).filter((_, i) => i !== index) });
        },
        called: (dishId, label) => {
          change({ dishId, label });
        },
        takeUp: ({ dishId, label, bagId, vesselId, hobId, input }) => {
          put({
            planId: crypto.randomUUID(),
            dishId,
            label,
            bagId,
            vesselId,
            hobId,
            spec: specOf(input),
            changedAtMs: 0,
          });
        },
        load: async () => {
          const reply = await ask('GET', '/api/plans');
          const [newest] = reply.kind === 'stored' ? (reply.body as PlanRecord[]) : [];
          const { draft } = get();
          if (newest && newest.updatedAtMs > (draft?.changedAtMs ?? 0)) set({ draft: draftFrom(newest) });
          else if (!draft) {
            const [dish] = useKitchen.getState().dishes;
            if (dish) set({ draft: draftOf(dish, null) });
          }
        },
      };
    },
    { name: 'hammock.draft', partialize: ({ draft }) => ({ draft }) },
  ),
);

function send(): void {
  const { draft } = useDraft.getState();
  if (!draft) return;
  const { planId, dishId, label, bagId, vesselId, hobId } = draft;
  const body = {
    dishId,
    label,
    bagId,
    vesselId,
    hobId,
    cupId: null,
    input: planInputOf(draft, useKitchen.getState()),
  };
  useOutbox.getState().post({ key: `plan/${planId}`, method: 'PUT', path: `/api/plans/${planId}`, body });
}

/** Sends what has not been sent yet, for when the page is being left. */
export function sendDraftNow(): void {
  if (sendTimer === undefined) return;
  clearTimeout(sendTimer);
  sendTimer = undefined;
  send();
}

function draftOf(dish: DishRecord, before: Draft | null): Draft {
  const { household, bags, vessels, hobs } = useKitchen.getState();
  const spec: DishSpec = { portions: 4, texture: household.texture, served: household.served, ...dish.spec };
  return {
    planId: before?.planId ?? crypto.randomUUID(),
    dishId: dish.id,
    label: dish.label,
    spec,
    bagId: bags.find((b) => b.grainId === spec.grainId)?.id ?? null,
    vesselId: before?.vesselId ?? (vessels[1] ?? vessels[0])?.id ?? null,
    hobId: before?.hobId ?? hobs[0]?.id ?? null,
    changedAtMs: Date.now(),
  };
}

const draftFrom = (plan: PlanRecord): Draft => ({
  planId: plan.id,
  dishId: plan.dishId,
  label: plan.label,
  spec: specOf(plan.input),
  bagId: plan.bagId,
  vesselId: plan.vesselId,
  hobId: plan.hobId,
  changedAtMs: plan.updatedAtMs,
});

function specOf(input: PlanInput): DishSpec {
  const { vessel, hob, altitudeM, roomC, cupMl, ...spec } = input;
  return spec;
}

/** The plan the core is asked about: the draft in this household's pot, on its hob, at its altitude, by its cup. */
export function planInputOf(
  draft: Draft,
  kitchen: KitchenLists & { household: { altitudeM: number; roomC: number } },
): PlanInput {
  const vessel = kitchen.vessels.find((v) => v.id === draft.vesselId);
  const hob = kitchen.hobs.find((h) => h.id === draft.hobId);
  const cup = kitchen.cups.find((c) => c.kind === 'cup');
  const pot = vessel && {
    diameterCm: vessel.diameterCm,
    volumeMl: vessel.volumeMl,
    lid: vessel.lid,
    wall: vessel.wall,
  };
  return {
    ...draft.spec,
    // Without a pot the core says so at the field; the type only knows plans that have one.
    ...(pot ? { vessel: pot } : ({} as { vessel: PlanInput['vessel'] })),
    ...(hob ? { hob: { kind: hob.kind, powerW: hob.powerW } } : {}),
    altitudeM: kitchen.household.altitudeM,
    roomC: kitchen.household.roomC,
    ...(cup ? { cupMl: cup.ml } : {}),
  };
}
