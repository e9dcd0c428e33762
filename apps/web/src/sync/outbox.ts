import { sameValue, type Fields } from '@hammock/core/records';
import { HeldWrites } from './heldWrites.js';
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
  type PendingWrite,
  type Write,
} from './pendingWrite.js';
import type { OutboxParts } from './outboxParts.js';
import { revisionIn, saidIn, mergeConflict } from './mergeConflict.js';

/**
 * Brings writes to the server, in order within a thread, and keeps each until the server has stored it or said for
 * good that it will not. A server that fails, is busy or is gone loses nothing: the write waits and is tried again.
 * All tabs share one box, and one tab at a time carries everybody's writes.
 */
export class Outbox {
  private readonly held: HeldWrites;
  private inFlight: string | undefined;
  private carrying = false;
  private comeBack = false;
  private callOff: (() => void) | undefined;
  readonly tab: string;

  constructor(private readonly parts: OutboxParts) {
    this.tab = parts.newId();
    this.held = new HeldWrites(parts, this.tab);
  }

  /** Writes an order down and sends it as soon as it can be. */
  send(order: Write): void {
    void this.held.add(order, this.inFlight).then(() => this.sync());
  }

  /** Whether something about this thing is still on its way from here. */
  waits(key: string): boolean {
    return this.held.all.some((l) => l.key === key && !isEnded(l));
  }

  get waiting(): readonly PendingWrite[] {
    return this.held.all;
  }

  /** Reads the box anew: another tab wrote, or the page was just opened. */
  readonly reread = (): Promise<void> => this.held.reread();

  /** Says whether the server was heard, by anything that asked it. */
  noteReachable(reachable: boolean): void {
    const isBack = reachable && !this.held.reachable;
    this.held.reachable = reachable;
    this.held.show();
    if (isBack) void this.hurry().then(() => this.sync());
  }

  /** Nobody waits for a time that was set while the server was away. */
  private async hurry(): Promise<void> {
    for (const write of this.held.all)
      if (write.notBeforeMs > 0) await this.held.replace({ ...write, notBeforeMs: 0 });
  }

  /** Carries what can be carried now. */
  async sync(): Promise<void> {
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
    const write = this.held.all.find((l) => l.id === id);
    if (write?.state.kind !== 'asked') return;
    const { current } = write.state;
    if (whose === 'theirs') {
      await this.held.remove(write);
      this.parts.heard.merged(write, saidIn(current), current);
      return;
    }
    const stands = { revision: revisionIn(current), base: saidIn(current) };
    await this.held.replace({ ...write, state: { kind: 'waiting' }, stands, tries: 0, notBeforeMs: 0 });
    await this.sync();
  }

  /** A thing that is asked about was changed elsewhere again: that is what is asked about now. */
  async heardOf(key: string, current: Fields): Promise<void> {
    for (const write of this.held.all.filter((l) => l.key === key))
      if (write.state.kind === 'asked' && revisionIn(current) > revisionIn(write.state.current))
        await this.conflicted({ ...write, state: { kind: 'waiting' } }, current);
    await this.sync();
  }

  /** What was refused has been read. */
  async dismiss(id: string): Promise<void> {
    const write = this.refused(id);
    if (write) await this.held.remove(write);
  }

  /** Tries what was refused once more. */
  async tryAgain(id: string): Promise<void> {
    const write = this.refused(id);
    if (!write) return;
    // Of what it stood on before nothing is there: it is new to this household, or the cook is asked.
    const { stands, epoch, ...alone } = write;
    const again =
      write.state.kind === 'ofBefore' ? { ...alone, ...known(this.parts.epoch()), own: [] } : write;
    await this.held.replace({ ...again, state: { kind: 'waiting' }, tries: 0, notBeforeMs: 0 });
    await this.sync();
  }

  /** Everything was erased, replaced or put back at the server: what was written before is laid before the cook. */
  async ofBefore(): Promise<void> {
    await this.reread();
    const epoch = this.parts.epoch();
    for (const write of this.held.all)
      if (!isEnded(write) && write.epoch !== epoch)
        await this.held.replace({ ...write, state: { kind: 'ofBefore' } });
    this.held.show();
  }

  private refused(id: string): PendingWrite | undefined {
    return this.held.all.find((l) => l.id === id && isEnded(l));
  }

  /** Throws every write away. */
  empty(): void {
    this.carrying = false;
    this.held.empty();
  }

  private async round(): Promise<void> {
    await this.reread();
    for (let write = this.next(); write; write = this.next()) {
      this.inFlight = write.id;
      try {
        if (!(await this.sendOne(write))) return;
      } finally {
        this.inFlight = undefined;
      }
    }
  }

  /** Whether something was written while writes were being carried. */
  private isCalledBack(): boolean {
    return this.comeBack && this.held.reachable;
  }

  private next(): PendingWrite | undefined {
    return nextOf(this.held.all, this.parts.nowMs());
  }

  /** Sends one write; false when nobody is there. */
  private async sendOne(write: PendingWrite): Promise<boolean> {
    const address = addressOf(write, this.parts.nowMs());
    const reply = await this.parts.ask(write.method, address, write.body, write.epoch);
    if (reply.kind !== 'gone') this.held.reachable = true;
    switch (reply.kind) {
      case 'gone':
        this.held.reachable = false;
        this.held.show();
        return false;
      case 'stored':
        await this.delivered(write, reply.body);
        return true;
      case 'busy':
        await this.putOff({ ...write, busy: reply.status }, reply.afterMs);
        return true;
      case 'clash':
        await this.conflicted(write, reply.current as Fields);
        return true;
      case 'ofBefore':
        await this.held.replace({ ...write, state: { kind: 'ofBefore' } });
        return true;
      case 'refused':
        // What is to be taken away and never was there is away.
        if (reply.status === 404 && write.method === 'DELETE')
          return this.delivered(write, undefined).then(() => true);
        if (reply.status === 404 && (await this.madeAgain(write))) return true;
        await this.held.replace({ ...write, state: { kind: 'refused', reasons: reply.reasons } });
        return true;
    }
  }

  private async delivered(write: PendingWrite, row: unknown): Promise<void> {
    await this.held.remove(write);
    const revision = typeof row === 'object' && row !== null ? revisionIn(row as Fields) : 0;
    for (const later of this.held.all) {
      const onIt = standingOn(later, write, revision);
      if (onIt) await this.held.replace(onIt);
    }
    this.parts.heard.stored(write, row);
  }

  private async putOff(write: PendingWrite, afterMs: number | undefined): Promise<void> {
    const tries = write.tries + 1;
    const waitMs = Math.max(afterMs ?? 0, backOffMs(tries, this.parts.random()));
    await this.held.replace({ ...write, tries, notBeforeMs: this.parts.nowMs() + waitMs });
  }

  private async conflicted(write: PendingWrite, current: Fields): Promise<void> {
    // Something newer was said of it here: that settles it, and knows this for its own word.
    if (this.held.all.some((l) => l.key === write.key && l.tab === write.tab && byPlace(write, l) < 0)) {
      await this.held.remove(write);
      return;
    }
    const { merged, conflicts } = mergeConflict(write, current);
    if (conflicts.length > 0) {
      await this.held.replace({ ...write, state: { kind: 'asked', current, clashes: conflicts } });
      return;
    }
    const theirs = saidIn(current);
    if (sameValue(merged, theirs)) {
      // Nothing of it is news.
      await this.held.remove(write);
      this.parts.heard.merged(write, merged, current);
      return;
    }
    const { body: said, ...rest } = write;
    const next = {
      ...rest,
      ...(merged ? { body: merged } : {}),
      own: [...write.own, said ?? null],
      stands: { revision: revisionIn(current), base: theirs },
    };
    if (write.tries < MOST_MERGES) await this.held.replace({ ...next, tries: write.tries + 1 });
    else await this.putOff(next, undefined);
    this.parts.heard.merged(write, merged, current);
  }

  /** The server does not know what this adds to: that goes again, just before it. */
  private async madeAgain(write: PendingWrite): Promise<boolean> {
    const order = this.parts.heard.again(write);
    if (!order || write.tries > 2) return false;
    const first = justBefore(write, order, {
      id: this.parts.newId(),
      tab: this.tab,
      nowMs: this.parts.nowMs(),
    });
    await this.held.put(first);
    await this.held.replace({ ...write, tries: write.tries + 1 });
    return true;
  }

  private planNext(): void {
    this.callOff?.();
    const waiting = this.held.all.filter((l) => l.state.kind === 'waiting');
    if (waiting.length === 0) return;
    const soonest = Math.min(...waiting.map((l) => l.notBeforeMs)) - this.parts.nowMs();
    const ms = this.held.reachable ? Math.max(soonest, 50) : KNOCK_MS;
    this.callOff = this.parts.later(() => void this.sync(), ms);
  }
}

const known = (epoch: string | undefined): { readonly epoch?: string } =>
  epoch === undefined ? {} : { epoch };
