import type { StageEvent } from './tap.js';
import { inOrder } from './tapOrder.js';

/**
 * Taps that count, in their order: without undos and what they took back.
 * @example effectiveTaps([]) // []
 */
export const effectiveTaps = (events: readonly StageEvent[]): readonly StageEvent[] =>
  withoutUndone(inOrder(events));

function withoutUndone(ordered: readonly StageEvent[]): StageEvent[] {
  let kept: StageEvent[] = [];
  for (const event of ordered) {
    if (event.kind !== 'undo') kept.push(event);
    else if (event.undoesId === undefined) kept.pop();
    else kept = kept.filter((e) => e.id !== event.undoesId);
  }
  return kept;
}
