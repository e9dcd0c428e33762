import type { PlanInput } from '@hammock/core';
import { outcomeSaid } from '@hammock/core/records';
import { beginning, saying } from '../cooks/cookWrites.js';
import { lineOf, newCook } from '../cooks/cookRecord.js';
import { useCooks } from '../cooks/cooks.js';
import type { Draft } from '../plan/draftOf.js';
import { coreNow } from '../plan/core.js';
import { learnHere } from '../kitchen/learnt.js';
import { useOutbox } from '../session/pendingWrites.js';
import { nowMs } from '../session/time.js';

/**
 * Writes down a pot that always comes out right when so much is poured. It is a page of the notebook like any other, judged as
 * wanted, and never on the stove.
 * @returns false for a plan that has no answer
 */
export function knowPot(draft: Draft, input: PlanInput, pouredMl: number): boolean {
  const result = coreNow()?.answer(input);
  if (!result?.ok) return false;
  const cook = newCook(draft, input, result.value);
  const outcome = outcomeSaid({ texture: 3, base: 'clean', note: '', counts: 'always' });
  const { send } = useOutbox.getState();
  send(beginning(cook));
  // It stands on the pot as it was begun: poured as advised, and not judged.
  send(saying(cook, { pouredMl, outcome }));
  const { recent } = useCooks.getState();
  const judged = { ...cook, pouredMl, outcome: { ...outcome, atMs: nowMs() } };
  void learnHere(judged, false);
  const line = lineOf(judged);
  if (recent) useCooks.setState({ recent: [line, ...recent] });
  return true;
}
