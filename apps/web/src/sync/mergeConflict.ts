import { mergeFields, sameValue, type Fields } from '@hammock/core/records';
import type { PendingWrite } from './pendingWrite.js';

/** What the server adds to what was said. */
const ADDED: ReadonlySet<string> = new Set(['id', 'createdAtMs', 'updatedAtMs', 'deletedAtMs', 'revision']);

/** What a row says, without what the server adds; null when it was taken away. */
export function saidIn(row: Fields): Fields | null {
  const { deletedAtMs } = row;
  if (typeof deletedAtMs === 'number') return null;
  return Object.fromEntries(Object.entries(row).filter(([key]) => !ADDED.has(key)));
}

export const revisionIn = (row: Fields): number =>
  typeof row['revision'] === 'number' ? row['revision'] : 0;

/** The whole thing, where it was changed on one side and taken away on the other. */
export const WHOLE = '*';

/** How a clash ends: one text for both, or the fields to be asked. `merged` is null when the thing is taken away. */
export interface MergedWrite {
  readonly merged: Fields | null;
  readonly conflicts: readonly string[];
}

/** Settles what a write says with what is there now, as far as nobody needs to be asked. */
export function mergeConflict(
  write: Pick<PendingWrite, 'body' | 'stands' | 'own'>,
  current: Fields,
): MergedWrite {
  const mine = write.body ?? null;
  const theirs = saidIn(current);
  const base = write.stands?.base;
  if (mine !== null && theirs !== null)
    return mergeFields({ base: base ?? undefined, mine, theirs, own: write.own.filter((o) => o !== null) });
  const isKnown = (said: Fields | null): boolean =>
    (base !== undefined && sameValue(base, said)) || write.own.some((o) => sameValue(o, said));
  // Only one side did anything: that side has its way.
  if (isKnown(theirs) || (mine === null && theirs === null)) return { merged: mine, conflicts: [] };
  if (base !== undefined && sameValue(base, mine)) return { merged: theirs, conflicts: [] };
  return { merged: mine, conflicts: [WHOLE] };
}
