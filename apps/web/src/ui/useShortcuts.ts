import { useEffect, useRef } from 'react';
import { useNavigate } from 'react-router';

const PLACES: Readonly<Record<string, string>> = {
  p: '/',
  s: '/stove',
  n: '/notebook',
  d: '/dishes',
  k: '/kitchen',
};
/** The second key of a pair comes within this time, ms. */
const PAIR_MS = 1500;

/** Whether keys typed there mean letters. */
const isTyping = (at: EventTarget | null): boolean =>
  at instanceof HTMLElement &&
  (at.matches('input:not([type=checkbox]):not([type=radio]), textarea, select, [contenteditable=true]') ||
    at.closest('[role=listbox], [role=combobox], [role=dialog], [cmdk-root]') !== null);

/**
 * Keys of our own: a letter by itself does nothing, a pair that begins with g goes somewhere, "?" says which. None works
 * where something is typed or picked, none with Control, Alt or Meta, which are the browser's and the reader's.
 */
export function useShortcuts(): void {
  const navigate = useNavigate();
  const goAt = useRef(-Infinity);
  useEffect(() => {
    const onKey = (e: KeyboardEvent): void => {
      if (e.ctrlKey || e.metaKey || e.altKey || isTyping(e.target)) return;
      if (e.key === '?') return void navigate('/help');
      const isSecond = e.timeStamp - goAt.current < PAIR_MS;
      goAt.current = e.key === 'g' && !isSecond ? e.timeStamp : -Infinity;
      const to = isSecond ? PLACES[e.key] : undefined;
      if (to !== undefined) void navigate(to);
    };
    addEventListener('keydown', onKey);
    return () => removeEventListener('keydown', onKey);
  }, [navigate]);
}
