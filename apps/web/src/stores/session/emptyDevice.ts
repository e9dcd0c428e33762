import { mirror } from '../../storage/mirror.js';
import { useAccess, wasLetIn } from './access.js';
import { emptyOutbox, useOutbox } from './pendingWrites.js';

/** Forgets everything that this device remembers of a household, and shows where it stands then. */
export async function emptyDevice(then: string): Promise<void> {
  emptyOutbox();
  await mirror.empty();
  localStorage.clear();
  sessionStorage.clear();
  location.assign(then);
}

/**
 * A device that was let in and is let go keeps nothing of the household, once no write waits on it: what was written down here and
 * not stored yet is its cook's to send or to give up first. Returns how to stop.
 */
export function emptyWhenLetGo(empty: () => void = () => void emptyDevice('/join')): () => void {
  let isDone = false;
  const look = (): void => {
    if (isDone || useAccess.getState().role !== 'none' || !wasLetIn()) return;
    if (useOutbox.getState().writes.length > 0) return;
    isDone = true;
    empty();
  };
  const stops = [useAccess.subscribe(look), useOutbox.subscribe(look)];
  return () => {
    for (const stop of stops) stop();
  };
}
