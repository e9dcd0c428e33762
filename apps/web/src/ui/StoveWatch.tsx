import { cues, secondsLeft } from '@hammock/core';
import type { CookRecord } from '@hammock/core/records';
import { useEffect } from 'react';
import { useLocation } from 'react-router';
import { useInstruments } from '../instruments/instruments.js';
import { useNowMs, useRun } from '../stores/run.js';
import { say } from '../stores/said.js';
import { onThisDevice, useTime } from '../stores/time.js';
import { stageName } from '../words/acts.js';
import { clockText } from '../words/clock.js';

/** The pot on the stove, whatever screen is being read: its bell, its word when time is up, its clock as the title. */
export function StoveWatch({ cook }: { readonly cook: CookRecord }) {
  const run = useRun(cook);
  const now = useNowMs();
  const due = cues(run, cook.id)[0]?.atMs;
  const offset = useTime((s) => s.offsetMs);
  const { alarmAt } = useInstruments();
  useEffect(() => {
    // The alarm ticks by this device's clock.
    alarmAt(due === undefined ? undefined : onThisDevice(due));
  }, [due, offset, alarmAt]);
  // A pot that is taken off the stove rings no more.
  useEffect(() => () => alarmAt(undefined), [alarmAt]);

  const here = run.stages[run.current];
  const name = here ? stageName(here.stage) : '';
  const left = here && secondsLeft(here, now);
  const isOver = left !== undefined && left <= 0;
  const bySign = here?.stage.end.kind === 'sign' || here?.stage.end.kind === 'flip';
  useEffect(() => {
    if (isOver) say(bySign ? `${name}: time to look.` : `${name}: time is up.`);
  }, [isOver, bySign, name]);

  const atStove = useLocation().pathname === '/stove';
  const title = here
    ? `${left === undefined ? '' : `${clockText(left)} `}${name} · ${cook.label}`
    : `Open the lid · ${cook.label}`;
  useEffect(() => {
    if (atStove) document.title = title;
  }, [atStove, title]);
  return null;
}
