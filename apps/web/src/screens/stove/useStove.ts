import { useEffect } from 'react';
import { useInstruments } from '../../instruments/instruments.js';

/** Keeps the screen awake while `active`, where it can be. */
export function useAwake(active: boolean): void {
  const { keepAwake } = useInstruments();
  useEffect(() => (active ? keepAwake() : undefined), [active, keepAwake]);
}
