import { clockMs, cues, runFromTaps, secondsLeft } from '@hammock/core';
import type { CookRecord } from '@hammock/core/records';
import { besideRuns } from '@hammock/core/schedule';
import { useEffect } from 'react';
import { useLocation } from 'react-router';
import { useInstruments } from '../../instruments/instruments.js';
import { eventsOf } from '../../stores/cooks/cookRecord.js';
import { useNowMs, useRun } from '../../stores/cooks/run.js';
import { say } from '../../stores/session/said.js';
import { onThisDevice, useTime } from '../../stores/session/time.js';
import { stageName } from '../../words/plan/acts.js';
import { clockText } from '../../words/measures/clock.js';
import { Fence } from './Fence.js';
import { ReminderWatch } from './ReminderWatch.js';
import * as w from '../../words/ui/shell.js';

/** So long after its moment a bell is still left to ring, ms. */
const RINGING_MS = 3000;

/** The pots on the stove, whatever screen is being read: one bell for all, their words when time is up; and what is to be begun. */
export function StoveWatch({ cooks }: { readonly cooks: readonly CookRecord[] }) {
  const now = useNowMs();
  const due = cooks
    .flatMap(duesIfAny)
    .filter((atMs) => atMs > now - RINGING_MS)
    .sort((a, b) => a - b)[0];
  const offset = useTime((s) => s.offsetMs);
  const { alarmAt } = useInstruments();
  useEffect(() => {
    // The alarm ticks by this device's clock.
    alarmAt(due === undefined ? undefined : onThisDevice(due));
  }, [due, offset, alarmAt]);
  // A pot that is taken off the stove rings no more.
  useEffect(() => () => alarmAt(undefined), [alarmAt]);
  return (
    <>
      <ReminderWatch />
      {cooks.map((cook, i) => (
        <Fence key={cook.id} what={w.theClockOf(cook.label)} of={cook}>
          <PotWatch cook={cook} now={now} titled={i === 0} named={cooks.length > 1} />
        </Fence>
      ))}
    </>
  );
}

/** A pot that cannot be followed rings no bell; the others do. */
function duesIfAny(cook: CookRecord): readonly number[] {
  try {
    return duesOf(cook);
  } catch {
    return [];
  }
}

/** Every moment at which a pot, or what is made beside it, calls. */
function duesOf(cook: CookRecord): readonly number[] {
  const events = eventsOf(cook);
  const beside = besideRuns(cook.input.beside, events).flatMap(({ dueAtMs, doneAtMs }) =>
    dueAtMs === undefined || doneAtMs !== undefined ? [] : [dueAtMs],
  );
  return [...cues(runFromTaps(cook.answer.stages, events), cook.id).map((c) => c.atMs), ...beside];
}

interface Watched {
  readonly cook: CookRecord;
  readonly now: number;
  /** True for the pot in sight, which the title of the page tells of. */
  readonly titled: boolean;
  /** True where there are several, and each says whose time is up. */
  readonly named: boolean;
}

function PotWatch({ cook, now, titled, named }: Watched) {
  const run = useRun(cook);
  const here = run.stages[run.current];
  const name = here ? stageName(here.stage) : '';
  const left = here && secondsLeft(here, clockMs(run, now));
  const isOver = left !== undefined && left <= 0 && run.pausedAtMs === undefined;
  const bySign = here?.stage.end.kind === 'sign' || here?.stage.end.kind === 'flip';
  const whose = named ? `${cook.label}, ${name}` : name;
  useEffect(() => {
    if (isOver) say(bySign ? w.timeToLook(whose) : w.timeIsUp(whose));
  }, [isOver, bySign, whose]);
  const ready = besideRuns(cook.input.beside, eventsOf(cook))
    .filter((b) => b.doneAtMs === undefined && b.dueAtMs !== undefined && b.dueAtMs <= now)
    .map((b) => b.beside.name)
    .join(', ');
  useEffect(() => {
    if (ready !== '') say(w.timeIsUp2(ready));
  }, [ready]);

  const atStove = useLocation().pathname === '/stove' && titled;
  const title = here
    ? `${left === undefined ? '' : `${clockText(left)} `}${name} · ${cook.label}`
    : w.openTheLid(cook.label);
  useEffect(() => {
    if (atStove) document.title = title;
  }, [atStove, title]);
  return null;
}
