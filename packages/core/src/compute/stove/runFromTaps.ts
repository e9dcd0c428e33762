import { plannedMin, type Stage } from '../../basics/method/stage.js';
import { edit, moveOn } from './edits.js';
import { effectiveTaps } from './effective.js';
import { startNextStage, lineRead, newSheet, type StageRun } from './sheet.js';
import type { Tap } from './tap.js';
import { effectOf, isObservation } from './tapEffects.js';

/** Where a cook stands, worked out from its taps alone. */
export interface RunState {
  readonly stages: readonly StageRun[];
  /** Index of the stage being cooked or waiting to start; stages.length when all are done. */
  readonly current: number;
  readonly phase: 'waiting' | 'running' | 'finished';
  /** Since when the pot stands off its ring, its clock with it; undefined while it goes on. */
  readonly pausedAtMs: number | undefined;
  /** What was said of the pot and not taken back, in the order of its times. */
  readonly said: readonly Tap[];
  /** The tap an undo would take back. */
  readonly undoable: Tap | undefined;
}

/** The most one stage can be extended, min: past it something else is wrong. */
export const MOST_EXTENDED_MIN = 240;

/**
 * Replays taps onto the stages. Pure: the same taps give the same state on the phone, on the server and after
 * a restart. Taps that make no sense (a stage that is not the current one) change nothing. What order they are in
 * is the server's and never a clock's: a phone that is ten minutes slow can press Done like any other.
 * @param stages the plan's stages in order
 * @param events every tap so far, in any order
 * @example runFromTaps(stages, []).phase // 'waiting'
 */
export function runFromTaps(stages: readonly Stage[], events: readonly Tap[]): RunState {
  const effective = effectiveTaps(events);
  const sheet = newSheet(stages);
  const said: Tap[] = [];
  for (const event of effective) {
    if (edit(sheet, event)) continue;
    if (isObservation(event.kind)) said.push(event);
    const run = sheet.lines[sheet.current];
    if (run?.stage.id !== event.stageId) continue;
    if (event.kind === 'start') run.startedAtMs ??= event.atMs;
    if (effectOf(event.kind).stands === true && run.startedAtMs !== undefined)
      sheet.pausedAtMs ??= event.atMs;
    if (effectOf(event.kind).stands === false) startNextStage(sheet, event.atMs);
    if (event.kind === 'extend' && run.startedAtMs !== undefined) {
      // A stage can be shortened to nothing and no further.
      const least = -plannedMin(run.stage);
      run.extendedMin = Math.max(least, Math.min(MOST_EXTENDED_MIN, run.extendedMin + (event.minutes ?? 0)));
    }
    if (event.kind === 'done' || flips(event, run.stage)) {
      run.startedAtMs ??= event.atMs;
      run.doneAtMs = event.atMs;
      // One tap is enough: finishing a stage starts the next one's clock.
      moveOn(sheet, event.atMs);
    }
  }
  const { lines, current, pausedAtMs } = sheet;
  const finished = current >= lines.length;
  const running = lines[current]?.startedAtMs !== undefined;
  return {
    stages: lines.map(lineRead),
    current,
    phase: finished ? 'finished' : running ? 'running' : 'waiting',
    pausedAtMs,
    said: said.sort((a, b) => a.atMs - b.atMs),
    undoable: effective.at(-1),
  };
}

/** A cooker whose switch flips has ended its stage. */
const flips = ({ kind, said }: Tap, { end }: Stage): boolean =>
  kind === 'sign' && said === 'flip' && end.kind === 'flip';

/**
 * The moment at which the clock of a pot stands: now, or since when it stands off its ring.
 * @example clockMs(runFromTaps(stages, []), 5) // 5
 */
export const clockMs = ({ pausedAtMs }: Pick<RunState, 'pausedAtMs'>, nowMs: number): number =>
  pausedAtMs === undefined ? nowMs : Math.min(nowMs, pausedAtMs);

/**
 * When the stage that is on runs out as things are: later the longer the pot stands.
 * @example dueNowMs(runFromTaps(stages, []), 0) // undefined
 */
export const dueNowMs = (run: RunState, nowMs: number): number | undefined => {
  const dueAtMs = run.stages[run.current]?.dueAtMs;
  return dueAtMs === undefined ? undefined : dueAtMs + nowMs - clockMs(run, nowMs);
};
