import { startTransition, useEffect, useRef, useState, type ReactNode } from 'react';

/** How far below the window something is made ready before it is seen, px. */
const AHEAD_PX = 500;

export interface WhenSeenProps {
  /** Style of the room it is going to take, so that nothing jumps and what has the keys stays in sight. */
  readonly room: string;
  /** How far below the window it is made ready; none for what takes a phone long. */
  readonly aheadPx?: number;
  readonly children: ReactNode;
}

/**
 * What is far down a page is drawn when it comes near: the page is there sooner, and what is never read costs nothing.
 */
export function WhenSeen({ room, aheadPx = AHEAD_PX, children }: WhenSeenProps) {
  const place = useRef<HTMLDivElement>(null);
  const [near, setNear] = useState(typeof IntersectionObserver === 'undefined');
  useEffect(() => {
    if (near || !place.current) return undefined;
    const watch = new IntersectionObserver(
      (found) => {
        if (found.some((f) => f.isIntersecting)) startTransition(() => setNear(true));
      },
      { rootMargin: `${aheadPx.toString()}px` },
    );
    watch.observe(place.current);
    return () => watch.disconnect();
  }, [near, aheadPx]);
  return near ? children : <div ref={place} className={room} aria-busy />;
}
