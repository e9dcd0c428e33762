import type { CookLine } from '@hammock/core/records';
import { Link } from 'react-router';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { useMeasures, useMetric } from '../../stores/kitchen/units.js';
import { shareOfVerdict, SmallSling } from '../../ui/drawings/SmallSling.js';
import { showPour } from '../../words/measures/amounts.js';
import { BASE, VERDICT } from '../../words/words.js';
import { dayText } from '../../words/measures/days.js';
import { Poured } from './PouredMark.js';
import * as w from '../../words/screens/notebook.js';
import { Emphasis } from '../../ui/controls/Emphasis.js';

/** One pot of the notebook's list. */
export function PotLine({ cook, today }: { readonly cook: CookLine; readonly today: number }) {
  const vessels = useKitchen((s) => s.vessels);
  const metric = useMetric();
  const measures = useMeasures(cook.cupId);
  const poured = showPour(cook.pouredMl ?? cook.advisedMl, measures, metric);
  const vessel = vessels.find((v) => v.id === cook.vesselId);
  const { outcome } = cook;
  return (
    <Link
      to={`/notebook/${cook.id}`}
      className="grid grid-cols-[6rem_minmax(0,1fr)] items-center gap-x-4 gap-y-1 py-3 no-underline lg:grid-cols-[6rem_minmax(0,1.2fr)_minmax(0,1.3fr)_minmax(0,1.4fr)]"
    >
      <SmallSling
        share={outcome ? shareOfVerdict(outcome.texture) : undefined}
        label={outcome ? w.cameOut3(VERDICT[outcome.texture]) : w.notJudgedYet}
      />
      <span>
        <strong className="text-[1.15rem]">{cook.label}</strong>
        <span className="block text-faint">
          {dayText(cook.startedAtMs, today)}
          {vessel ? `, ${vessel.label.toLowerCase()}` : ''}
        </span>
      </span>
      <span className="max-lg:col-start-2">
        <Poured advisedMl={cook.advisedMl} pouredMl={cook.pouredMl} />
        {w.poured(poured.main)}
      </span>
      <span className="max-lg:col-start-2">
        {outcome && !cook.abandoned ? (
          <>
            <Emphasis text={w.bottom(VERDICT[outcome.texture], BASE[outcome.base])} />
            {outcome.note !== '' && <span className="block text-faint">“{outcome.note}”</span>}
          </>
        ) : (
          <em>{cook.abandoned ? w.givenUp : w.notJudgedYet}</em>
        )}
      </span>
    </Link>
  );
}
