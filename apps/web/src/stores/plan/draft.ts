import type { PlanInput } from '@hammock/core';
import type { DishSpec, Fields, PlanRecord } from '@hammock/core/records';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { ask } from '../../api/http.js';
import { onDevice } from '../../storage/deviceStorage.js';
import { revisionIn, saidIn } from '../../sync/mergeConflict.js';
import { DRAFT_SHAPE, draftWithRevisions } from './draftKept.js';
import type { DraftStore } from './draftStore.js';
import { draftFrom, draftOf, specOf, type Draft } from './draftOf.js';
import { changesBetween, onUndo, useUndo, withChanges } from '../session/undo.js';
import { useKitchen } from '../kitchen/kitchen.js';
import { onWrites, useOutbox } from '../session/pendingWrites.js';
import { withCore } from './core.js';
import { without } from './without.js';
import { withOneSoak } from './oneSoak.js';
import { bodyOf, isBlank } from './sentPlan.js';
import { withAside } from './setAside.js';
import { newId } from '../../storage/newId.js';

/** The part of a draft that undo puts back. */
const undoable = ({ dishId, label, spec, bagId, vesselId, hobId, cupId = null }: Draft) => ({
  dishId,
  label,
  spec,
  bagId,
  vesselId,
  hobId,
  cupId,
});
let undoing = false;

const SEND_AFTER_MS = 500;
let sendTimer: ReturnType<typeof setTimeout> | undefined;

type KeptDraft = Pick<DraftStore, 'draft' | 'stored' | 'unsent' | 'aside'>;

const keyOf = (planId: string): string => `plan/${planId}`;

/** Whether something typed here is not at the server yet. */
const isBusy = ({ draft, unsent }: Pick<KeptDraft, 'draft' | 'unsent'>): boolean =>
  unsent || (draft !== null && useOutbox.getState().waits(keyOf(draft.planId)));

/** The draft, kept in the browser at every keystroke and on the server a moment later. */
export const useDraft = create<DraftStore>()(
  persist(
    (set, get) => {
      const put = (draft: Draft): void => {
        const { draft: before } = get();
        if (before && !undoing)
          useUndo
            .getState()
            .record({ target: 'draft', changes: changesBetween(undoable(before), undoable(draft)) });
        set({ draft, unsent: true });
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
        const spec: DishSpec = { ...draft.spec, ...withOneSoak(draft.spec, fields) };
        for (const key of drop) Reflect.deleteProperty(spec, key);
        put({ ...draft, spec });
      };
      return {
        draft: null,
        stored: null,
        unsent: false,
        aside: [],
        chooseDish: (dish) => {
          const { draft: before, aside } = get();
          const next = withAside(aside, before);
          const made = draftOf(dish, before);
          set({ aside: next });
          // What is set aside goes on being a plan of its own, at the server too.
          put(next === aside ? made : { ...made, planId: newId() });
        },
        goBackTo: (planId) => {
          const { draft: before, aside } = get();
          const wanted = aside.find((d) => d.planId === planId);
          if (!wanted) return;
          set({
            aside: withAside(
              aside.filter((d) => d !== wanted),
              before,
            ),
          });
          put(wanted);
        },
        choose: (fields) => {
          const bag = useKitchen.getState().bags.find((b) => b.id === fields.bagId);
          const { draft } = get();
          if (draft)
            put({ ...draft, ...fields, spec: bag ? { ...draft.spec, grainId: bag.grainId } : draft.spec });
        },
        setPortions: (portions) => {
          if (!Number.isFinite(portions) || portions < 1) return;
          withCore(({ scalePlan }) => {
            const { draft } = get();
            if (!draft) return;
            const before = draft.spec.portions ?? 4;
            change({ spec: { ...specOf(scalePlan(draft.spec as PlanInput, portions / before)), portions } });
          });
        },
        setGrain: (grain) => {
          changeSpec({ grain });
        },
        setSpec: changeSpec,
        setIngredient: (index, fields, drop = []) => {
          const list = get().draft?.spec.ingredients ?? [];
          changeSpec({
            ingredients: list.map((item, i) => (i === index ? { ...without(item, drop), ...fields } : item)),
          });
        },
        addIngredient: (ingredient) => {
          changeSpec({ ingredients: [...(get().draft?.spec.ingredients ?? []), ingredient] });
        },
        fitToGrain: (factor) => {
          withCore(({ scalePlan }) => {
            const { draft } = get();
            if (!draft) return;
            const { grain, portions } = draft.spec;
            const scaled = specOf(scalePlan(draft.spec as PlanInput, factor));
            change({ spec: { ...scaled, grain, portions: Math.max(1, (portions ?? 4) * factor) } });
          });
        },
        removeIngredient: (index) => {
          changeSpec({ ingredients: (get().draft?.spec.ingredients ?? []).filter((_, i) => i !== index) });
        },
        called: (dishId, label) => {
          const dishSeen = useKitchen.getState().dishes.find((d) => d.id === dishId);
          change({ dishId, label, ...(dishSeen ? { dishSeen } : {}) });
        },
        takeUp: ({ dishId, label, bagId, vesselId, hobId, cupId, input }) => {
          put({
            planId: newId(),
            dishId,
            label,
            bagId,
            vesselId,
            hobId,
            cupId,
            spec: specOf(input),
          });
        },
        change,
        load: async (kitchen) => {
          // Both are on their way at once; a first plan is made of the kitchen's dishes.
          const [reply] = await Promise.all([ask('GET', '/api/plans'), kitchen]);
          const [newest] = reply.kind === 'stored' ? (reply.body as PlanRecord[]) : [];
          const { draft, stored } = get();
          if (newest && newest.revision > (stored?.revision ?? 0) && !isBusy(get())) takeUpRow(newest);
          else if (!draft) {
            const [dish] = useKitchen.getState().dishes;
            if (dish) set({ draft: draftOf(dish, null) });
          }
          // Written before the page was closed, and closed before it was sent.
          if (get().unsent) send();
        },
        hear: (rows) => {
          for (const row of rows) {
            const { draft, stored } = get();
            useOutbox.getState().heardOf(keyOf(row.id), row);
            if (row.id !== draft?.planId || row.deletedAtMs !== null || isBusy(get())) continue;
            if (row.revision > (stored?.revision ?? 0)) takeUpRow(row);
          }
        },
      };
    },
    onDevice<DraftStore, KeptDraft>({
      name: 'hammock.draft',
      lasts: true,
      version: 1,
      shape: DRAFT_SHAPE,
      steps: [draftWithRevisions],
      keeps: ({ draft, stored, unsent, aside }: DraftStore) => ({ draft, stored, unsent, aside }),
    }),
  ),
);

onUndo('draft', (_rest, changes, back) => {
  const { draft, change } = useDraft.getState();
  if (!draft) return;
  undoing = true;
  try {
    change(withChanges(undoable(draft), changes, back));
  } finally {
    undoing = false;
  }
});

function send(): void {
  const { draft, stored } = useDraft.getState();
  sendTimer = undefined;
  // A pot that has no grain yet is no plan a server could keep.
  if (!draft || isBlank(draft)) return;
  const { planId, dishId, label } = draft;
  const body = bodyOf(draft);
  const mine = stored?.planId === planId ? stored : undefined;
  useOutbox.getState().send({
    key: keyOf(planId),
    thread: keyOf(planId),
    // A plan names its dish: that goes first.
    after: dishId === null ? [] : [`kitchen/dishes/${dishId}`],
    label,
    method: 'PUT',
    path: `/api/plans/${planId}`,
    // As it will be read: what is undefined here does not travel.
    body: JSON.parse(JSON.stringify(body)) as Fields,
    stands: { revision: mine?.revision, base: mine?.said },
  });
  useDraft.setState({ unsent: false });
}

/** Sends what has not been sent yet, for when the page is being left. What was sent already is not sent again. */
export function sendDraftNow(): void {
  if (sendTimer === undefined) return;
  clearTimeout(sendTimer);
  send();
}

onWrites('plan', {
  stored: ({ path, body }, row) => {
    const planId = path.split('/').at(-1) ?? '';
    if (typeof row === 'object' && row !== null && useDraft.getState().draft?.planId === planId)
      useDraft.setState({ stored: { planId, revision: revisionIn(row as Fields), said: body ?? null } });
  },
  merged: ({ key, id }, said, current) => {
    const { draft } = useDraft.getState();
    const isNewer = useOutbox.getState().writes.some((l) => l.key === key && l.id !== id);
    if (!draft || keyOf(draft.planId) !== key || said === null || isNewer || sendTimer !== undefined) return;
    useDraft.setState({
      draft: draftFrom({ ...(said as unknown as PlanRecord), id: draft.planId }),
      stored: { planId: draft.planId, revision: revisionIn(current), said: saidIn(current) },
    });
  },
});

/** The draft becomes what the server has. */
function takeUpRow(row: PlanRecord): void {
  const stored = { planId: row.id, revision: row.revision, said: saidIn({ ...row }) };
  useDraft.setState({ draft: draftFrom(row), stored, unsent: false });
}
