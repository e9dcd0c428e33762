import type { RunState } from './runFromTaps.js';

/** Why a cook is called to the stove. */
export const CUE_KINDS = ['stageDue'] as const;

/** A moment at which the cook is to be called. */
export interface Cue {
  /** What is cooking: the id of the cook, or of the side dish. */
  readonly trackId: string;
  readonly stageId: string;
  readonly kind: (typeof CUE_KINDS)[number];
  /** ms since the epoch by the household's clock. */
  readonly atMs: number;
}

/**
 * The moments at which one track calls, in order: the end of the stage that is running. A track that waits, stands
 * or is finished calls nobody.
 * @example cues(runFromTaps(stages, []), 'jollof') // []
 */
export function cues(run: RunState, trackId: string): readonly Cue[] {
  const { stage, dueAtMs } = run.stages[run.current] ?? {};
  if (stage === undefined || dueAtMs === undefined || run.pausedAtMs !== undefined) return [];
  return [{ trackId, stageId: stage.id, kind: 'stageDue', atMs: dueAtMs }];
}
