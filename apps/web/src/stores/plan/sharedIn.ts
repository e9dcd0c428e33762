import { create } from 'zustand';

/** A text that came in from outside, and what it was called. */
export interface Came {
  readonly name: string;
  readonly text: string;
}

interface CameIn {
  /** What came in and was not looked over yet. */
  readonly came: Came | null;
  /** Why the last file could not be read. */
  readonly wrong: string | null;
}
export const useCameIn = create<CameIn>(() => ({ came: null, wrong: null }));

/** Largest file that is read as a text, bytes: a saved page is below that by far. */
export const MOST_BYTES = 5 * 1024 * 1024;
