import type { CookRecord } from '@hammock/core/records';
import { besideRuns } from '@hammock/core/schedule';
import { eventsOf } from '../../stores/cooks/cookRecord.js';
import { useStove } from '../../stores/cooks/stove.js';
import { useInstruments } from '../../instruments/instruments.js';
import { Button } from '../../ui/controls/Button.js';
import { clockText } from '../../words/measures/clock.js';
import * as w from '../../words/screens/stove.js';

/** What is made beside the pot, each with a clock of its own. */
export function BesideClocks({ cook, nowMs }: { readonly cook: CookRecord; readonly nowMs: number }) {
  const tap = useStove((s) => s.tap);
  const { primeAlarm } = useInstruments();
  const runs = besideRuns(cook.input.beside, eventsOf(cook));
  if (runs.length === 0) return null;
  return (
    <section aria-labelledby="beside" className="border-t-2 border-ink pt-2">
      <h2 id="beside" className="m-0 text-[1.15rem] font-bold">
        {w.besideIt}
      </h2>
      <ul className="m-0 list-none p-0">
        {runs.map(({ beside, startedAtMs, doneAtMs, dueAtMs }) => {
          const left =
            dueAtMs === undefined ? Math.round(beside.minutes * 60) : Math.round((dueAtMs - nowMs) / 1000);
          const say = (kind: 'start' | 'done' | 'extend', minutes?: number): void => {
            primeAlarm();
            tap(kind, beside.id, minutes === undefined ? undefined : { minutes }, cook.id);
          };
          return (
            <li key={beside.id} className="flex flex-wrap items-center gap-x-3 gap-y-1 py-1">
              <span
                className={`min-w-40 flex-1 text-[1.15rem] ${doneAtMs === undefined ? 'font-semibold' : 'text-faint line-through'}`}
              >
                {beside.name}
              </span>
              {doneAtMs === undefined && (
                <>
                  <span
                    className={`figures text-[1.8rem] ${left < 0 ? 'text-ember' : ''}`}
                    role="timer"
                    aria-label={w.clockOf(beside.name)}
                  >
                    {clockText(left)}
                  </span>
                  {startedAtMs !== undefined && (
                    <Button
                      className="min-h-14"
                      aria-label={w.n2MoreMin(beside.name)}
                      onClick={() => say('extend', 2)}
                    >
                      {w.n2Min}
                    </Button>
                  )}
                  <Button
                    className="min-h-14 min-w-24"
                    aria-label={`${beside.name}: ${startedAtMs === undefined ? w.start : w.done}`}
                    onClick={() => say(startedAtMs === undefined ? 'start' : 'done')}
                  >
                    {startedAtMs === undefined ? w.start2 : w.done2}
                  </Button>
                </>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
