import { plannedMin, type Stage } from './stage.js';

/** One tap at the stove. `atMs` is wall-clock time in ms since the epoch, given by whoever saw the tap. */
export interface StageEvent {
  readonly id: string;
  readonly kind: 'start' | 'done' | 'extend' | 'undo';
  readonly stageId: string;
  readonly atMs: number;
  /** Minutes added, for `extend`. */
  readonly minutes?: number;
}

/** How far one stage has come. */
export interface StageRun {
  readonly stage: Stage;
  readonly startedAtMs: number | undefined;
  readonly doneAtMs: number | undefined;
  readonly extendedMin: number;
  /** When its clock runs out; undefined until it is started. */
  readonly dueAtMs: number | undefined;
}

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
 * a restart. Taps that make no sense (a stage that is not the current one) change nothing.
 * @param stages the plan's stages in order
 * @param events every tap so far, in any order; replayed by time
 */
export function replay(stages: readonly Stage[], events: readonly StageEvent[]): RunState {
  const effective = withoutUndone(events);
  const runs = stages.map<Mutable>((stage) => ({
    stage,
    startedAtMs: undefined,
    doneAtMs: undefined,
    extendedMin: 0,
  }));
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
    stages: runs.map((r) => ({ ...r, dueAtMs: due(r) })),
    current,
    phase: finished ? 'finished' : running ? 'running' : 'waiting',
    undoable: effective.at(-1),
  };
}

interface Mutable {
  stage: Stage;
  startedAtMs: number | undefined;
  doneAtMs: number | undefined;
  extendedMin: number;
}

const due = (run: Mutable): number | undefined =>
  run.startedAtMs === undefined
    ? undefined
    : run.startedAtMs + (plannedMin(run.stage) + run.extendedMin) * 60_000;

function withoutUndone(events: readonly StageEvent[]): StageEvent[] {
  const kept: StageEvent[] = [];
  const byTime = [...events].sort((a, b) => a.atMs - b.atMs);
  for (const event of byTime) {
    if (event.kind === 'undo') kept.pop();
    else kept.push(event);
  }
  return kept;
}

/** Seconds left on a running stage's clock at `nowMs`; negative when it has run over. */
export const secondsLeft = (run: StageRun, nowMs: number): number | undefined =>
  run.dueAtMs === undefined ? undefined : Math.round((run.dueAtMs - nowMs) / 1000);
