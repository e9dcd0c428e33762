import { sameValue, type Fields } from '@hammock/core/records';
import { HeldLetters } from './heldWrites.js';
import {
  addressOf,
  isEnded,
  backOffMs,
  byPlace,
  justBefore,
  KNOCK_MS,
  MOST_MERGES,
  nextOf,
  standingOn,
  type Letter,
  type Order,
} from './pendingWrite.js';
import type { PostmanParts } from './outboxParts.js';
import { revisionIn, saidIn, settle } from './mergeConflict.js';

/**
 * Brings letters to the server, in order within a thread, and keeps each until the server has stored it or said for
 * good that it will not. A server that fails, is busy or is gone loses nothing: the letter waits and is tried again.
 * All tabs share one box, and one tab at a time carries everybody's letters.
 */
export class Postman {
  private readonly held: HeldLetters;
  private inFlight: string | undefined;
  private carrying = false;
  private comeBack = false;
  private callOff: (() => void) | undefined;
  readonly tab: string;

  constructor(private readonly parts: PostmanParts) {
    this.tab = parts.newId();
    this.held = new HeldLetters(parts, this.tab);
  }

  /** Writes an order down and sends it as soon as it can be. */
  post(order: Order): void {
    void this.held.add(order, this.inFlight).then(() => this.carry());
  }

  /** Whether something about this thing is still on its way from here. */
  waits(key: string): boolean {
    return this.held.all.some((l) => l.key === key && !isEnded(l));
  }

  get waiting(): readonly Letter[] {
    return this.held.all;
  }

  /** Reads the box anew: another tab wrote, or the page was just opened. */
  readonly reread = (): Promise<void> => this.held.reread();

  /** Says whether the server was heard, by whoever asked it something. */
  noteReachable(reachable: boolean): void {
    const isBack = reachable && !this.held.reachable;
    this.held.reachable = reachable;
    this.held.show();
    if (isBack) void this.hurry().then(() => this.carry());
  }

  /** Nobody waits for a time that was set while the server was away. */
  private async hurry(): Promise<void> {
    for (const letter of this.held.all)
      if (letter.notBeforeMs > 0) await this.held.replace({ ...letter, notBeforeMs: 0 });
  }

  /** Carries what can be carried now. */
  async carry(): Promise<void> {
    if (this.carrying) {
      this.comeBack = true;
      return;
    }
    this.carrying = true;
    this.callOff?.();
    try {
      do {
        this.comeBack = false;
        await this.parts.alone(() => this.round());
      } while (this.isCalledBack());
    } finally {
      this.carrying = false;
    }
    this.planNext();
  }

  /** The cook has chosen: what was said here, or what is there. */
  async choose(id: string, whose: 'mine' | 'theirs'): Promise<void> {
    const letter = this.held.all.find((l) => l.id === id);
    if (letter?.state.kind !== 'asked') return;
    const { current } = letter.state;
    if (whose === 'theirs') {
      await this.held.remove(letter);
      this.parts.heard.merged(letter, saidIn(current), current);
      return;
    }
    const stands = { revision: revisionIn(current), base: saidIn(current) };
    await this.held.replace({ ...letter, state: { kind: 'waiting' }, stands, tries: 0, notBeforeMs: 0 });
    await this.carry();
  }

  /** A thing that is asked about was changed elsewhere again: that is what is asked about now. */
  async heardOf(key: string, current: Fields): Promise<void> {
    for (const letter of this.held.all.filter((l) => l.key === key))
      if (letter.state.kind === 'asked' && revisionIn(current) > revisionIn(letter.state.current))
        await this.clashed({ ...letter, state: { kind: 'waiting' } }, current);
    await this.carry();
  }

  /** What was refused has been read. */
  async dismiss(id: string): Promise<void> {
    const letter = this.refused(id);
    if (letter) await this.held.remove(letter);
  }

  /** Tries what was refused once more. */
  async tryAgain(id: string): Promise<void> {
    const letter = this.refused(id);
    if (!letter) return;
    // Of what it stood on before nothing is there: it is new to this household, or the cook is asked.
    const { stands, epoch, ...alone } = letter;
    const again =
      letter.state.kind === 'ofBefore' ? { ...alone, ...known(this.parts.epoch()), own: [] } : letter;
    await this.held.replace({ ...again, state: { kind: 'waiting' }, tries: 0, notBeforeMs: 0 });
    await this.carry();
  }

  /** Everything was erased, replaced or put back at the server: what was written before is laid before the cook. */
  async ofBefore(): Promise<void> {
    await this.reread();
    const epoch = this.parts.epoch();
    for (const letter of this.held.all)
      if (!isEnded(letter) && letter.epoch !== epoch)
        await this.held.replace({ ...letter, state: { kind: 'ofBefore' } });
    this.held.show();
  }

  private refused(id: string): Letter | undefined {
    return this.held.all.find((l) => l.id === id && isEnded(l));
  }

  /** Throws every letter away. */
  empty(): void {
    this.carrying = false;
    this.held.empty();
  }

  private async round(): Promise<void> {
    await this.reread();
    for (let letter = this.next(); letter; letter = this.next()) {
      this.inFlight = letter.id;
      try {
        if (!(await this.send(letter))) return;
      } finally {
        this.inFlight = undefined;
      }
    }
  }

  /** Whether something was written while letters were being carried. */
  private isCalledBack(): boolean {
    return this.comeBack && this.held.reachable;
  }

  private next(): Letter | undefined {
    return nextOf(this.held.all, this.parts.nowMs());
  }

  /** Sends one letter; false when nobody is there. */
  private async send(letter: Letter): Promise<boolean> {
    const address = addressOf(letter, this.parts.nowMs());
    const reply = await this.parts.ask(letter.method, address, letter.body, letter.epoch);
    if (reply.kind !== 'gone') this.held.reachable = true;
    switch (reply.kind) {
      case 'gone':
        this.held.reachable = false;
        this.held.show();
        return false;
      case 'stored':
        await this.delivered(letter, reply.body);
        return true;
      case 'busy':
        await this.putOff({ ...letter, busy: reply.status }, reply.afterMs);
        return true;
      case 'clash':
        await this.clashed(letter, reply.current as Fields);
        return true;
      case 'ofBefore':
        await this.held.replace({ ...letter, state: { kind: 'ofBefore' } });
        return true;
      case 'refused':
        // What is to be taken away and never was there is away.
        if (reply.status === 404 && letter.method === 'DELETE')
          return this.delivered(letter, undefined).then(() => true);
        if (reply.status === 404 && (await this.madeAgain(letter))) return true;
        await this.held.replace({ ...letter, state: { kind: 'refused', reasons: reply.reasons } });
        return true;
    }
  }

  private async delivered(letter: Letter, row: unknown): Promise<void> {
    await this.held.remove(letter);
    const revision = typeof row === 'object' && row !== null ? revisionIn(row as Fields) : 0;
    for (const later of this.held.all) {
      const onIt = standingOn(later, letter, revision);
      if (onIt) await this.held.replace(onIt);
    }
    this.parts.heard.stored(letter, row);
  }

  private async putOff(letter: Letter, afterMs: number | undefined): Promise<void> {
    const tries = letter.tries + 1;
    const waitMs = Math.max(afterMs ?? 0, backOffMs(tries, this.parts.random()));
    await this.held.replace({ ...letter, tries, notBeforeMs: this.parts.nowMs() + waitMs });
  }

  private async clashed(letter: Letter, current: Fields): Promise<void> {
    // Something newer was said of it here: that settles it, and knows this for its own word.
    if (this.held.all.some((l) => l.key === letter.key && l.tab === letter.tab && byPlace(letter, l) < 0)) {
      await this.held.remove(letter);
      return;
    }
    const { merged, clashes } = settle(letter, current);
    if (clashes.length > 0) {
      await this.held.replace({ ...letter, state: { kind: 'asked', current, clashes } });
      return;
    }
    const theirs = saidIn(current);
    if (sameValue(merged, theirs)) {
      // Nothing of it is news.
      await this.held.remove(letter);
      this.parts.heard.merged(letter, merged, current);
      return;
    }
    const { body: said, ...rest } = letter;
    const next = {
      ...rest,
      ...(merged ? { body: merged } : {}),
      own: [...letter.own, said ?? null],
      stands: { revision: revisionIn(current), base: theirs },
    };
    if (letter.tries < MOST_MERGES) await this.held.replace({ ...next, tries: letter.tries + 1 });
    else await this.putOff(next, undefined);
    this.parts.heard.merged(letter, merged, current);
  }

  /** The server does not know what this adds to: that goes again, just before it. */
  private async madeAgain(letter: Letter): Promise<boolean> {
    const order = this.parts.heard.again(letter);
    if (!order || letter.tries > 2) return false;
    const first = justBefore(letter, order, {
      id: this.parts.newId(),
      tab: this.tab,
      nowMs: this.parts.nowMs(),
    });
    await this.held.put(first);
    await this.held.replace({ ...letter, tries: letter.tries + 1 });
    return true;
  }

  private planNext(): void {
    this.callOff?.();
    const waiting = this.held.all.filter((l) => l.state.kind === 'waiting');
    if (waiting.length === 0) return;
    const soonest = Math.min(...waiting.map((l) => l.notBeforeMs)) - this.parts.nowMs();
    const ms = this.held.reachable ? Math.max(soonest, 50) : KNOCK_MS;
    this.callOff = this.parts.later(() => void this.carry(), ms);
  }
}

const known = (epoch: string | undefined): { readonly epoch?: string } =>
  epoch === undefined ? {} : { epoch };
