import { rescueTaps, type PotBelief, type RunState } from '@hammock/core';
import { useStove } from '../../../stores/cooks/stove.js';
import { Button } from '../../../ui/controls/Button.js';
import { rescueText, chanceText, bottomText, nextText } from '../../../words/stove/observationWords.js';
import * as w from '../../../words/screens/stoveObserved.js';

/** True where something is to be done now, or the pot looked at again: that stands above everything else. */
export const isUrgent = ({ act, unlikely }: PotBelief): boolean => unlikely || act.kind !== 'none';

/** What to do about what was said: one act, what it changes, and a press that does it and writes it down. */
export function Advice({
  belief,
  run,
  amount,
  nowMs,
}: {
  readonly belief: PotBelief;
  readonly run: RunState;
  readonly amount: (ml: number) => string;
  readonly nowMs: number;
}) {
  const tap = useStove((s) => s.tap);
  const { act } = belief;
  const text = rescueText(act, amount);
  const made = rescueTaps(act, run, nowMs);
  const bottom = bottomText(belief);
  const urgent = isUrgent(belief);
  return (
    <div
      role="status"
      data-testid="advice"
      data-kitchens={belief.effective.toFixed(4)}
      className={`border-l-4 pl-3 ${urgent ? 'border-ember' : 'border-line'}`}
    >
      <p className={`m-0 leading-snug font-bold ${urgent ? 'text-[1.6rem]' : 'text-[1.3rem]'}`}>
        {belief.unlikely
          ? w.fewPotsWouldShowThat
          : (text ?? (belief.isDone ? w.doneLeaveItAndLet : w.leaveItAsItIs))}
      </p>
      {bottom !== '' && <p className="m-0 text-[1.15rem]">{bottom}</p>}
      <p className="m-0 text-faint">
        {chanceText(belief)} {nextText(belief)}
      </p>
      {made.length > 0 && (
        <Button
          className="mt-2 min-h-14 text-[1.15rem]"
          onClick={() => {
            for (const { kind, stageId, ...more } of made) tap(kind, stageId, more);
          }}
        >
          {w.iDoThatNow}
        </Button>
      )}
    </div>
  );
}
