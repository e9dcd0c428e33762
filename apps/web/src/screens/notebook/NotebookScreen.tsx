import type { CookLine } from '@hammock/core/records';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { PAGE, useCooks } from '../../stores/cooks.js';
import { useKitchen } from '../../stores/kitchen.js';
import { Button } from '../../ui/Button.js';
import { shareOfVerdict, SmallSling } from '../../ui/SmallSling.js';
import { showPour } from '../../words/amounts.js';
import { BASE, VERDICT } from '../../words/words.js';
import { dayText } from './days.js';
import { Poured } from './PouredMark.js';
import { nowMs } from '../../stores/time.js';
import { useMeasures, useMetric } from '../../stores/units.js';

/** What was cooked, what was poured against what was advised, and how it came out. */
export function NotebookScreen() {
  const recent = useCooks((s) => s.recent);
  const loadRecent = useCooks((s) => s.loadRecent);
  useEffect(() => {
    void loadRecent();
  }, [loadRecent]);
  const [today] = useState(nowMs);
  return (
    <section>
      <h1 className="m-0 text-[2rem] font-bold">Notebook</h1>
      {recent === undefined && <p aria-busy>Opening the notebook …</p>}
      {recent?.length === 0 && (
        <p className="text-lg">
          Nothing is written down yet. Cook a pot from{' '}
          <Link to="/" className="underline decoration-husk decoration-2 underline-offset-4">
            Pour
          </Link>{' '}
          and say how it came out: it takes ten seconds.
        </p>
      )}
      {recent && recent.length > 0 && (
        <>
          <Summary cooks={recent.filter((c) => !c.abandoned)} />
          <ol className="m-0 mt-4 list-none border-t-2 border-ink p-0" aria-label="Pots cooked">
            {recent.map((cook) => (
              <Line key={cook.id} cook={cook} today={today} />
            ))}
          </ol>
          <Earlier listed={recent.length} />
        </>
      )}
    </section>
  );
}

/** The pots before these, a page at a time. */
function Earlier({ listed }: { readonly listed: number }) {
  const loadEarlier = useCooks((s) => s.loadEarlier);
  const [more, setMore] = useState(true);
  const [busy, setBusy] = useState(false);
  if (!more || listed < PAGE) return null;
  return (
    <p className="mt-3 mb-0">
      <Button
        disabled={busy}
        onClick={() => {
          setBusy(true);
          void loadEarlier().then((left) => {
            setMore(left);
            setBusy(false);
          });
        }}
      >
        Earlier pots
      </Button>
    </p>
  );
}

/** What the pages say together. */
function Summary({ cooks }: { readonly cooks: readonly CookLine[] }) {
  const judged = cooks.filter((c) => c.outcome);
  const wanted = judged.filter((c) => c.outcome?.texture === 3).length;
  if (judged.length === 0) return null;
  return (
    <p className="mt-2 mb-0 text-lg">
      {wanted} of {judged.length} came out just right.
    </p>
  );
}

function Line({ cook, today }: { readonly cook: CookLine; readonly today: number }) {
  const vessels = useKitchen((s) => s.vessels);
  const metric = useMetric();
  const measures = useMeasures(cook.cupId);
  const poured = showPour(cook.pouredMl ?? cook.advisedMl, measures, metric);
  const vessel = vessels.find((v) => v.id === cook.vesselId);
  const { outcome } = cook;
  return (
    <li className="border-b border-line [content-visibility:auto] [contain-intrinsic-size:auto_5rem]">
      <Link
        to={`/notebook/${cook.id}`}
        className="grid grid-cols-[6rem_minmax(0,1fr)] items-center gap-x-4 gap-y-1 py-3 no-underline lg:grid-cols-[6rem_minmax(0,1.2fr)_minmax(0,1.3fr)_minmax(0,1.4fr)]"
      >
        <SmallSling
          share={outcome ? shareOfVerdict(outcome.texture) : undefined}
          label={outcome ? `came out ${VERDICT[outcome.texture]}` : 'not judged yet'}
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
          {poured.main} poured
        </span>
        <span className="max-lg:col-start-2">
          {outcome && !cook.abandoned ? (
            <>
              <strong>{VERDICT[outcome.texture]}</strong>, bottom {BASE[outcome.base]}
              {outcome.note !== '' && <span className="block text-faint">“{outcome.note}”</span>}
            </>
          ) : (
            <em>{cook.abandoned ? 'given up' : 'not judged yet'}</em>
          )}
        </span>
      </Link>
    </li>
  );
}
