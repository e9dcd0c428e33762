import type { Letter, Order } from './pendingWrite.js';
import { byPlace, written } from './pendingWrite.js';
import type { PostmanParts, View } from './outboxParts.js';

/** The letters that wait, in memory and in the box of the browser alike. */
export class HeldLetters {
  private list: readonly Letter[] = [];
  private kept = true;
  private readonly writing = new Set<string>();
  private readonly gone = new Set<string>();
  /** False while the server does not answer: shown with the letters. */
  reachable = true;

  constructor(
    private readonly parts: Pick<PostmanParts, 'box' | 'show' | 'tell' | 'newId' | 'nowMs' | 'epoch'>,
    private readonly tab: string,
  ) {}

  get all(): readonly Letter[] {
    return this.list;
  }

  /** Puts an order among the letters at once; resolves when it is written down. */
  add(order: Order, inFlight: string | undefined): Promise<void> {
    const { letter, replaces } = written(order, this.list, {
      id: this.parts.newId(),
      tab: this.tab,
      nowMs: this.parts.nowMs(),
      inFlight,
      epoch: this.parts.epoch(),
    });
    this.list = [...this.list.filter((l) => l !== replaces), letter];
    this.show();
    return this.write(letter, replaces);
  }

  /** Puts a letter that is there already in its place. */
  put(letter: Letter): Promise<void> {
    this.list = [...this.list, letter];
    return this.write(letter, undefined);
  }

  async replace(letter: Letter): Promise<void> {
    this.list = this.list.map((l) => (l.id === letter.id ? letter : l));
    await this.write(letter, undefined);
  }

  async remove(letter: Letter): Promise<void> {
    this.gone.add(letter.id);
    this.list = this.list.filter((l) => l.id !== letter.id);
    await this.parts.box.remove(letter.id);
    this.show();
    this.parts.tell();
  }

  /** Reads the box anew: another tab wrote, or the page was just opened. */
  async reread(): Promise<void> {
    const there = (await this.parts.box.all()).filter((l) => !this.gone.has(l.id) && !this.writing.has(l.id));
    // What is being written just now is newer than what was read.
    this.list = [...there, ...this.list.filter((l) => this.writing.has(l.id))].sort(byPlace);
    this.show();
  }

  /** Throws every letter away. */
  empty(): void {
    const before = this.list;
    this.list = [];
    this.reachable = true;
    for (const letter of before) void this.remove(letter);
    this.show();
  }

  show(): void {
    const view: View = { letters: this.list, reachable: this.reachable, kept: this.kept };
    this.parts.show(view);
  }

  private async write(letter: Letter, replaces: Letter | undefined): Promise<void> {
    this.writing.add(letter.id);
    if (replaces) this.gone.add(replaces.id);
    this.kept = await this.parts.box.put(letter);
    this.writing.delete(letter.id);
    if (replaces) await this.parts.box.remove(replaces.id);
    this.show();
    this.parts.tell();
  }
}
