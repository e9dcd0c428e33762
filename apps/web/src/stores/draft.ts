import {
  METHOD_VESSEL,
  readWaterTest,
  scalePlan,
  withMeasured,
  type AmountInput,
  type DishRecord,
  type DishSpec,
  type IngredientInput,
  type IngredientRecord,
  type OwnIngredient,
  type PlanInput,
  type PlanRecord,
} from '@hammock/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { ask } from '../api/http.js';
import { useKitchen, type KitchenLists } from './kitchen.js';
import { changesBetween, onUndo, useHistory, withChanges } from './history.js';
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
  /** Changes fields of the dish, and drops those that no longer belong to it. */
  readonly setSpec: (change: Partial<DishSpec>, drop?: readonly (keyof DishSpec)[]) => void;
  readonly setIngredient: (index: number, change: Partial<IngredientInput>) => void;
  readonly addIngredient: (ingredient: IngredientInput) => void;
  /** Puts a whole list in, after what is there already. */
  readonly addIngredients: (list: readonly IngredientInput[]) => void;
  /** The rest of the dish to fit the grain there is. */
  readonly fitToGrain: (factor: number) => void;
  readonly removeIngredient: (index: number) => void;
  /** Says which dish this plan now is. */
  readonly called: (dishId: string, label: string) => void;
  /** Takes up an earlier plan again, as a new one. */
  readonly takeUp: (
    from: Pick<PlanRecord, 'dishId' | 'label' | 'bagId' | 'vesselId' | 'hobId' | 'input'>,
  ) => void;
  /** Puts earlier fields back, for undo. */
  readonly putBack: (fields: Partial<Draft>) => void;
  readonly load: () => Promise<void>;
}

/** The part of a draft that undo puts back. */
const undoable = ({ dishId, label, spec, bagId, vesselId, hobId }: Draft) => ({
  dishId,
  label,
  spec,
  bagId,
  vesselId,
  hobId,
});
let undoing = false;

const SEND_AFTER_MS = 500;
let sendTimer: ReturnType<typeof setTimeout> | undefined;

/** The draft, kept in the browser at every keystroke and on the server a moment later. */
export const useDraft = create<DraftStore>()(
  persist(
    (set, get) => {
      const put = (draft: Draft): void => {
        const { draft: before } = get();
        if (before && !undoing)
          useHistory
            .getState()
            .record({ target: 'draft', changes: changesBetween(undoable(before), undoable(draft)) });
        set({ draft: { ...draft, changedAtMs: Date.now() } });
        clearTimeout(sendTimer);
        sendTimer = setTimeout(send, SEND_AFTER_MS);
      };
      const change = (fields: Partial<Draft>): void => {
        const { draft } = get();
        if (draft) put({ ...draft, ...fields });
      };
      const changeSpec = (fields: Partial<DishSpec>, drop: readonly (keyof DishSpec)[] = []): void => {
        const { draft } = get();
        if (!draft) return;
        const spec: DishSpec = { ...draft.spec, ...fields };
        for (const key of drop) Reflect.deleteProperty(spec, key);
        put({ ...draft, spec });
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
        addIngredients: (list) => {
          changeSpec({ ingredients: [...(get().draft?.spec.ingredients ?? []), ...list] });
        },
        fitToGrain: (factor) => {
          const { draft } = get();
          if (!draft) return;
          const { grain, portions } = draft.spec;
          const scaled = specOf(scalePlan(draft.spec as PlanInput, factor));
          change({ spec: { ...scaled, grain, portions: Math.max(1, (portions ?? 4) * factor) } });
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
        putBack: change,
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

onUndo('draft', (_rest, changes, back) => {
  const { draft, putBack } = useDraft.getState();
  if (!draft) return;
  undoing = true;
  try {
    putBack(withChanges(undoable(draft), changes, back));
  } finally {
    undoing = false;
  }
});

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
  const kind = METHOD_VESSEL[spec.method ?? 'coveredAbsorption'];
  const fits = (id: string | null | undefined): boolean => vessels.find((v) => v.id === id)?.kind === kind;
  return {
    planId: before?.planId ?? crypto.randomUUID(),
    dishId: dish.id,
    label: dish.label,
    spec,
    bagId: bags.find((b) => b.grainId === spec.grainId)?.id ?? null,
    vesselId: fits(before?.vesselId)
      ? (before?.vesselId ?? null)
      : ((
          vessels.filter((v) => v.kind === kind)[kind === 'pot' ? 1 : 0] ??
          vessels.find((v) => v.kind === kind) ??
          vessels[0]
        )?.id ?? null),
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
  const { vessel, hob, altitudeM, roomC, cupMl, own, ...spec } = input;
  return spec;
}

/** The plan the core is asked about: the draft in this household's pot, on its hob, at its altitude, by its cup. */
export function planInputOf(
  draft: Pick<Draft, 'spec' | 'vesselId' | 'hobId'>,
  kitchen: KitchenLists & { household: { altitudeM: number; roomC: number } },
): PlanInput {
  const cup = kitchen.cups.find((c) => c.kind === 'cup');
  const own = ownIn(draft.spec, kitchen.ingredients);
  return {
    ...draft.spec,
    ...equipmentOf(draft, kitchen),
    altitudeM: kitchen.household.altitudeM,
    roomC: kitchen.household.roomC,
    ...(own.length === 0 ? {} : { own }),
    ...(cup ? { cupMl: cup.ml } : {}),
  };
}

/** Pot and hob with what a water test has measured on the two together. */
function equipmentOf(
  { vesselId, hobId }: Pick<Draft, 'vesselId' | 'hobId'>,
  kitchen: KitchenLists & { household: { altitudeM: number; roomC: number } },
): Pick<PlanInput, 'vessel'> & Partial<Pick<PlanInput, 'hob'>> {
  const vessel = kitchen.vessels.find((v) => v.id === vesselId);
  const hob = kitchen.hobs.find((h) => h.id === hobId);
  // Without a pot the core says so at the field; the type only knows plans that have one.
  if (!vessel) return {} as Pick<PlanInput, 'vessel'>;
  const { diameterCm, volumeMl, lid, wall, kind } = vessel;
  const pot = { diameterCm, volumeMl, lid, wall, kind };
  if (!hob) return { vessel: pot };
  const ring = { kind: hob.kind, powerW: hob.powerW };
  const tests = kitchen.steamTests.filter((t) => t.vesselId === vesselId && t.hobId === hobId);
  const measured = tests.flatMap((test) => {
    const found = readWaterTest(test, pot, ring, kitchen.household);
    return 'problem' in found ? [] : [{ ...found, heat: test.heat }];
  });
  return withMeasured(pot, ring, measured);
}

/** The own ingredients this dish names, with all they are like. */
function ownIn(spec: DishSpec, kept: readonly IngredientRecord[]): readonly OwnIngredient[] {
  const found = new Map<string, OwnIngredient>();
  const take = (id: string | undefined): void => {
    const record = kept.find((r) => r.id === id);
    if (!record || found.has(record.id)) return;
    found.set(record.id, { ...record.figures, id: record.id, name: record.label });
    take(record.figures.like);
  };
  for (const { ingredientId } of spec.ingredients ?? []) take(ingredientId);
  take(spec.pourWith);
  take(spec.thenWith);
  return [...found.values()];
}
