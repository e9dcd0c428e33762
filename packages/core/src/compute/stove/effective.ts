import type { Tap } from './tap.js';
import { inOrder } from './tapOrder.js';

/**
 * Taps that count, in their order: without undos and what they took back.
 * @example effectiveTaps([]) // []
 */
export const effectiveTaps = (events: readonly Tap[]): readonly Tap[] => withoutUndone(inOrder(events));

function withoutUndone(ordered: readonly Tap[]): Tap[] {
  let kept: Tap[] = [];
  for (const event of ordered) {
    if (event.kind !== 'undo') kept.push(event);
    else if (event.undoesId === undefined) kept.pop();
    else kept = kept.filter((e) => e.id !== event.undoesId);
  }
  return kept;
}
