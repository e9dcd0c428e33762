import { array, boolean, looseObject, nullable, number, optional, string } from 'valibot';

const ID = nullable(string());
const DRAFT = looseObject({
  planId: string(),
  label: string(),
  dishId: ID,
  bagId: ID,
  vesselId: ID,
  hobId: ID,
  spec: looseObject({ grainId: string(), grain: looseObject({}) }),
});
/** What this browser keeps of the plan; anything else is begun anew. */
export const DRAFT_SHAPE = looseObject({
  draft: nullable(DRAFT),
  aside: optional(array(DRAFT)),
  stored: nullable(looseObject({ planId: string(), revision: number() })),
  unsent: boolean(),
});

/** What was kept before plans had revisions. */
export const draftWithRevisions = (kept: object): object => ({ ...kept, stored: null, unsent: false });
