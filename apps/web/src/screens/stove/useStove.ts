import { replay, type CookRecord, type RunState } from '@hammock/core';
import { useEffect, useMemo, useState } from 'react';
import { eventsOf } from '../../stores/cooks.js';
import { alarmAt } from './alarm.js';

/** The time, once a second. */
export function useNowMs(): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const tick = (): void => setNow(Date.now());
    const timer = setInterval(tick, 500);
    document.addEventListener('visibilitychange', tick);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', tick);
    };
  }, []);
  return now;
}

/** Where a cook stands; its alarm is set as a matter of course. */
export function useRun(cook: CookRecord): RunState {
  const run = useMemo(() => replay(cook.answer.stages, eventsOf(cook)), [cook]);
  const current = run.stages[run.current];
  const due = current?.dueAtMs;
  useEffect(() => {
    alarmAt(due);
  }, [due]);
  return run;
}

/** Keeps the screen awake while `active`, where the browser can; asks again when the tab comes back. */
export function useWakeLock(active: boolean): void {
  useEffect(() => {
    if (!active || !('wakeLock' in navigator)) return undefined;
    let lock: WakeLockSentinel | undefined;
    const take = (): void => {
      if (document.visibilityState !== 'visible') return;
      // A refusal (low battery, a background tab) is the browser's right; the clock goes on without it.
      navigator.wakeLock.request('screen').then(
        (taken) => (lock = taken),
        () => undefined,
      );
    };
    take();
    document.addEventListener('visibilitychange', take);
    return () => {
      document.removeEventListener('visibilitychange', take);
      void lock?.release();
    };
  }, [active]);
}
