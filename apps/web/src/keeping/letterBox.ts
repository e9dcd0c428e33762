import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { byPlace, type Letter } from './letter.js';

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

/** The box of this browser, shared by all its tabs. */
export function deviceBox(name = 'hammock'): LetterBox {
  const held = new Map<string, Letter>();
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
  return {
    all: async () => {
      try {
        const kept = (await (await open()).getAll('letters')).filter(isLetter);
        return [...kept, ...held.values()].sort(byPlace);
      } catch {
        return [...held.values()].sort(byPlace);
      }
    },
    put: async (letter) => {
      try {
        const write = (await open()).transaction('letters', 'readwrite', { durability: 'strict' });
        await Promise.all([write.store.put(letter), write.done]);
        held.delete(letter.id);
        return held.size === 0;
      } catch {
        held.set(letter.id, letter);
        return false;
      }
    },
    remove: async (id) => {
      held.delete(id);
      try {
        await (await open()).delete('letters', id);
      } catch {
        // It goes once more, and the server knows it already.
      }
    },
  };
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
