import type { Beside, Stage, VesselKind } from '@hammock/core';
import { besideTrack, potTrack, scheduleMeal } from '@hammock/core/schedule';
import { Link } from 'react-router';
import { useNowMs } from '../../../stores/cooks/run.js';
import { EatAtField, useEatAt, useRings, wishedMs } from '../../../ui/controls/EatAtField.js';
import { stageName } from '../../../words/plan/acts.js';
import { againstWish, timeOfDay } from '../../../words/measures/timeOfDay.js';
import * as w from '../../../words/screens/pourSentence.js';
import { Emphasis } from '../../../ui/controls/Emphasis.js';

const POT = 'pot';

/** Backwards from the table: when to begin for eating at a time, and when each stage begins then, as the sheet has it. */
export function EatAt({
  stages,
  kind,
  beside,
}: {
  readonly stages: readonly Stage[];
  readonly kind: VesselKind;
  readonly beside: readonly Beside[];
}) {
  const [wish] = useEatAt();
  const [rings] = useRings();
  const now = useNowMs();
  const wantedMs = wishedMs(wish, now);
  const tracks = [potTrack(POT, stages, kind), ...beside.map((one) => besideTrack(one, POT))];
  const meal = wantedMs === undefined ? undefined : scheduleMeal(tracks, { wantedMs, nowMs: now, rings });
  const [first] = meal?.placed ?? [];
  return (
    <div className="text-[1.05rem]">
      <EatAtField label={w.onTheTableAt} />
      <Link to="/table" className="ml-4 inline-flex min-h-12 items-center underline underline-offset-4">
        {w.withWhatIsMadeBesideIt}
      </Link>
      {meal && first && wantedMs !== undefined && (
        <>
          <p className="m-0" role="status">
            {meal.lateMs > 0 ? (
              <strong>
                {w.tooLateForThatBegun(timeOfDay(meal.tableMs), againstWish(meal.tableMs, wantedMs))}
              </strong>
            ) : (
              <>
                <Emphasis text={w.beginAt(timeOfDay(first.fromMs))} />
              </>
            )}
          </p>
          <ol className="m-0 flex list-none flex-wrap gap-x-4 p-0 text-faint">
            {meal.placed.map(({ trackId, actId, fromMs }) => {
              const stage = trackId === POT ? stages.find((s) => s.id === actId) : undefined;
              return (
                stage && (
                  <li key={actId}>
                    {timeOfDay(fromMs)} {stageName(stage).toLowerCase()}
                  </li>
                )
              );
            })}
          </ol>
        </>
      )}
    </div>
  );
}
