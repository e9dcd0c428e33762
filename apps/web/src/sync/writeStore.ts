import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { journalOf } from '../storage/journal.js';
import { byPlace, type Letter } from './pendingWrite.js';

/** Where letters are kept, a record each. Never throws: what cannot be kept is held in memory and said. */
export interface LetterBox {
  /** Every letter kept, in order. */
  readonly all: () => Promise<Letter[]>;
  /** Keeps a letter; false when it is only held in memory. */
  readonly put: (letter: Letter) => Promise<boolean>;
  readonly remove: (id: string) => Promise<void>;
}

/** A box that lasts as long as the page. */
export function memoryBox(): LetterBox {
  const held = new Map<string, Letter>();
  return {
    all: () => Promise.resolve([...held.values()].sort(byPlace)),
    put: (letter) => {
      held.set(letter.id, letter);
      return Promise.resolve(true);
    },
    remove: (id) => {
      held.delete(id);
      return Promise.resolve();
    },
  };
}

interface Schema extends DBSchema {
  letters: { key: string; value: Letter };
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
export function deviceBox(name = 'hammock'): LetterBox {
  const journal = journalOf(`${name}.letter`);
  const held = new Map<string, Letter>();
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
  const put = async (letter: Letter): Promise<boolean> => {
    journal.write(letter.id, JSON.stringify(letter));
    try {
      await inTime(
        open().then((database) => {
          const write = database.transaction('letters', 'readwrite', { durability: 'strict' });
          return Promise.all([write.store.put(letter), write.done]);
        }),
      );
      held.delete(letter.id);
      journal.strike(letter.id);
      return held.size === 0;
    } catch {
      held.set(letter.id, letter);
      return false;
    }
  };
  return {
    all: async () => {
      const unfinished = left;
      left = [];
      for (const letter of unfinished) await put(letter);
      try {
        const kept = (await inTime(open().then((d) => d.getAll('letters')))).filter(isLetter);
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

/** The letters among texts that were left standing. */
function unwritten(left: readonly (readonly [string, string])[]): Letter[] {
  return left.flatMap(([, text]) => {
    try {
      const value: unknown = JSON.parse(text);
      return isLetter(value) ? [value] : [];
    } catch {
      return [];
    }
  });
}

/** A record that is no letter any more is of no use to anybody. */
function isLetter(value: unknown): value is Letter {
  const { id, key, path, method, n, state } = (value ?? {}) as Partial<Letter>;
  return (
    [id, key, path, method].every((text) => typeof text === 'string') &&
    typeof n === 'number' &&
    typeof state?.kind === 'string'
  );
}
