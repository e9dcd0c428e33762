import type { CookLine } from '@hammock/core/records';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { useCooks } from '../../stores/cooks/cooks.js';
import { useJustJudged } from '../../stores/notebook/justJudged.js';
import { useOutbox } from '../../stores/session/pendingWrites.js';
import { VERDICT } from '../../words/words.js';
import { Fence } from '../../ui/shell/Fence.js';
import { Teaches } from './Teaches.js';
import { Curve } from './Curve.js';
import { LearntList } from './LearntList.js';
import { Pots } from './Pots.js';
import * as w from '../../words/screens/notebook.js';

/** What was cooked, what was poured against what was advised, and how it came out. */
export function NotebookScreen() {
  const recent = useCooks((s) => s.recent);
  const reachable = useOutbox((s) => s.reachable);
  const loadRecent = useCooks((s) => s.loadRecent);
  useEffect(() => {
    void loadRecent();
  }, [loadRecent]);
  return (
    <section className="flex flex-col gap-3">
      <h1 className="m-0 text-[2rem] font-bold">{w.notebook}</h1>
      <Fence what={w.thePotThatWasJust}>
        <JustJudged />
      </Fence>
      {recent === undefined &&
        (reachable ? <p aria-busy>{w.openingTheNotebook}</p> : <p>{w.theNotebookIsAtThe}</p>)}
      {recent?.length === 0 && (
        <p className="text-lg">
          {w.nothingIsWrittenDownYet}{' '}
          <Link to="/" className="underline decoration-husk decoration-2 underline-offset-4">
            {w.pour}
          </Link>{' '}
          {w.andSayHowItCame}
        </p>
      )}
      {recent && recent.length > 0 && (
        <>
          <Summary cooks={recent.filter((c) => !c.abandoned)} />
          <Fence what={w.theCurve} of={recent}>
            <Curve />
          </Fence>
          <Fence what={w.whatWasLearnt} of={recent}>
            <LearntList />
          </Fence>
          <Pots recent={recent} />
        </>
      )}
    </section>
  );
}

/** What the pages say together. */
function Summary({ cooks }: { readonly cooks: readonly CookLine[] }) {
  const judged = cooks.filter((c) => c.outcome);
  const wanted = judged.filter((c) => c.outcome?.texture === 3).length;
  if (judged.length === 0) return null;
  return <p className="mt-2 mb-0 text-lg">{w.ofCameOutJustRight(wanted, judged.length)}</p>;
}

/** What the pot that was just written down changes, before it is lost among the others. */
function JustJudged() {
  // Said once: who comes back to the notebook has read it.
  const [cook] = useState(() => useJustJudged.getState().cook);
  useEffect(() => useJustJudged.setState({ cook: null }), []);
  const listed = useCooks((s) => s.recent?.find((c) => c.id === cook?.id));
  const outcome = listed?.outcome ?? cook?.outcome;
  if (!cook || !outcome) return null;
  return (
    <div className="bg-raised px-4 py-3" data-testid="just-judged">
      <p className="m-0 text-[1.15rem]">
        {w.writtenDown}{' '}
        <Link
          to={`/notebook/${cook.id}`}
          className="font-bold underline decoration-husk decoration-2 underline-offset-4"
        >
          {cook.label}
        </Link>
        , {VERDICT[outcome.texture]}.
      </p>
      <Teaches cook={{ ...cook, ...listed, outcome }} onCounts={() => undefined} />
    </div>
  );
}
