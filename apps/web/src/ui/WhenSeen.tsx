import { startTransition, useEffect, useRef, useState, type ReactNode } from 'react';

/** How far below the window something is made ready before it is seen, px. */
const AHEAD_PX = 500;

/**
 * What is far down a page is drawn when it comes near: the page is there sooner, and what is never read costs nothing.
 * @param room the room it is going to take, so that nothing jumps
 */
export function WhenSeen({ room, children }: { readonly room: string; readonly children: ReactNode }) {
  const place = useRef<HTMLDivElement>(null);
  const [near, setNear] = useState(typeof IntersectionObserver === 'undefined');
  useEffect(() => {
    if (near || !place.current) return undefined;
    const watch = new IntersectionObserver(
      (found) => {
        if (found.some((f) => f.isIntersecting)) startTransition(() => setNear(true));
      },
      { rootMargin: `${AHEAD_PX.toString()}px` },
    );
    watch.observe(place.current);
    return () => watch.disconnect();
  }, [near]);
  return near ? children : <div ref={place} style={{ minHeight: room }} aria-busy />;
}
