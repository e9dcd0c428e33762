import type { Changed, Fields, HouseholdRecord, KeptRecord } from '@hammock/core/records';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { ask } from '../../api/http.js';
import { deviceNowMs } from '../../storage/deviceClock.js';
import { onDevice } from '../../storage/deviceStorage.js';
import { revisionIn, saidIn } from '../../sync/mergeConflict.js';
import { changesBetween, onUndo, useUndo, withChanges } from '../session/undo.js';
import {
  KINDS,
  KITCHEN_SHAPE,
  kitchenWithRevisions,
  NO_HOUSEHOLD,
  pathOf,
  type KitchenFields,
  type KitchenKind,
  type KitchenLists,
} from './kitchenKept.js';
import { edited, fieldsOf, withRow } from './kitchenRows.js';
import type { KeptKitchen, Kitchen } from './kitchenStore.js';
import { loadLearnt } from './learnt.js';
import { onWrites, useOutbox } from '../session/pendingWrites.js';

const HOUSEHOLD_KEY = 'kitchen/household';
const keyOf = (kind: KitchenKind, id: string): string => `kitchen/${kind}/${id}`;

/** Revisions of what was taken away in this visit: putting it back stands on them. */
const takenAway = new Map<string, number>();

/** The server's list, with what is on its way from here as it is here. */
function withWaiting(
  kind: KitchenKind,
  there: readonly KeptRecord[],
  here: readonly KeptRecord[],
): readonly KeptRecord[] {
  const { waits } = useOutbox.getState();
  const isWaiting = ({ id }: KeptRecord): boolean => waits(keyOf(kind, id));
  return [
    ...there.flatMap((row) => (isWaiting(row) ? here.filter((r) => r.id === row.id) : [row])),
    ...here.filter((row) => isWaiting(row) && !there.some((r) => r.id === row.id)),
  ];
}

/** What this kitchen has; changed here first and on the server as soon as it can be. */
export const useKitchen = create<Kitchen>()(
  persist(
    (set, get) => ({
      household: NO_HOUSEHOLD,
      bags: [],
      vessels: [],
      hobs: [],
      cups: [],
      dishes: [],
      ingredients: [],
      methods: [],
      steamTests: [],
      state: 'empty',
      load: async () => {
        const replies = await Promise.all(
          ['household', ...KINDS.map(pathOf)].map((path) => ask('GET', `/api/${path}`)),
        );
        useOutbox.getState().noteReachable(replies.every((r) => r.kind !== 'gone'));
        const [household, ...lists] = replies.map((r) => (r.kind === 'stored' ? r.body : undefined));
        if (!household || lists.some((l) => l === undefined)) return false;
        const loaded = Object.fromEntries(
          KINDS.map((kind, i) => [kind, lists[i]]),
        ) as unknown as KitchenLists;
        const { household: here } = get();
        set({
          household: useOutbox.getState().waits(HOUSEHOLD_KEY) ? here : (household as HouseholdRecord),
          ...(Object.fromEntries(
            KINDS.map((kind) => [kind, withWaiting(kind, loaded[kind], get()[kind])]),
          ) as unknown as KitchenLists),
          state: 'loaded',
        });
        return true;
      },
      loadForGuest: async () => {
        const reply = await ask('GET', '/api/household');
        if (reply.kind !== 'stored') return false;
        // Nothing else of the kitchen is a guest's to see, nor to have remembered.
        set({
          household: reply.body as HouseholdRecord,
          ...(Object.fromEntries(KINDS.map((kind) => [kind, []])) as unknown as KitchenLists),
          state: 'loaded',
        });
        return true;
      },
      keep: (kind, id, given, seen) => {
        const now = deviceNowMs();
        const list = get()[kind] as readonly KeptRecord[];
        const before = list.find((r) => r.id === id);
        // A record may be given back as it was read: what the server adds is not part of what is said.
        const said = fieldsOf(given as KitchenFields[typeof kind] & KeptRecord);
        const { fields, stoodOn } = edited(said, seen, before);
        const record = {
          ...fields,
          id,
          createdAtMs: before?.createdAtMs ?? now,
          updatedAtMs: now,
          revision: before?.revision ?? 0,
        };
        const changed = before ? list.map((r) => (r.id === id ? record : r)) : [...list, record];
        note(`${kind}/${id}`, before && fieldsOf(before), fields);
        set({ [kind]: changed } as unknown as Partial<Kitchen>);
        post(kind, id, stoodOn, fields);
      },
      remove: (kind, id) => {
        const list = get()[kind] as readonly KeptRecord[];
        const before = list.find((r) => r.id === id);
        note(`${kind}/${id}`, before && fieldsOf(before), undefined);
        set({ [kind]: list.filter((r) => r.id !== id) } as unknown as Partial<Kitchen>);
        post(kind, id, before, undefined);
      },
      setHousehold: (change) => {
        const { household } = get();
        const { revision, ...before } = household;
        const body = { ...before, ...change };
        note('household', before, body);
        set({ household: { ...body, revision } });
        const stands = { revision, base: before };
        const about = { key: HOUSEHOLD_KEY, thread: HOUSEHOLD_KEY, label: 'the household' };
        useOutbox.getState().send({ ...about, method: 'PUT', path: '/api/household', body, stands });
      },
      hear: (changes) => {
        const { waits, heardOf } = useOutbox.getState();
        if (changes.household && waits(HOUSEHOLD_KEY)) heardOf(HOUSEHOLD_KEY, changes.household);
        else if (changes.household) set({ household: changes.household });
        for (const kind of KINDS)
          for (const row of changes[kind] ?? []) {
            if (row.deletedAtMs !== null) takenAway.set(keyOf(kind, row.id), row.revision);
            if (waits(keyOf(kind, row.id))) heardOf(keyOf(kind, row.id), row);
            else set({ [kind]: withRow(get()[kind], row) } as unknown as Partial<Kitchen>);
          }
      },
    }),
    onDevice<Kitchen, KeptKitchen>({
      name: 'hammock.kitchen',
      lasts: true,
      version: 1,
      shape: KITCHEN_SHAPE,
      steps: [kitchenWithRevisions],
      keeps: ({ household, state, ...lists }: Kitchen) => ({
        household,
        ...(Object.fromEntries(KINDS.map((kind) => [kind, lists[kind]])) as unknown as KitchenLists),
        state: state === 'empty' ? ('empty' as const) : ('remembered' as const),
      }),
    }),
  ),
);

let undoing = false;

function note(thing: string, before: object | undefined, after: object | undefined): void {
  if (undoing) return;
  useUndo.getState().record({
    target: `kitchen/${thing}`,
    changes: changesBetween({ it: before }, { it: after }),
  });
}

onUndo('kitchen', (rest, changes, back) => {
  const { keep, remove, household, setHousehold, ...lists } = useKitchen.getState();
  if (rest === 'household') {
    const { revision, ...said } = household;
    undone(() => setHousehold(withChanges({ it: said }, changes, back).it));
    return;
  }
  const [kind, id] = rest.split('/') as [KitchenKind, string];
  const now = (lists[kind] as readonly KeptRecord[]).find((r) => r.id === id);
  const { it } = withChanges<{ it?: unknown }>({ it: now && fieldsOf(now) }, changes, back);
  undone(() => {
    if (it === undefined) remove(kind, id);
    else keep(kind, id, it as KitchenFields[KitchenKind]);
  });
});

/** Puts something back: that is no edit of its own. */
function undone(work: () => void): void {
  undoing = true;
  try {
    work();
  } finally {
    undoing = false;
  }
}

function post(
  kind: KitchenKind,
  id: string,
  before: KeptRecord | undefined,
  fields: object | undefined,
): void {
  const key = keyOf(kind, id);
  const named = (fields ?? before) as { readonly label?: string } | undefined;
  useOutbox.getState().send({
    key,
    thread: key,
    label: named?.label ?? 'something of the kitchen',
    path: `/api/${pathOf(kind)}/${id}`,
    ...(fields ? { method: 'PUT', body: { ...fields } } : { method: 'DELETE' }),
    stands: before
      ? { revision: before.revision, base: { ...fieldsOf(before) } }
      : { revision: takenAway.get(key), base: takenAway.has(key) ? null : undefined },
  });
}

/** What a write about a thing of the kitchen says, here: after it was stored, merged or settled. */
function takeUp(key: string, said: Fields | null, row: Fields): void {
  const [, kind, id] = key.split('/') as [string, KitchenKind | 'household', string];
  const revision = revisionIn(row);
  const { household } = useKitchen.getState();
  if (kind === 'household') {
    useKitchen.setState({ household: { ...household, ...said, revision } });
    return;
  }
  if (said === null) takenAway.set(key, revision);
  const before = (useKitchen.getState()[kind] as readonly KeptRecord[]).find((r) => r.id === id);
  const times = { createdAtMs: 0, updatedAtMs: 0, ...before, ...row, deletedAtMs: said === null ? 1 : null };
  const record = { ...times, ...said, id, revision } as Changed<KeptRecord>;
  useKitchen.setState({
    [kind]: withRow(useKitchen.getState()[kind], record),
  } as unknown as Partial<Kitchen>);
}

onWrites('kitchen', {
  stored: ({ key }, row) => {
    // A newer change of the same thing is on its way: what is here stays, and stands on this.
    if (useOutbox.getState().waits(key) || typeof row !== 'object' || row === null) return;
    takeUp(key, saidIn(row as Fields), row as Fields);
    // What the household says itself is learnt from.
    if (key === HOUSEHOLD_KEY) void loadLearnt();
  },
  merged: ({ key, id }, said, current) => {
    const newer = useOutbox.getState().writes.some((l) => l.key === key && l.id !== id);
    if (!newer) takeUp(key, said, current);
  },
});
