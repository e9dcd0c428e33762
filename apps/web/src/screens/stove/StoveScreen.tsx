import { clockMs, fireNow, isWet, plannedMin, secondsLeft, type RunState } from '@hammock/core';
import type { CookRecord } from '@hammock/core/records';
import { useRef, useState } from 'react';
import { deviceNowMs } from '../../storage/deviceClock.js';
import { useStove } from '../../stores/cooks/stove.js';
import { Button } from '../../ui/controls/Button.js';
import { Fence } from '../../ui/shell/Fence.js';
import { lookOf } from '../../words/plan/acts.js';
import { nameIn, settingOf, whatIn } from '../../words/plan/stageWords.js';
import { useInstruments } from '../../instruments/instruments.js';
import { clockText } from '../../words/measures/clock.js';
import { Finished } from './Finished.js';
import { BesideClocks } from './BesideClocks.js';
import { GoesInNow } from './GoesInNow.js';
import { GivenUp, NoPot } from './NoPot.js';
import { HandsBusy } from './HandsBusy.js';
import { Poured } from './pouring/Poured.js';
import { Ring } from './Ring.js';
import { PotTabs } from './PotTabs.js';
import { Stands, WhoStirs } from './Stands.js';
import { StageCautions } from './StageCautions.js';
import { StageList } from './StageList.js';
import { clockWords } from './stageWords.js';
import { TableTime } from './TableTime.js';
import { TimeSling } from './TimeSling.js';
import { useNowMs, useRun } from '../../stores/cooks/run.js';
import { useActInSight, useAwake } from './useStove.js';
import { useStoveOdds } from './useStoveOdds.js';
import { Observations, ToDoNow } from './observed/Observations.js';
import { useBelief } from './observed/useBelief.js';
import { WhenToLook } from './observed/WhenToLook.js';
import * as w from '../../words/screens/stove.js';
import { Emphasis } from '../../ui/controls/Emphasis.js';

/** What brings its own heater stands on no ring. */
const OWN_HEATER: ReadonlySet<unknown> = new Set(['multiCooker', 'riceCooker']);

/** Two presses within this time were meant as one, ms. */
const TOGETHER_MS = 600;

/** The pot on the stove: one act, its clock, what to look for, what comes next. */
export function StoveScreen() {
  const active = useStove((s) => s.active);
  if (!active) return <NoPot />;
  return (
    <>
      <Fence key={active.id} what={w.thePot2(active.label)} of={active} also={<InItsPlace />}>
        <Cooking cook={active} />
      </Fence>
      <GivenUp />
    </>
  );
}

/** A pot that cannot be shown: the others are still there, and it can be given up. */
function InItsPlace() {
  const giveUp = useStove((s) => s.giveUp);
  return (
    <div className="mt-4 flex flex-col items-start gap-3">
      <PotTabs />
      <Button weight="plain" onClick={giveUp}>
        {w.giveThisPotUp}
      </Button>
    </div>
  );
}

function Cooking({ cook }: { readonly cook: CookRecord }) {
  const run = useRun(cook);
  useAwake(run.phase === 'running');
  if (run.phase === 'finished') return <Finished cook={cook} run={run} />;
  return <Current cook={cook} run={run} />;
}

function Current({ cook, run }: { readonly cook: CookRecord; readonly run: RunState }) {
  const now = useNowMs();
  const tap = useStove((s) => s.tap);
  const giveUp = useStove((s) => s.giveUp);
  const { primeAlarm, isAwake, speak } = useInstruments();
  const lastMs = useRef(-Infinity);
  const { keepMl } = useStoveOdds(cook);
  const belief = useBelief(cook, run, now, keepMl);
  const [busy, setBusy] = useState(false);
  useActInSight(run.stages[run.current]?.stage.id);
  const here = run.stages[run.current];
  const next = run.stages.slice(run.current + 1).find((line) => !line.skipped);
  if (!here) return null;
  const { stage } = here;
  // The liquid goes in with the first stage that has any, whatever the method calls it.
  const pourId = run.stages.find((r) => isWet(r.stage.act))?.stage.id;
  const waiting = run.phase === 'waiting';
  // What stands has nothing to be looked for and no bell.
  const stands = run.pausedAtMs !== undefined;
  const left = secondsLeft(here, clockMs(run, now)) ?? Math.round(plannedMin(stage) * 60);
  const pressed = (kind: 'start' | 'done' | 'extend' | 'undo', minutes?: number) => {
    primeAlarm();
    // A wet thumb that bounces would skip a stage: two presses of the large button close together are one.
    if (kind === 'start' || kind === 'done') {
      const at = deviceNowMs();
      if (at - lastMs.current < TOGETHER_MS) return;
      lastMs.current = at;
    }
    const more = minutes === undefined ? undefined : { minutes };
    tap(kind, kind === 'undo' ? (run.undoable?.stageId ?? stage.id) : stage.id, more);
  };
  const fire = { ...stage, ...fireNow(here, run.said, now) };
  const setting = settingOf(fire, cook.input.vessel.kind);
  if (busy)
    return (
      <HandsBusy
        cook={cook}
        run={run}
        nowMs={now}
        pourId={pourId}
        onNext={() => pressed(waiting ? 'start' : 'done')}
        onLeave={() => setBusy(false)}
      />
    );
  return (
    <div className="mx-auto flex max-w-4xl flex-col gap-4 tall-wide:grid tall-wide:grid-cols-[minmax(0,1fr)_25rem] tall-wide:gap-x-8 tall-wide:gap-y-3 tall-wide:[&>*]:col-span-2 short:grid short:grid-cols-2 short:gap-x-8 short:gap-y-2 short:[&>*]:order-2 short:[&>*]:col-span-2">
      <p className="m-0 flex items-baseline justify-between gap-4 short:order-none!">
        <span>
          <strong>{cook.label}</strong>
          <WhoStirs run={run} />
        </span>
        <span className="text-right">
          {w.stageOf(run.current + 1, run.stages.length)}
          {!waiting && (
            <>
              , <TableTime run={run} nowMs={now} />
            </>
          )}
        </span>
      </p>
      <PotTabs />
      <div className="group-disabled/guest:hidden empty:hidden short:order-none!">
        <ToDoNow cook={cook} run={run} nowMs={now} belief={belief} />
      </div>
      <Fence what={w.theTimeLine} of={run}>
        <TimeSling run={run} nowMs={now} />
      </Fence>
      <section
        aria-labelledby="act"
        className="tall-wide:col-span-1! tall-wide:row-start-3 short:order-none! short:col-span-1!"
      >
        <h1
          id="act"
          className="m-0 text-[2.6rem] leading-none font-bold sm:text-[3.5rem] short:text-[2.4rem]"
        >
          {nameIn(stage, pourId)}
        </h1>
        <p className="mt-2 mb-0 text-[1.2rem] font-semibold">{setting}</p>
        {!OWN_HEATER.has(cook.input.vessel.kind) && (
          <Ring wanted={fire.heat} onNote={(said) => tap('heat', stage.id, { said })} />
        )}
        <p
          role="timer"
          aria-label={w.clockOfThisStage}
          data-testid="clock"
          className={`figures mt-3 mb-0 text-[clamp(7rem,min(30vw,22vh),15rem)] short:mt-1 short:text-[5rem] ${left < 0 ? 'text-ember' : ''}`}
        >
          {clockText(left)}
        </p>
        {!stands && (waiting || isAwake() || left <= 0) && (
          <p className="m-0 text-faint">{clockWords(stage, waiting, left)}</p>
        )}
        <Stands run={run} onGoOn={() => tap('resume', stage.id)} />
        {!waiting && !isAwake() && (
          <p className="m-0 mt-1 flex flex-wrap items-center gap-x-4">
            {w.theBellHasBeenSilent}
            <Button weight="plain" onClick={primeAlarm}>
              {w.wakeTheBell}
            </Button>
          </p>
        )}
      </section>
      {stage.id === pourId ? (
        <>
          <Poured cook={cook} keepMl={keepMl} />
          {(stage.note ?? '') !== '' && <p className="m-0 text-[1.3rem]">{stage.note}</p>}
        </>
      ) : (
        <p className="m-0 text-[1.3rem]">{whatIn(stage, cook.input, pourId)}</p>
      )}
      <Fence what={w.whatGoesIn} of={cook.input}>
        <GoesInNow cook={cook} run={run} />
      </Fence>
      {!stands && (
        <p className="m-0 text-[1.3rem]">
          <Emphasis text={w.lookFor(lookOf(stage))} />{' '}
          <Button
            weight="plain"
            className="-my-3 min-h-14 text-[1.05rem]"
            onClick={() => {
              const what = stage.id === pourId ? (stage.note ?? '') : whatIn(stage, cook.input, pourId);
              speak(w.lookFor2(nameIn(stage, pourId), setting, what, lookOf(stage)));
            }}
          >
            {w.readItOut}
          </Button>
        </p>
      )}
      <div className="stays-down group-disabled/guest:hidden sticky bottom-0 z-20 grid grid-cols-[minmax(0,1fr)_4.75rem_4.75rem] content-start gap-2 bg-ground py-2 max-sm:bottom-16 max-sm:shadow-[0_0.9rem_0_var(--ground)] sm:grid-cols-4 sm:gap-3 short:static short:order-1! short:col-span-1! short:grid-cols-2">
        <Button
          weight="act"
          className="min-h-20 px-3! text-[1.35rem] leading-tight sm:col-span-2 sm:text-[1.6rem]"
          data-testid="next"
          onClick={() => pressed(waiting ? 'start' : 'done')}
        >
          {waiting
            ? w.startTheClock
            : next
              ? w.doneNext(nameIn(next.stage, pourId).toLowerCase())
              : w.doneOpenTheLid}
        </Button>
        <Button
          className="min-h-16 px-1! text-[1.2rem] leading-tight"
          disabled={waiting}
          onClick={() => pressed('extend', 5)}
        >
          {w.n5MoreMin}
        </Button>
        <Button
          className="min-h-16 px-1! text-[1.2rem]"
          disabled={!run.undoable}
          onClick={() => pressed('undo')}
        >
          {w.undo}
        </Button>
      </div>
      <p className="m-0 group-disabled/guest:hidden short:order-1! short:col-span-1!">
        <Button weight="plain" className="min-h-14" onClick={() => setBusy(true)}>
          {w.handsFull}
        </Button>{' '}
        <span className="text-faint">{w.nextAndLookAloneAs}</span>
      </p>
      <div className="flex flex-col gap-3 group-disabled/guest:hidden tall-wide:col-span-1! tall-wide:col-start-2! tall-wide:row-start-3 tall-wide:justify-end">
        {run.said.length === 0 && (
          <Fence what={w.whenToLook} of={stage.id}>
            <WhenToLook cook={cook} stage={stage} />
          </Fence>
        )}
        <Observations cook={cook} run={run} nowMs={now} belief={belief} />
      </div>
      <BesideClocks cook={cook} nowMs={now} />
      <StageCautions cook={cook} run={run} />
      <Fence what={w.theListOfStages} of={run}>
        <StageList run={run} />
      </Fence>
      <p className="m-0 flex justify-between gap-4 text-faint group-disabled/guest:hidden">
        <span>{w.everyTapIsKeptClose}</span>
        <button type="button" className="min-h-14 underline underline-offset-4" onClick={giveUp}>
          {w.giveThisPotUp}
        </button>
      </p>
    </div>
  );
}
