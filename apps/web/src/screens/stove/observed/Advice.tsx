import { clockMs, MENDED_RESTS_MIN, type PotBelief, type RunState } from '@hammock/core';
import { useCooks } from '../../../stores/cooks/cooks.js';
import { Button } from '../../../ui/controls/Button.js';
import { rescueText, chanceText, nextText } from '../../../words/stove/observationWords.js';

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
  const tap = useCooks((s) => s.tap);
  const here = run.stages[run.current] ?? run.stages.at(-1);
  const { act } = belief;
  const text = rescueText(act, amount);
  const doIt = (): void => {
    if (!here) return;
    const { id, end } = here.stage;
    const atMs = clockMs(run, nowMs);
    const leftMin = ((here.dueAtMs ?? atMs) - atMs) / 60_000;
    const lasts = (minutes: number): void => {
      const more = Math.ceil(minutes - leftMin);
      if (end.kind === 'minutes' && here.doneAtMs === undefined && more > 0)
        tap('extend', id, { minutes: Math.min(60, more) });
    };
    if (run.phase === 'finished') {
      // A pot that is over is mended in stages of its own, each with its clock.
      const put = (said: string, minutes: number): void => tap('insert', id, { said, amount: minutes });
      if (act.kind === 'open') put('openBoil', act.minutes);
      if (act.kind === 'open' && !act.lively) tap('heat', id, { said: 'low' });
      if (act.kind === 'backOn' || act.kind === 'splash') put('simmer', act.minutes);
      if (act.kind === 'splash') tap('splash', id, { amount: act.ml });
      put('rest', MENDED_RESTS_MIN);
      return;
    }
    if (act.kind === 'longer') tap('extend', id, { minutes: act.minutes });
    if (act.kind === 'offNow') tap('done', id);
    const isOff = here.stage.heat === 'off';
    if (act.kind === 'backOn') {
      tap('heat', id, { said: 'low', amount: act.minutes });
      lasts(act.minutes + MENDED_RESTS_MIN);
    }
    if (act.kind === 'splash') {
      tap('splash', id, { amount: act.ml });
      if (isOff) tap('heat', id, { said: 'low', amount: act.minutes });
      lasts(isOff ? act.minutes + MENDED_RESTS_MIN : act.minutes);
    }
    if (act.kind === 'open') {
      const ring = act.lively ? 'mediumHigh' : 'low';
      tap('lidUp', id, { amount: act.minutes, said: ring });
      // It is covered again for what was left of its time.
      lasts(act.minutes + Math.max(isOff ? MENDED_RESTS_MIN : 0, leftMin));
    }
  };
  const isDoable = act.kind !== 'none' && act.kind !== 'lost';
  return (
    <div
      role="status"
      data-testid="advice"
      data-kitchens={belief.effective.toFixed(4)}
      className="border-l-4 border-ember pl-3"
    >
      <p className="m-0 text-[1.3rem] leading-snug font-bold">
        {belief.unlikely
          ? 'That is not what this pot should show. Look once more, taste a grain, and say it again.'
          : (text ?? 'Leave it as it is.')}
      </p>
      <p className="m-0 text-faint">
        {chanceText(belief)} {nextText(belief)}
      </p>
      {isDoable && (
        <Button className="mt-2 min-h-14 text-[1.15rem]" onClick={doIt}>
          I do that now
        </Button>
      )}
    </div>
  );
}
