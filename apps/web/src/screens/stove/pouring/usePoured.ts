import type { PouredOtherwise } from '@hammock/core';
import type { CookRecord } from '@hammock/core/records';
import { useEffect, useState } from 'react';
import { allMl, isOther } from './allPoured.js';
import { pots } from '../../../workers/pots.js';

/** What comes of what was really poured; undefined while that is what was advised, or not worked out yet. */
export function usePoured(cook: CookRecord, keepByMl: number): PouredOtherwise | undefined {
  const { input } = cook;
  const key = isOther(cook) ? JSON.stringify([input, allMl(cook), Math.round(keepByMl)]) : undefined;
  const [made, setMade] = useState<{ readonly key: string; readonly found: PouredOtherwise | undefined }>();
  useEffect(() => {
    if (key === undefined) return undefined;
    const cancelled = new AbortController();
    const [asked, ml, keep] = JSON.parse(key) as [typeof input, number, number];
    // A device without workers has no advice, and goes on.
    Promise.resolve()
      .then(() =>
        pots().run(
          { kind: 'poured', input: asked, pouredMl: ml, keepByMl: keep },
          { signal: cancelled.signal, first: true },
        ),
      )
      .then((found) => setMade({ key, found }))
      .catch(() => undefined);
    return () => cancelled.abort();
  }, [key]);
  return key !== undefined && made?.key === key ? made.found : undefined;
}
