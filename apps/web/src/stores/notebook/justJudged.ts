import type { CookRecord } from '@hammock/core/records';
import { create } from 'zustand';

/** The pot that was written down last in this visit: what it changes is said at once. */
export const useJustJudged = create<{ readonly cook: CookRecord | null }>(() => ({ cook: null }));
