import type { RunState } from '@hammock/core';
import { tableAtMs } from '@hammock/core/schedule';
import { OTHER_MEAL_MS, useEatAt, wishedMs } from '../../ui/controls/EatAtField.js';
import { againstWish, timeOfDay } from '../../words/measures/timeOfDay.js';
import * as w from '../../words/screens/stove.js';
import { Emphasis } from '../../ui/controls/Emphasis.js';

/** When it will be on the table, as far as the pot has got, and what that is beside what was wanted. */
export function TableTime({ run, nowMs }: { readonly run: RunState; readonly nowMs: number }) {
  const [wish] = useEatAt();
  const atMs = tableAtMs(run, nowMs);
  // The time that is wanted may have just gone by.
  const wanted = wishedMs(wish, nowMs, OTHER_MEAL_MS);
  return (
    <span data-testid="table-time">
      <Emphasis text={w.onTheTableAbout(timeOfDay(atMs))} />
      {wanted !== undefined && `, ${againstWish(atMs, wanted)}`}
    </span>
  );
}
