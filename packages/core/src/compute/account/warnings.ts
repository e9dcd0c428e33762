import type { Boil } from '../../basics/heat/atmosphere.js';
import { coveredMinutes } from '../../basics/method/timing.js';
import { isWet, plannedMin } from '../../basics/method/stage.js';
import { inPot } from '../../plan/input/base.js';
import { rateAt } from '../../basics/grain/uptake.js';
import { filmSolids } from './ingredientTerms.js';
import type { Levels } from './levels.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import type { SaltAccount } from './salt.js';
import type { Solution } from './solvePour.js';
import type { WaysOut } from './waysOut.js';

export type WarningCode =
  | 'baseAlone'
  | 'overTwoThirds'
  | 'deepBed'
  | 'mostlySteam'
  | 'altitude'
  | 'soakTooLong'
  | 'tooSalty'
  | 'thickCatches'
  | 'acidSlows'
  | 'sugarCatches'
  | 'coveredShort'
  | 'slowBoil'
  | 'runsDry';

/** Something the cook should know before pouring; `values` carry the numbers its wording needs. */
export interface Warning {
  readonly code: WarningCode;
  readonly values: Readonly<Record<string, number | string>>;
}

/** A cooked bed deeper than this cooks unevenly, mm (7–8 cm, common practice). */
const DEEPEST_BED_MM = 75;
/** Steam above this share of the pour deserves a word. */
const MUCH_STEAM_SHARE = 0.3;
/** Altitude below this is not worth a word, m. */
const NOTICED_ALTITUDE_M = 300;
/** Tomato or coconut solids above this share of the free liquid make it thick †. */
const THICK_SHARE = 0.04;
/** A way to the boil longer than this is worth a word, min †. */
const SLOW_BOIL_MIN = 20;
/** Acid juice and tomato above this share of the free liquid slow the grain's softening †. */
const ACID_SHARE = 0.15;
/** Sugar above this share of the free liquid catches on a hot base †. */
const SUGAR_SHARE = 0.02;
const ACIDS = new Set([
  'lemonJuice',
  'limeJuice',
  'vinegar',
  'tamarindWater',
  'tamarindPulp',
  'wineWhite',
  'orangeJuice',
]);
const SUGARS = new Set(['sugar', 'jaggery', 'honey']);

interface Known {
  readonly solution: Solution;
  readonly levels: Levels;
  readonly salt: SaltAccount;
  readonly boil: Boil;
  readonly liquidG: number;
  readonly waysOut: WaysOut | undefined;
}

/** Everything about this plan that calls for a word and an act. */
export function warningsFor(plan: CompletePlan, known: Known): readonly Warning[] {
  const { solution, levels, salt } = known;
  const found: (Warning | false)[] = [
    known.waysOut !== undefined && baseAlone(known.waysOut),
    levels.fullShare > levels.mostShare && { code: 'overTwoThirds', values: { fullShare: levels.fullShare } },
    levels.cookedMm > DEEPEST_BED_MM && { code: 'deepBed', values: { bedMm: levels.cookedMm } },
    mostlySteam(solution),
    runsDry(plan, solution),
    altitude(plan, known.boil),
    plan.soakMin > plan.grain.longestSoakMin && {
      code: 'soakTooLong',
      values: { longestMin: plan.grain.longestSoakMin },
    },
    salt.cookedPercent > salt.band.high && {
      code: 'tooSalty',
      values: { percent: salt.cookedPercent, overG: salt.inG - (salt.band.high / 100) * salt.cookedG },
    },
    thick(plan, known.liquidG),
    shareOf(plan, ACIDS, known.liquidG, ACID_SHARE) && { code: 'acidSlows', values: {} },
    shareOf(plan, SUGARS, known.liquidG, SUGAR_SHARE) && { code: 'sugarCatches', values: {} },
    coveredShort(plan),
    slowBoil(solution),
  ];
  return found.filter((w): w is Warning => w !== false);
}

function baseAlone(ways: WaysOut): Warning {
  const { overG, takeOutG, takeOutOf, cookDownMin, addGrainG, heat } = ways;
  return { code: 'baseAlone', values: { overG, takeOutG, takeOutOf, cookDownMin, addGrainG, heat } };
}

function mostlySteam(solution: Solution): Warning | false {
  const steamG = solution.steam.reduce((sum, s) => sum + s.g, 0);
  const share = steamG / solution.pourWaterG;
  return (
    solution.pourWaterG > 0 && share > MUCH_STEAM_SHARE && { code: 'mostlySteam', values: { steamG, share } }
  );
}

/** A stage that would steam off more than there is left to drink burns long before its time is up. */
function runsDry(plan: CompletePlan, solution: Solution): Warning | false {
  const there = Math.max(0, solution.pourWaterG) + brought(solution);
  const fierce = solution.steam.find(
    (s) => s.ratePerMin > 0 && s.g > 0.75 * there && plan.stages.some((p) => p.id === s.stageId),
  );
  return (
    fierce !== undefined && { code: 'runsDry', values: { stageId: fierce.stageId, minutes: fierce.minutes } }
  );
}

const brought = (solution: Solution): number =>
  solution.terms.reduce((sum, t) => (t.side === 'comesFrom' ? sum + t.g : sum), 0);

function altitude(plan: CompletePlan, boil: Boil): Warning | false {
  const sealed = plan.stages.some((s) => s.lid === 'pressure');
  if (plan.altitudeM < NOTICED_ALTITUDE_M || sealed) return false;
  const covered = coveredMinutes(plan.grain, plan.soakMin);
  return {
    code: 'altitude',
    values: {
      altitudeM: plan.altitudeM,
      boilC: boil.tempC,
      extraMin: Math.round(covered * (1 / rateAt(boil.tempC) - 1)),
    },
  };
}

function thick(plan: CompletePlan, liquidG: number): Warning | false {
  const items = inPot(plan);
  const solids = items.reduce((sum, i) => sum + filmSolids(i), 0);
  const which = items.find((i) => filmSolids(i) > 0)?.ingredient.film;
  return (
    which !== undefined &&
    solids > THICK_SHARE * liquidG && { code: 'thickCatches', values: { which, solidsG: solids } }
  );
}

const shareOf = (plan: CompletePlan, ids: ReadonlySet<string>, liquidG: number, share: number): boolean =>
  inPot(plan).reduce((sum, i) => (ids.has(i.ingredient.id) ? sum + i.g : sum), 0) > share * liquidG &&
  liquidG > 0;

/** Minutes at the boil that count as covered; under pressure each counts three times †. */
const PRESSURE_COUNTS = 3;

function coveredShort(plan: CompletePlan): Warning | false {
  // A pot on slow, or one whose switch decides, is done when it is done.
  if (plan.stages.some((s) => s.end.kind === 'flip' || s.end.kind === 'count')) return false;
  const needMin = coveredMinutes(plan.grain, plan.soakMin);
  const heatedMin = plan.stages
    .filter((s) => isWet(s.act) && s.act !== 'rest' && s.act !== 'boil' && s.heat !== 'off')
    .reduce(
      (sum, s) =>
        sum + plannedMin(s) * (s.act === 'pressure' || s.act === 'pressureUp' ? PRESSURE_COUNTS : 1),
      0,
    );
  return heatedMin < 0.7 * needMin && { code: 'coveredShort', values: { heatedMin, needMin } };
}

function slowBoil(solution: Solution): Warning | false {
  const boil = solution.steam.find((s) => s.act === 'boil');
  return (
    boil !== undefined &&
    boil.minutes > SLOW_BOIL_MIN && { code: 'slowBoil', values: { minutes: boil.minutes } }
  );
}
