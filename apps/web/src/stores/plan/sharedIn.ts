import { create } from 'zustand';

/** A text that came in from outside, and what it was called. */
export interface SharedText {
  readonly name: string;
  readonly text: string;
}

interface SharedIn {
  /** What came in and was not looked over yet. */
  readonly came: SharedText | null;
  /** Why the last file could not be read. */
  readonly wrong: string | null;
}
export const useSharedIn = create<SharedIn>(() => ({ came: null, wrong: null }));

/** Largest file that is read as a text, bytes: a saved page is below that by far. */
export const MOST_BYTES = 5 * 1024 * 1024;
