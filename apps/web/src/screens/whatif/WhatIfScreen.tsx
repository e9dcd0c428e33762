import { answer } from '@hammock/core';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { specOf } from '../../stores/plan/draftOf.js';
import { useCourse } from '../../stores/plan/course.js';
import { useKitchenThings } from '../../stores/kitchen/kitchenThings.js';
import { useQuickOdds } from '../../stores/plan/quickOdds.js';
import { fetched } from '../../storage/fetched.js';
import { late } from '../../ui/hooks/late.js';
import { Pick } from '../../ui/controls/Pick.js';
import { PlanProblem } from '../../ui/sections/PlanProblem.js';
import { Segments } from '../../ui/controls/Segments.js';
import { SideBySide } from '../../ui/drawings/SideBySide.js';
import { troubleText } from '../../words/stove/potWords.js';
import { usePlan, type PlanView } from '../../stores/plan/usePlan.js';
import { differenceText, linesOf, type Way } from './difference.js';
import { variationsOf } from './variations.js';
import { whole } from '../../words/measures/numbers.js';
import { useKeptState } from '../../stores/session/persisted.js';
import * as w from '../../words/screens/whatif.js';

const LateCharts = late(() => fetched(() => import('../course/LateCharts.js')).then((m) => m.LateCharts));

/** The present plan pinned, and one thing about it done otherwise. */
export function WhatIfScreen() {
  const plan = usePlan();
  if (!plan || plan.coming) return <p aria-busy>{w.lookingIntoTheKitchen}</p>;
  return <Varied plan={plan} />;
}

type Poured = 'same' | 'anew';

function Varied({ plan }: { readonly plan: PlanView }) {
  const input = plan.good ?? plan.input;
  // The last plan that could be read is what is varied.
  const draft = useMemo(() => ({ ...plan.draft, spec: specOf(input) }), [plan.draft, input]);
  const kitchen = useKitchenThings();
  const variations = useMemo(() => variationsOf(input, draft, kitchen), [input, draft, kitchen]);
  const [chosen, choose] = useKeptState('whatIf.other', 'lid/off');
  const [poured, setPoured] = useKeptState<Poured>('whatIf.poured', 'same');
  const variation = variations.find((v) => v.value === chosen) ?? variations[0];
  const other = useMemo(() => variation?.make(), [variation]);
  const pinned = useMemo(() => answer(input), [input]);
  const anew = useMemo(() => (other ? answer(other) : undefined), [other]);
  const pourMl = pinned.ok ? pinned.value.pour.ml : undefined;
  // Twice the grain with the same water would say nothing: a larger batch is always poured for itself.
  const batch = variation?.value === 'batch';
  const otherMl = (poured === 'anew' || batch) && anew?.ok ? anew.value.pour.ml : pourMl;
  const one = useCourse(input, pourMl);
  const two = useCourse(other, otherMl);
  const oddsOne = useQuickOdds(input);
  const oddsTwo = useQuickOdds(other);
  return (
    <div className="flex flex-col gap-5">
      <header className="flex flex-wrap items-end justify-between gap-x-8 gap-y-1">
        <h1 className="m-0 text-[2rem] leading-tight font-bold">{w.whatIf}</h1>
        <Link
          className="inline-flex min-h-12 items-center font-semibold underline decoration-husk decoration-2 underline-offset-4"
          to="/course"
        >
          {w.thePlanMinuteByMinute}
        </Link>
      </header>
      <PlanProblem plan={plan} at="/what-if" />
      <p className="m-0 flex flex-wrap items-baseline gap-x-2 text-[1.35rem]">
        {w.but(draft.label)}{' '}
        <Pick label={w.doneOtherwise} value={variation?.value} options={variations} onChange={choose} />
      </p>
      {!batch && (
        <div>
          <Segments<Poured>
            label={w.poured}
            value={poured}
            options={[
              ['same', w.theSameMl(whole(pourMl ?? 0))],
              ['anew', anew?.ok ? w.mlAsItWouldNeed(whole(anew.value.pour.ml)) : w.asItWouldNeed],
            ]}
            onChange={setPoured}
          />
        </div>
      )}
      {one.course && two.course ? (
        <Side
          one={{ course: one.course, input, pourMl: pourMl ?? 0, odds: oddsOne }}
          two={{ course: two.course, input: other ?? input, pourMl: otherMl ?? 0, odds: oddsTwo }}
          label={variation?.label ?? ''}
          stale={one.stale || two.stale}
        />
      ) : (
        plan.good && (
          <p aria-busy className="text-xl">
            {one.failed || two.failed ? w.thisCouldNotBeSimulated : w.cookingBoth}
          </p>
        )
      )}
    </div>
  );
}

function Side({
  one,
  two,
  label,
  stale,
}: {
  readonly one: Way;
  readonly two: Way;
  readonly label: string;
  readonly stale: boolean;
}) {
  const toMin = Math.ceil(Math.max(one.course.minutes, two.course.minutes));
  const target = useMemo(() => {
    const a = answer(one.input);
    return a.ok ? a.value.target : { low: 67, high: 70 };
  }, [one.input]);
  const drawn = useMemo(
    () => [
      { name: w.asPlanned, series: one.course.series, dashed: false },
      { name: w.whatIf2, series: two.course.series, dashed: true },
    ],
    [one.course, two.course],
  );
  const [first, second] = [linesOf(one), linesOf(two)];
  const stages = two.input.stages ?? [];
  return (
    <div
      className={`grid gap-x-12 gap-y-6 lg:grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)] ${stale ? 'opacity-60' : ''}`}
      aria-busy={stale}
    >
      <figure className="m-0 min-w-0">
        <figcaption className="mb-2 text-faint">{w.wholeLinesAsPlannedBroken(label)}</figcaption>
        <LateCharts drawn={drawn} toMin={toMin} band={target} />
      </figure>
      <div className="flex flex-col gap-4">
        <SideBySide
          caption={w.thePlanAndTheOther}
          heads={[w.asPlanned, w.whatIf2]}
          lines={first.map(([what, a], i) => [what, a, second[i]?.[1] ?? ''])}
        />
        <section className="hung" aria-live="polite" aria-labelledby="difference">
          <h2 id="difference" className="m-0 text-[1.35rem] font-bold">
            {w.theDifference}
          </h2>
          <p className="m-0 mt-1" data-testid="difference">
            {differenceText(one, two, label)}
          </p>
          <ul className="m-0 mt-2 flex list-none flex-col gap-2 p-0">
            {two.course.troubles
              .filter((t) => !one.course.troubles.some((o) => o.code === t.code))
              .map((t) => {
                const words = troubleText(t, stages);
                return (
                  <li key={t.code} className="border-l-4 border-ember pl-3">
                    <strong className="text-ember">{words.what}.</strong> {words.why}
                  </li>
                );
              })}
          </ul>
        </section>
      </div>
    </div>
  );
}
