import { useEffect, useRef } from 'react';
import { useInstruments } from '../../instruments/instruments.js';
import { say } from '../../stores/session/said.js';

/** Keeps the screen awake while `active`, where it can be. */
export function useAwake(active: boolean): void {
  const { keepAwake } = useInstruments();
  useEffect(() => (active ? keepAwake() : undefined), [active, keepAwake]);
}

/** Who pressed Done far down the page is shown the act that has begun. */
export function useActInSight(stageId: string | undefined): void {
  const before = useRef(stageId);
  useEffect(() => {
    if (before.current === stageId) return;
    before.current = stageId;
    const act = document.getElementById('act');
    act?.scrollIntoView({ block: 'nearest' });
    // Who hears the screen is told what is to be done now.
    const setting = act?.nextElementSibling?.textContent ?? '';
    if (act?.textContent) say(`${act.textContent}. ${setting}`.trim());
  }, [stageId]);
}
