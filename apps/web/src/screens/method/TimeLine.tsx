import { isHandsOn, plannedMin, type Stage } from '@hammock/core';
import { stageName } from '../../words/plan/acts.js';
import { whole } from '../../words/measures/numbers.js';
import * as w from '../../words/screens/method.js';
import { Emphasis } from '../../ui/controls/Emphasis.js';

/** A stage shorter than this is drawn as long as this, so that it can be seen, min. */
const LEAST_MIN = 1;
/** Hours of soaking would leave no room for the rest: what is longer is drawn this long and marked. */
const LONGEST_DRAWN_MIN = 45;

/** The stages in time: hands on above the line, hands off below it. */
export function TimeLine({ stages }: { readonly stages: readonly Stage[] }) {
  const lengths = stages.map((stage) => Math.min(LONGEST_DRAWN_MIN, Math.max(LEAST_MIN, plannedMin(stage))));
  const total = lengths.reduce((all, n) => all + n, 0) || 1;
  const bars = stages.map((stage, i) => ({
    stage,
    minutes: plannedMin(stage),
    drawn: lengths[i] ?? LEAST_MIN,
    at: lengths.slice(0, i).reduce((all, n) => all + n, 0),
  }));
  const sum = (on: boolean): number =>
    Math.round(bars.filter((b) => isHandsOn(b.stage) === on).reduce((s, b) => s + b.minutes, 0));
  return (
    <figure className="m-0">
      <svg viewBox="0 0 1000 74" className="block h-20 w-full" preserveAspectRatio="none" aria-hidden>
        {bars.map(({ stage, drawn, minutes, at }) => {
          const x = (at / total) * 1000;
          const on = isHandsOn(stage);
          return (
            <rect
              key={stage.id}
              x={x + 1}
              y={on ? 6 : 40}
              width={Math.max(2, (drawn / total) * 1000 - 2)}
              height={28}
              fill={on ? 'var(--ink)' : stage.heat === 'off' ? 'var(--line)' : 'var(--husk)'}
              strokeDasharray={minutes > LONGEST_DRAWN_MIN ? '6 4' : undefined}
              stroke={minutes > LONGEST_DRAWN_MIN ? 'var(--ink)' : 'none'}
            >
              <title>{`${stageName(stage)}, ${whole(minutes)} min`}</title>
            </rect>
          );
        })}
        <line x1="0" x2="1000" y1="37" y2="37" stroke="var(--ink)" strokeWidth="2" />
      </svg>
      <figcaption>
        <Emphasis text={w.minHandsOnAboveThe(sum(true), sum(false), sum(true) + sum(false))} />
      </figcaption>
    </figure>
  );
}
