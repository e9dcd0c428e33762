import type { RunState } from '@hammock/core';
import { Button } from '../../ui/controls/Button.js';
import { timeOfDay } from '../../words/measures/timeOfDay.js';
import * as w from '../../words/screens/stove.js';
import { Emphasis } from '../../ui/controls/Emphasis.js';

/** A pot that stands off the heat: since when, and the way on. */
export function Stands({ run, onGoOn }: { readonly run: RunState; readonly onGoOn: () => void }) {
  if (run.pausedAtMs === undefined) return null;
  return (
    <p className="m-0 mt-1 flex flex-wrap items-center gap-x-4 text-[1.2rem]" role="status">
      <span>
        <Emphasis text={w.offTheHeatSinceThe(timeOfDay(run.pausedAtMs))} />
      </span>
      <Button className="min-h-14" onClick={onGoOn}>
        {w.backOnGoOn}
      </Button>
    </p>
  );
}

/** Who stirs, where that was said. */
export function WhoStirs({ run }: { readonly run: RunState }) {
  const name = run.said.findLast((s) => s.kind === 'hands')?.said;
  return name === undefined ? null : <span className="text-faint">{w.stirs(name)}</span>;
}
