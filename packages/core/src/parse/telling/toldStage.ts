import type { State } from '../../basics/larder/composition.js';
import type { Drain, Method, SoakWater, Toast, Wash } from '../../basics/method/methods.js';
import type { Act, Sign, Stage } from '../../basics/method/stage.js';
import type { Timing } from '../../basics/method/timing.js';
import type { PourRule } from '../words/pourRule.js';
import type { TakenOut } from '../words/takenOut.js';
import type { ToldAct } from '../words/told.js';

/** A stage as it was told: what was not told is left to the method. */
export interface ToldStage {
  readonly act: Act;
  readonly heat?: Stage['heat'];
  readonly lid?: Stage['lid'];
  readonly spreader?: true;
  readonly minutes?: number;
  readonly sign?: Sign;
  readonly words: readonly string[];
}

/** A thing as it is used: how far it is cooked, and the stage at which it goes in. */
export interface ToldThing {
  readonly line: number;
  readonly state?: State;
  /** Minutes a pulse or a soy chunk stood in water of its own. */
  readonly soakMin?: number;
  /** True for a pulse that was boiled in another pot before. */
  readonly boiled?: true;
  /** Number of the told stage; with the liquid without. */
  readonly stage?: number;
  readonly apart?: true;
}

/** What a telling comes to. */
export interface ToldPlan {
  readonly grain?: number;
  readonly wash?: Wash;
  readonly soakMin?: number;
  readonly soakWater?: SoakWater;
  readonly drain?: Drain;
  readonly sieveMin?: number;
  readonly toast?: Toast;
  readonly crust?: boolean;
  readonly method?: Method;
  readonly timing: Timing;
  /** Words before anything was on the heat. */
  readonly early: readonly string[];
  readonly stages: readonly ToldStage[];
  readonly things: readonly ToldThing[];
  readonly rule?: PourRule;
  /** Numbers of the lines that are poured. */
  readonly pours: readonly number[];
  readonly hot: boolean;
  readonly baseOnly: boolean;
  readonly takenOut?: TakenOut;
  readonly backAt?: number;
}

type Mutable<T> = { -readonly [K in keyof T]: T[K] };
export type DraftStage = Mutable<Omit<ToldStage, 'words'>> & { words: string[] };
export type DraftPlan = Mutable<Omit<ToldPlan, 'timing' | 'stages' | 'things' | 'pours' | 'early'>> & {
  timing: Mutable<Timing>;
};

/** Heat, lid and minutes of an act, as a stage has them. */
export function some(act: ToldAct): Partial<DraftStage> {
  return {
    ...(act.heat === undefined ? {} : { heat: act.heat }),
    ...(act.lid === undefined ? {} : { lid: act.lid }),
    ...(act.minutes === undefined ? {} : { minutes: act.minutes }),
  };
}
