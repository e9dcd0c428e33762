/**
 * A clock that keeps ticking while the tab is in the background, where the page's own timers are slowed down.
 * It is told when something is due and says so once.
 */
let timer: ReturnType<typeof setTimeout> | undefined;

/** Wakes at least this often, so that a device that slept notices what it missed. */
const LONGEST_NAP_MS = 1000;

const wait = (dueAtMs: number): void => {
  const left = dueAtMs - Date.now();
  if (left <= 0) {
    postMessage({ dueAtMs });
    return;
  }
  timer = setTimeout(() => wait(dueAtMs), Math.min(left, LONGEST_NAP_MS));
};

addEventListener('message', (event: MessageEvent<{ readonly dueAtMs: number | undefined }>) => {
  clearTimeout(timer);
  if (event.data.dueAtMs !== undefined) wait(event.data.dueAtMs);
});

export {};
