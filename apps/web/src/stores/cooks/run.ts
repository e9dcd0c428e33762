import { runFromTaps, type RunState } from '@hammock/core';
import type { CookRecord } from '@hammock/core/records';
import { use, useEffect, useMemo, useState } from 'react';
import { eventsOf } from './cookRecord.js';
import { StovePassedIn } from './stove.js';

/** The time of the stove that is shown, twice a second. */
export function useNowMs(): number {
  const { nowMs } = use(StovePassedIn);
  const [now, setNow] = useState(nowMs);
  useEffect(() => {
    const tick = (): void => setNow(nowMs());
    const timer = setInterval(tick, 500);
    document.addEventListener('visibilitychange', tick);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', tick);
    };
  }, [nowMs]);
  return now;
}

/** Where a cook stands. */
export const useRun = (cook: CookRecord): RunState =>
  useMemo(() => runFromTaps(cook.answer.stages, eventsOf(cook)), [cook]);
