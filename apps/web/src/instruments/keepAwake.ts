/**
 * Keeps the screen awake, where the browser can, until what comes back is called; asks again when the tab comes back.
 */
export function keepAwake(): () => void {
  if (!('wakeLock' in navigator)) return () => undefined;
  let lock: WakeLockSentinel | undefined;
  let wanted = true;
  const take = (): void => {
    if (document.visibilityState !== 'visible') return;
    // A refusal (low battery, a background tab) is the browser's right; the clock goes on without it.
    navigator.wakeLock.request('screen').then(
      (taken) => {
        lock = taken;
        // It may come after nobody wants it any more.
        if (!wanted) void taken.release();
      },
      () => undefined,
    );
  };
  take();
  document.addEventListener('visibilitychange', take);
  return () => {
    wanted = false;
    document.removeEventListener('visibilitychange', take);
    void lock?.release();
  };
}
