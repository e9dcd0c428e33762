import type { CookLine, CookRecord } from '@hammock/core/records';
import { beginning, saying } from '../cooks/cookWrites.js';
import { lineOf, newCook } from '../cooks/cookRecord.js';
import { withLine } from '../cooks/cookList.js';
import { useCooks } from '../cooks/cooks.js';
import { useOutbox } from '../session/pendingWrites.js';
import type { Against, Page } from './pageTable.js';
import { ask } from '../../api/http.js';
import { newId } from '../../storage/newId.js';

const PER_REPLY = 200;

/** What the notebook has already since then: all of it, or what this device has of it with the server away. */
export async function pagesSince(startedAtMs: number): Promise<Against['has']> {
  const { recent = [] } = useCooks.getState();
  const found: CookLine[] = [...recent];
  for (let last: CookLine | undefined; !last || last.startedAtMs >= startedAtMs;) {
    const before = last ? `&beforeMs=${last.startedAtMs.toString()}&beforeId=${last.id}` : '';
    const reply = await ask('GET', `/api/cooks?limit=${PER_REPLY.toString()}${before}`);
    if (reply.kind !== 'stored') break;
    const lines = reply.body as CookLine[];
    found.push(...lines);
    last = lines.at(-1);
    if (!last || lines.length < PER_REPLY) break;
  }
  return found;
}

/** Writes pages down, as pots that were begun and judged then. They wait like all else while the server is away. */
export function writePages(pages: readonly Page[]): void {
  for (const { id = newId(), input, answer, startedAtMs, pouredMl, abandoned, outcome, ...made } of pages) {
    const cook: CookRecord = { ...newCook(made, input, answer), id, startedAtMs };
    const { send } = useOutbox.getState();
    const begun = beginning(cook);
    // A table's own date, however long ago: a duration is for what a device saw itself.
    send({ ...begun, timed: false, body: { ...begun.body, startedAtMs: Math.round(startedAtMs) } });
    const isSaid = pouredMl !== null || abandoned || outcome !== null;
    if (isSaid) send(saying(cook, { pouredMl, abandoned, outcome }));
    const said = { ...cook, pouredMl, abandoned, outcome: outcome && { ...outcome, atMs: startedAtMs } };
    const { recent } = useCooks.getState();
    if (recent) useCooks.setState({ recent: withLine(recent, lineOf(said)) });
  }
}
