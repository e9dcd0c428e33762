import type { Clash, Meal, Placed } from '@hammock/core/schedule';
import { againstWish, timeOfDay } from '../../words/measures/timeOfDay.js';
import type { MealTracks } from './meal.js';

/** "Bellows pilaf: make the base". */
export const whatText = (placed: Placed, { labels, actName }: MealTracks): string =>
  `${labels.get(placed.trackId) ?? ''}: ${actName(placed).toLowerCase()}`;

/** What cannot be helped, in a sentence. */
export function clashText({ over, between: [a, b], fromMs, toMs }: Clash, meal: MealTracks): string {
  const when = `${timeOfDay(fromMs)} to ${timeOfDay(toMs)}`;
  return over === 'hands'
    ? `${when} both want you: ${whatText(a, meal)}, and ${whatText(b, meal)}. Begin one sooner, or have help.`
    : `${when} a ring is missing for ${whatText(b, meal)}.`;
}

/** When it is on the table, and how late that is. */
export function tableText({ tableMs, lateMs }: Meal, wanted: boolean, isOn: boolean): string {
  if (lateMs >= 60_000)
    return `On the table at ${timeOfDay(tableMs)}, ${againstWish(tableMs, tableMs - lateMs)}${isOn ? '' : ': it had to be begun before now'}.`;
  return wanted || isOn
    ? `On the table at ${timeOfDay(tableMs)}.`
    : `Begun now it is on the table at ${timeOfDay(tableMs)}.`;
}

/** Acts that are begun together are read together: those that follow by themselves are left out of a calendar. */
export function begins({ placed }: Meal): readonly Placed[] {
  return placed.filter((p) => {
    const before = placed.find((q) => q.trackId === p.trackId && q.toMs === p.fromMs && q !== p);
    return before === undefined || p.handsOn;
  });
}
