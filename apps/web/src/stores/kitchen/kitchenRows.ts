import { type Measure } from '@hammock/core';
import { mergeFields, type Changed, type CupRecord, type KeptRecord } from '@hammock/core/records';

/** The list with a row of the server in its place, or without it when it was taken away. */
export function withRow(list: readonly KeptRecord[], row: Changed<KeptRecord>): readonly KeptRecord[] {
  const { deletedAtMs, ...record } = row;
  if (deletedAtMs !== null) return list.filter((r) => r.id !== row.id);
  return list.some((r) => r.id === row.id)
    ? list.map((r) => (r.id === row.id ? record : r))
    : [...list, record].sort((a, b) => a.createdAtMs - b.createdAtMs);
}

/** A kept thing without what the server adds. */
export function fieldsOf<T extends KeptRecord>(record: T): Omit<T, keyof KeptRecord> {
  const { id, createdAtMs, updatedAtMs, revision, ...fields } = record;
  Reflect.deleteProperty(fields, 'deletedAtMs');
  return fields;
}

/**
 * What a form says, and the record it says it of. A form that was opened a while ago knows nothing of what came since:
 * its changes are made to the thing as it is now. Where that cannot be, it stands on what it saw, and the cook is asked.
 */
export function edited(
  said: object,
  seen: KeptRecord | undefined,
  now: KeptRecord | undefined,
): { readonly fields: object; readonly stoodOn: KeptRecord | undefined } {
  if (!seen || !now) return { fields: said, stoodOn: now };
  const { merged, conflicts } = mergeFields({
    base: { ...fieldsOf(seen) },
    mine: { ...said },
    theirs: { ...fieldsOf(now) },
  });
  return conflicts.length === 0 ? { fields: merged, stoodOn: now } : { fields: said, stoodOn: seen };
}

/** The household's cups, spoons and jugs as the core measures with them; of several cups only the one that is meant. */
export const measuresOf = (cups: readonly CupRecord[], cupId?: string | null): Measure[] =>
  cupsMeant(cups, cupId).map(({ kind, label, ml, parts, stepMl }) => ({
    kind,
    label,
    ml,
    parts,
    ...(stepMl === null ? {} : { stepMl }),
  }));

function cupsMeant(cups: readonly CupRecord[], cupId: string | null | undefined): readonly CupRecord[] {
  const meant = cups.find((c) => c.id === cupId && c.kind === 'cup');
  return meant ? cups.filter((c) => c.kind !== 'cup' || c === meant) : cups;
}
