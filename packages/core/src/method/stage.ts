import type { HeatSetting, LidState } from '../heat/equipment.js';

/** What is done in a stage, in the order it can happen in one pot. */
export const ACTS = [
  'soak',
  'drain',
  'warmFat',
  'base',
  'toast',
  'boil',
  'openBoil',
  'simmer',
  'rest',
] as const;

export type Act = (typeof ACTS)[number];

/** What is seen when a stage that has no fixed time is over. */
export type Sign = 'boilAllOver' | 'fatShimmers' | 'baseReady' | 'grainColour' | 'drained';

/** A stage ends after minutes, or on a sign (with the minutes it usually takes, where the plan knows). */
export type StageEnd =
  | { readonly kind: 'minutes'; readonly minutes: number }
  | { readonly kind: 'sign'; readonly sign: Sign; readonly expectMin: number };

/** One stage of a method. */
export interface Stage {
  readonly id: string;
  readonly act: Act;
  readonly heat: HeatSetting;
  readonly lid: LidState;
  readonly end: StageEnd;
}

/** Minutes a stage is planned to take. */
export const plannedMin = (stage: Stage): number =>
  stage.end.kind === 'minutes' ? stage.end.minutes : stage.end.expectMin;
