import type { Course, MissingAct, Odds, PlanInput, PotBelief, PotNow, PouredOtherwise } from '@hammock/core';
import type { Evidence, JudgedPot, Learnt } from '@hammock/core/learning';

/** What a worker can be asked. Plans travel as they are asked about; rows of samples as plain numbers. */
export type Job =
  | {
      readonly kind: 'rows';
      readonly input: PlanInput;
      readonly seed: number;
      readonly from: number;
      readonly count: number;
    }
  | { readonly kind: 'odds'; readonly input: PlanInput; readonly seed: number; readonly rows: Float64Array }
  | {
      readonly kind: 'missing';
      readonly input: PlanInput;
      readonly seed: number;
      readonly rows: Float64Array;
    }
  | { readonly kind: 'course'; readonly input: PlanInput; readonly pourMl: number | undefined }
  | {
      readonly kind: 'poured';
      readonly input: PlanInput;
      readonly pouredMl: number;
      readonly keepByMl: number;
    }
  | { readonly kind: 'says'; readonly pot: JudgedPot }
  | { readonly kind: 'learn'; readonly heard: Learnt | null; readonly here: readonly Evidence[] }
  | { readonly kind: 'belief'; readonly input: PlanInput; readonly pot: PotNow };

/** What comes back for each, or undefined when the plan cannot be cooked. */
export interface Done {
  readonly rows: Float64Array | undefined;
  readonly odds: Odds | undefined;
  readonly course: Course | undefined;
  readonly missing: MissingAct | undefined;
  readonly poured: PouredOtherwise | undefined;
  readonly belief: PotBelief | undefined;
  readonly says: readonly Evidence[] | undefined;
  readonly learn: Learnt | undefined;
}

export interface Asked {
  readonly id: number;
  readonly job: Job;
}

export interface Replied {
  readonly id: number;
  readonly value: Done[keyof Done];
}
