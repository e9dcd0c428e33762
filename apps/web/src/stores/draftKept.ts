import { boolean, looseObject, nullable, number, string } from 'valibot';

const ID = nullable(string());
/** What this browser keeps of the plan; anything else is begun anew. */
export const DRAFT_SHAPE = looseObject({
  draft: nullable(
    looseObject({
      planId: string(),
      label: string(),
      dishId: ID,
      bagId: ID,
      vesselId: ID,
      hobId: ID,
      spec: looseObject({ grainId: string(), grain: looseObject({}) }),
    }),
  ),
  stored: nullable(looseObject({ planId: string(), revision: number() })),
  unsent: boolean(),
});

/** What was kept before plans had revisions. */
export const draftWithRevisions = (kept: object): object => ({ ...kept, stored: null, unsent: false });
