import type { Fields } from '@hammock/core/records';
import type { Method, Reply } from '../api/http.js';
import type { PendingWrite, Write } from './pendingWrite.js';
import type { WriteStore } from './writeStore.js';

/** What the outbox tells whoever keeps the things that writes are about. */
export interface WriteListener {
  /** The server has it, as this row. */
  readonly stored: (write: PendingWrite, row: unknown) => void;
  /** It was merged with what somebody else said, and is on its way again; null is taken away. */
  readonly merged: (write: PendingWrite, said: Fields | null, current: Fields) => void;
  /** The server has no such thing to add to: the order that makes it anew, if that can be had here. */
  readonly again: (write: PendingWrite) => Write | undefined;
}

/** What there is to say about writes. */
export interface OutboxView {
  readonly writes: readonly PendingWrite[];
  /** False while the server does not answer. */
  readonly reachable: boolean;
  /** False when something could not be written down on this device. */
  readonly kept: boolean;
}

export interface OutboxParts {
  readonly store: WriteStore;
  readonly ask: (
    method: Exclude<Method, 'GET'>,
    path: string,
    body?: unknown,
    epoch?: string,
  ) => Promise<Reply>;
  /** Which household this device knows. */
  readonly epoch: () => string | undefined;
  readonly nowMs: () => number;
  readonly newId: () => string;
  /** Between 0 and 1: devices that were all turned away do not all come back at once. */
  readonly random: () => number;
  /** Runs work while no other tab of this browser runs any. */
  readonly alone: (work: () => Promise<void>) => Promise<void>;
  /** Does something later; returns how to call it off. */
  readonly later: (work: () => void, ms: number) => () => void;
  readonly heard: WriteListener;
  readonly show: (view: OutboxView) => void;
  /** Tells the other tabs that writes came or went. */
  readonly tell: () => void;
}
