import { sameValue, type Fields } from '@hammock/core/records';
import type { Method } from '../api/http.js';

/** What a write stands on: the revision it saw, and what the thing said then. */
interface Stands {
  readonly revision: number | undefined;
  /** Undefined when nobody knows; null when it was taken away. */
  readonly base: Fields | null | undefined;
}

/** Something that changes something, written down here until the server has it. */
export interface Write {
  /** What it is about. A later one about the same thing takes the place of one that has not left yet. */
  readonly key: string;
  /** What goes in order with it: a pot is begun before it is tapped at. */
  readonly thread: string;
  /** Threads that must be empty before it goes. */
  readonly after?: readonly string[];
  /** How a person would call it. */
  readonly label: string;
  readonly method: Exclude<Method, 'GET' | 'POST'>;
  readonly path: string;
  readonly body?: Fields;
  /** For things that have a revision. */
  readonly stands?: Stands;
  /** True when it matters when it happened: the server is told how long ago. */
  readonly timed?: boolean;
  /** When it happened by this device's clock; now when left out. */
  readonly atMs?: number;
  /** The household it was written of; the one there is now when left out. */
  readonly epoch?: string;
}

export type PendingWriteState =
  | { readonly kind: 'waiting' }
  /** Changed elsewhere too, in these fields: the cook chooses. */
  | { readonly kind: 'asked'; readonly current: Fields; readonly clashes: readonly string[] }
  /** The server will not have it: kept until it is read. */
  | { readonly kind: 'refused'; readonly reasons: readonly string[] }
  /** Written of a household that was erased, replaced or put back since: the cook says whether it is stored all the same. */
  | { readonly kind: 'ofBefore' };

/** Whether a write is over as far as the server goes, and only waits to be read. */
export const isEnded = ({ state }: Pick<PendingWrite, 'state'>): boolean =>
  state.kind === 'refused' || state.kind === 'ofBefore';

/** A write as this browser keeps it until the server has it. */
export interface PendingWrite extends Write {
  readonly id: string;
  /** Its place: after every write that was there when it was written. */
  readonly n: number;
  /** The tab it was written in. */
  readonly tab: string;
  readonly atMs: number;
  readonly state: PendingWriteState;
  /** What was said of the same thing before this and may have arrived; null that it was taken away. */
  readonly own: readonly (Fields | null)[];
  readonly tries: number;
  /** What the server said when it could not take it, as an HTTP status: 507 where its disk is full. */
  readonly busy?: number;
  /** Not to be tried again before, by this device's clock. */
  readonly notBeforeMs: number;
}

/** Writes in the order they go in. */
export const byPlace = (a: PendingWrite, b: PendingWrite): number => a.n - b.n || (a.tab < b.tab ? -1 : 1);

/**
 * Own words that are remembered. The first may be on its way, however many keys were pressed since; of the others the last
 * may have been. What still waits in a write of its own, because it was on its way when the next was written, arrives yet.
 */
const MOST_OWN = 4;
const remembered = (own: PendingWrite['own'], waiting: PendingWrite['own']): PendingWrite['own'] =>
  own.length <= MOST_OWN
    ? own
    : own.filter(
        (said, i) => i === 0 || i > own.length - MOST_OWN || waiting.some((w) => sameValue(w, said)),
      );

/** The write for an order, in its place among those that wait; `replaces` is the one it makes needless. */
export function written(
  order: Write,
  writes: readonly PendingWrite[],
  at: {
    readonly id: string;
    readonly tab: string;
    readonly nowMs: number;
    readonly inFlight: string | undefined;
    readonly epoch?: string | undefined;
  },
): { readonly write: PendingWrite; readonly replaces: PendingWrite | undefined } {
  const earlier = writes.filter((l) => l.key === order.key && !isEnded(l)).sort(byPlace);
  const before = earlier.at(-1);
  const replaces = before?.tab === at.tab && before.id !== at.inFlight ? before : undefined;
  // A thing changed twice stands on what it stood on the first time: that is what the server still has.
  const stands = before?.stands ?? order.stands;
  const waiting = earlier.filter((l) => l !== replaces).map((l) => l.body ?? null);
  const own = before ? remembered([...before.own, before.body ?? null], waiting) : [];
  return {
    replaces,
    write: {
      ...(at.epoch === undefined ? {} : { epoch: at.epoch }),
      ...order,
      ...(stands ? { stands } : {}),
      id: at.id,
      n: Math.max(0, ...writes.map((l) => l.n)) + 1,
      tab: at.tab,
      atMs: order.atMs ?? at.nowMs,
      state: replaces?.state ?? { kind: 'waiting' },
      own,
      tries: 0,
      notBeforeMs: 0,
    },
  };
}

/** A later write as it stands once an earlier one was stored with that revision; undefined where it does not stand on it. */
export function standingOn(
  later: PendingWrite,
  stored: PendingWrite,
  revision: number,
): PendingWrite | undefined {
  const { stands, own } = later;
  if (!stands) return undefined;
  const body = stored.body ?? null;
  // What was written while that was on its way.
  if (later.key === stored.key)
    return own.some((o) => sameValue(o, body))
      ? { ...later, own: [], stands: { revision, base: body } }
      : undefined;
  // A change of something created here a moment ago stands on its creation.
  const isOfIt = later.thread === stored.thread && stands.revision === 0;
  return isOfIt ? { ...later, stands: { ...stands, revision } } : undefined;
}

/** The write for an order that has to arrive just before another one. */
export const justBefore = (
  write: PendingWrite,
  order: Write,
  at: { readonly id: string; readonly tab: string; readonly nowMs: number },
): PendingWrite => ({
  ...order,
  id: at.id,
  n: write.n - 0.5,
  tab: at.tab,
  atMs: order.atMs ?? at.nowMs,
  state: { kind: 'waiting' },
  own: [],
  tries: 0,
  notBeforeMs: 0,
});

/** Where it goes: with what it stood on, and how long ago it happened. */
export function addressOf({ path, stands, timed, atMs }: PendingWrite, nowMs: number): string {
  const query = new URLSearchParams();
  if (stands?.revision !== undefined && stands.revision > 0)
    query.set('standsOn', stands.revision.toString());
  if (timed) query.set('agoMs', Math.max(0, Math.round(nowMs - atMs)).toString());
  const text = query.toString();
  return text === '' ? path : `${path}?${text}`;
}

/** The next write that may go: the first of its thread, not told to wait, and nothing it needs before it. */
export function nextOf(writes: readonly PendingWrite[], nowMs: number): PendingWrite | undefined {
  const waiting = writes.filter((l) => l.state.kind === 'waiting').sort(byPlace);
  const held = new Set<string>();
  for (const write of waiting) {
    const isHeld = held.has(write.thread) || write.notBeforeMs > nowMs;
    const needs = write.after?.some((thread) => waiting.some((l) => l.thread === thread)) ?? false;
    if (!isHeld && !needs) return write;
    held.add(write.thread);
  }
  return undefined;
}

const FIRST_WAIT_MS = 1000;
const LONGEST_WAIT_MS = 60_000;

/**
 * How long a write waits after `tries` refusals, ms: twice as long each time, up to a minute.
 * @param chance between 0 and 1: devices that were all turned away do not all come back at once
 */
export const backOffMs = (tries: number, chance: number): number =>
  Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** (tries - 1)) * (0.5 + chance / 2);

/** How long to wait before knocking again where nobody answers, ms. */
export const KNOCK_MS = 2500;
/** Tries after which a text that is merged over and over waits like any other. */
export const MOST_MERGES = 10;
