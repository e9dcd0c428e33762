import type { PlanInput } from '@hammock/core';
import { setKept } from '../session/persisted.js';
import { useDraft } from './draft.js';
import { usualVessel } from './draftOf.js';
import { useKitchen } from '../kitchen/kitchen.js';
import { withAside } from './setAside.js';

/** What a new dish is called until it is named. */
const NEW_NAME = 'New dish';

/** An empty pot: no grain and no amount, in the pot and on the ring the household uses; and the box to tell it in stands open. */
export function newDish(): void {
  const { draft, aside, takeUp } = useDraft.getState();
  const { household, hobs, vessels } = useKitchen.getState();
  const before = vessels.find((v) => v.id === draft?.vesselId);
  useDraft.setState({ aside: withAside(aside, draft) });
  const input = {
    grainId: '',
    grain: { text: '' },
    portions: draft?.spec.portions ?? 4,
    texture: household.texture,
    served: household.served,
  } as unknown as PlanInput;
  takeUp({
    dishId: null,
    label: NEW_NAME,
    bagId: null,
    vesselId: before?.kind === 'pot' ? before.id : usualVessel(vessels, 'pot'),
    hobId: draft?.hobId ?? hobs[0]?.id ?? null,
    cupId: draft?.cupId ?? null,
    input,
  });
  setKept('paste.text', '');
  setKept('paste.said', {});
  setKept('paste.fixes', {});
  setKept('paste.open', true);
}
