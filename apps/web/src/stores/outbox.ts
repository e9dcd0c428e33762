import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { ask, type Method } from '../api/http.js';

/** Something on its way to the server. A later one with the same key replaces one that has not left yet. */
export interface Letter {
  readonly key: string;
  readonly method: Exclude<Method, 'GET'>;
  readonly path: string;
  readonly body?: unknown;
}

export interface Outbox {
  readonly letters: readonly Letter[];
  /** False while the server does not answer. */
  readonly reachable: boolean;
  /** What the server refused, to be shown until it is read. */
  readonly refusals: readonly string[];
  readonly post: (letter: Letter) => void;
  readonly flush: () => Promise<void>;
  readonly noteReachable: (reachable: boolean) => void;
  readonly readRefusals: () => void;
}

/** How long to wait before knocking again, ms. */
const KNOCK_AGAIN_MS = 2500;

let sending = false;
let knock: ReturnType<typeof setTimeout> | undefined;

/**
 * Everything that changes something goes through here: it is written down in the browser first, then sent in
 * order, and only forgotten once the server has it. A closed tab or a server that is gone loses nothing.
 */
export const useOutbox = create<Outbox>()(
  persist(
    (set, get) => ({
      letters: [],
      reachable: true,
      refusals: [],
      post: (letter) => {
        // The first letter may be in flight; replacing it would lose the newer one when it is crossed off.
        const [first, ...rest] = get().letters;
        const inFlight = sending && first ? [first] : [];
        const waiting = sending ? rest : get().letters;
        set({ letters: [...inFlight, ...waiting.filter((l) => l.key !== letter.key), letter] });
        void get().flush();
      },
      flush: async () => {
        if (sending) return;
        sending = true;
        clearTimeout(knock);
        try {
          for (let letter = get().letters[0]; letter; letter = get().letters[0]) {
            const reply = await ask(letter.method, letter.path, letter.body);
            if (reply.kind === 'gone' || (reply.kind === 'refused' && reply.status === 429)) {
              if (reply.kind === 'gone') set({ reachable: false });
              knock = setTimeout(() => void get().flush(), KNOCK_AGAIN_MS);
              return;
            }
            const refused = reply.kind === 'refused' ? reply.reasons : [];
            set({
              letters: get().letters.slice(1),
              reachable: true,
              refusals: [...get().refusals, ...refused],
            });
          }
        } finally {
          sending = false;
        }
      },
      noteReachable: (reachable) => {
        if (get().reachable !== reachable) set({ reachable });
        if (reachable) void get().flush();
      },
      readRefusals: () => {
        set({ refusals: [] });
      },
    }),
    { name: 'hammock.outbox', partialize: ({ letters }) => ({ letters }) },
  ),
);

/** How often to look whether the server is still there while there is nothing to send, ms. */
const LOOK_MS = 5000;

/** Keeps an eye on the server: sends what waits, and notices when it goes and when it is back. Returns how to stop. */
export function watchServer(): () => void {
  const look = (): void => {
    if (document.visibilityState !== 'visible') return;
    const { letters, flush, noteReachable } = useOutbox.getState();
    if (letters.length > 0) void flush();
    else void ask('GET', '/api/health').then((reply) => noteReachable(reply.kind !== 'gone'));
  };
  const timer = setInterval(look, LOOK_MS);
  document.addEventListener('visibilitychange', look);
  return () => {
    clearInterval(timer);
    document.removeEventListener('visibilitychange', look);
  };
}
