import { useEffect } from 'react';

/**
 * What the Tab key has reached stays in sight when something above it comes later and takes its room. The browser's own
 * anchoring holds on to what stands at the top of the window, and that is the very placeholder that goes. Who has moved
 * the page, or pressed anything since, is left alone.
 */
export function useFocusInSight(): void {
  useEffect(() => {
    if (typeof ResizeObserver === 'undefined') return undefined;
    let reached: Element | null = null;
    const tab = (e: KeyboardEvent): void => {
      // The keys are on the next thing once this is over.
      if (e.key === 'Tab') setTimeout(() => (reached = document.activeElement), 0);
      else reached = null;
    };
    const leave = (): void => {
      reached = null;
    };
    const watch = new ResizeObserver(() => {
      if (reached && reached === document.activeElement) reached.scrollIntoView({ block: 'nearest' });
    });
    watch.observe(document.body);
    addEventListener('keydown', tab);
    for (const moved of ['wheel', 'touchmove', 'pointerdown'])
      addEventListener(moved, leave, { passive: true });
    return () => {
      watch.disconnect();
      removeEventListener('keydown', tab);
      for (const moved of ['wheel', 'touchmove', 'pointerdown']) removeEventListener(moved, leave);
    };
  }, []);
}
