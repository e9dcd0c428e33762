import { cues, replay, type RunState } from '@hammock/core';
import type { CookRecord } from '@hammock/core/records';
import { useEffect, useMemo, useState } from 'react';
import { eventsOf } from '../../stores/cookRecord.js';
import { nowMs, onThisDevice, useTime } from '../../stores/time.js';
import { useInstruments } from '../../instruments/instruments.js';

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

/** Where a cook stands; its alarm is set as a matter of course. */
export function useRun(cook: CookRecord): RunState {
  const run = useMemo(() => replay(cook.answer.stages, eventsOf(cook)), [cook]);
  const due = cues(run, cook.id)[0]?.atMs;
  const offset = useTime((s) => s.offsetMs);
  const { alarmAt } = useInstruments();
  useEffect(() => {
    // The alarm ticks by this device's clock.
    alarmAt(due === undefined ? undefined : onThisDevice(due));
  }, [due, offset, alarmAt]);
  return run;
}

/** Keeps the screen awake while `active`, where it can be. */
export function useAwake(active: boolean): void {
  const { keepAwake } = useInstruments();
  useEffect(() => (active ? keepAwake() : undefined), [active, keepAwake]);
}
