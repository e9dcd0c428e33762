import { HEATS, LID_STATES, type Fire } from '../../basics/heat/equipment.js';
import { plannedMin, type Stage } from '../../basics/method/stage.js';
import type { Tap } from './tap.js';
import { effectOf } from './tapEffects.js';

/** How far one stage has come. */
export interface StageRun {
  readonly stage: Stage;
  readonly startedAtMs: number | undefined;
  readonly doneAtMs: number | undefined;
  readonly extendedMin: number;
  /** True for a stage that is left out. */
  readonly skipped: boolean;
  /** How long its clock stood, ms. */
  readonly stoodMs: number;
  /** When its clock runs out; undefined until it is started. */
  readonly dueAtMs: number | undefined;
}

/** A line of the sheet as it is being filled in. */
export interface SheetLine {
  stage: Stage;
  startedAtMs: number | undefined;
  doneAtMs: number | undefined;
  extendedMin: number;
  skipped: boolean;
  stoodMs: number;
}

/** A stage of which nothing was said yet. */
export const newLine = (stage: Stage, startedAtMs?: number): SheetLine => ({
  stage,
  startedAtMs,
  doneAtMs: undefined,
  extendedMin: 0,
  skipped: false,
  stoodMs: 0,
});

/** All lines, and the one that is being cooked or waits to be. */
export interface Sheet {
  readonly lines: SheetLine[];
  current: number;
  /** Since when the pot stands off its ring. */
  pausedAtMs: number | undefined;
}

/** An empty sheet: every stage still to come. */
export const newSheet = (stages: readonly Stage[]): Sheet => ({
  lines: stages.map((stage) => newLine(stage)),
  current: 0,
  pausedAtMs: undefined,
});

/** A pot that stood goes on: its clock is later by as long as it stood. */
export function startNextStage(sheet: Sheet, atMs: number): void {
  const line = sheet.lines[sheet.current];
  if (line && sheet.pausedAtMs !== undefined) line.stoodMs += Math.max(0, atMs - sheet.pausedAtMs);
  sheet.pausedAtMs = undefined;
}

/** The line as it is read: with the moment its clock runs out. */
export const lineRead = (line: SheetLine): StageRun => ({ ...line, dueAtMs: due(line) });

/**
 * Minutes a stage of the line lasts: as planned and what was added, nothing where it is left out.
 * @example lastsMin(runFromTaps(stages, []).stages[0]) // 6
 */
export const lastsMin = ({
  stage,
  extendedMin,
  skipped,
}: Pick<StageRun, 'stage' | 'extendedMin' | 'skipped'>): number =>
  skipped ? 0 : Math.max(0, plannedMin(stage) + extendedMin);

const due = (line: SheetLine): number | undefined =>
  line.startedAtMs === undefined ? undefined : line.startedAtMs + lastsMin(line) * MS + line.stoodMs;
/** ms in a minute. */
const MS = 60_000;

/**
 * Seconds left on a running stage's clock at `nowMs`; negative when it has run over.
 * @example secondsLeft({ dueAtMs: 90_000 }, 30_000) // 60
 */
export const secondsLeft = (run: StageRun, nowMs: number): number | undefined =>
  run.dueAtMs === undefined ? undefined : Math.round((run.dueAtMs - nowMs) / 1000);

/**
 * Ring and lid of a stage as they are now: as planned, or as they were set since; what was set for some minutes is set
 * back after them.
 * @param said what was said of the pot, in the order of its times
 * @example fireNow(runFromTaps(stages, []).stages[0], [], 0).lid // 'off'
 */
export function fireNow(run: StageRun, said: readonly Tap[], nowMs: number): Fire {
  const { startedAtMs = Infinity, doneAtMs = Infinity } = run;
  let fire: Fire = run.stage;
  // What the ring was on when the pot was taken off it.
  let before: Fire['heat'] | undefined;
  for (const tap of said) {
    if (tap.atMs < startedAtMs || tap.atMs > doneAtMs) continue;
    if (effectOf(tap.kind).stands === true && before === undefined) {
      before = fire.heat;
      fire = { ...fire, heat: 'off' };
    }
    if (effectOf(tap.kind).stands === false && before !== undefined) {
      fire = { ...fire, heat: before };
      before = undefined;
    }
    const isOver = tap.amount !== undefined && nowMs >= tap.atMs + tap.amount * MS;
    if (effectOf(tap.kind).sets === undefined || isOver) continue;
    const heat = HEATS.find((h) => h === tap.said);
    const lid = tap.kind === 'lidUp' ? 'off' : LID_STATES.find((l) => l === tap.said);
    if (lid) fire = { ...fire, lid };
    // A ring that is set while the pot stands beside it heats it once it is back.
    if (heat && before !== undefined) before = heat;
    else if (heat) fire = { ...fire, heat };
  }
  return fire;
}
