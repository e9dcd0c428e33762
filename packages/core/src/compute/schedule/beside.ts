import type { Beside } from '../../plan/input/beside.js';
import { effectiveTaps } from '../stove/effective.js';
import { MOST_EXTENDED_MIN } from '../stove/runFromTaps.js';
import type { Tap } from '../stove/tap.js';

/** How far something made beside the pot has come. */
export interface BesideRun {
  readonly beside: Beside;
  readonly startedAtMs: number | undefined;
  readonly doneAtMs: number | undefined;
  readonly extendedMin: number;
  /** When its clock runs out; undefined until it is started. */
  readonly dueAtMs: number | undefined;
}

/**
 * What is made beside a pot, each by the taps that name it: the pot's own taps change nothing of it.
 * @example besideRuns([{ id: 'b', name: 'salad', kind: 'side', minutes: 10 }], [])[0].startedAtMs // undefined
 */
export function besideRuns(
  beside: readonly Beside[] | undefined,
  events: readonly Tap[],
): readonly BesideRun[] {
  if (!beside || beside.length === 0) return [];
  const taps = effectiveTaps(events);
  return beside.map((one) => {
    let startedAtMs: number | undefined;
    let doneAtMs: number | undefined;
    let extendedMin = 0;
    for (const { kind, stageId, atMs, minutes = 0 } of taps) {
      if (stageId !== one.id) continue;
      if (kind === 'start' || kind === 'done') startedAtMs ??= atMs;
      if (kind === 'done') doneAtMs ??= atMs;
      if (kind === 'extend' && startedAtMs !== undefined && doneAtMs === undefined)
        extendedMin = Math.max(-one.minutes, Math.min(MOST_EXTENDED_MIN, extendedMin + minutes));
    }
    const dueAtMs = startedAtMs === undefined ? undefined : startedAtMs + (one.minutes + extendedMin) * MS;
    return { beside: one, startedAtMs, doneAtMs, extendedMin, dueAtMs };
  });
}
const MS = 60_000;
