import type { Look, Odds } from '@hammock/core';
import type { CookRecord } from '@hammock/core/records';
import { oddsKey, useOdds } from '../../stores/plan/odds.js';
import { useQuickOdds } from '../../stores/plan/quickOdds.js';
import { nearestTo } from '../../words/stove/potWords.js';

/** What the odds of the plan being cooked have for the stove. */
export interface StoveOdds {
  /** Hot liquid to have by, ml: the odds' when they are known, else the account's. */
  readonly keepMl: number;
  readonly looks: readonly Look[];
}

/** The same odds as Pour shows when those are of this plan; made anew, from the first kitchens, when not. */
export function useStoveOdds({ answer, input }: CookRecord): StoveOdds {
  const onPour = useOdds((s): Odds | undefined => (s.of === oddsKey(input) ? s.odds : undefined));
  const quick = useQuickOdds(onPour ? undefined : input);
  const odds = onPour ?? quick;
  const keepMl = odds && nearestTo(odds, answer.pour.waterG)?.keepByMl;
  return { keepMl: keepMl ?? answer.keepBy.ml, looks: odds?.looks ?? [] };
}
