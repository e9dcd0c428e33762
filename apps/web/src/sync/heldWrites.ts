import type { PendingWrite, Write } from './pendingWrite.js';
import { byPlace, written } from './pendingWrite.js';
import type { OutboxParts, OutboxView } from './outboxParts.js';

/** The writes that wait, in memory and in the box of the browser alike. */
export class HeldWrites {
  private list: readonly PendingWrite[] = [];
  private kept = true;
  private readonly writing = new Set<string>();
  private readonly gone = new Set<string>();
  /** False while the server does not answer: shown with the writes. */
  reachable = true;

  constructor(
    private readonly parts: Pick<OutboxParts, 'store' | 'show' | 'tell' | 'newId' | 'nowMs' | 'epoch'>,
    private readonly tab: string,
  ) {}

  get all(): readonly PendingWrite[] {
    return this.list;
  }

  /** Puts an order among the writes at once; resolves when it is written down. */
  add(order: Write, inFlight: string | undefined): Promise<void> {
    const { write, replaces } = written(order, this.list, {
      id: this.parts.newId(),
      tab: this.tab,
      nowMs: this.parts.nowMs(),
      inFlight,
      epoch: this.parts.epoch(),
    });
    this.list = [...this.list.filter((l) => l !== replaces), write];
    this.show();
    return this.write(write, replaces);
  }

  /** Puts a write that is there already in its place. */
  put(write: PendingWrite): Promise<void> {
    this.list = [...this.list, write];
    return this.write(write, undefined);
  }

  async replace(write: PendingWrite): Promise<void> {
    this.list = this.list.map((l) => (l.id === write.id ? write : l));
    await this.write(write, undefined);
  }

  async remove(write: PendingWrite): Promise<void> {
    this.gone.add(write.id);
    this.list = this.list.filter((l) => l.id !== write.id);
    await this.parts.store.remove(write.id);
    this.show();
    this.parts.tell();
  }

  /** Reads the box anew: another tab wrote, or the page was just opened. */
  async reread(): Promise<void> {
    const there = (await this.parts.store.all()).filter(
      (l) => !this.gone.has(l.id) && !this.writing.has(l.id),
    );
    // What is being written just now is newer than what was read.
    this.list = [...there, ...this.list.filter((l) => this.writing.has(l.id))].sort(byPlace);
    this.show();
  }

  /** Throws every write away. */
  empty(): void {
    const before = this.list;
    this.list = [];
    this.reachable = true;
    for (const write of before) void this.remove(write);
    this.show();
  }

  show(): void {
    const view: OutboxView = { writes: this.list, reachable: this.reachable, kept: this.kept };
    this.parts.show(view);
  }

  private async write(write: PendingWrite, replaces: PendingWrite | undefined): Promise<void> {
    this.writing.add(write.id);
    if (replaces) this.gone.add(replaces.id);
    this.kept = await this.parts.store.put(write);
    this.writing.delete(write.id);
    if (replaces) await this.parts.store.remove(replaces.id);
    this.show();
    this.parts.tell();
  }
}
