import { type Answer, type Pour, type PouredOtherwise } from '@hammock/core';
import type { CookRecord } from '@hammock/core/records';
import { useState } from 'react';
import { useStove } from '../../../stores/cooks/stove.js';
import { rowOf, spokenName } from '../../../stores/kitchen/ownLarder.js';
import { AmountField } from '../../../ui/controls/AmountField.js';
import { pouredWords } from '../../../words/stove/pouredWords.js';
import { PourByScale } from './PourByScale.js';
import { usePoured } from './usePoured.js';
import { ByLevel } from './ByLevel.js';
import { readMl } from '../../../words/measures/readMl.js';
import { showPour } from '../../../words/measures/amounts.js';
import { showSalt } from '../../../words/measures/saltAmounts.js';
import { useMeasures, useMetric } from '../../../stores/kitchen/units.js';
import * as w from '../../../words/screens/stovePouring.js';
import { Emphasis } from '../../../ui/controls/Emphasis.js';

/** The number again where it is needed, and what was really poured when it was something else. */
export function Poured({ cook, keepMl }: { readonly cook: CookRecord; readonly keepMl: number }) {
  const setPoured = useStove((s) => s.setPoured);
  const other = usePoured(cook, keepMl);
  const metric = useMetric();
  const [wrong, setWrong] = useState(false);
  const measures = useMeasures(cook.cupId);
  // A pot begun with an earlier version has an answer without these.
  const { levels, pours = [], additions, pots = 1, salt: account, verdict } = cook.answer as Partial<Answer>;
  const nameOf = (pour: Pour): string => rowOf(pour.ingredientId)?.name.toLowerCase() ?? 'liquid';
  const liquid = rowOf(cook.answer.pour.ingredientId);
  const first = pours.length > 1 ? pours[0] : undefined;
  const saltId = cook.input.saltWith ?? 'saltFine';
  const advised = showPour(cook.advisedMl, measures, metric);
  const { addWith, addG = 0 }: Partial<Answer['salt']> = (account ?? {}) as Partial<Answer['salt']>;
  const salt = showSalt(addWith?.g ?? addG, measures, saltId);
  const shown = showPour(cook.pouredMl ?? cook.advisedMl, measures, metric).main;
  return (
    <div className="text-[1.3rem]">
      <p className="m-0">
        {first && <>{w.allOfThen(showPour(first.ml, measures, metric).main, nameOf(first))} </>}
        {verdict === 'nothing' ? (
          <>
            {w.pour} <strong className="figures text-[2.4rem]">{w.nothing}</strong>
            {w.theBaseIsEnough}
          </>
        ) : (
          <>
            {w.pour} <strong className="figures text-[2.4rem]">{advised.main}</strong>{' '}
            {liquid?.name.toLowerCase()} ({advised.other}){pots > 1 && w.intoEachOfPots(pots)}
            {additions && additions.laterMl > 0 && (
              <>{w.nowTheRestHotAndLater(showPour(additions.nowMl, measures, metric).main)}</>
            )}
          </>
        )}
        {salt && (
          <>
            , <strong>{salt.main}</strong> {spokenName(saltId)}
            {salt.other === '' ? '' : ` (${salt.other})`}
          </>
        )}
        <Emphasis text={w.stirOnceTasteHaveMore(showPour(keepMl, measures, metric).main)} />
      </p>
      <div className="mt-1 flex flex-wrap items-start gap-x-3">
        <span className="leading-[3rem]">{w.poured}</span>
        <AmountField
          label={w.whatWasReallyPoured}
          shown={shown}
          problem={wrong ? w.anAmountSuchAs3 : undefined}
          onChange={({ text = '' }) => {
            const ml = readMl(text, cook.input.cupMl ?? 240, liquid?.densityGPerMl ?? 1);
            setWrong(ml === undefined);
            if (ml !== undefined) setPoured(cook.id, ml);
          }}
          onLeave={() => setWrong(false)}
        />
        <PourByScale
          wantedMl={cook.advisedMl}
          gPerMl={liquid?.densityGPerMl ?? 1}
          show={(ml) => showPour(ml, measures, metric).main}
          onPoured={(ml) => setPoured(cook.id, ml)}
        />
        {levels && <ByLevel cook={cook} onPoured={(ml) => setPoured(cook.id, ml)} />}
      </div>
      {other && <Otherwise other={other} amount={(ml) => showPour(ml, measures, metric).main} />}
    </div>
  );
}

/** What was poured instead, what comes of it, and what to do about it first. */
function Otherwise({
  other,
  amount,
}: {
  readonly other: PouredOtherwise;
  readonly amount: (ml: number) => string;
}) {
  const { says, act } = pouredWords(other, amount);
  return (
    <p
      role="status"
      className="m-0 mt-2 border-l-4 border-ember pl-3 text-[1.15rem]"
      data-testid="poured-otherwise"
    >
      {says} {act !== undefined && <strong>{act}</strong>}
    </p>
  );
}
