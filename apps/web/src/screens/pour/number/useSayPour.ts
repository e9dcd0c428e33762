import { useEffect, useRef } from 'react';
import { say } from '../../../stores/session/said.js';

/** Long enough for the last key and the last step of a slider, ms. */
const SETTLED_MS = 500;

/** Says the pour to screen readers, once it has settled; not the one the screen was opened with. */
export function useSayPour(pour: string, odds: string | undefined): void {
  const before = useRef(pour);
  useEffect(() => {
    if (pour === before.current) return undefined;
    const timer = setTimeout(() => {
      before.current = pour;
      say(odds === undefined ? pour : `${pour}; ${odds}`);
    }, SETTLED_MS);
    return () => clearTimeout(timer);
  }, [pour, odds]);
}
