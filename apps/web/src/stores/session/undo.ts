import diff, { type Difference } from 'microdiff';
import { create } from 'zustand';
import { createJSONStorage, persist } from 'zustand/middleware';
import { deviceNowMs } from '../../storage/deviceClock.js';
import { tabStorage } from '../../storage/tabStorage.js';

/** One edit, small and invertible: which thing changed, and each change with what was there before. */
interface Edit {
  readonly target: string;
  readonly changes: readonly Difference[];
  readonly atMs: number;
}

export interface UndoStore {
  readonly past: readonly Edit[];
  readonly future: readonly Edit[];
  readonly record: (edit: Omit<Edit, 'atMs'>) => void;
  readonly undo: () => void;
  readonly redo: () => void;
}

/** Edits of one thing within this time are one: nobody wants to undo write by write. */
const TOGETHER_MS = 900;
const MOST_EDITS = 200;

/** How a store puts its own edits back: what is left of the target, the changes, and whether to take them back. */
type Apply = (rest: string, changes: readonly Difference[], back: boolean) => void;
const appliers = new Map<string, Apply>();

/** A store says how its edits are put back. `target` is the part of Edit.target before the first slash. */
export const onUndo = (target: string, apply: Apply): void => {
  appliers.set(target, apply);
};

function put(edit: Edit, back: boolean): void {
  const [target = '', ...rest] = edit.target.split('/');
  appliers.get(target)?.(rest.join('/'), edit.changes, back);
}

const pathOf = (c: Difference): string => JSON.stringify(c.path);
const pathsOf = (edit: Pick<Edit, 'changes'>): string => [...new Set(edit.changes.map(pathOf))].sort().join();

/**
 * Whether a change filled the field in which another one goes on: a plan gets stages of its own by the first pull at
 * one of them. An item put into a list is an edit of its own.
 */
const holds = (outer: Difference, inner: Difference): boolean =>
  outer.type !== 'REMOVE' &&
  typeof outer.path.at(-1) === 'string' &&
  outer.path.length < inner.path.length &&
  outer.path.every((key, i) => key === inner.path[i]);

const goesOn = (last: Edit, edit: Pick<Edit, 'changes'>): boolean =>
  pathsOf(last) === pathsOf(edit) || edit.changes.every((c) => last.changes.some((o) => holds(o, c)));

/** The edits of this visit, done and undone; a page that is loaded anew still has them. */
export const useUndo = create<UndoStore>()(
  persist(
    (set, get) => ({
      past: [],
      future: [],
      record: (edit) => {
        if (edit.changes.length === 0) return;
        const { past } = get();
        const atMs = deviceNowMs();
        const last = past.at(-1);
        const same = last?.target === edit.target && atMs - last.atMs < TOGETHER_MS && goesOn(last, edit);
        const next: Edit = same
          ? { ...edit, changes: joined(last.changes, edit.changes), atMs }
          : { ...edit, atMs };
        set({ past: [...(same ? past.slice(0, -1) : past), next].slice(-MOST_EDITS), future: [] });
      },
      undo: () => {
        const { past, future } = get();
        const edit = past.at(-1);
        if (!edit) return;
        put(edit, true);
        set({ past: past.slice(0, -1), future: [edit, ...future] });
      },
      redo: () => {
        const { past, future } = get();
        const [edit] = future;
        if (!edit) return;
        put(edit, false);
        set({ past: [...past, edit], future: future.slice(1) });
      },
    }),
    {
      name: 'hammock.history',
      version: 1,
      storage: createJSONStorage(() => tabStorage),
      partialize: ({ past, future }) => ({ past, future }),
      merge: (kept, current) => ({ ...current, ...(isKept(kept) ? kept : {}) }),
    },
  ),
);

/** What was kept by this version and nobody has tampered with. */
const isKept = (kept: unknown): kept is Pick<UndoStore, 'past' | 'future'> =>
  typeof kept === 'object' &&
  kept !== null &&
  Array.isArray((kept as UndoStore).past) &&
  Array.isArray((kept as UndoStore).future);

/** Two edits as one: what was there before the first, what is there after the second. */
function joined(first: readonly Difference[], second: readonly Difference[]): readonly Difference[] {
  const within = (outer: Difference): readonly Difference[] => second.filter((c) => holds(outer, c));
  if (first.some((outer) => within(outer).length > 0))
    return first.map((outer) => extended(outer, within(outer)));
  return second.map((change) => {
    const before = first.find((c) => pathOf(c) === pathOf(change));
    return before && 'oldValue' in before && 'oldValue' in change
      ? { ...change, oldValue: oldOf(before) }
      : change;
  });
}

/** A change with others made inside of what it puts there. */
function extended(outer: Difference, inner: readonly Difference[]): Difference {
  if (!('value' in outer) || inner.length === 0) return outer;
  const moved = inner.map((c) => ({ ...c, path: ['value', ...c.path.slice(outer.path.length)] }));
  return { ...outer, value: withChanges({ value: outer.value as unknown }, moved, false).value };
}

/** What changed from one plain value to another. */
export const changesBetween = (before: object, after: object): readonly Difference[] =>
  diff(before as Record<string, unknown>, after as Record<string, unknown>);

/** The value with the changes made, or taken back. Pure: the given value stays as it is. */
export function withChanges<T extends object>(value: T, changes: readonly Difference[], back: boolean): T {
  const copy = structuredClone(value) as Record<string, unknown>;
  // Array items go from the end when they are taken out, and come from the front when they are put in.
  const ordered = [...changes].sort((a, b) => order(a, back) - order(b, back));
  for (const change of ordered) {
    const { path } = change;
    const last = path.at(-1);
    const parent = path
      .slice(0, -1)
      .reduce<unknown>((at, key) => (at as Record<string | number, unknown>)[key], copy);
    if (last === undefined || typeof parent !== 'object' || parent === null) continue;
    const removes = change.type === (back ? 'CREATE' : 'REMOVE');
    const holder = parent as Record<string | number, unknown>;
    if (!removes) holder[last] = back ? oldOf(change) : newOf(change);
    else if (Array.isArray(parent)) parent.splice(Number(last), 1);
    else Reflect.deleteProperty(holder, last);
  }
  return copy as T;
}

const oldOf = (change: Difference): unknown =>
  'oldValue' in change ? (change.oldValue as unknown) : undefined;
const newOf = (change: Difference): unknown => ('value' in change ? (change.value as unknown) : undefined);

function order(change: Difference, back: boolean): number {
  const last = Number(change.path.at(-1));
  if (!Number.isInteger(last)) return 0;
  return change.type === (back ? 'CREATE' : 'REMOVE') ? 1e6 - last : last;
}
