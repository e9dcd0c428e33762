import { plannedMin, type RunState } from '@hammock/core';
import { stageName } from '../../words/acts.js';

/** Every stage with its minutes, those that are over struck through. */
export function StageList({ run }: { readonly run: RunState }) {
  return (
    <ol className="m-0 list-none border-t-2 border-ink p-0 pt-1" aria-label="Stages">
      {run.stages.map(({ stage, doneAtMs, extendedMin }, i) => (
        <li
          key={stage.id}
          aria-current={i === run.current ? 'step' : undefined}
          className={`flex justify-between gap-4 py-1 ${i === run.current ? 'font-bold' : i < run.current ? 'text-faint line-through decoration-1' : ''}`}
        >
          <span>{stageName(stage)}</span>
          <span>
            {Math.round(plannedMin(stage) + extendedMin)} min{doneAtMs === undefined ? '' : ', done'}
          </span>
        </li>
      ))}
    </ol>
  );
}
