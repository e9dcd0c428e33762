import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { journalOf } from '../storage/journal.js';
import { byPlace, type PendingWrite } from './pendingWrite.js';

/** Where writes are kept, a record each. Never throws: what cannot be kept is held in memory and said. */
export interface WriteStore {
  /** Every write kept, in order. */
  readonly all: () => Promise<PendingWrite[]>;
  /** Keeps a write; false when it is only held in memory. */
  readonly put: (write: PendingWrite) => Promise<boolean>;
  readonly remove: (id: string) => Promise<void>;
}

/** A box that lasts as long as the page. */
export function memoryWriteStore(): WriteStore {
  const held = new Map<string, PendingWrite>();
  return {
    all: () => Promise.resolve([...held.values()].sort(byPlace)),
    put: (write) => {
      held.set(write.id, write);
      return Promise.resolve(true);
    },
    remove: (id) => {
      held.delete(id);
      return Promise.resolve();
    },
  };
}

interface Schema extends DBSchema {
  /** The name it has since its first version. */
  letters: { key: string; value: PendingWrite };
}

const VERSION = 1;

/** A database that does not answer in this time is as good as none, ms: what waits for it is sent all the same. */
const PATIENCE_MS = 5000;
const inTime = async <T>(asked: Promise<T>): Promise<T> => {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<never>((_done, failed) => {
    timer = setTimeout(() => {
      failed(new Error('the database does not answer'));
    }, PATIENCE_MS);
  });
  try {
    return await Promise.race([asked, late]);
  } finally {
    clearTimeout(timer);
  }
};

/** The box of this browser, shared by all its tabs. What a page closed in the middle of a write is there too. */
export function deviceWriteStore(name = 'hammock'): WriteStore {
  const journal = journalOf(`${name}.letter`);
  const held = new Map<string, PendingWrite>();
  let left = unwritten(journal.left());
  let opened: Promise<IDBPDatabase<Schema>> | undefined;
  const open = (): Promise<IDBPDatabase<Schema>> => {
    opened ??= openDB<Schema>(name, VERSION, {
      upgrade: (database) => {
        database.createObjectStore('letters', { keyPath: 'id' });
      },
      terminated: () => {
        opened = undefined;
      },
    });
    opened.catch(() => (opened = undefined));
    return opened;
  };
  const put = async (write: PendingWrite): Promise<boolean> => {
    journal.write(write.id, JSON.stringify(write));
    try {
      await inTime(
        open().then((database) => {
          const change = database.transaction('letters', 'readwrite', { durability: 'strict' });
          return Promise.all([change.store.put(write), change.done]);
        }),
      );
      held.delete(write.id);
      journal.strike(write.id);
      return held.size === 0;
    } catch {
      held.set(write.id, write);
      return false;
    }
  };
  return {
    all: async () => {
      const unfinished = left;
      left = [];
      for (const write of unfinished) await put(write);
      try {
        const kept = (await inTime(open().then((d) => d.getAll('letters')))).filter(isPendingWrite);
        return [...kept, ...held.values()].sort(byPlace);
      } catch {
        return [...held.values()].sort(byPlace);
      }
    },
    put,
    remove: async (id) => {
      held.delete(id);
      journal.strike(id);
      try {
        await inTime(open().then((d) => d.delete('letters', id)));
      } catch {
        // It goes once more, and the server knows it already.
      }
    },
  };
}

/** The writes among texts that were left standing. */
function unwritten(left: readonly (readonly [string, string])[]): PendingWrite[] {
  return left.flatMap(([, text]) => {
    try {
      const value: unknown = JSON.parse(text);
      return isPendingWrite(value) ? [value] : [];
    } catch {
      return [];
    }
  });
}

/** A record that is no write any more is of no use to anybody. */
function isPendingWrite(value: unknown): value is PendingWrite {
  const { id, key, path, method, n, state } = (value ?? {}) as Partial<PendingWrite>;
  return (
    [id, key, path, method].every((text) => typeof text === 'string') &&
    typeof n === 'number' &&
    typeof state?.kind === 'string'
  );
}
