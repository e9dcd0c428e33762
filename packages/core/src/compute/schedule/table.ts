import { dueNowMs, type RunState } from '../stove/runFromTaps.js';
import { lastsMin } from '../stove/sheet.js';

const MS = 60_000;

/**
 * When a pot will be on the table, as far as it has got: what is left of its stage, nothing of one that has run over, and
 * all that comes after it.
 * @example tableAtMs(runFromTaps(stages, []), 0) > 0 // true
 */
export function tableAtMs(run: RunState, nowMs: number): number {
  const dueAtMs = dueNowMs(run, nowMs);
  return run.stages.slice(run.current).reduce((atMs, line, i) => {
    if (i === 0 && dueAtMs !== undefined) return Math.max(atMs, dueAtMs);
    return atMs + lastsMin(line) * MS;
  }, nowMs);
}

/**
 * The next moment from now at which a clock shows the given hours and minutes.
 * @param timeOfDay "19:30", as a field for a time of day has it
 * @param offsetMin what the clock on the wall is before UTC, min
 * @returns undefined for what is no time of day
 * @example nextTime('00:30', 0, 0) // 1800000
 */
export function nextTime(timeOfDay: string, nowMs: number, offsetMin: number): number | undefined {
  const [, hours = '', minutes = ''] = /^([01]?\d|2[0-3]):([0-5]\d)$/u.exec(timeOfDay) ?? [];
  if (hours === '') return undefined;
  const wallMs = nowMs + offsetMin * MS;
  const midnight = Math.floor(wallMs / DAY_MS) * DAY_MS;
  const at = midnight + (Number(hours) * 60 + Number(minutes)) * MS;
  return (at < wallMs ? at + DAY_MS : at) - offsetMin * MS;
}
const DAY_MS = 24 * 60 * MS;
