import type { PlanInput, Tap } from '@hammock/core';
import { tapsOf, type CookLine, type CookRecord } from '@hammock/core/records';
import type { Draft } from '../plan/draftOf.js';
import { coreNow } from '../plan/core.js';
import { useKitchen } from '../kitchen/kitchen.js';
import { cupOf } from '../plan/planInput.js';
import { nowMs } from '../session/time.js';
import { newId } from '../../storage/newId.js';

/** What the notebook's list keeps of a cook. */
export function lineOf<T extends Partial<CookRecord>>(cook: T): Omit<T, 'input' | 'answer' | 'events'> {
  const { input, answer, events, ...line } = cook;
  return line;
}

/** A pot as it begins: the plan and the answer of that moment. */
export function newCook(
  draft: Pick<Draft, 'dishId' | 'bagId' | 'vesselId' | 'hobId' | 'cupId' | 'label'>,
  input: PlanInput,
  found: Parameters<typeof withCautions>[1],
): CookRecord {
  const { dishId, bagId, vesselId, hobId, label } = draft;
  return {
    id: newId(),
    dishId,
    bagId,
    vesselId,
    hobId,
    cupId: cupOf(useKitchen.getState(), draft.cupId)?.id ?? null,
    label,
    input,
    answer: withCautions(input, found),
    advisedMl: found.verdict === 'pour' ? found.pour.ml : 0,
    pouredMl: null,
    startedAtMs: nowMs(),
    abandoned: false,
    events: [],
    outcome: null,
    revision: 0,
  };
}

/** The answer with the cautions that apply, as the server gives it. */
export function withCautions(
  input: PlanInput,
  found: Omit<CookRecord['answer'], 'cautions'>,
): CookRecord['answer'] {
  // What was answered was answered by the engine: it is there.
  const cautions = coreNow()?.cautionsOf(input, found.stages);
  return { ...found, cautions: cautions ?? [] };
}

/** The taps of a cook as the core replays them. */
export const eventsOf = (cook: CookRecord): Tap[] => tapsOf(cook.events);

/** A pot left longer than this is no longer on the stove. */
const STALE_MS = 24 * 3600 * 1000;

/** Whether a pot may still be on the stove. */
export const isUnfinished = ({ abandoned, outcome, startedAtMs }: CookLine): boolean =>
  !abandoned && !outcome && nowMs() - startedAtMs < STALE_MS;
