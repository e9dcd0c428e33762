import { clockMs, runFromTaps, secondsLeft } from '@hammock/core';
import type { CookRecord } from '@hammock/core/records';
import { Link } from 'react-router';
import { eventsOf } from '../../stores/cooks/cookRecord.js';
import { useStove } from '../../stores/cooks/stove.js';
import { useNowMs } from '../../stores/cooks/run.js';
import { Button } from '../../ui/controls/Button.js';
import { Fence } from '../../ui/shell/Fence.js';
import { stageName } from '../../words/plan/acts.js';
import { clockText } from '../../words/measures/clock.js';
import * as w from '../../words/screens/stove.js';

/** The other pots that are on, each with its act and its clock: a press brings one in sight. */
export function PotTabs() {
  const others = useStove((s) => s.others);
  const show = useStove((s) => s.show);
  const now = useNowMs();
  if (others.length === 0) return null;
  return (
    <nav aria-label={w.otherPots} className="flex flex-wrap items-center gap-2">
      {others.map((cook) => (
        <Fence key={cook.id} what={w.thePot(cook.label)} of={cook}>
          <PotTab cook={cook} now={now} onShow={() => show(cook.id)} />
        </Fence>
      ))}
      <Link to="/table" className="inline-flex min-h-14 items-center underline underline-offset-4">
        {w.allOnOneSheet}
      </Link>
    </nav>
  );
}

function PotTab({
  cook,
  now,
  onShow,
}: {
  readonly cook: CookRecord;
  readonly now: number;
  readonly onShow: () => void;
}) {
  const { what, left } = stateOf(cook, now);
  return (
    <Button
      className={`min-h-14 px-3! text-left leading-tight ${left !== undefined && left <= 0 ? 'border-ember text-ember' : ''}`}
      onClick={onShow}
    >
      <span className="font-bold">{cook.label}</span> {what}
      {left !== undefined && <span className="figures"> {clockText(left)}</span>}
    </Button>
  );
}

function stateOf(cook: CookRecord, nowMs: number): { readonly what: string; readonly left?: number } {
  const run = runFromTaps(cook.answer.stages, eventsOf(cook));
  const here = run.stages[run.current];
  if (!here) return { what: w.openIt };
  const left = secondsLeft(here, clockMs(run, nowMs));
  return { what: stageName(here.stage).toLowerCase(), ...(left === undefined ? {} : { left }) };
}
