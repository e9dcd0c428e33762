import type { RunState } from '@hammock/core';
import { Button } from '../../ui/controls/Button.js';
import { timeOfDay } from '../../words/measures/timeOfDay.js';

/** A pot that stands off the heat: since when, and the way on. */
export function Stands({ run, onGoOn }: { readonly run: RunState; readonly onGoOn: () => void }) {
  if (run.pausedAtMs === undefined) return null;
  return (
    <p className="m-0 mt-1 flex flex-wrap items-center gap-x-4 text-[1.2rem]" role="status">
      <span>
        <strong>Off the heat since {timeOfDay(run.pausedAtMs)}</strong>: the clock stands, the grain goes on
        drinking.
      </span>
      <Button className="min-h-14" onClick={onGoOn}>
        Back on, go on
      </Button>
    </p>
  );
}

/** Who stirs, where that was said. */
export function WhoStirs({ run }: { readonly run: RunState }) {
  const name = run.said.findLast((s) => s.kind === 'hands')?.said;
  return name === undefined ? null : <span className="text-faint">, {name} stirs</span>;
}
