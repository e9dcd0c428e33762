import { createStore } from 'zustand/vanilla';

export interface NewVersion {
  /** Takes the newer program up and loads the page anew; null while there is none. */
  readonly takeUp: (() => void) | null;
}

/** Whether a newer Hammock waits to be taken up. */
export const newVersion = createStore<NewVersion>()(() => ({ takeUp: null }));

/** A page that stays open looks for a newer program so often, ms. */
const LOOK_MS = 3600 * 1000;

/**
 * Lets the browser keep the whole program, so that it opens with the server away. A newer one waits until somebody says so: a page
 * never changes under a cook's hands.
 */
export async function keepProgram(): Promise<void> {
  // Only over a safe connection, or on this machine; and not in a window that keeps nothing.
  if (!('serviceWorker' in navigator)) return;
  try {
    const { Workbox } = await import('workbox-window');
    const kept = new Workbox('/sw.js');
    kept.addEventListener('waiting', () => {
      newVersion.setState({
        takeUp: () => {
          kept.addEventListener('controlling', () => {
            location.reload();
          });
          kept.messageSkipWaiting();
        },
      });
    });
    await kept.register();
    setInterval(() => void kept.update().catch(() => undefined), LOOK_MS);
  } catch {
    // It works as before: from the server.
  }
}
