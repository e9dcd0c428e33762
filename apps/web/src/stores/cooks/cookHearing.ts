import type { ChangesReply, CookLine, CookRecord, CookSaid, TapRecord } from '@hammock/core/records';
import { revisionIn } from '../../sync/mergeConflict.js';
import { beginning, saidFields, saidOf } from './cookWrites.js';
import { cookPath, saidKey } from '../../sync/cookKeys.js';
import { isUnfinished } from './cookRecord.js';
import { withLine } from './cookList.js';
import { useCooks } from './cooks.js';
import { loadLearnt } from '../kitchen/learnt.js';
import { potsOn, withoutPot, withPot, type OnStove } from './onStove.js';
import { onWrites, useOutbox } from '../session/pendingWrites.js';
import { nowMs } from '../session/time.js';

/** Takes up what the server was told about pots by other devices. */
export async function hearCooks({ cooks, taps }: Pick<ChangesReply, 'cooks' | 'taps'>): Promise<void> {
  for (const line of cooks) hearLine(line);
  for (const { cookId, ...tap } of taps) hearTap(cookId, tap);
  // A pot begun elsewhere is this household's pot: it is on this stove too.
  const { waits } = useOutbox.getState();
  const isNew = (line: CookLine): boolean =>
    isUnfinished(line) && !onStove(line.id) && !waits(saidKey(line.id));
  if (cooks.some(isNew)) await useCooks.getState().loadActive();
}

/** A pot that is on, as this device has it. */
const onStove = (id: string): CookRecord | undefined => potsOn(useCooks.getState()).find((c) => c.id === id);

/** What the server says of a pot, unless something newer about it is on its way. */
function hearLine(line: CookLine): void {
  const { recent } = useCooks.getState();
  const here: CookLine | undefined = onStove(line.id) ?? recent?.find((c) => c.id === line.id);
  const isWaiting = useOutbox.getState().waits(saidKey(line.id));
  useOutbox.getState().heardOf(saidKey(line.id), { ...saidOf(line), revision: line.revision });
  const said = isWaiting && here ? { ...line, ...saidFields(here) } : line;
  const listed = recent?.some((c) => c.id === line.id);
  useCooks.setState({
    ...withSaid(said),
    recent: listed ? recent?.map((c) => (c.id === line.id ? said : c)) : recent && withLine(recent, said),
  });
}

/** The stove after something was said of a pot: one given up anywhere is off, one judged is not among the others. */
function withSaid(said: Pick<CookLine, 'id' | 'abandoned' | 'outcome'>): OnStove {
  const stove = useCooks.getState();
  const isOver = said.abandoned || (said.outcome !== null && stove.active?.id !== said.id);
  return isOver ? withoutPot(stove, said.id) : withPot(stove, said.id, (cook) => ({ ...cook, ...said }));
}

function hearTap(cookId: string, tap: TapRecord): void {
  useCooks.setState(
    withPot(useCooks.getState(), cookId, (cook) => {
      const events = cook.events ?? [];
      const known = events.some((e) => e.id === tap.id);
      return { ...cook, events: known ? events.map((e) => (e.id === tap.id ? tap : e)) : [...events, tap] };
    }),
  );
}

onWrites('cook', {
  stored: ({ body }, row) => {
    const there = row as CookRecord | null;
    // The server's time of it is the household's; the plan and the answer are the same.
    if (there && body)
      useCooks.setState(
        withPot(useCooks.getState(), there.id, (cook) => ({
          ...cook,
          startedAtMs: there.startedAtMs,
          revision: Math.max(cook.revision, there.revision),
        })),
      );
  },
});

onWrites('said', {
  stored: (_write, row) => {
    if (row) hearLine(row as CookLine);
    void loadLearnt();
  },
  merged: ({ path }, said, current) => {
    const { recent } = useCooks.getState();
    const id = path.split('/').at(-1) ?? '';
    const here: CookLine | undefined = onStove(id) ?? recent?.find((c) => c.id === id);
    if (!here || !said) return;
    const outcome = said['outcome'] as CookSaid['outcome'];
    const fields = {
      pouredMl: said['pouredMl'] as number | null,
      abandoned: said['abandoned'] === true,
      outcome: outcome && { atMs: nowMs(), ...here.outcome, ...outcome },
      revision: revisionIn(current),
    };
    useCooks.setState({
      ...withSaid({ id, ...fields }),
      recent: recent?.map((c) => (c.id === id ? { ...c, ...fields } : c)),
    });
  },
  again: ({ path }) => {
    const cook = potsOn(useCooks.getState()).find((c) => path === cookPath(c.id));
    return cook && beginning(cook);
  },
});

onWrites('tap', {
  stored: (_write, row) => {
    const { cookId, ...tap } = row as TapRecord & { readonly cookId: string };
    hearTap(cookId, tap);
  },
  again: ({ path }) => {
    const cook = potsOn(useCooks.getState()).find((c) => path.startsWith(`${cookPath(c.id)}/`));
    return cook && beginning(cook);
  },
});
