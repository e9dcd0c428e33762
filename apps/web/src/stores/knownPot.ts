import type { PlanInput } from '@hammock/core';
import { outcomeSaid } from '@hammock/core/records';
import { beginning, saying } from './cookOrders.js';
import { lineOf, newCook } from './cookRecord.js';
import { useCooks } from './cooks.js';
import type { Draft } from './draftOf.js';
import { engineNow } from './engine.js';
import { learnHere } from './learnt.js';
import { useOutbox } from './outbox.js';
import { nowMs } from './time.js';

/**
 * Writes down a pot that always comes out right when so much is poured. It is a page of the notebook like any other, judged as
 * wanted, and never on the stove.
 * @returns false for a plan that has no answer
 */
export function knowPot(draft: Draft, input: PlanInput, pouredMl: number): boolean {
  const result = engineNow()?.answer(input);
  if (!result?.ok) return false;
  const cook = newCook(draft, input, result.value);
  const outcome = outcomeSaid({ texture: 3, base: 'clean', note: '', counts: 'always' });
  const { post } = useOutbox.getState();
  post(beginning(cook));
  // It stands on the pot as it was begun: poured as advised, and not judged.
  post(saying(cook, { pouredMl, outcome }));
  const { recent } = useCooks.getState();
  const judged = { ...cook, pouredMl, outcome: { ...outcome, atMs: nowMs() } };
  void learnHere(judged, false);
  const line = lineOf(judged);
  if (recent) useCooks.setState({ recent: [line, ...recent] });
  return true;
}
