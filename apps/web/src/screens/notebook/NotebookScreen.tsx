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
      <h1 className="m-0 text-[2rem] font-bold">Notebook</h1>
      <Fence what="The pot that was just written down">
        <JustJudged />
      </Fence>
      {recent === undefined &&
        (reachable ? (
          <p aria-busy>Opening the notebook …</p>
        ) : (
          <p>
            The notebook is at the server, and this device has no page of it yet: it opens when the server
            answers.
          </p>
        ))}
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
          <Fence what="The curve" of={recent}>
            <Curve />
          </Fence>
          <Fence what="What was learnt" of={recent}>
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
  return (
    <p className="mt-2 mb-0 text-lg">
      {wanted} of {judged.length} came out just right.
    </p>
  );
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
        Written down:{' '}
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
