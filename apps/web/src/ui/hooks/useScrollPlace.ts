import { useEffect } from 'react';
import { useLocation, useNavigationType } from 'react-router';
import { tabStorage } from '../../storage/tabStorage.js';
import { COMES_WITHIN_MS } from './focusWhenThere.js';

const NAME = 'hammock.places';

/** How far down each visited screen was read, by its entry in the history of this tab. */
function places(): Record<string, number> {
  try {
    return JSON.parse((tabStorage.getItem(NAME) as string | null) ?? '{}') as Record<string, number>;
  } catch {
    return {};
  }
}

const keep = (key: string, y: number): void => {
  void tabStorage.setItem(NAME, JSON.stringify({ ...places(), [key]: Math.round(y) }));
};

/** Another screen begins at its top; one that is gone back to, or loaded anew, where it was read last. */
export function useScrollPlace(): void {
  const location = useLocation();
  const { pathname } = location;
  // The first screen of every visit has the same key: it is told apart by its address.
  const key = `${pathname} ${location.key}`;
  const how = useNavigationType();
  useEffect(() => {
    const root = document.documentElement;
    history.scrollRestoration = 'manual';
    const wanted = how === 'POP' && !isNewVisit(location.key) ? (places()[key] ?? 0) : 0;
    let frame = 0;
    const until = performance.now() + COMES_WITHIN_MS;
    const go = (): void => {
      root.scrollTop = wanted;
      if (Math.abs(root.scrollTop - wanted) > 1 && performance.now() < until)
        frame = requestAnimationFrame(go);
    };
    go();
    // Who begins to scroll by himself is not pulled back.
    const stop = (): void => cancelAnimationFrame(frame);
    const leave = (): void => keep(key, root.scrollTop);
    const { signal, abort } = listening();
    addEventListener('wheel', stop, { passive: true, signal });
    addEventListener('touchmove', stop, { passive: true, signal });
    addEventListener('keydown', stop, { signal });
    addEventListener('pagehide', leave, { signal });
    let y = root.scrollTop;
    addEventListener('scroll', () => (y = root.scrollTop), { passive: true, signal });
    return () => {
      stop();
      abort();
      // The next screen is there already: what counts is where this one was.
      keep(key, y);
    };
  }, [key, location.key, how]);
}

/** Whether the page was called by its address, neither loaded anew nor gone back to. */
function isNewVisit(key: string): boolean {
  if (key !== 'default' || !('getEntriesByType' in performance)) return false;
  const [visit] = performance.getEntriesByType('navigation') as PerformanceNavigationTiming[];
  return visit?.type === 'navigate';
}

function listening() {
  const controller = new AbortController();
  return { signal: controller.signal, abort: () => controller.abort() };
}
