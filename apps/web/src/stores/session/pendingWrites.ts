import { create } from 'zustand';
import { ask } from '../../api/http.js';
import { deviceNowMs } from '../../storage/deviceClock.js';
import type { Letter, Order } from '../../sync/pendingWrite.js';
import { deviceBox } from '../../sync/writeStore.js';
import { fetched } from '../../storage/fetched.js';
import { epochNow } from '../../sync/epoch.js';
import { Postman } from '../../sync/outbox.js';
import type { Heard, View } from '../../sync/outboxParts.js';
import { aloneInBrowser, otherTabs } from '../../storage/tabs.js';
import { forgetText, readText } from '../../storage/deviceStorage.js';
import { newId } from '../../storage/newId.js';

export interface Outbox extends View {
  readonly post: (order: Order) => void;
  readonly waits: (key: string) => boolean;
  /** Says what the server has of a thing that is asked about. */
  readonly heardOf: (key: string, row: object) => void;
  readonly carry: () => Promise<void>;
  /** The server has another household than this device knew: what was written before is laid before the cook. */
  readonly ofBefore: () => Promise<void>;
  readonly noteReachable: (reachable: boolean) => void;
  readonly choose: (id: string, whose: 'mine' | 'theirs') => Promise<void>;
  readonly dismiss: (id: string) => Promise<void>;
  readonly tryAgain: (id: string) => Promise<void>;
}

/** Who keeps the things that letters are about, by the first part of a letter's key. */
const keepers = new Map<string, Partial<Heard>>();

/** A store says what it does with what becomes of its letters. `kind` is the part of Letter.key before the slash. */
export const onLetters = (kind: string, heard: Partial<Heard>): void => {
  keepers.set(kind, heard);
};
const keeperOf = (letter: Letter): Partial<Heard> | undefined => keepers.get(letter.key.split('/')[0] ?? '');

const tabs = otherTabs('hammock.outbox', () => void postman.reread());

const postman: Postman = new Postman({
  box: deviceBox(),
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
    stored: (letter, row) => keeperOf(letter)?.stored?.(letter, row),
    merged: (letter, said, current) => keeperOf(letter)?.merged?.(letter, said, current),
    again: (letter) => keeperOf(letter)?.again?.(letter),
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
export const useOutbox = create<Outbox>()(() => ({
  letters: [],
  reachable: true,
  kept: true,
  post: (order) => postman.post(order),
  waits: (key) => postman.waits(key),
  heardOf: (key, row) => void postman.heardOf(key, { ...row }),
  carry: () => postman.carry(),
  ofBefore: () => postman.ofBefore(),
  noteReachable: (reachable) => postman.noteReachable(reachable),
  choose: (id, whose) => postman.choose(id, whose),
  dismiss: (id) => postman.dismiss(id),
  tryAgain: (id) => postman.tryAgain(id),
}));

/** Throws every letter away: what they were about is begun anew. */
export const emptyOutbox = (): void => {
  postman.empty();
};

let opened: Promise<void> | undefined;
/** Resolves once what was written down before this page was opened is known. */
export const openedOutbox = (): Promise<void> => (opened ??= postman.reread());

/** Takes up what was written down before this page was opened, an older version's letters too. */
export async function openOutbox(): Promise<void> {
  await postman.reread();
  if (readText(OLD_NAME) !== undefined) await takeUpOld();
  await postman.carry();
}

/** Under this name an older version kept its letters. */
const OLD_NAME = 'hammock.outbox';

/** Hardly anybody has such letters: what reads them is fetched where they are. They are kept until it was. */
async function takeUpOld(): Promise<void> {
  try {
    const { oldLetters } = await fetched(() => import('../../sync/oldOutbox.js'));
    for (const order of oldLetters()) postman.post(order);
    forgetText(OLD_NAME);
  } catch {
    // The server cannot be reached: the next time this page is opened.
  }
}
