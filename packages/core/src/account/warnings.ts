import { coveredMinutes } from '../method/coveredAbsorption.js';
import { plannedMin } from '../method/stage.js';
import type { Boil } from '../heat/atmosphere.js';
import { KELVIN } from '../heat/constants.js';
import { boilingSteamRate } from '../heat/steam.js';
import { filmSolids } from './ingredientTerms.js';
import type { Levels } from './levels.js';
import type { CompletePlan } from './planInput.js';
import type { SaltAccount } from './salt.js';
import type { Solution } from './solvePour.js';
import { surroundings } from './stageSteam.js';

export type WarningCode =
  | 'baseAlone'
  | 'overTwoThirds'
  | 'deepBed'
  | 'mostlySteam'
  | 'altitude'
  | 'soakTooLong'
  | 'tooSalty'
  | 'thickCatches'
  | 'coveredShort'
  | 'slowBoil';

/** Something the cook should know before pouring; `values` carry the numbers its wording needs. */
export interface Warning {
  readonly code: WarningCode;
  readonly values: Readonly<Record<string, number | string>>;
}

/** Full this far before swelling, a pot boils over (common practice). */
const MOST_FULL_SHARE = 2 / 3;
/** A cooked bed deeper than this cooks unevenly, mm (7–8 cm, common practice). */
const DEEPEST_BED_MM = 75;
/** Steam above this share of the pour deserves a word. */
const MUCH_STEAM_SHARE = 0.3;
/** Altitude below this is not worth a word, m. */
const NOTICED_ALTITUDE_M = 300;
/** Tomato or coconut solids above this share of the free liquid make it thick †. */
const THICK_SHARE = 0.04;
const SLOW_BOIL_MIN = 20;
/** Rice cooks with this activation energy below 110 °C, J/mol (Suzuki et al., J. Food Science 41, 1976 †). */
const COOKING_J_PER_MOL = 79_500;
const GAS_J_PER_MOL_K = 8.314462618;

interface Known {
  readonly solution: Solution;
  readonly levels: Levels;
  readonly salt: SaltAccount;
  readonly boil: Boil;
  readonly liquidG: number;
}

/** Everything about this plan that calls for a word and an act. */
export function warningsFor(plan: CompletePlan, known: Known): readonly Warning[] {
  const { solution, levels, salt } = known;
  const found: (Warning | false)[] = [
    solution.pourWaterG < 0 && baseAlone(plan, solution),
    levels.fullShare > MOST_FULL_SHARE && { code: 'overTwoThirds', values: { fullShare: levels.fullShare } },
    levels.cookedMm > DEEPEST_BED_MM && { code: 'deepBed', values: { bedMm: levels.cookedMm } },
    mostlySteam(solution),
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
    coveredShort(plan),
    slowBoil(solution),
  ];
  return found.filter((w): w is Warning => w !== false);
}

/** Three ways out of a base that brings more water than the grain can take. */
function baseAlone(plan: CompletePlan, solution: Solution): Warning {
  const overG = -solution.pourWaterG;
  const brought = solution.terms.filter((t) => t.kind === 'broughtIn');
  const broughtG = brought.reduce((sum, t) => sum + t.g, 0);
  const baseG = brought.reduce((sum, t) => sum + Number(t.inputs['massG']), 0);
  const absorbedG = solution.terms.find((t) => t.kind === 'absorbed')?.g ?? 0;
  const rate = boilingSteamRate(surroundings(plan), 'medium', 'off');
  return {
    code: 'baseAlone',
    values: {
      overG,
      takeOutG: broughtG > 0 ? (baseG * overG) / broughtG : 0,
      cookDownMin: rate > 0 ? overG / rate : 0,
      addGrainG: absorbedG > 0 ? (plan.grainG * overG) / absorbedG : 0,
    },
  };
}

function mostlySteam(solution: Solution): Warning | false {
  const steamG = solution.steam.reduce((sum, s) => sum + s.g, 0);
  const share = steamG / solution.pourWaterG;
  return (
    solution.pourWaterG > 0 && share > MUCH_STEAM_SHARE && { code: 'mostlySteam', values: { steamG, share } }
  );
}

function altitude(plan: CompletePlan, boil: Boil): Warning | false {
  if (plan.altitudeM < NOTICED_ALTITUDE_M) return false;
  const slower = Math.exp(
    (COOKING_J_PER_MOL / GAS_J_PER_MOL_K) * (1 / (boil.tempC + KELVIN) - 1 / (100 + KELVIN)),
  );
  const covered = coveredMinutes(plan.grain, plan.soakMin);
  return {
    code: 'altitude',
    values: { altitudeM: plan.altitudeM, boilC: boil.tempC, extraMin: Math.round(covered * (slower - 1)) },
  };
}

function thick(plan: CompletePlan, liquidG: number): Warning | false {
  const solids = plan.ingredients.reduce((sum, i) => sum + filmSolids(i), 0);
  const which = plan.ingredients.find((i) => filmSolids(i) > 0)?.ingredient.film;
  return (
    which !== undefined &&
    solids > THICK_SHARE * liquidG && { code: 'thickCatches', values: { which, solidsG: solids } }
  );
}

function coveredShort(plan: CompletePlan): Warning | false {
  const needMin = coveredMinutes(plan.grain, plan.soakMin);
  const heated = plan.stages
    .filter((s) => s.act === 'simmer' || s.act === 'openBoil')
    .reduce((sum, s) => sum + plannedMin(s), 0);
  return heated < 0.7 * needMin && { code: 'coveredShort', values: { heatedMin: heated, needMin } };
}

function slowBoil(solution: Solution): Warning | false {
  const boil = solution.steam.find((s) => s.act === 'boil');
  return (
    boil !== undefined &&
    boil.minutes > SLOW_BOIL_MIN && { code: 'slowBoil', values: { minutes: boil.minutes } }
  );
}
