import type { Answer, PouredOtherwise } from '@hammock/core';
import type { CookRecord } from '@hammock/core/records';
import { useEffect, useState } from 'react';
import { pots } from '../../workers/pots.js';

/** A jug is not read closer than this share of what was advised. */
const SAME_SHARE = 0.03;

/** True where something else was poured than was advised. */
const isOther = ({ pouredMl, advisedMl }: CookRecord): boolean =>
  pouredMl !== null && Math.abs(pouredMl - advisedMl) > SAME_SHARE * advisedMl;

/** Everything that was poured, as if all of it were the liquid that is poured last, ml. */
function allMl({ answer, pouredMl }: CookRecord): number {
  const { pours = [], pour } = answer as Partial<Answer> & Pick<Answer, 'pour'>;
  const before = pours.slice(0, -1).reduce((sum, p) => sum + p.waterG, 0);
  const perMl = pour.ml > 0 ? pour.waterG / pour.ml : 1;
  return (pouredMl ?? 0) + before / perMl;
}

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
