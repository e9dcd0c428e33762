import { beforeLiquid, type BeforeStage } from '../acts/beforeLiquid.js';
import type { CompletePlan } from '../plan/planInput.js';
import { heightMm, openingM2 } from '../heat/equipment.js';
import type { Stage } from '../method/stage.js';
import { deepFreeze } from '../result.js';
import { changesAgainst, hasFlag, type Change, type TroubleCode } from './changes.js';
import { BASE_BANDS } from './constants.js';
import { cookPot, type Cooked } from './cook.js';
import { judge, type PotFlags, type PotOutcome } from './judge.js';
import { BASE_C, BROWN, DONE0, FREE, get, LID, STARCH, STEAM, TEMP, TOP, W0, type State } from './state.js';
import type { CookedStage } from './walk.js';

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

/** What went wrong, when, why, and what would have avoided it. */
export interface Trouble {
  readonly code: TroubleCode;
  readonly why: TroubleWhy;
  readonly atMin: number;
  readonly stageId: string | undefined;
  readonly values: Readonly<Record<string, number>>;
  /** Changes that were cooked and do avoid it; empty when none of the usual ones does. */
  readonly avoidedBy: readonly Change[];
}

export type TroubleWhy =
  | 'tooLittlePoured'
  | 'tooMuchPoured'
  | 'boiledOff'
  | 'shortTime'
  | 'tooCool'
  | 'openTop'
  | 'noRest'
  | 'condensate'
  | 'thickBase'
  | 'tooHot'
  | 'dryBed'
  | 'notLongEnough'
  | 'foam'
  | 'weakRing'
  | 'stirredLate';

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
 * @example courseOf(plan, 560).outcome.texture // 2.0
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

const stageAt = (stages: readonly CookedStage[], atMin: number): CookedStage | undefined =>
  stages.find((c) => atMin <= c.toMin + 1e-9) ?? stages.at(-1);

const firstOver = (minutes: readonly number[], row: readonly number[], over: number): number =>
  minutes[row.findIndex((v) => v >= over)] ?? 0;

/** Steam of one stage above this share of all the water there was is what made a pot dry. */
const MUCH_STEAM = 0.25;
/** A layer of sludge thicker than this insulates the floor, mm †. */
const THICK_LAYER_MM = 2;

function troublesOf(
  plan: CompletePlan,
  pourWaterG: number,
  cooked: Cooked,
  outcome: PotOutcome,
  s: CourseSeries,
): readonly Trouble[] {
  const { flags } = outcome;
  const { setup, stages } = cooked;
  const end = stages.filter((c) => c.act !== 'serve').at(-1);
  const endMin = end?.toMin ?? 0;
  const troubles: Trouble[] = [];
  const add = (
    code: TroubleCode,
    why: TroubleWhy,
    atMin: number,
    values: Trouble['values'],
    has: (c: Cooked, p: CompletePlan) => boolean,
  ): void => {
    const stageId = stageAt(stages, atMin)?.stageId;
    const avoidedBy = changesAgainst(code, plan, pourWaterG, stageId, has);
    troubles.push({ code, why, atMin, stageId, values, avoidedBy });
  };
  const flagged = (code: keyof PotFlags, why: TroubleWhy, atMin: number, values: Trouble['values']): void => {
    if (flags[code]) add(code, why, atMin, values, hasFlag(code));
  };
  const nothing = pourWaterG + setup.broughtG < 0.2 * setup.dryG;
  if (nothing) add('noLiquid', 'tooLittlePoured', 0, { waterG: pourWaterG }, () => false);
  for (const c of stages)
    if (c.ended === 'gaveUp')
      add('neverBoiled', 'weakRing', c.fromMin, { minutes: c.toMin - c.fromMin }, (o) =>
        o.stages.some((x) => x.ended === 'gaveUp'),
      );
  if (boilsOver(cooked, plan))
    add(
      'boiledOver',
      'foam',
      cooked.fullest.atMin,
      { ml: cooked.fullest.ml, volumeMl: plan.vessel.volumeMl },
      boilsOver,
    );
  if (cooked.ranDryMin !== undefined && !nothing) {
    const why =
      get(cooked.served, STEAM) > MUCH_STEAM * (pourWaterG + setup.broughtG)
        ? 'boiledOff'
        : 'tooLittlePoured';
    add(
      'ranDry',
      why,
      cooked.ranDryMin,
      { donePercent: 100 * leastDone(outcome) },
      (c) => c.ranDryMin !== undefined,
    );
  }
  const steamShare = get(cooked.served, STEAM) / Math.max(1, pourWaterG + setup.broughtG);
  flagged('hardCentre', hot(s) ? 'shortTime' : 'tooCool', endMin, { donePercent: 100 * leastDone(outcome) });
  flagged(
    'tooHard',
    steamShare > MUCH_STEAM ? 'boiledOff' : outcome.leftG > 20 ? 'shortTime' : 'tooLittlePoured',
    endMin,
    {
      moisture: outcome.moisture,
    },
  );
  flagged('tooSoft', 'tooMuchPoured', endMin, { moisture: outcome.moisture });
  flagged('wetPot', flags.tooSoft ? 'tooMuchPoured' : 'shortTime', endMin, { leftG: outcome.leftG });
  flagged('wetTop', end?.act === 'rest' ? 'condensate' : 'noRest', endMin, { gPerM2: outcome.topGPerM2 });
  flagged('dryTop', 'openTop', endMin, { points: outcome.restedMoisture - (outcome.beds[2]?.moisture ?? 0) });
  const caughtMin = firstOver(s.minutes, s.browning, BASE_BANDS.dark);
  flagged('caught', caughtWhy(cooked, plan, caughtMin), caughtMin, { baseC: Math.max(...s.baseC) });
  flagged('paleBase', 'notLongEnough', endMin, { browning: outcome.browning });
  flagged('broken', 'stirredLate', endMin, { percent: 100 * outcome.broken });
  return troubles;
}

const leastDone = ({ beds }: PotOutcome): number => Math.min(...beds.map((b) => b.done));

const hot = (s: CourseSeries): boolean => Math.max(...s.tempC) > 90;

/** More in the pot, foam and all, than it holds. */
const boilsOver = (cooked: Cooked, plan: CompletePlan): boolean =>
  cooked.fullest.ml > openingM2(plan.vessel) * 1000 * heightMm(plan.vessel);

function caughtWhy(cooked: Cooked, plan: CompletePlan, atMin: number): TroubleWhy {
  const at = stageAt(cooked.stages, atMin);
  const stage: Stage | undefined = plan.stages.find((s) => s.id === at?.stageId);
  if (
    stage &&
    (stage.heat === 'high' || stage.heat === 'mediumHigh' || stage.heat === 'medium') &&
    cooked.setup.layerMm < THICK_LAYER_MM
  )
    return 'tooHot';
  return cooked.setup.layerMm >= THICK_LAYER_MM ? 'thickBase' : 'dryBed';
}
