import type { ChangesReply } from '@hammock/core/records';
import { ask } from '../../api/http.js';
import { epochNow, hearEpoch } from '../../sync/epoch.js';
import { deviceNowMs } from '../../storage/deviceClock.js';
import { otherTabs } from '../../storage/tabs.js';
import { hearCooks } from '../cooks/cookHearing.js';
import { useCooks } from '../cooks/cooks.js';
import { useDraft } from '../plan/draft.js';
import { useKitchen } from '../kitchen/kitchen.js';
import { loadLearnt } from '../kitchen/learnt.js';
import { openOutbox, useOutbox } from '../session/pendingWrites.js';
import { accessRole } from '../session/access.js';
import { useTime } from '../session/time.js';

/** Up to where this page has heard the server; undefined until it has read everything once. */
let since: number | undefined;
/** What pots taught that was not heard yet: asked for at every look until it was. */
let owesLearnt = false;
let asking: Promise<boolean> | undefined;
let again = false;

/** Asks what changed since it was last asked; true when the server answered. One at a time. */
export function hearChanges(): Promise<boolean> {
  // The server may have called after it wrote the reply that is on its way: then that does not tell of it.
  if (asking) again = true;
  asking ??= hearAll().finally(() => (asking = undefined));
  return asking;
}

const isCalledAgain = (): boolean => again;

async function hearAll(): Promise<boolean> {
  for (;;) {
    again = false;
    const isHeard = await hear();
    if (!isHeard || !isCalledAgain()) return isHeard;
  }
}

async function hear(): Promise<boolean> {
  for (;;) {
    const sentMs = deviceNowMs();
    const reply = await ask('GET', `/api/changes${askedFrom(since)}`);
    if (reply.kind !== 'gone') useOutbox.getState().noteReachable(true);
    else useOutbox.getState().noteReachable(false);
    if (reply.kind !== 'stored') return false;
    const changes = reply.body as ChangesReply;
    useTime.getState().hear({ sentMs, backMs: deviceNowMs(), serverMs: changes.nowMs });
    // The first time everything is read by its own lists, and the file may have been put back from a copy.
    const before = hearEpoch(changes.epoch);
    if (before !== undefined) await useOutbox.getState().ofBefore();
    if (since === undefined || changes.reset || before !== undefined) {
      since = (await readAll(before)) ? changes.revision : undefined;
      return true;
    }
    useKitchen.getState().hear(changes);
    useDraft.getState().hear(changes.plans);
    await hearCooks(changes);
    // What was said of a pot teaches.
    if (changes.cooks.length > 0 || owesLearnt) owesLearnt = !(await loadLearnt());
    since = changes.revision;
    if (!changes.more) return true;
  }
}

function askedFrom(revision: number | undefined): string {
  if (revision === undefined) return '';
  const epoch = epochNow();
  const query = new URLSearchParams({
    since: revision.toString(),
    ...(epoch === undefined ? {} : { epoch }),
  });
  return `?${query.toString()}`;
}

/**
 * Reads everything by its own lists; a guest what is on the stove. False when something could not be read: then all of it is read again.
 * @param before the household this device knew until now, where that was another one
 */
async function readAll(before: string | undefined): Promise<boolean> {
  if ((await accessRole()) === 'guest') {
    const [isRead] = await Promise.all([
      useKitchen.getState().loadForGuest(),
      useCooks.getState().loadActive(before),
    ]);
    return isRead;
  }
  const kitchen = useKitchen.getState().load();
  const [isRead] = await Promise.all([
    kitchen,
    useDraft.getState().load(kitchen),
    useCooks.getState().loadActive(before),
    // The newest pages are here before the server is away.
    useCooks.getState().loadRecent(),
    loadLearnt().then((isAll) => (owesLearnt = !isAll)),
  ]);
  return isRead;
}

/** How often to ask where the server does not call, and to see whether it is still there, ms. */
const LOOK_MS = 5000;

/**
 * Keeps this page and the server together: sends what waits, hears what others changed as soon as the server says
 * so, notices when it goes and when it is back. Returns how to stop.
 * @param first what has to be read on this device before anybody is asked
 */
export function keepTogether(first: Promise<unknown> = Promise.resolve()): () => void {
  const look = (): void => {
    if (document.visibilityState === 'visible') void hearChanges();
  };
  const stopListening = listen(look);
  void Promise.all([first, openOutbox()]).then(look);
  const timer = setInterval(look, LOOK_MS);
  document.addEventListener('visibilitychange', look);
  return () => {
    clearInterval(timer);
    stopListening();
    document.removeEventListener('visibilitychange', look);
  };
}

/**
 * Has the server call at every change. A browser opens only a few connections to one server, so one tab listens and
 * tells the others; when it is closed, another one takes over. Returns how to stop.
 */
function listen(heard: () => void): () => void {
  if (typeof EventSource === 'undefined') return () => undefined;
  const open = (tell: () => void): (() => void) => {
    const source = new EventSource('/api/changes/stream');
    source.onmessage = () => {
      heard();
      tell();
    };
    return () => {
      source.close();
    };
  };
  if (!('locks' in navigator) || typeof BroadcastChannel === 'undefined') return open(() => undefined);
  const { tell } = otherTabs('hammock.changes', heard);
  const stopped = new AbortController();
  const untilStopped = new Promise<void>((done) => {
    stopped.signal.addEventListener('abort', () => {
      done();
    });
  });
  navigator.locks
    .request('hammock.ear', { signal: stopped.signal }, async () => {
      const close = open(tell);
      await untilStopped;
      close();
    })
    .catch(() => undefined);
  return () => {
    stopped.abort();
  };
}
