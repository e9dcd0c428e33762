import { runFromTaps, type RunState } from '@hammock/core';
import type { CookRecord } from '@hammock/core/records';
import { useEffect, useMemo, useState } from 'react';
import { eventsOf } from './cookRecord.js';
import { nowMs } from '../session/time.js';

/** The household's time, once a second. */
export function useNowMs(): number {
  const [now, setNow] = useState(nowMs);
  useEffect(() => {
    const tick = (): void => setNow(nowMs());
    const timer = setInterval(tick, 500);
    document.addEventListener('visibilitychange', tick);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', tick);
    };
  }, []);
  return now;
}

/** Where a cook stands. */
export const useRun = (cook: CookRecord): RunState =>
  useMemo(() => runFromTaps(cook.answer.stages, eventsOf(cook)), [cook]);
