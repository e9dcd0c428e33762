import { create } from 'zustand';

/** One beginning this device is to remind of. */
export interface Reminder {
  readonly what: string;
  /** ms since the epoch by the household's clock. */
  readonly atMs: number;
}

/** What this page reminds of; a page that is closed reminds of nothing. */
export const useReminders = create<{
  readonly list: readonly Reminder[];
  readonly set: (list: readonly Reminder[]) => void;
}>()((set) => ({ list: [], set: (list) => set({ list }) }));
