import { clockMs, secondsLeft, type RunState } from '@hammock/core';
import type { CookRecord } from '@hammock/core/records';
import { LOOKED } from '@hammock/core/records';
import { useState } from 'react';
import { useStove } from '../../stores/cooks/stove.js';
import { Button } from '../../ui/controls/Button.js';
import { clockText } from '../../words/measures/clock.js';
import { nameIn } from '../../words/plan/stageWords.js';
import { OBSERVATION_WORDS } from '../../words/stove/observationWords.js';
import * as w from '../../words/screens/stove.js';

/** For full hands: the act, its clock, and two things to press with an elbow. */
export function HandsBusy({
  cook,
  run,
  nowMs,
  pourId,
  onNext,
  onLeave,
}: {
  readonly cook: CookRecord;
  readonly run: RunState;
  readonly nowMs: number;
  readonly pourId: string | undefined;
  readonly onNext: () => void;
  readonly onLeave: () => void;
}) {
  const tap = useStove((s) => s.tap);
  const [looking, setLooking] = useState(false);
  const here = run.stages[run.current];
  if (!here) return null;
  const left = secondsLeft(here, clockMs(run, nowMs));
  const waiting = run.phase === 'waiting';
  return (
    <div className="flex min-h-[75dvh] flex-col gap-3">
      <h1 className="m-0 text-[3rem] leading-none font-bold sm:text-[4.5rem]">
        {nameIn(here.stage, pourId)}
      </h1>
      <p
        role="timer"
        aria-label={w.clockOfThisStage}
        className={`figures m-0 text-[7rem] leading-none sm:text-[11rem] ${(left ?? 0) < 0 ? 'text-ember' : ''}`}
      >
        {left === undefined ? '—' : clockText(left)}
      </p>
      <div className={`grid flex-1 gap-3 ${looking ? 'grid-cols-1' : 'grid-cols-2'}`}>
        {looking ? (
          LOOKED.map((said) => (
            <Button
              key={said}
              className="min-h-20 text-[1.8rem]"
              onClick={() => {
                tap('looked', here.stage.id, { said });
                setLooking(false);
              }}
            >
              {OBSERVATION_WORDS.looked?.[said] ?? said}
            </Button>
          ))
        ) : (
          <>
            <Button weight="act" className="min-h-40 text-[2.2rem]" onClick={onNext}>
              {waiting ? w.start2 : w.next}
            </Button>
            <Button className="min-h-40 text-[2.2rem]" disabled={waiting} onClick={() => setLooking(true)}>
              {w.look}
            </Button>
          </>
        )}
      </div>
      <Button
        weight="plain"
        className="min-h-14 self-start"
        onClick={looking ? () => setLooking(false) : onLeave}
      >
        {looking ? w.nothingSeen : w.handsAreFree}
      </Button>
      <p className="sr-only">{cook.label}</p>
    </div>
  );
}
