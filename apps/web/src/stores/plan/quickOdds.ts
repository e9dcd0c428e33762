import type { Odds, PlanInput } from '@hammock/core';
import { useEffect, useState } from 'react';
import { pots } from '../../workers/pots.js';
import { DRAWS, oddsKey, simulate } from './odds.js';

/** Odds of another plan than the one on Pour, from the first kitchens only; undefined until they are there. */
export function useQuickOdds(input: PlanInput | undefined): Odds | undefined {
  const key = input ? oddsKey(input) : undefined;
  const [made, setMade] = useState<{ readonly key: string; readonly odds: Odds } | undefined>();
  useEffect(() => {
    if (key === undefined) return undefined;
    const cancelled = new AbortController();
    simulate(
      pots(),
      JSON.parse(key) as PlanInput,
      cancelled.signal,
      {
        done: () => undefined,
        odds: (odds) => {
          setMade({ key, odds });
        },
      },
      { ...DRAWS, all: DRAWS.first },
    ).catch(() => undefined);
    return () => {
      cancelled.abort();
    };
  }, [key]);
  return made?.key === key ? made?.odds : undefined;
}
