import type { ChangesReply, CookLine, CookRecord, CookSaid, TapRecord } from '@hammock/core/records';
import { revisionIn } from '../keeping/settle.js';
import { beginning, cookPath, saidFields, saidKey, saidOf } from './cookOrders.js';
import { isUnfinished } from './cookRecord.js';
import { useCooks } from './cooks.js';
import { onLetters, useOutbox } from './outbox.js';
import { nowMs } from './time.js';

/** Takes up what the server was told about pots by other devices. */
export async function hearCooks({ cooks, taps }: Pick<ChangesReply, 'cooks' | 'taps'>): Promise<void> {
  for (const line of cooks) hearLine(line);
  for (const { cookId, ...tap } of taps) hearTap(cookId, tap);
  // A pot begun elsewhere, and nothing on this stove: it is this household's pot.
  const { active, loadActive } = useCooks.getState();
  if (!active && cooks.some(isUnfinished)) await loadActive();
}

/** What the server says of a pot, unless something newer about it is on its way. */
function hearLine(line: CookLine): void {
  const { active, recent } = useCooks.getState();
  const here: CookLine | undefined = active?.id === line.id ? active : recent?.find((c) => c.id === line.id);
  const isWaiting = useOutbox.getState().waits(saidKey(line.id));
  useOutbox.getState().heardOf(saidKey(line.id), { ...saidOf(line), revision: line.revision });
  const said = isWaiting && here ? { ...line, ...saidFields(here) } : line;
  const listed = recent?.some((c) => c.id === line.id);
  useCooks.setState({
    // A pot given up anywhere is off this stove too.
    active: active?.id === line.id ? (said.abandoned ? null : { ...active, ...said }) : active,
    recent: listed
      ? recent?.map((c) => (c.id === line.id ? said : c))
      : recent && [said, ...recent].sort((a, b) => b.startedAtMs - a.startedAtMs),
  });
}

function hearTap(cookId: string, tap: TapRecord): void {
  const { active } = useCooks.getState();
  if (active?.id !== cookId) return;
  const events = active.events ?? [];
  const known = events.some((e) => e.id === tap.id);
  useCooks.setState({
    active: { ...active, events: known ? events.map((e) => (e.id === tap.id ? tap : e)) : [...events, tap] },
  });
}

onLetters('cook', {
  stored: ({ body }, row) => {
    const { active } = useCooks.getState();
    const there = row as CookRecord | null;
    // The server's time of it is the household's; the plan and the answer are the same.
    if (there && body && active?.id === there.id)
      useCooks.setState({
        active: {
          ...active,
          startedAtMs: there.startedAtMs,
          revision: Math.max(active.revision, there.revision),
        },
      });
  },
});

onLetters('said', {
  stored: (_letter, row) => {
    if (row) hearLine(row as CookLine);
  },
  merged: ({ path }, said, current) => {
    const { active, recent } = useCooks.getState();
    const id = path.split('/').at(-1) ?? '';
    const here: CookLine | undefined = active?.id === id ? active : recent?.find((c) => c.id === id);
    if (!here || !said) return;
    const outcome = said['outcome'] as CookSaid['outcome'];
    const fields = {
      pouredMl: said['pouredMl'] as number | null,
      abandoned: said['abandoned'] === true,
      outcome: outcome && { atMs: nowMs(), ...here.outcome, ...outcome },
      revision: revisionIn(current),
    };
    useCooks.setState({
      active: active?.id === id ? (fields.abandoned ? null : { ...active, ...fields }) : active,
      recent: recent?.map((c) => (c.id === id ? { ...c, ...fields } : c)),
    });
  },
  again: ({ path }) => {
    const { active } = useCooks.getState();
    return active && path === cookPath(active.id) ? beginning(active) : undefined;
  },
});

onLetters('tap', {
  stored: (_letter, row) => {
    const { cookId, ...tap } = row as TapRecord & { readonly cookId: string };
    hearTap(cookId, tap);
  },
  again: ({ path }) => {
    const { active } = useCooks.getState();
    return active && path.startsWith(`${cookPath(active.id)}/`) ? beginning(active) : undefined;
  },
});
