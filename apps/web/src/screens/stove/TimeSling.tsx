import { lastsMin, type RunState } from '@hammock/core';
import { hangingPoint, ropePath } from '../../ui/drawings/sling.js';
import { Load, Posts } from '../../ui/drawings/slingParts.js';

const FRAME = { left: 8, right: 792, top: 16 } as const;

/** The time of the pot as a sling: the load travels from the first stage to the last, beads are the stages. */
export function TimeSling({ run, nowMs }: { readonly run: RunState; readonly nowMs: number }) {
  const lengths = run.stages.map(lastsMin);
  const all = Math.max(
    1,
    lengths.reduce((a, b) => a + b, 0),
  );
  const before = lengths.slice(0, run.current).reduce((a, b) => a + b, 0);
  const here = run.stages[run.current];
  const gone =
    here?.startedAtMs === undefined
      ? 0
      : Math.min(lengths[run.current] ?? 0, (nowMs - here.startedAtMs) / 60_000);
  const load = hangingPoint(FRAME, 0.012, (before + gone) / all);
  const starts = lengths.map((_, i) => lengths.slice(0, i).reduce((a, b) => a + b, 0));
  return (
    <svg viewBox="0 0 800 96" className="block w-full short:hidden" aria-hidden>
      <path d={ropePath(FRAME, load)} fill="none" stroke="var(--ink)" strokeWidth="5" />
      {starts.map((at, i) => {
        const x = FRAME.left + (at / all) * (FRAME.right - FRAME.left);
        return (
          <line
            key={run.stages[i]?.stage.id}
            x1={x}
            x2={x}
            y1="84"
            y2="94"
            stroke="var(--steam)"
            strokeWidth="3"
          />
        );
      })}
      <line x1={FRAME.left} x2={FRAME.right} y1="92" y2="92" stroke="var(--line)" strokeWidth="3" />
      <line
        x1={FRAME.left}
        x2={FRAME.left + ((before + gone) / all) * (FRAME.right - FRAME.left)}
        y1="92"
        y2="92"
        stroke="var(--ink)"
        strokeWidth="5"
      />
      <Posts frame={FRAME} top={4} bottom={92} width={8} plain />
      <Load at={load} width={40} />
    </svg>
  );
}
