import { createContext, use } from 'react';
import { useStore, type StoreApi } from 'zustand';
import { nowMs } from '../session/time.js';
import type { CookStore } from './cookStore.js';
import { useCooks } from './cooks.js';

/** The stove a screen shows: its pots and its clock. */
export interface Stove {
  readonly cooks: StoreApi<CookStore>;
  readonly nowMs: () => number;
}

/** The household's own stove, unless another is passed in: a screen then runs on that one's clock and writes to that one's store. */
export const StovePassedIn = createContext<Stove>({ cooks: useCooks, nowMs });

/** Something of the pots on the stove that is shown. */
export const useStove = <T>(select: (store: CookStore) => T): T => useStore(use(StovePassedIn).cooks, select);
