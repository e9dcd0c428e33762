import { useEffect, useRef } from 'react';
import { useLocation } from 'react-router';
import { COMES_WITHIN_MS } from './focusWhenThere.js';

/** Another screen begins at its heading for keys and readers too; the first one is left where the browser put it. */
export function useFocusScreen(): void {
  const { pathname } = useLocation();
  const before = useRef(pathname);
  useEffect(() => {
    if (before.current === pathname) return undefined;
    before.current = pathname;
    const until = performance.now() + COMES_WITHIN_MS;
    let frame = 0;
    const go = (): void => {
      const heading = document.querySelector<HTMLElement>('main h1');
      const main = document.getElementById('main');
      const here = document.activeElement;
      // Something in the new screen has it already: a field that is to be mended, a button that is to be pressed.
      if (main?.contains(here)) return;
      if (heading) {
        heading.tabIndex = -1;
        heading.focus({ preventScroll: true });
      } else if (performance.now() < until) frame = requestAnimationFrame(go);
    };
    frame = requestAnimationFrame(go);
    return () => cancelAnimationFrame(frame);
  }, [pathname]);
}
