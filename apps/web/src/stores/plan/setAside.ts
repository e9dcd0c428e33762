import { sameValue } from '@hammock/core/records';
import { draftOf, type Draft } from './draftOf.js';
import { useKitchen } from '../kitchen/kitchen.js';

/** Plans that are kept by for going back to. */
const MOST_ASIDE = 5;

const plain = (value: unknown): unknown => JSON.parse(JSON.stringify(value));

/** Whether a plan says anything that its dish, as it is kept, does not. */
function isOfItsOwn(draft: Draft): boolean {
  const dish = useKitchen.getState().dishes.find((d) => d.id === draft.dishId);
  return !dish || !sameValue(plain(draft.spec), plain(draftOf(dish, draft).spec));
}

/** The plans set aside, with one more where it says anything of its own; the last one first. */
export const withAside = (aside: readonly Draft[], draft: Draft | null): readonly Draft[] =>
  draft && isOfItsOwn(draft)
    ? [draft, ...aside.filter((d) => d.planId !== draft.planId)].slice(0, MOST_ASIDE)
    : aside;
