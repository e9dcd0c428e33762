import type { Answer, PlanInput } from '@hammock/core';
import { useEffect } from 'react';
import { oddsKey, useOdds } from '../../../stores/plan/odds.js';
import { Missing } from '../number/Missing.js';
import { inAHundred, nearestTo } from '../../../words/stove/potWords.js';
import * as w from '../../../words/screens/pourOdds.js';

/** Where fewer come out right than this, what would mend most of them stands beside it. */
const FEW = 0.6;

/** How sure the number is, beside the words of the plan; the whole of it stands further down. */
export function OddsInShort({ answer, input }: { readonly answer: Answer; readonly input: PlanInput }) {
  const key = oddsKey(input);
  const ask = useOdds((s) => s.ask);
  const odds = useOdds((s) => (s.of === key ? s.odds : undefined));
  useEffect(() => {
    ask(JSON.parse(key) as PlanInput);
  }, [ask, key]);
  const missing = useOdds((s) => (s.of === key ? s.missing : undefined));
  const near = odds && nearestTo(odds, answer.pour.waterG);
  const share = near?.chances.asWanted;
  if (answer.verdict === 'tooMuch') return null;
  return (
    <div className="hidden text-right lg:block">
      <p className="m-0" aria-busy={share === undefined}>
        <span className="figures block min-h-[4.4rem] text-[4.8rem]">
          {share === undefined ? '–' : inAHundred(share)}
        </span>
        {w.in100SuchPotsCome}
        {near?.looked ? <>{w.aboutIfYouTasteOnce(inAHundred(near.looked.asWanted))}</> : ''}.{' '}
        <a
          href="#odds"
          className="inline-flex min-h-11 items-center font-semibold underline decoration-husk decoration-2 underline-offset-4"
        >
          {w.howSureIsThat}
        </a>
      </p>
      {missing && share !== undefined && share < FEW && <Missing missing={missing} stages={answer.stages} />}
    </div>
  );
}
