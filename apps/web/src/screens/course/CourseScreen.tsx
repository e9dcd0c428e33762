import {
  bandOf,
  completePlan,
  type Course,
  type HeatSetting,
  type LidState,
  type Stage,
} from '@hammock/core';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useCourse } from '../../stores/plan/course.js';
import { useDraft } from '../../stores/plan/draft.js';
import { Button } from '../../ui/controls/Button.js';
import { PlanProblem } from '../../ui/sections/PlanProblem.js';
import { ACT } from '../../words/plan/acts.js';
import { SEEN } from '../../words/stove/potWords.js';
import { HEAT } from '../../words/words.js';
import { usePlan, type PlanView } from '../../stores/plan/usePlan.js';
import { AlongTime } from './AlongTime.js';
import { BeforeThePour } from './BeforeThePour.js';
import { CourseTable } from './CourseTable.js';
import { BEDS, momentAt, moistureOf } from './moment.js';
import { Outcome } from './Outcome.js';
import { PotOverTime } from './PotOverTime.js';
import { useClock } from './useClock.js';
import { whole } from '../../words/measures/numbers.js';
import * as w from '../../words/screens/course.js';
import { Emphasis } from '../../ui/controls/Emphasis.js';

/** The pot over time: cut open, minute by minute, with what it comes to. */
export function CourseScreen() {
  const plan = usePlan();
  if (!plan || plan.coming) return <p aria-busy>{w.lookingIntoTheKitchen}</p>;
  return <OfPlan plan={plan} />;
}

/** Stages as the plan has them; the pot is poured as it was when the screen was opened, so that a stretch shows. */
function OfPlan({ plan }: { readonly plan: PlanView }) {
  const { draft, good, answer } = plan;
  const stages = useMemo(() => {
    const made = good && completePlan(good);
    return made?.ok ? made.value.stages : [];
  }, [good]);
  const [heldMl, hold] = useState(answer?.pour.ml);
  const pourMl = heldMl === undefined ? undefined : Math.max(0, heldMl);
  const { course, stale, failed } = useCourse(stages.length > 0 ? good : undefined, pourMl);
  const setStages = (next: readonly Stage[]): void => useDraft.getState().setSpec({ stages: next });
  const perMl = answer && answer.pour.ml !== 0 ? answer.pour.waterG / answer.pour.ml : 1;
  return (
    <div className="flex flex-col gap-5">
      <header className="flex flex-wrap items-end justify-between gap-x-8 gap-y-1">
        <h1 className="m-0 text-[2rem] leading-tight font-bold">{w.minuteByMinute(draft.label)}</h1>
        <p className="m-0 flex flex-wrap items-center gap-x-4">
          <Link
            className="inline-flex min-h-12 items-center font-semibold underline decoration-husk decoration-2 underline-offset-4"
            to="/what-if"
          >
            {w.whatIf}
          </Link>
          <Link
            className="inline-flex min-h-12 items-center font-semibold underline decoration-husk decoration-2 underline-offset-4"
            to="/"
          >
            {w.backToThePour}
          </Link>
        </p>
      </header>
      <PlanProblem plan={plan} at="/course" />
      {failed && (
        <p role="alert" className="m-0 text-ember">
          {w.thePotCouldNotBe}
        </p>
      )}
      {!course && !failed && good && (
        <p aria-busy className="text-xl">
          {w.cookingItOnceOver}
        </p>
      )}
      {course && (
        <div className="flex flex-col gap-5" aria-busy={stale}>
          <Over course={course} stages={stages} plan={plan} onStages={setStages} />
          <p className="m-0">
            <Emphasis text={w.pouredMlTheSameWhile(Math.round(pourMl ?? course.pourWaterG / perMl))} />
            {answer && heldMl !== undefined && Math.abs(answer.pour.ml - heldMl) >= 5 && (
              <>
                {' '}
                {w.thisPlanWouldNowTakeMl(Math.round(answer.pour.ml))}{' '}
                <Button weight="plain" onClick={() => hold(answer.pour.ml)}>
                  {w.pourThat}
                </Button>
              </>
            )}
          </p>
          <Outcome
            course={course}
            stages={stages}
            ml={(g) => `${(Math.round(g / perMl / 5) * 5).toString()} ml`}
            onStages={setStages}
            onPour={(g) => hold(g / perMl)}
          />
          <CourseTable course={course} />
        </div>
      )}
    </div>
  );
}

interface OverProps {
  readonly course: Course;
  readonly stages: readonly Stage[];
  readonly plan: PlanView;
  readonly onStages: (stages: readonly Stage[]) => void;
}

function Over({ course, stages, plan, onStages }: OverProps) {
  const toMin = Math.ceil(course.minutes);
  const clock = useClock(toMin, Math.min(8, toMin));
  const moment = momentAt(course, clock.atMin);
  const at = course.stages.find((s) => clock.atMin <= s.toMin + 1e-9) ?? course.stages.at(-1);
  const stage = stages.find((s) => s.id === at?.stageId);
  const fire: { heat: HeatSetting; lid: LidState } = stage ?? { heat: 'off', lid: 'off' };
  const { vessel } = plan.good ?? plan.input;
  const mostMl = useMemo(() => largest(course), [course]);
  const band = useMemo(
    () => ({ low: plan.answer?.target.low ?? 67, high: plan.answer?.target.high ?? 70 }),
    [plan.answer?.target.low, plan.answer?.target.high],
  );
  const name = at?.act === 'serve' ? w.onTheTable : at ? ACT[at.act].name : '';
  return (
    <>
      <div className="grid gap-x-12 gap-y-2 short:grid-cols-2 short:gap-x-6 lg:grid-cols-[minmax(0,1.05fr)_minmax(0,1fr)]">
        <PotOverTime
          moment={moment}
          dryG={course.dryG}
          potMl={vessel.volumeMl}
          diameterCm={vessel.diameterCm}
          heat={fire.heat}
          lid={fire.lid}
          mostMl={mostMl}
          label={w.thePotInSectionAt(
            whole(clock.atMin),
            BEDS.map((b, i) => w.moist(b, whole(moistureOf(moment.w[i] ?? 0)))).join(', '),
            whole(moment.freeG),
            bandOf(moment.browning),
          )}
        />
        <div className="flex flex-col justify-center gap-2">
          <p className="m-0 text-[1.35rem] font-bold">{name}</p>
          <p className="figures m-0 text-[clamp(4.5rem,11vw,8rem)]" data-testid="course-minute">
            {Math.floor(clock.atMin)}
            <span className="ml-3 text-[0.45em]">min</span>
          </p>
          <p className="m-0 text-[1.15rem]">
            {at && at.act !== 'serve' && <>{capital(HEAT[fire.heat])}. </>}
            {at && clock.atMin > at.toMin - 1 && at.act !== 'serve' && <>{w.byItsEnd(SEEN[at.seen])} </>}
            {w.potCGOfLiquid(
              whole(moment.tempC),
              whole(Math.max(0, moment.freeG)),
              whole(moment.steamG),
              whole(100 * Math.min(...moment.done)),
            )}
          </p>
          <BeforeThePour stages={course.before} />
        </div>
      </div>
      <AlongTime course={course} stages={stages} clock={clock} name={name} band={band} onStages={onStages} />
    </>
  );
}

const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);

/** Most that stands in the pot at any time, ml. */
function largest({ series, dryG }: Course): number {
  let most = 1;
  series.minutes.forEach((_, i) => {
    const bed = series.w.reduce(
      (sum, w) => sum + (1.65 * (1 / 1.5 + Math.max(0.1, w[i] ?? 0)) * dryG) / 3,
      0,
    );
    most = Math.max(most, bed + Math.max(0, (series.freeG[i] ?? 0) - 0.4 * bed));
  });
  return most;
}
