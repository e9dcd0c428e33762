import { is, type GenericSchema } from 'valibot';
import type { PersistOptions } from 'zustand/middleware';
import { createStore } from 'zustand/vanilla';
import { deviceNowMs } from './deviceClock.js';
import { mirror } from './mirror.js';

/** Whether this browser keeps what is written down, and what it kept that could not be read any more. */
export interface DeviceState {
  /** `kept` as far as is known; `full` when there is no room; `none` when nothing can be kept here at all. */
  readonly keeps: 'kept' | 'full' | 'none';
  /** Names of what was broken and begun anew. */
  readonly broken: readonly string[];
}

export const deviceState = createStore<DeviceState>()(() => ({ keeps: 'kept', broken: [] }));

const note = (keeps: DeviceState['keeps']): void => {
  if (deviceState.getState().keeps !== keeps) deviceState.setState({ keeps });
};

const noteBroken = (name: string): void => {
  const { broken } = deviceState.getState();
  if (!broken.includes(name)) deviceState.setState({ broken: [...broken, name] });
};

/** The browser's own storage, or undefined where it is switched off. Merely naming it may throw. */
function storage(): Storage | undefined {
  try {
    return localStorage;
  } catch {
    return undefined;
  }
}

/** Reads a text that was kept; undefined when there is none or it cannot be had. */
export function readText(name: string): string | undefined {
  try {
    return storage()?.getItem(name) ?? undefined;
  } catch {
    return undefined;
  }
}

/** Keeps a text; says when it cannot. */
export function keepText(name: string, text: string): void {
  const place = storage();
  if (!place) return note('none');
  try {
    place.setItem(name, text);
    note('kept');
  } catch {
    note('full');
  }
}

/** Forgets a text. */
export function forgetText(name: string): void {
  try {
    storage()?.removeItem(name);
  } catch {
    // It was not to be had in the first place.
  }
}

interface Kept {
  readonly state: unknown;
  readonly version?: number;
  /** Its place in the order of all that was kept. */
  readonly n?: number;
}

let lastN = 0;
/** Later than everything before, in other tabs and on other days too, as far as this device's clock goes. */
const nextN = (): number => (lastN = Math.max(lastN + 1, deviceNowMs()));

/** Up to where each store was read. */
const readUpTo = new Map<string, number>();

/** A store that is kept on this device. */
export interface KeptStore {
  readonly persist: { readonly getOptions: () => { name?: string }; readonly rehydrate: () => unknown };
}

/** A database that does not answer is not waited for, ms. */
const PATIENCE_MS = 1500;

/** Takes up what a browser that died had not written to its own storage yet. */
export async function takeUpMirrored(stores: readonly KeptStore[]): Promise<void> {
  const kept = await mirror.all(PATIENCE_MS);
  for (const { persist } of stores) {
    const { name = '' } = persist.getOptions();
    const found = kept.get(name);
    if (!found || found.n <= (readUpTo.get(name) ?? 0)) continue;
    keepText(name, found.text);
    await persist.rehydrate();
  }
}

const isKept = (value: unknown): value is Kept =>
  typeof value === 'object' && value !== null && 'state' in value;

export interface OnDevice<P> {
  readonly name: string;
  readonly version: number;
  /** What is kept of the state has this shape; anything else is begun anew. */
  readonly shape: GenericSchema;
  /** Brings what an older version kept up to date; each step from one version to the next. */
  readonly steps: readonly ((kept: Record<string, unknown>) => unknown)[];
  readonly keeps: (state: never) => P;
  /** True for what a browser that dies must not lose. */
  readonly lasts?: boolean;
}

/**
 * How a store is kept in this browser. Nothing here throws: a full or forbidden storage is said (deviceState), what is
 * broken is begun anew and said, what an older version kept is brought up to date.
 */
export function onDevice<S, P>({
  name,
  version,
  shape,
  steps,
  keeps,
  lasts = false,
}: OnDevice<P>): PersistOptions<S, P> {
  return {
    name,
    version,
    partialize: keeps as unknown as (state: S) => P,
    storage: {
      getItem: (key) => {
        const text = readText(key);
        readUpTo.delete(key);
        if (text === undefined) return null;
        try {
          const kept: unknown = JSON.parse(text);
          if (isKept(kept)) {
            const { n = 0 } = kept;
            readUpTo.set(key, n);
            // A clock that was set back makes nothing older.
            lastN = Math.max(lastN, n);
            return { state: kept.state as P, version: kept.version ?? 0 };
          }
        } catch {
          // Told below.
        }
        noteBroken(key);
        return null;
      },
      setItem: (key, value) => {
        const n = nextN();
        const text = JSON.stringify({ ...value, n });
        keepText(key, text);
        if (lasts) mirror.put(key, { text, n });
      },
      removeItem: forgetText,
    },
    migrate: (kept, from) => {
      try {
        return steps
          .slice(from)
          .reduce<unknown>((at, step) => step(at as Record<string, unknown>), kept) as P;
      } catch {
        noteBroken(name);
        return undefined as P;
      }
    },
    merge: (kept, current) => {
      if (kept === undefined) return current;
      if (is(shape, kept)) return { ...current, ...(kept as Partial<S>) };
      noteBroken(name);
      return current;
    },
  };
}

/** Reads a store again when another tab of this browser has kept something newer. Returns how to stop. */
export function followOtherTabs(store: KeptStore): () => void {
  const { name } = store.persist.getOptions();
  const follow = (event: StorageEvent): void => {
    if (event.key === name && event.newValue !== null) void store.persist.rehydrate();
  };
  addEventListener('storage', follow);
  return () => {
    removeEventListener('storage', follow);
  };
}
