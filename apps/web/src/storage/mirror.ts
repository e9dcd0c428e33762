import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** A text that is kept, and its place in the order of all that this browser kept. */
export interface Mirrored {
  readonly text: string;
  readonly n: number;
}

interface Schema extends DBSchema {
  texts: { key: string; value: Mirrored };
}

/**
 * The browser's own storage is quick and late: what a page writes there may reach the disk a minute later, and a browser that dies
 * before that has an older state of it. A second copy goes to the database at once.
 */
export class Mirror {
  private opened: Promise<IDBPDatabase<Schema>> | undefined;
  private readonly waiting = new Map<string, Mirrored>();
  private writing = false;

  constructor(private readonly name = 'hammock.kept') {}

  /** Keeps the newest text of a name; one that is still waiting is left out. */
  put(name: string, kept: Mirrored): void {
    this.waiting.set(name, kept);
    if (!this.writing) void this.write();
  }

  /** Everything that is kept, by its name; nothing where there is no database, or it does not answer in time. */
  async all(patienceMs: number): Promise<ReadonlyMap<string, Mirrored>> {
    const late = new Promise<undefined>((done) => {
      setTimeout(done, patienceMs);
    });
    try {
      return new Map((await Promise.race([this.read(), late])) ?? []);
    } catch {
      return new Map();
    }
  }

  /** Nothing of it is left. */
  async empty(): Promise<void> {
    this.waiting.clear();
    try {
      await (await this.open()).clear('texts');
    } catch {
      // There was none.
    }
  }

  private async read(): Promise<readonly (readonly [string, Mirrored])[]> {
    const look = (await this.open()).transaction('texts');
    const [names, texts] = await Promise.all([look.store.getAllKeys(), look.store.getAll()]);
    return names.flatMap((name, i) => {
      const kept = texts[i];
      return typeof kept?.text === 'string' && typeof kept.n === 'number' ? [[name, kept] as const] : [];
    });
  }

  private async write(): Promise<void> {
    this.writing = true;
    try {
      for (let [next] = this.waiting; next; [next] = this.waiting) {
        const [name, kept] = next;
        this.waiting.delete(name);
        await (await this.open()).put('texts', kept, name);
      }
    } catch {
      // Without a database there is the one copy.
      this.waiting.clear();
    } finally {
      this.writing = false;
    }
  }

  private open(): Promise<IDBPDatabase<Schema>> {
    this.opened ??= openDB<Schema>(this.name, 1, {
      upgrade: (database) => {
        database.createObjectStore('texts');
      },
      terminated: () => {
        this.opened = undefined;
      },
    });
    this.opened.catch(() => (this.opened = undefined));
    return this.opened;
  }
}

/** This browser's. */
export const mirror = new Mirror();
