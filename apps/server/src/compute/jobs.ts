import type { Course, Odds, PlanInput, PlanProblem, Result } from '@hammock/core';
import type { Copied } from '../database/copyFile.js';

/** What is too heavy for the thread that answers everybody. */
export type Job =
  | { readonly kind: 'course'; readonly input: PlanInput; readonly pourMl: number | undefined }
  | { readonly kind: 'odds'; readonly input: PlanInput; readonly draws: number; readonly seed: number }
  | {
      readonly kind: 'copy';
      readonly file: string;
      readonly nowMs: number;
      readonly why: 'kept' | 'daily';
    };

export interface JobResults {
  readonly course: Result<Course, readonly PlanProblem[]>;
  readonly odds: Result<Odds, readonly PlanProblem[]>;
  readonly copy: Copied;
}
