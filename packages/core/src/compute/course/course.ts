import { beforeLiquid, type BeforeStage } from '../acts/beforeLiquid.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import { deepFreeze } from '../../basics/result.js';
import { cookPot, type Cooked } from '../pot/cook.js';
import { judge, type PotOutcome } from './judge.js';
import {
  BASE_C,
  BROWN,
  DONE0,
  FREE,
  get,
  LID,
  STARCH,
  STEAM,
  TEMP,
  TOP,
  W0,
  type State,
} from '../pot/state.js';
import { troublesOf, type Trouble } from './troubles.js';
import type { CookedStage } from '../pot/walk.js';

/** Everything against time, one number a moment in each row; minutes from the pour. */
export interface CourseSeries {
  readonly minutes: readonly number[];
  readonly tempC: readonly number[];
  readonly freeG: readonly number[];
  /** Water of the beds from the floor up, g per g of dry matter. */
  readonly w: readonly (readonly number[])[];
  readonly done: readonly (readonly number[])[];
  readonly baseC: readonly number[];
  readonly browning: readonly number[];
  readonly steamG: readonly number[];
  readonly starchG: readonly number[];
  readonly topG: readonly number[];
  readonly lidG: readonly number[];
}

/** The pot over time. */
export interface Course {
  /** What is done before the liquid goes in; it ends at minute 0. */
  readonly before: readonly BeforeStage[];
  readonly stages: readonly CookedStage[];
  readonly series: CourseSeries;
  readonly outcome: PotOutcome;
  readonly troubles: readonly Trouble[];
  /** Water poured, g, and dry matter of the grain, g. */
  readonly pourWaterG: number;
  readonly dryG: number;
  readonly minutes: number;
  readonly waterClosesToG: number;
  readonly heat: Cooked['heat'];
}

/** Rows closer than this to the one before are left out, min. */
const KEEP_EVERY_MIN = 0.2;
/** Most rows of a course: a pot of days is drawn on a coarser clock, not on a heavier page. */
export const MOST_ROWS = 2000;

/**
 * Cooks a plan and keeps everything against time, with what goes wrong and what would avoid it.
 * @param pourWaterG water poured, g
 * @example courseOf(plan, 560).stages.length // 4
 */
export function courseOf(plan: CompletePlan, pourWaterG: number): Course {
  const s = emptySeries();
  let kept = -1;
  let everyMin = KEEP_EVERY_MIN;
  const cooked = cookPot(plan, pourWaterG, {
    record: (atMin, y) => {
      if (atMin - kept < everyMin && kept >= 0) return;
      if (s.minutes.length >= MOST_ROWS - 1) {
        thin(s);
        everyMin *= 2;
      }
      kept = atMin;
      keep(s, atMin, y);
    },
  });
  keep(s, cooked.minutes, cooked.served);
  const outcome = judge(cooked);
  return deepFreeze({
    before: beforeLiquid(plan),
    stages: cooked.stages,
    series: s,
    outcome,
    troubles: troublesOf(plan, pourWaterG, cooked, outcome, s),
    pourWaterG: Math.max(0, pourWaterG),
    dryG: cooked.setup.dryG,
    minutes: cooked.minutes,
    waterClosesToG: cooked.waterClosesToG,
    heat: cooked.heat,
  });
}

type Mutable = {
  -readonly [K in keyof CourseSeries]: CourseSeries[K] extends readonly (readonly number[])[]
    ? number[][]
    : number[];
};

const emptySeries = (): Mutable => ({
  minutes: [],
  tempC: [],
  freeG: [],
  w: [[], [], []],
  done: [[], [], []],
  baseC: [],
  browning: [],
  steamG: [],
  starchG: [],
  topG: [],
  lidG: [],
});

function keep(s: Mutable, atMin: number, y: State): void {
  s.minutes.push(atMin);
  s.tempC.push(get(y, TEMP));
  s.freeG.push(get(y, FREE));
  for (let i = 0; i < 3; i += 1) {
    s.w[i]?.push(get(y, W0 + i));
    s.done[i]?.push(get(y, DONE0 + i));
  }
  s.baseC.push(get(y, BASE_C));
  s.browning.push(get(y, BROWN));
  s.steamG.push(get(y, STEAM));
  s.starchG.push(get(y, STARCH));
  s.topG.push(get(y, TOP));
  s.lidG.push(get(y, LID));
}

/** Leaves every second row out. */
function thin(s: Mutable): void {
  for (const row of Object.values(s))
    for (const list of (Array.isArray(row[0]) ? row : [row]) as number[][])
      list.splice(0, list.length, ...list.filter((_, i) => i % 2 === 0));
}
