import { plannedMin, type Stage } from '../method/stage.js';

/** How far one stage has come. */
export interface StageRun {
  readonly stage: Stage;
  readonly startedAtMs: number | undefined;
  readonly doneAtMs: number | undefined;
  readonly extendedMin: number;
  /** When its clock runs out; undefined until it is started. */
  readonly dueAtMs: number | undefined;
}

/** A line of the sheet as it is being filled in. */
export interface SheetLine {
  readonly stage: Stage;
  startedAtMs: number | undefined;
  doneAtMs: number | undefined;
  extendedMin: number;
}

/** An empty sheet: every stage still to come. */
export const newSheet = (stages: readonly Stage[]): SheetLine[] =>
  stages.map((stage) => ({ stage, startedAtMs: undefined, doneAtMs: undefined, extendedMin: 0 }));

/** The line as it is read: with the moment its clock runs out. */
export const lineRead = (line: SheetLine): StageRun => ({ ...line, dueAtMs: due(line) });

const due = ({ stage, startedAtMs, extendedMin }: SheetLine): number | undefined =>
  startedAtMs === undefined ? undefined : startedAtMs + (plannedMin(stage) + extendedMin) * 60_000;

/**
 * Seconds left on a running stage's clock at `nowMs`; negative when it has run over.
 * @example secondsLeft({ dueAtMs: 90_000 }, 30_000) // 60
 */
export const secondsLeft = (run: StageRun, nowMs: number): number | undefined =>
  run.dueAtMs === undefined ? undefined : Math.round((run.dueAtMs - nowMs) / 1000);
