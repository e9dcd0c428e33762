import type { Stage } from '../method/stage.js';
import { lineRead, newSheet, type StageRun } from './sheet.js';
import type { StageEvent } from './tap.js';
import { inOrder } from './tapOrder.js';

/** Where a cook stands, worked out from its taps alone. */
export interface RunState {
  readonly stages: readonly StageRun[];
  /** Index of the stage being cooked or waiting to start; stages.length when all are done. */
  readonly current: number;
  readonly phase: 'waiting' | 'running' | 'finished';
  /** The tap an undo would take back. */
  readonly undoable: StageEvent | undefined;
}

/** The most one stage can be extended, min: past it something else is wrong. */
export const MOST_EXTENDED_MIN = 240;

/**
 * Replays taps onto the stages. Pure: the same taps give the same state on the phone, on the server and after
 * a restart. Taps that make no sense (a stage that is not the current one) change nothing. What order they are in
 * is the server's and never a clock's: a phone that is ten minutes slow can press Done like any other.
 * @param stages the plan's stages in order
 * @param events every tap so far, in any order
 * @example replay(stages, []).phase // 'waiting'
 */
export function replay(stages: readonly Stage[], events: readonly StageEvent[]): RunState {
  const effective = withoutUndone(inOrder(events));
  const runs = newSheet(stages);
  let current = 0;
  for (const event of effective) {
    const run = runs[current];
    if (run?.stage.id !== event.stageId) continue;
    if (event.kind === 'start') run.startedAtMs ??= event.atMs;
    if (event.kind === 'extend' && run.startedAtMs !== undefined) {
      run.extendedMin = Math.min(MOST_EXTENDED_MIN, run.extendedMin + (event.minutes ?? 0));
    }
    if (event.kind === 'done') {
      run.startedAtMs ??= event.atMs;
      run.doneAtMs = event.atMs;
      current += 1;
      // One tap is enough: finishing a stage starts the next one's clock.
      const next = runs[current];
      if (next) next.startedAtMs = event.atMs;
    }
  }
  const finished = current >= runs.length;
  const running = runs[current]?.startedAtMs !== undefined;
  return {
    stages: runs.map(lineRead),
    current,
    phase: finished ? 'finished' : running ? 'running' : 'waiting',
    undoable: effective.at(-1),
  };
}

function withoutUndone(ordered: readonly StageEvent[]): StageEvent[] {
  let kept: StageEvent[] = [];
  for (const event of ordered) {
    if (event.kind !== 'undo') kept.push(event);
    else if (event.undoesId === undefined) kept.pop();
    else kept = kept.filter((e) => e.id !== event.undoesId);
  }
  return kept;
}
