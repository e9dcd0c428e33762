import type { Fields } from '@hammock/core/records';
import type { Method, Reply } from '../api/http.js';
import type { Letter, Order } from './pendingWrite.js';
import type { LetterBox } from './writeStore.js';

/** What the postman tells whoever keeps the things that letters are about. */
export interface Heard {
  /** The server has it, as this row. */
  readonly stored: (letter: Letter, row: unknown) => void;
  /** It was merged with what somebody else said, and is on its way again; null is taken away. */
  readonly merged: (letter: Letter, said: Fields | null, current: Fields) => void;
  /** The server has no such thing to add to: the order that makes it anew, if that can be had here. */
  readonly again: (letter: Letter) => Order | undefined;
}

/** What there is to say about letters. */
export interface View {
  readonly letters: readonly Letter[];
  /** False while the server does not answer. */
  readonly reachable: boolean;
  /** False when something could not be written down on this device. */
  readonly kept: boolean;
}

export interface PostmanParts {
  readonly box: LetterBox;
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
  readonly heard: Heard;
  readonly show: (view: View) => void;
  /** Tells the other tabs that letters came or went. */
  readonly tell: () => void;
}
