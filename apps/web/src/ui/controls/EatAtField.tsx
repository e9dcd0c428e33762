import { nextTime } from '@hammock/core/schedule';
import { useKeptState } from '../../stores/session/persisted.js';
import { wallOffsetMin } from '../../words/measures/timeOfDay.js';

/** When this tab's meal is wanted: the time of day as it is typed, and how to set it. */
export const useEatAt = () => useKeptState('eat.at', '');

/** Ring count of this tab's meal. */
export const useRings = () => useKeptState('meal.rings', 2);

/** The next moment the wish is for, from so long before now on; undefined for no wish. */
export const wishedMs = (wish: string, nowMs: number, sinceMs = 0): number | undefined =>
  nextTime(wish, nowMs - sinceMs, wallOffsetMin(nowMs));

/** A wish this long ago is of another meal, ms. */
export const OTHER_MEAL_MS = 6 * 3_600_000;

/** The time of day at which the meal is wanted. */
export function EatAtField({ label }: { readonly label: string }) {
  const [wish, setWish] = useEatAt();
  return (
    <label className="inline-flex flex-wrap items-center gap-2">
      {label}
      <input
        type="time"
        className="changeable min-h-12"
        value={wish}
        onChange={(e) => setWish(e.currentTarget.value)}
      />
    </label>
  );
}
