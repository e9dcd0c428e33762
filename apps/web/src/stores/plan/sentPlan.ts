import type { PlanFields } from '@hammock/core/records';
import type { Draft } from './draftOf.js';
import { useKitchen } from '../kitchen/kitchen.js';
import { cupOf, plainInputOf } from './planInput.js';

/** True for a plan that is not a pot yet: nothing of it is sent before it is. */
export const isBlank = ({ spec, vesselId }: Draft): boolean =>
  spec.grainId === '' || vesselId === null || spec.grain.text === '';

/** A dish whose name has been emptied. */
const NAMELESS = 'A dish';

/** The plan as it is sent. */
export function bodyOf(draft: Draft): PlanFields {
  const { dishId, label, bagId, vesselId, hobId, cupId } = draft;
  const kitchen = useKitchen.getState();
  return {
    dishId,
    label: label.trim() === '' ? NAMELESS : label,
    bagId,
    vesselId,
    hobId,
    cupId: cupOf(kitchen, cupId)?.id ?? null,
    input: plainInputOf(draft, kitchen),
  };
}
