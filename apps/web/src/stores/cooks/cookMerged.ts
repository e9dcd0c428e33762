import type { CookRecord } from '@hammock/core/records';
import { saidFields } from './cookWrites.js';
import { saidKey } from '../../sync/cookKeys.js';
import { useOutbox } from '../session/pendingWrites.js';

/** Taps from here and from there together; what is only here is still on its way. */
export function merged(here: CookRecord | null, there: CookRecord): CookRecord {
  if (here?.id !== there.id) return there;
  const known = new Set((there.events ?? []).map((e) => e.id));
  const waiting = (here.events ?? []).filter((e) => !known.has(e.id));
  const isWaiting = useOutbox.getState().waits(saidKey(there.id));
  return {
    ...there,
    ...(isWaiting ? saidFields(here) : {}),
    events: [...(there.events ?? []), ...waiting],
  };
}
