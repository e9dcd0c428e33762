import { useEffect, useRef, useState } from 'react';

/** A whole pot is played in about this long, s. */
const PLAYS_S = 20;

export interface Clock {
  readonly atMin: number;
  readonly playing: boolean;
  readonly put: (min: number) => void;
  readonly toggle: () => void;
}

/** Minutes that can be dragged or played; a reader who wants no motion gets steps of a minute. */
export function useClock(toMin: number, startMin: number): Clock {
  const [atMin, setAt] = useState(startMin);
  const [playing, setPlaying] = useState(false);
  const from = useRef(0);
  useEffect(() => {
    if (!playing) return undefined;
    const calm = matchMedia('(prefers-reduced-motion: reduce)').matches;
    let frame = 0;
    let last: number | undefined;
    const step = (now: number): void => {
      const passed = last === undefined ? 0 : (now - last) / 1000;
      last = now;
      from.current = Math.min(toMin, from.current + (passed * toMin) / PLAYS_S);
      setAt(calm ? Math.floor(from.current) : from.current);
      if (from.current >= toMin) setPlaying(false);
      else frame = requestAnimationFrame(step);
    };
    frame = requestAnimationFrame(step);
    return () => {
      cancelAnimationFrame(frame);
    };
  }, [playing, toMin]);
  return {
    atMin: Math.min(atMin, toMin),
    playing,
    put: (min) => {
      setPlaying(false);
      setAt(min);
    },
    toggle: () => {
      from.current = atMin >= toMin - 0.01 ? 0 : atMin;
      setPlaying((on) => !on);
    },
  };
}
