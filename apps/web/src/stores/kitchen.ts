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
  IngredientFields,
  IngredientRecord,
  KeptRecord,
  MethodFields,
  MethodRecord,
  SteamTestFields,
  SteamTestRecord,
  Measure,
  VesselFields,
  VesselRecord,
} from '@hammock/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { ask } from '../api/http.js';
import { changesBetween, onUndo, useHistory, withChanges } from './history.js';
import { useOutbox } from './outbox.js';

/** The kinds of thing a kitchen keeps, by the name of their list. */
export interface KitchenLists {
  readonly bags: readonly BagRecord[];
  readonly vessels: readonly VesselRecord[];
  readonly hobs: readonly HobRecord[];
  readonly cups: readonly CupRecord[];
  readonly dishes: readonly DishRecord[];
  readonly ingredients: readonly IngredientRecord[];
  readonly methods: readonly MethodRecord[];
  readonly steamTests: readonly SteamTestRecord[];
}
export type KitchenKind = keyof KitchenLists;

export interface KitchenFields {
  readonly bags: BagFields;
  readonly vessels: VesselFields;
  readonly hobs: HobFields;
  readonly cups: CupFields;
  readonly dishes: DishFields;
  readonly ingredients: IngredientFields;
  readonly methods: MethodFields;
  readonly steamTests: SteamTestFields;
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

const KINDS: readonly KitchenKind[] = [
  'bags',
  'vessels',
  'hobs',
  'cups',
  'dishes',
  'ingredients',
  'methods',
  'steamTests',
];
/** Where each list lives at the server, where that is not its name. */
const PATHS: Partial<Record<KitchenKind, string>> = { steamTests: 'steam-tests' };
const pathOf = (kind: KitchenKind): string => PATHS[kind] ?? kind;

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
      ingredients: [],
      methods: [],
      steamTests: [],
      state: 'empty',
      load: async () => {
        const replies = await Promise.all(
          ['household', ...KINDS.map(pathOf)].map((path) => ask('GET', `/api/${path}`)),
        );
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
        note(kind, id, before && fieldsOf(before), fields);
        set({ [kind]: changed } as unknown as Partial<Kitchen>);
        post(kind, id, { method: 'PUT', body: fields });
      },
      remove: (kind, id) => {
        const list = get()[kind] as readonly KeptRecord[];
        const before = list.find((r) => r.id === id);
        note(kind, id, before && fieldsOf(before), undefined);
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
      partialize: ({ household, state, ...lists }) => ({
        household,
        ...(Object.fromEntries(KINDS.map((kind) => [kind, lists[kind]])) as unknown as KitchenLists),
        state: state === 'empty' ? ('empty' as const) : ('remembered' as const),
      }),
    },
  ),
);

/** A kept thing without what the server adds. */
export function fieldsOf<T extends KeptRecord>(record: T): Omit<T, keyof KeptRecord> {
  const { id, createdAtMs, updatedAtMs, ...fields } = record;
  Reflect.deleteProperty(fields, 'deletedAtMs');
  return fields;
}

let undoing = false;

function note(kind: KitchenKind, id: string, before: object | undefined, after: object | undefined): void {
  if (undoing) return;
  useHistory.getState().record({
    target: `kitchen/${kind}/${id}`,
    changes: changesBetween({ it: before }, { it: after }),
  });
}

onUndo('kitchen', (rest, changes, back) => {
  const [kind, id] = rest.split('/') as [KitchenKind, string];
  const { keep, remove, ...lists } = useKitchen.getState();
  const now = (lists[kind] as readonly KeptRecord[]).find((r) => r.id === id);
  const { it } = withChanges<{ it?: unknown }>({ it: now && fieldsOf(now) }, changes, back);
  undoing = true;
  try {
    if (it === undefined) remove(kind, id);
    else keep(kind, id, it as KitchenFields[KitchenKind]);
  } finally {
    undoing = false;
  }
});

function post(kind: KitchenKind, id: string, letter: { method: 'PUT' | 'DELETE'; body?: unknown }): void {
  useOutbox.getState().post({ key: `kitchen/${kind}/${id}`, path: `/api/${pathOf(kind)}/${id}`, ...letter });
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
