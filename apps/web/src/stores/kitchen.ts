import type {
  BagFields,
  BagRecord,
  CupFields,
  CupRecord,
  DishFields,
  DishRecord,
  HobFields,
  HobRecord,
  HouseholdRecord,
  KeptRecord,
  Measure,
  VesselFields,
  VesselRecord,
} from '@hammock/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { ask } from '../api/http.js';
import { useOutbox } from './outbox.js';

/** The kinds of thing a kitchen keeps, by the name of their list. */
export interface KitchenLists {
  readonly bags: readonly BagRecord[];
  readonly vessels: readonly VesselRecord[];
  readonly hobs: readonly HobRecord[];
  readonly cups: readonly CupRecord[];
  readonly dishes: readonly DishRecord[];
}
export type KitchenKind = keyof KitchenLists;

export interface KitchenFields {
  readonly bags: BagFields;
  readonly vessels: VesselFields;
  readonly hobs: HobFields;
  readonly cups: CupFields;
  readonly dishes: DishFields;
}

export interface Kitchen extends KitchenLists {
  readonly household: HouseholdRecord;
  /** `loaded` from this visit's server, `remembered` from an earlier one, `empty` when neither. */
  readonly state: 'empty' | 'remembered' | 'loaded';
  readonly load: () => Promise<void>;
  readonly keep: <K extends KitchenKind>(kind: K, id: string, fields: KitchenFields[K]) => void;
  readonly remove: (kind: KitchenKind, id: string) => void;
  readonly setHousehold: (change: Partial<HouseholdRecord>) => void;
}

const KINDS: readonly KitchenKind[] = ['bags', 'vessels', 'hobs', 'cups', 'dishes'];

const NO_HOUSEHOLD: HouseholdRecord = {
  name: '',
  altitudeM: 0,
  roomC: 20,
  texture: 2,
  served: 'plain',
  metric: false,
};

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
      state: 'empty',
      load: async () => {
        const replies = await Promise.all(['household', ...KINDS].map((path) => ask('GET', `/api/${path}`)));
        useOutbox.getState().noteReachable(replies.every((r) => r.kind !== 'gone'));
        // Changes still in the outbox are newer than what the server has.
        if (useOutbox.getState().letters.some((l) => l.key.startsWith('kitchen/'))) return;
        const [household, ...lists] = replies.map((r) => (r.kind === 'stored' ? r.body : undefined));
        if (!household || lists.some((l) => l === undefined)) return;
        const loaded = Object.fromEntries(
          KINDS.map((kind, i) => [kind, lists[i]]),
        ) as unknown as KitchenLists;
        set({ household: household as HouseholdRecord, ...loaded, state: 'loaded' });
      },
      keep: (kind, id, fields) => {
        const now = Date.now();
        const list = get()[kind] as readonly KeptRecord[];
        const before = list.find((r) => r.id === id);
        const record = { ...fields, id, createdAtMs: before?.createdAtMs ?? now, updatedAtMs: now };
        const changed = before ? list.map((r) => (r.id === id ? record : r)) : [...list, record];
        set({ [kind]: changed } as unknown as Partial<Kitchen>);
        post(kind, id, { method: 'PUT', body: fields });
      },
      remove: (kind, id) => {
        const list = get()[kind] as readonly KeptRecord[];
        set({ [kind]: list.filter((r) => r.id !== id) } as unknown as Partial<Kitchen>);
        post(kind, id, { method: 'DELETE' });
      },
      setHousehold: (change) => {
        const household = { ...get().household, ...change };
        set({ household });
        useOutbox
          .getState()
          .post({ key: 'kitchen/household', method: 'PUT', path: '/api/household', body: household });
      },
    }),
    {
      name: 'hammock.kitchen',
      partialize: ({ household, bags, vessels, hobs, cups, dishes, state }) => ({
        household,
        bags,
        vessels,
        hobs,
        cups,
        dishes,
        state: state === 'empty' ? ('empty' as const) : ('remembered' as const),
      }),
    },
  ),
);

function post(kind: KitchenKind, id: string, letter: { method: 'PUT' | 'DELETE'; body?: unknown }): void {
  useOutbox.getState().post({ key: `kitchen/${kind}/${id}`, path: `/api/${kind}/${id}`, ...letter });
}

/** The household's cups, spoons and jugs as the core measures with them. */
export const measuresOf = (cups: readonly CupRecord[]): Measure[] =>
  cups.map(({ kind, label, ml, parts, stepMl }) => ({
    kind,
    label,
    ml,
    parts,
    ...(stepMl === null ? {} : { stepMl }),
  }));
