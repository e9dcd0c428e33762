import { heightMm, openingM2 } from '../../basics/heat/equipment.js';
import { lastOf, type Stage } from '../../basics/method/stage.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import { changesAgainst, hasFlag, type Change, type TroubleCode } from './changes.js';
import { BASE_BANDS } from '../pot/constants.js';
import type { Cooked } from '../pot/cook.js';
import type { PotFlags, PotOutcome } from './judge.js';
import { get, STEAM } from '../pot/state.js';
import type { CookedStage } from '../pot/walk.js';

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

/** What of a pot's course tells when it went wrong. */
export interface Told {
  readonly minutes: readonly number[];
  readonly tempC: readonly number[];
  readonly baseC: readonly number[];
  readonly browning: readonly number[];
}

const stageAt = (stages: readonly CookedStage[], atMin: number): CookedStage | undefined =>
  stages.find((c) => atMin <= c.toMin + 1e-9) ?? stages.at(-1);

const firstOver = (minutes: readonly number[], row: readonly number[], over: number): number =>
  minutes[row.findIndex((v) => v >= over)] ?? 0;

/** Steam of one stage above this share of all the water there was is what made a pot dry. */
const MUCH_STEAM = 0.25;
/** A layer of sludge thicker than this insulates the floor, mm †. */
const THICK_LAYER_MM = 2;

/** Everything that went wrong with a pot, each with its minute, its reason and what avoids it. */
export function troublesOf(
  plan: CompletePlan,
  pourWaterG: number,
  cooked: Cooked,
  outcome: PotOutcome,
  s: Told,
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
  flagged('wetTop', lastOf(plan.stages)?.act === 'rest' ? 'condensate' : 'noRest', endMin, {
    gPerM2: outcome.topGPerM2,
  });
  flagged('dryTop', 'openTop', endMin, { points: outcome.restedMoisture - (outcome.beds[2]?.moisture ?? 0) });
  const caughtMin = firstOver(s.minutes, s.browning, BASE_BANDS.dark);
  flagged('caught', caughtWhy(cooked, plan, caughtMin), caughtMin, { baseC: Math.max(...s.baseC) });
  flagged('paleBase', 'notLongEnough', endMin, { browning: outcome.browning });
  flagged('broken', 'stirredLate', endMin, { percent: 100 * outcome.broken });
  return troubles;
}

const leastDone = ({ beds }: PotOutcome): number => Math.min(...beds.map((b) => b.done));

const hot = (s: Told): boolean => Math.max(...s.tempC) > 90;

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
