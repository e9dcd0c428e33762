/** When everything begins: pots, what is made beside them, and the table. */
export { MOST_BESIDE } from '../../plan/input/ranges.js';
export { besideRuns, type BesideRun } from './beside.js';
export type { Clash, Placed } from './clashes.js';
export { scheduleMeal, type Meal, type MealAround } from './meal.js';
export { nextTime, tableAtMs } from './table.js';
export { besideRunTrack, besideTrack, potTrack, runTrack, type Track, type TrackAct } from './tracks.js';
