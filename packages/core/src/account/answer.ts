import { deepFreeze, fail, ok, type Result } from '../result.js';
import type { Boil } from '../heat/atmosphere.js';
import type { Stage } from '../method/stage.js';
import { completePlan } from './completePlan.js';
import { doubtOf, type Doubt } from './doubt.js';
import { dryBasis, dryMatter, shiftOf, targetMoisture, TEXTURE_BANDS } from './grainWater.js';
import { levels, type Levels } from './levels.js';
import type { CompletePlan, PlanInput } from './planInput.js';
import type { PlanProblem } from './problem.js';
import { saltAccount, type SaltAccount } from './salt.js';
import { solvePour, type Solution } from './solvePour.js';
import { surroundings, type StageSteam } from './stageSteam.js';
import { total, type Term } from './term.js';
import { warningsFor, type Warning } from './warnings.js';

/** An amount of the liquid poured. */
export interface Pour {
  readonly ingredientId: string;
  /** Mass and volume of the liquid; negative when the base alone brings too much. */
  readonly g: number;
  readonly ml: number;
  /** The water in it, which is what the account solves for. */
  readonly waterG: number;
}

/** What to pour, what to keep by, the account behind both, and what to watch. */
export interface Answer {
  readonly pour: Pour;
  /** Hot liquid to keep ready: one standard deviation of the pour's doubt. */
  readonly keepBy: { readonly g: number; readonly ml: number };
  readonly account: {
    readonly terms: readonly Term[];
    /** comesFrom − goesTo, g; 0 but for rounding of the last digit. */
    readonly closesToG: number;
    readonly steam: readonly StageSteam[];
    readonly ended: Solution['ended'];
  };
  readonly salt: SaltAccount;
  readonly levels: Levels;
  /** Cooked moisture aimed at, wet basis %. */
  readonly target: { readonly low: number; readonly aim: number; readonly high: number };
  /** Pours in ml at which the grain leaves the wanted texture, and the whole scale. */
  readonly window: {
    readonly hardMl: number;
    readonly lowMl: number;
    readonly highMl: number;
    readonly mushMl: number;
  };
  readonly doubt: Doubt;
  readonly boil: Boil;
  readonly grainG: number;
  readonly portions: number;
  /** The stages the account was made for, with the times this pot needs to the boil. */
  readonly stages: readonly Stage[];
  /** The same pot with twice of everything: why the pour does not double. */
  readonly doubled: { readonly pourMl: number; readonly ratio: number; readonly steamG: number };
  readonly warnings: readonly Warning[];
}

/** keepBy is rounded up to this, ml: nobody heats 3 ml. */
const KEEP_BY_STEP_ML = 10;

/**
 * The one number, and everything it rests on.
 *
 * pour = absorbed + steamLost + heldByOthers + drunkByOthers − broughtIn − clinging (g of water), for the
 * middle of the wanted texture; see docs/model.md. Deterministic; the input is not changed; the answer is frozen.
 * @param input a plan in plain numbers and ids of the larder
 * @returns the answer, or every problem of the plan at its field. Never throws.
 * @example
 * answer({ grainId: 'longGrainWhite', grain: { cups: 1.5 }, vessel: { diameterCm: 22, volumeMl: 4000 } })
 */
export function answer(input: PlanInput): Result<Answer, readonly PlanProblem[]> {
  const complete = completePlan(input);
  return complete.ok ? answerPlan(complete.value) : complete;
}

/** The answer to a plan that has already been completed. */
export function answerPlan(plan: CompletePlan): Result<Answer, readonly PlanProblem[]> {
  const target = targetMoisture(plan, plan.texture);
  const solution = solvePour(plan, target.aim);
  const cold = solution.steam.findIndex((s) => !s.boils);
  if (cold >= 0) return fail([neverBoils(plan, solution.steam[cold]?.stageId)]);
  const pour = pourOf(plan, solution.pourWaterG);
  const steamG = solution.steam.reduce((sum, s) => sum + s.g, 0);
  const broughtG = total(solution.terms.filter((t) => t.side === 'comesFrom'));
  const liquidG = Math.max(0, pour.waterG) + broughtG;
  const absorbed = solution.terms.find((t) => t.kind === 'absorbed')?.g ?? 0;
  const inPot = levels(plan, liquidG, plan.grainG + absorbed);
  if (inPot.needsMl > plan.vessel.volumeMl) return fail([tooSmall(plan, inPot)]);
  const salt = saltAccount(plan, { g: pour.g, steamG, liquidG });
  const { boil } = surroundings(plan);
  const doubt = doubtOf(plan, solution, target.aim);
  return ok(
    deepFreeze({
      pour,
      keepBy: keepBy(plan, doubt.g),
      account: accountOf(solution, pour),
      salt,
      levels: inPot,
      target,
      window: windowOf(plan, solution, target.aim),
      doubt,
      boil,
      grainG: plan.grainG,
      portions: plan.portions,
      stages: withBoilTimes(plan, solution),
      doubled: doubledOf(plan, pour),
      warnings: warningsFor(plan, { solution, levels: inPot, salt, boil, liquidG }),
    }),
  );
}

function pourOf(plan: CompletePlan, waterG: number): Pour {
  const g = (waterG * 100) / plan.pourWith.water;
  return { ingredientId: plan.pourWith.id, g, ml: g / plan.pourWith.densityGPerMl, waterG };
}

function accountOf(solution: Solution, pour: Pour): Answer['account'] {
  const term: Term = {
    id: 'pour',
    kind: 'pour',
    side: 'comesFrom',
    g: pour.waterG,
    of: pour.ingredientId,
    inputs: { liquidG: pour.g, liquidMl: pour.ml },
  };
  const terms = [term, ...solution.terms];
  const closesToG =
    total(terms.filter((t) => t.side === 'comesFrom')) - total(terms.filter((t) => t.side === 'goesTo'));
  return { terms, closesToG, steam: solution.steam, ended: solution.ended };
}

function keepBy(plan: CompletePlan, sigmaG: number): Answer['keepBy'] {
  const liquidMl = (sigmaG * 100) / plan.pourWith.water / plan.pourWith.densityGPerMl;
  const ml = Math.max(KEEP_BY_STEP_ML, Math.ceil(liquidMl / KEEP_BY_STEP_ML) * KEEP_BY_STEP_ML);
  return { ml, g: ml * plan.pourWith.densityGPerMl };
}

/** Steam hardly moves over the texture scale (a longer way to the boil), so the solved pot's own is kept. */
function windowOf(plan: CompletePlan, solution: Solution, aim: number): Answer['window'] {
  const shift = shiftOf(plan);
  const dry = dryMatter(plan.grain, plan.grainG);
  const at = (moisture: number): number =>
    pourOf(plan, solution.pourWaterG + dry * (dryBasis(moisture) - dryBasis(aim))).ml;
  const { low, high } = targetMoisture(plan, plan.texture);
  return {
    hardMl: at(TEXTURE_BANDS[1][0] + shift),
    lowMl: at(low),
    highMl: at(high),
    mushMl: at(TEXTURE_BANDS[5][0] + shift),
  };
}

function withBoilTimes(plan: CompletePlan, solution: Solution): readonly Stage[] {
  return plan.stages.map((stage) => {
    const found = solution.steam.find((s) => s.stageId === stage.id);
    if (stage.act !== 'boil' || !found || stage.end.kind !== 'sign') return stage;
    return { ...stage, end: { ...stage.end, expectMin: Math.max(1, Math.round(found.minutes)) } };
  });
}

function doubledOf(plan: CompletePlan, pour: Pour): Answer['doubled'] {
  const twice: CompletePlan = {
    ...plan,
    grainG: plan.grainG * 2,
    sauceLeftG: plan.sauceLeftG * 2,
    ingredients: plan.ingredients.map((i) => ({ ...i, g: i.g * 2 })),
  };
  const solution = solvePour(twice);
  const pourMl = pourOf(twice, solution.pourWaterG).ml;
  const steamG = solution.steam.reduce((sum, s) => sum + s.g, 0);
  return { pourMl, ratio: pour.ml === 0 ? 0 : pourMl / pour.ml, steamG };
}

function neverBoils(plan: CompletePlan, stageId: string | undefined): PlanProblem {
  const index = plan.stages.findIndex((s) => s.id === stageId);
  const heat = plan.stages[index]?.heat ?? 'off';
  return {
    field: `stages[${index.toString()}].heat`,
    code: 'neverBoils',
    values: { powerW: plan.hob.powerW[heat], heat },
  };
}

function tooSmall(plan: CompletePlan, inPot: Levels): PlanProblem {
  const roundUp = (ml: number): number => Math.ceil(ml / 100) * 100;
  return {
    field: 'vessel.volumeMl',
    code: 'tooSmall',
    values: { holdsMl: plan.vessel.volumeMl, needsMl: roundUp(inPot.needsMl) },
  };
}
