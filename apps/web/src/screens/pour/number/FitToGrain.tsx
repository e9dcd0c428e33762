import { useDraft } from '../../../stores/plan/draft.js';
import type { Draft } from '../../../stores/plan/draftOf.js';
import { useKitchen } from '../../../stores/kitchen/kitchen.js';
import * as w from '../../../words/screens/pourNumber.js';

/** Less than this is only how full the cup was. */
const NOTICED = 0.04;

/**
 * What is left of a bag decides the pot: where the grain no longer fits the rest of the dish, the rest can be made
 * to fit it. How far apart they are is read off the dish as it is kept.
 */
export function FitToGrain({ draft, grainG }: { readonly draft: Draft; readonly grainG: number }) {
  const dish = useKitchen((s) => s.dishes.find((d) => d.id === draft.dishId));
  const fitToGrain = useDraft((s) => s.fitToGrain);
  const kept = dish?.spec.grain.g;
  const portions = draft.spec.portions ?? 4;
  if (kept === undefined || !dish?.spec.portions || !draft.spec.ingredients?.length) return null;
  const forPortions = (kept * portions) / dish.spec.portions;
  const factor = grainG / forPortions;
  if (Math.abs(factor - 1) < NOTICED) return null;
  return (
    <p className="m-0">
      {w.theRestOfTheDish(Math.round(forPortions))}{' '}
      <button type="button" className="changeable" onClick={() => fitToGrain(factor)}>
        {w.fitItToG(Math.round(grainG))}
      </button>
    </p>
  );
}
