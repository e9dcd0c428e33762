import { array, boolean, looseObject, nullable, number, optional, string } from 'valibot';

const LINE = looseObject({
  id: string(),
  label: string(),
  startedAtMs: number(),
  advisedMl: number(),
  abandoned: boolean(),
  revision: number(),
});
const TAP = looseObject({ id: string(), kind: string(), stageId: string(), atMs: number() });
const WHOLE = looseObject({
  ...LINE.entries,
  input: looseObject({}),
  answer: looseObject({ stages: array(looseObject({ id: string() })) }),
  events: optional(array(TAP)),
});
/** What this browser keeps of cooks; anything else is begun anew. */
export const COOKS_SHAPE = looseObject({
  active: nullable(WHOLE),
  others: optional(array(WHOLE)),
  givenUp: optional(nullable(WHOLE)),
  recent: optional(array(LINE)),
});

/** What was kept before pots had revisions; an undo then took back the last tap by its time. */
export function cooksWithRevisions(kept: Record<string, unknown>): unknown {
  const { active, recent } = kept as { active: object | null; recent?: object[] };
  return {
    active: active && { revision: 0, ...active },
    recent: recent?.map((line) => ({ revision: 0, ...line })),
  };
}
