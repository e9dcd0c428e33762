import { isWet, plannedMin, secondsLeft, type RunState, type Stage } from '@hammock/core';
import type { CookRecord } from '@hammock/core/records';
import { Link } from 'react-router';
import { useCooks } from '../../stores/cooks.js';
import { measuresOf } from '../../stores/kitchenRows.js';
import { useKitchen } from '../../stores/kitchen.js';
import { Button } from '../../ui/Button.js';
import { showPour } from '../../words/amounts.js';
import { ACT } from '../../words/acts.js';
import { mendWords, SEEN } from '../../words/potWords.js';
import { HEAT, LID, SIGN } from '../../words/words.js';
import { primeAlarm } from '../../instruments/alarm.js';
import { clockText } from './clock.js';
import { OutcomeForm } from '../../ui/OutcomeForm.js';
import { Poured } from './Poured.js';
import { TimeSling } from './TimeSling.js';
import { useNowMs, useRun, useWakeLock } from './useStove.js';
import { useStoveOdds } from './useStoveOdds.js';

/** The pot on the stove: one act, its clock, what to look for, what comes next. */
export function StoveScreen() {
  const active = useCooks((s) => s.active);
  if (!active) return <NoPot />;
  return <Cooking key={active.id} cook={active} />;
}

function NoPot() {
  return (
    <section>
      <h1 className="text-3xl font-bold">No pot is on.</h1>
      <p className="text-lg">
        <Link to="/" className="underline decoration-husk decoration-2 underline-offset-4">
          See what to pour
        </Link>{' '}
        and press “Cook this”: its stages appear here, one at a time.
      </p>
    </section>
  );
}

function Cooking({ cook }: { readonly cook: CookRecord }) {
  const run = useRun(cook);
  useWakeLock(run.phase === 'running');
  if (run.phase === 'finished') return <Finished cook={cook} run={run} />;
  return <Current cook={cook} run={run} />;
}

function Current({ cook, run }: { readonly cook: CookRecord; readonly run: RunState }) {
  const now = useNowMs();
  const tap = useCooks((s) => s.tap);
  const giveUp = useCooks((s) => s.giveUp);
  const { keepMl, looks } = useStoveOdds(cook);
  const { cups, household } = useKitchen();
  const [first, last] = looks;
  const here = run.stages[run.current];
  const next = run.stages[run.current + 1];
  if (!here) return null;
  const { stage } = here;
  const words = ACT[stage.act];
  // The liquid goes in with the first stage that has any, whatever the method calls it.
  const pourId = run.stages.find((r) => isWet(r.stage.act))?.stage.id;
  const waiting = run.phase === 'waiting';
  const left = secondsLeft(here, now) ?? Math.round(plannedMin(stage) * 60);
  const pressed = (kind: 'start' | 'done' | 'extend' | 'undo', minutes?: number) => {
    primeAlarm();
    tap(kind, kind === 'undo' ? (run.undoable?.stageId ?? stage.id) : stage.id, minutes);
  };
  return (
    <div className="mx-auto flex max-w-4xl flex-col gap-4">
      <p className="m-0 flex items-baseline justify-between gap-4">
        <strong>{cook.label}</strong>
        <span>
          stage {run.current + 1} of {run.stages.length}
        </span>
      </p>
      <TimeSling run={run} nowMs={now} />
      <section aria-labelledby="act">
        <h1 id="act" className="m-0 text-[2.6rem] leading-none font-bold sm:text-[3.5rem]">
          {words.name}
        </h1>
        <p className="mt-2 mb-0 text-[1.2rem] font-semibold">{settingOf(stage)}</p>
        <p
          role="timer"
          aria-label="Clock of this stage"
          data-testid="clock"
          className={`figures mt-3 mb-0 text-[clamp(7rem,min(30vw,22vh),15rem)] ${left < 0 ? 'text-ember' : ''}`}
        >
          {clockText(left)}
        </p>
        <p className="m-0 text-faint">{clockWords(stage, waiting, left)}</p>
      </section>
      {stage.id === pourId ? (
        <Poured cook={cook} keepMl={keepMl} />
      ) : (
        <p className="m-0 text-[1.3rem]">{words.what}</p>
      )}
      <p className="m-0 text-[1.3rem]">
        <strong>Look for:</strong> {words.look}
      </p>
      {first?.stageId === stage.id && (
        <p className="m-0 text-[1.05rem] leading-snug">
          <strong>If you look at {first.afterMin} min:</strong> {SEEN[first.expect]}.{' '}
          {last && (
            <>
              <strong>At the end:</strong> {SEEN[last.expect]}.{' '}
            </>
          )}
          {mendWords(first, (ml) => showPour(ml, measuresOf(cups), household.metric).main)}
        </p>
      )}
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
        <Button
          weight="act"
          className="col-span-2 min-h-20 text-[1.6rem]"
          onClick={() => pressed(waiting ? 'start' : 'done')}
        >
          {waiting
            ? 'Start the clock'
            : next
              ? `Done. Next: ${ACT[next.stage.act].name.toLowerCase()}`
              : 'Done. Open the lid'}
        </Button>
        <Button className="min-h-16 text-[1.2rem]" disabled={waiting} onClick={() => pressed('extend', 5)}>
          5 more min
        </Button>
        <Button className="min-h-16 text-[1.2rem]" disabled={!run.undoable} onClick={() => pressed('undo')}>
          Undo
        </Button>
      </div>
      <StageList run={run} />
      <p className="m-0 flex justify-between gap-4 text-faint">
        <span>Every tap is kept. Close it, come back, the clock is right.</span>
        <button type="button" className="min-h-12 underline underline-offset-4" onClick={giveUp}>
          Give this pot up
        </button>
      </p>
    </div>
  );
}

const settingOf = (stage: Stage): string => `${capital(HEAT[stage.heat])}, ${LID[stage.lid]}`;
const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);

function clockWords(stage: Stage, waiting: boolean, left: number): string {
  if (stage.end.kind === 'sign')
    return `Over ${SIGN[stage.end.sign]}, about ${Math.round(stage.end.expectMin).toString()} min. It rings then.`;
  if (stage.end.kind === 'count')
    return `Over after ${stage.end.count.toString()} more ${stage.end.count === 1 ? 'whistle' : 'whistles'}, about ${Math.round(stage.end.expectMin).toString()} min.`;
  if (stage.end.kind === 'flip')
    return `Over when it flips to warm, about ${Math.round(stage.end.expectMin).toString()} min. It rings then.`;
  if (waiting) return 'Not started.';
  return left < 0 ? 'Time is up.' : 'min left. It rings.';
}

function StageList({ run }: { readonly run: RunState }) {
  return (
    <ol className="m-0 list-none border-t-2 border-ink p-0 pt-1" aria-label="Stages">
      {run.stages.map(({ stage, doneAtMs, extendedMin }, i) => (
        <li
          key={stage.id}
          aria-current={i === run.current ? 'step' : undefined}
          className={`flex justify-between gap-4 py-1 ${i === run.current ? 'font-bold' : i < run.current ? 'text-faint line-through decoration-1' : ''}`}
        >
          <span>{ACT[stage.act].name}</span>
          <span>
            {Math.round(plannedMin(stage) + extendedMin)} min{doneAtMs === undefined ? '' : ', done'}
          </span>
        </li>
      ))}
    </ol>
  );
}

function Finished({ cook, run }: { readonly cook: CookRecord; readonly run: RunState }) {
  const tap = useCooks((s) => s.tap);
  const { cups, household } = useKitchen();
  const { keepMl } = useStoveOdds(cook);
  const keep = showPour(keepMl, measuresOf(cups), household.metric);
  return (
    <div className="mx-auto flex max-w-4xl flex-col gap-5">
      <section>
        <h1 className="m-0 text-[2.6rem] leading-none font-bold sm:text-[3.5rem]">Open, fork, taste</h1>
        <p className="mt-3 mb-0 text-[1.2rem]">
          Open the lid away from you. Fork from the side. Taste one grain from the top. Centre still hard?
          Sprinkle from the {keep.main} you kept hot, lid on, lowest heat, 5 min.
        </p>
      </section>
      <OutcomeForm cook={cook} />
      {run.undoable && (
        <p className="m-0">
          <Button weight="plain" onClick={() => tap('undo', run.undoable?.stageId ?? '')}>
            Undo: back to the last stage
          </Button>
        </p>
      )}
    </div>
  );
}
