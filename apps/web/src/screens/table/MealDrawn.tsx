import type { Meal, Placed } from '@hammock/core/schedule';
import { timeOfDay } from '../../words/measures/timeOfDay.js';
import type { MealTracks } from './meal.js';
import * as w from '../../words/screens/table.js';

const HOUR = 3_600_000;
/** Steps between the marks of the day, ms; the first that leaves few enough of them. */
const STEPS = [HOUR / 6, HOUR / 4, HOUR / 2, HOUR, 2 * HOUR, 4 * HOUR];
const MOST_MARKS = 7;

/** Every vessel as a line of its acts, up to the table: filled where they want hands, warm where they stand on a ring. */
export function MealDrawn({
  meal,
  tracks,
  nowMs,
}: {
  readonly meal: Meal;
  readonly tracks: MealTracks;
  readonly nowMs: number;
}) {
  const from = Math.min(...meal.placed.map((p) => p.fromMs));
  const to = Math.max(meal.tableMs, from + 60_000);
  const at = (ms: number): string => `${((100 * (ms - from)) / (to - from)).toFixed(2)}%`;
  const step = STEPS.find((s) => (to - from) / s <= MOST_MARKS) ?? 4 * HOUR;
  const first = Math.ceil(from / step) * step;
  const marks = Array.from(
    { length: Math.max(0, Math.floor((to - first) / step) + 1) },
    (_, i) => first + i * step,
  );
  return (
    <figure className="m-0" aria-label={w.theMealAlongTheTime}>
      <div className="relative pt-7" aria-hidden>
        {marks.map((ms) => (
          <span
            key={ms}
            className="absolute top-0 bottom-0 border-l border-line pl-1 text-[0.95rem] text-faint"
            style={{ left: at(ms) }}
          >
            {(ms - from) / (to - from) < 0.93 && timeOfDay(ms)}
          </span>
        ))}
        <span className="absolute top-6 bottom-0 right-0 border-r-8 border-ink" />
        {nowMs > from && nowMs < to && (
          <span className="absolute top-6 bottom-0 border-l-2 border-ember" style={{ left: at(nowMs) }} />
        )}
        {tracks.tracks.map((track) => (
          <div key={track.id} className="relative py-1">
            <p className="relative m-0 w-fit bg-ground pr-2 leading-tight font-semibold">
              {tracks.labels.get(track.id)}
            </p>
            <div className="relative h-9">
              {meal.placed
                .filter((p) => p.trackId === track.id && p.toMs > p.fromMs)
                .map((p) => (
                  <Act
                    key={p.actId}
                    placed={p}
                    name={tracks.actName(p)}
                    share={(p.toMs - p.fromMs) / (to - from)}
                    left={at(p.fromMs)}
                  />
                ))}
            </div>
          </div>
        ))}
      </div>
      <figcaption className="mt-2 flex flex-wrap gap-x-6 text-faint" aria-hidden>
        <span>
          <i className="mr-2 inline-block h-4 w-7 bg-ink align-middle" />
          {w.wantsYou}
        </span>
        <span>
          <i className="mr-2 inline-block h-4 w-7 border-2 border-ink border-b-[6px] border-b-ember align-middle" />
          {w.onARingByItself}
        </span>
        <span>
          <i className="mr-2 inline-block h-4 w-7 border-2 border-ink align-middle" />
          {w.stands}
        </span>
      </figcaption>
    </figure>
  );
}

/** So much of the width and its name can be read in it. */
const NAMED_FROM = 0.09;

function Act({
  placed,
  name,
  share,
  left,
}: {
  readonly placed: Placed;
  readonly name: string;
  readonly share: number;
  readonly left: string;
}) {
  return (
    <span
      className={`absolute top-0 h-8 overflow-hidden rounded-b-lg border-2 border-ink px-1 text-[0.95rem] leading-6 whitespace-nowrap ${
        placed.handsOn ? 'bg-ink text-ground' : 'bg-raised'
      } ${placed.ring ? 'border-b-[6px] border-b-ember' : ''}`}
      style={{ left, width: `${(100 * share).toFixed(2)}%` }}
    >
      {share >= NAMED_FROM && name}
    </span>
  );
}
