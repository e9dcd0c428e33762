import type { Stage } from '@hammock/core';
import type { CookRecord } from '@hammock/core/records';
import { showPour } from '../../../words/measures/amounts.js';
import { mendWords, SEEN } from '../../../words/stove/potWords.js';
import { usePoured } from '../pouring/usePoured.js';
import { useStoveOdds } from '../useStoveOdds.js';
import { useMeasures, useMetric } from '../../../stores/kitchen/units.js';
import * as w from '../../../words/screens/stoveObserved.js';
import { Emphasis } from '../../../ui/controls/Emphasis.js';

/** When a look under the lid tells most, what should be seen there, and what to do when it is not. */
export function WhenToLook({ cook, stage }: { readonly cook: CookRecord; readonly stage: Stage }) {
  const { looks: advised, keepMl } = useStoveOdds(cook);
  // A pot that was poured otherwise shows other things, and at other times.
  const looks = usePoured(cook, keepMl)?.looks ?? advised;
  const measures = useMeasures(cook.cupId);
  const metric = useMetric();
  const [first, last] = looks;
  if (first?.stageId !== stage.id) return null;
  return (
    <p className="m-0 text-[1.05rem] leading-snug">
      <Emphasis text={w.ifYouLookAtMin(first.afterMin, SEEN[first.expect])} />{' '}
      {last && (
        <>
          <Emphasis text={w.atTheEnd(SEEN[last.expect])} />{' '}
        </>
      )}
      {mendWords(first, (ml) => showPour(ml, measures, metric).main)}
    </p>
  );
}
