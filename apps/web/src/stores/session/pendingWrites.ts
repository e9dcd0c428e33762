import { create } from 'zustand';
import { ask } from '../../api/http.js';
import { deviceNowMs } from '../../storage/deviceClock.js';
import type { PendingWrite, Write } from '../../sync/pendingWrite.js';
import { deviceWriteStore } from '../../sync/writeStore.js';
import { fetched } from '../../storage/fetched.js';
import { epochNow } from '../../sync/epoch.js';
import { Outbox } from '../../sync/outbox.js';
import type { WriteListener, OutboxView } from '../../sync/outboxParts.js';
import { aloneInBrowser, otherTabs } from '../../storage/tabs.js';
import { forgetText, readText } from '../../storage/deviceStorage.js';
import { newId } from '../../storage/newId.js';

export interface OutboxStore extends OutboxView {
  readonly send: (order: Write) => void;
  readonly waits: (key: string) => boolean;
  /** Says what the server has of a thing that is asked about. */
  readonly heardOf: (key: string, row: object) => void;
  readonly sync: () => Promise<void>;
  /** The server has another household than this device knew: what was written before is laid before the cook. */
  readonly ofBefore: () => Promise<void>;
  readonly noteReachable: (reachable: boolean) => void;
  readonly choose: (id: string, whose: 'mine' | 'theirs') => Promise<void>;
  readonly dismiss: (id: string) => Promise<void>;
  readonly tryAgain: (id: string) => Promise<void>;
}

/** Who keeps the things that writes are about, by the first part of a write's key. */
const keepers = new Map<string, Partial<WriteListener>>();

/** A store says what it does with what becomes of its writes. `kind` is the part of Write.key before the slash. */
export const onWrites = (kind: string, heard: Partial<WriteListener>): void => {
  keepers.set(kind, heard);
};
const keeperOf = (write: PendingWrite): Partial<WriteListener> | undefined =>
  keepers.get(write.key.split('/')[0] ?? '');

const tabs = otherTabs('hammock.outbox', () => void outbox.reread());

const outbox: Outbox = new Outbox({
  store: deviceWriteStore(),
  ask,
  nowMs: deviceNowMs,
  newId,
  epoch: epochNow,
  random: Math.random,
  alone: (work) => aloneInBrowser('hammock.outbox', work),
  later: (work, ms) => {
    const timer = setTimeout(work, ms);
    return () => {
      clearTimeout(timer);
    };
  },
  heard: {
    stored: (write, row) => keeperOf(write)?.stored?.(write, row),
    merged: (write, said, current) => keeperOf(write)?.merged?.(write, said, current),
    again: (write) => keeperOf(write)?.again?.(write),
  },
  show: (view) => {
    useOutbox.setState(view);
  },
  tell: tabs.tell,
});

/**
 * Everything that changes something goes through here: it is written down in the browser first, then sent in
 * order, and only forgotten once the server has it. A closed tab or a server that is gone or fails loses nothing.
 */
export const useOutbox = create<OutboxStore>()(() => ({
  writes: [],
  reachable: true,
  kept: true,
  send: (order) => outbox.send(order),
  waits: (key) => outbox.waits(key),
  heardOf: (key, row) => void outbox.heardOf(key, { ...row }),
  sync: () => outbox.sync(),
  ofBefore: () => outbox.ofBefore(),
  noteReachable: (reachable) => outbox.noteReachable(reachable),
  choose: (id, whose) => outbox.choose(id, whose),
  dismiss: (id) => outbox.dismiss(id),
  tryAgain: (id) => outbox.tryAgain(id),
}));

/** Throws every write away: what they were about is begun anew. */
export const emptyOutbox = (): void => {
  outbox.empty();
};

let opened: Promise<void> | undefined;
/** Resolves once what was written down before this page was opened is known. */
export const openedOutbox = (): Promise<void> => (opened ??= outbox.reread());

/** Takes up what was written down before this page was opened, an older version's writes too. */
export async function openOutbox(): Promise<void> {
  await outbox.reread();
  if (readText(OLD_NAME) !== undefined) await takeUpOld();
  await outbox.sync();
}

/** Under this name an older version kept its writes. */
const OLD_NAME = 'hammock.outbox';

/** Hardly anybody has such writes: what reads them is fetched where they are. They are kept until it was. */
async function takeUpOld(): Promise<void> {
  try {
    const { oldWrites } = await fetched(() => import('../../sync/oldOutbox.js'));
    for (const order of oldWrites()) outbox.send(order);
    forgetText(OLD_NAME);
  } catch {
    // The server cannot be reached: the next time this page is opened.
  }
}
