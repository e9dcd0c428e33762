import {
  outcomeSaid,
  type CookLine,
  type CookRecord,
  type CookSaid,
  type Fields,
  type TapRecord,
} from '@hammock/core/records';
import { cookKey, cookPath, saidKey, tapKey } from '../../sync/cookKeys.js';
import type { Write } from '../../sync/pendingWrite.js';
import { onThisDevice } from '../session/time.js';

/** The order that begins a pot at the server. */
export function beginning({
  id,
  label,
  dishId,
  bagId,
  vesselId,
  hobId,
  cupId,
  input,
  startedAtMs,
}: CookRecord): Write {
  const said = { label, dishId, bagId, vesselId, hobId, cupId, input };
  return {
    key: cookKey(id),
    thread: cookKey(id),
    label,
    method: 'PUT',
    path: cookPath(id),
    body: JSON.parse(JSON.stringify(said)) as Fields,
    timed: true,
    atMs: onThisDevice(startedAtMs),
  };
}

/** The order that tells the server of a tap. */
export function tapping(cook: CookRecord, { id, seq: _seq, atMs, ...said }: TapRecord): Write {
  return {
    key: tapKey(id),
    thread: cookKey(cook.id),
    label: cook.label,
    method: 'PUT',
    path: `${cookPath(cook.id)}/events/${id}`,
    body: said,
    timed: true,
    atMs: onThisDevice(atMs),
  };
}

/** What can be said of a pot after it began, as it is kept. */
export const saidFields = ({
  pouredMl,
  abandoned,
  outcome = null,
}: CookLine): Pick<CookLine, 'pouredMl' | 'abandoned' | 'outcome'> => ({
  pouredMl,
  abandoned,
  outcome,
});

/** What was said of a pot, as it travels. */
export function saidOf({ pouredMl, abandoned, outcome }: CookLine): Fields {
  return { pouredMl, abandoned, outcome: outcome ? outcomeSaid(outcome) : null };
}

/**
 * The order that tells the server what was said of a pot.
 * @param stoodOn the pot as its author saw it
 */
export const saying = (cook: CookLine, said: Partial<CookSaid>, stoodOn: CookLine = cook): Write => ({
  key: saidKey(cook.id),
  thread: cookKey(cook.id),
  label: cook.label,
  method: 'PATCH',
  path: cookPath(cook.id),
  body: { ...saidOf(cook), ...said },
  stands: { revision: stoodOn.revision, base: saidOf(stoodOn) },
  timed: true,
});
