import type { Course, Odds, PlanInput, PlanProblem, Result } from '@hammock/core';
import type { Learnt } from '@hammock/core/learning';
import type { EvidenceRound, EvidenceRow } from '../learning/evidenceRows.js';
import type { Copied } from '../database/copyFile.js';

/** What is too heavy for the thread that answers everybody. */
export type Job =
  | { readonly kind: 'course'; readonly input: PlanInput; readonly pourMl: number | undefined }
  | { readonly kind: 'odds'; readonly input: PlanInput; readonly draws: number; readonly seed: number }
  /** What pots say: those of a household, read from its file. */
  | {
      readonly kind: 'evidence';
      readonly file: string;
      readonly ids: readonly string[];
      readonly nowMs: number;
    }
  /** What all of them taught. */
  | {
      readonly kind: 'learnt';
      readonly file: string;
      readonly model: string;
      readonly without?: string;
      readonly unkept: readonly EvidenceRow[];
    }
  | {
      readonly kind: 'copy';
      readonly file: string;
      readonly nowMs: number;
      readonly why: 'kept' | 'daily';
    };

export interface JobResults {
  readonly evidence: EvidenceRound;
  readonly learnt: Learnt;
  readonly course: Result<Course, readonly PlanProblem[]>;
  readonly odds: Result<Odds, readonly PlanProblem[]>;
  readonly copy: Copied;
}
