import { scheduleMeal, type Meal } from '@hammock/core/schedule';
import { Link } from 'react-router';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { useNowMs } from '../../stores/cooks/run.js';
import { Button } from '../../ui/controls/Button.js';
import { Pick } from '../../ui/controls/Pick.js';
import { EatAtField, OTHER_MEAL_MS, useEatAt, useRings, wishedMs } from '../../ui/controls/EatAtField.js';
import { lasting, timeOfDay } from '../../words/measures/timeOfDay.js';
import { BesideForm } from './BesideForm.js';
import { MealDrawn } from './MealDrawn.js';
import { mealTracks, type MealTracks } from './meal.js';
import { useAlso, useOn, usePlanned } from './usePlanned.js';
import { Remind } from './Remind.js';
import { clashText, tableText, whatText } from './mealWords.js';
import * as w from '../../words/screens/table.js';

/** A meal is placed anew so often, ms. */
const EVERY_MS = 15_000;
const NONE = 'none';

/** Backwards from the table: every pot, and what is made beside it, on one sheet. */
export function TableScreen() {
  const now = Math.floor(useNowMs() / EVERY_MS) * EVERY_MS;
  const [wish] = useEatAt();
  const [rings, setRings] = useRings();
  const on = useOn();
  const { planned, plan } = usePlanned(on.length > 0);
  const tracks = mealTracks(on, planned, now);
  const wantedMs = wishedMs(wish, now, on.length > 0 ? OTHER_MEAL_MS : 0);
  const meal = scheduleMeal(tracks.tracks, {
    nowMs: now,
    rings,
    ...(wantedMs === undefined ? {} : { wantedMs }),
  });
  return (
    <div className="flex flex-col gap-6">
      <div>
        <h1 className="m-0 text-[2rem] font-bold">{w.whenItIsOnTheTable}</h1>
        <p className="m-0 mt-2 flex flex-wrap items-center gap-x-6 gap-y-2 text-[1.1rem]">
          <EatAtField label={w.eatAt} />
          <span>
            {w.withWord}{' '}
            <Pick
              label={w.ringsThereAre}
              value={rings.toString()}
              options={[1, 2, 3, 4, 5, 6].map((n) => ({
                value: n.toString(),
                label: n === 1 ? w.oneRing : `${n.toString()} rings`,
              }))}
              onChange={(n) => setRings(Number(n))}
            />
          </span>
          <AlsoMade />
        </p>
      </div>
      {tracks.tracks.length === 0 ? (
        <p className="m-0 text-lg">
          {w.thereIsNoPlanWith} <Link to="/">{w.seeWhatToPour}</Link>
        </p>
      ) : (
        <Placed
          meal={meal}
          tracks={tracks}
          nowMs={now}
          wanted={wantedMs !== undefined}
          isOn={on.length > 0}
        />
      )}
      {plan && (
        <section className="hung" aria-labelledby="beside-it">
          <h2 id="beside-it" className="m-0 text-[1.35rem] font-bold">
            {w.beside(plan.draft.label)}
          </h2>
          <BesideForm beside={plan.draft.spec.beside ?? []} stages={plan.answer?.stages ?? []} />
        </section>
      )}
    </div>
  );
}

/** Other dishes of the household on the same table. */
function AlsoMade() {
  const [also, setAlso] = useAlso();
  const dishes = useKitchen((s) => s.dishes);
  const free = dishes.filter((d) => !also.includes(d.id));
  return (
    <span className="inline-flex flex-wrap items-center gap-x-3">
      {dishes
        .filter((d) => also.includes(d.id))
        .map((d) => (
          <span key={d.id} className="inline-flex items-center gap-x-2">
            {w.and(d.label)}
            <Button
              weight="plain"
              aria-label={w.remove3(d.label)}
              onClick={() => setAlso(also.filter((id) => id !== d.id))}
            >
              {w.remove2}
            </Button>
          </span>
        ))}
      {free.length > 0 && (
        <Pick
          label={w.anotherDishWithIt}
          value={NONE}
          options={[
            { value: NONE, label: also.length === 0 ? w.andAnotherDish : w.andOneMore },
            ...free.map((d) => ({ value: d.id, label: d.label })),
          ]}
          onChange={(id) => {
            if (id !== NONE) setAlso([...also, id]);
          }}
        />
      )}
    </span>
  );
}

interface PlacedProps {
  readonly meal: Meal;
  readonly tracks: MealTracks;
  readonly nowMs: number;
  readonly wanted: boolean;
  /** Whether a pot is on already. */
  readonly isOn: boolean;
}

function Placed({ meal, tracks, nowMs, wanted, isOn }: PlacedProps) {
  const begun = new Set(tracks.tracks.filter((t) => t.onUntilMs !== undefined).map((t) => t.id));
  // What is being done is not what is next.
  const isNext = (fromMs: number, trackId: string): boolean =>
    fromMs > nowMs || (fromMs === nowMs && !begun.has(trackId));
  const next = meal.placed.filter((p) => isNext(p.fromMs, p.trackId)).slice(0, 1);
  return (
    <>
      <div role="status" className="flex flex-col gap-1">
        <p className="m-0 text-[1.6rem] leading-tight font-bold" data-testid="meal">
          {tableText(meal, wanted, isOn)}
        </p>
        {next.map((p) => (
          <p key={p.actId} className="m-0 text-[1.2rem]">
            {p.fromMs - nowMs < 60_000 ? w.now : w.at(timeOfDay(p.fromMs))}: {whatText(p, tracks)}.
          </p>
        ))}
        {meal.clashes.map((c) => (
          <p
            key={`${c.over}${c.fromMs.toString()}${c.between[1].actId}`}
            className="m-0 border-l-4 border-ember pl-3"
          >
            {clashText(c, tracks)}
          </p>
        ))}
        {meal.notReady.map((id) => (
          <p key={id} className="m-0 border-l-4 border-ember pl-3">
            {tracks.labels.get(id)} {w.willNotBeReadyIn}
          </p>
        ))}
      </div>
      <MealDrawn meal={meal} tracks={tracks} nowMs={nowMs} />
      <section className="hung" aria-labelledby="begins">
        <h2 id="begins" className="m-0 text-[1.35rem] font-bold">
          {w.whatBeginsWhen}
        </h2>
        <ol className="m-0 mt-1 list-none p-0" data-testid="begins">
          {meal.placed
            .filter((p) => p.toMs > p.fromMs)
            .map((p) => (
              <li
                key={`${p.trackId} ${p.actId}`}
                className="grid grid-cols-[4.5rem_minmax(0,1fr)_auto] items-baseline gap-x-3 border-t border-line py-1"
              >
                <span className="figures text-[1.2rem]">{timeOfDay(p.fromMs)}</span>
                <span>{whatText(p, tracks)}</span>
                <span className="text-faint">
                  {lasting((p.toMs - p.fromMs) / 60_000)}
                  {p.handsOn && w.atHand2}
                </span>
              </li>
            ))}
        </ol>
        <Remind meal={meal} tracks={tracks} nowMs={nowMs} />
      </section>
    </>
  );
}
