import { deepFreeze, fail, ok, type Result } from '../result.js';
import type { Boil } from '../heat/atmosphere.js';
import type { Ingredient } from '../larder/composition.js';
import type { Stage } from '../method/stage.js';
import { baseAccount, type BaseAccount } from './base.js';
import { completePlan } from './completePlan.js';
import { doubtOf, type Doubt } from './doubt.js';
import { dryBasis, dryMatter, shiftOf, targetMoisture, textureOf, TEXTURE_BANDS } from './grainWater.js';
import { levels, type Levels } from './levels.js';
import type { CompletePlan, PlanInput, Rule } from './planInput.js';
import type { PlanProblem } from './problem.js';
import { otherRules, ruleWaterG, type RuleAnswer } from './rules.js';
import { saltAccount, type SaltAccount } from './salt.js';
import { moistureFor, solvePour, type Solution } from './solvePour.js';
import type { StageSteam } from './stageSteam.js';
import { surroundings } from './surroundings.js';
import { total, type Term } from './term.js';
import { warningsFor, type Warning } from './warnings.js';
import { waysOut, type WaysOut } from './waysOut.js';

/** An amount of a liquid poured. */
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
  /** The liquid whose amount was open: the last of `pours`. */
  readonly pour: Pour;
  /** Everything that is poured, in order: all the stock there is, then water. */
  readonly pours: readonly Pour[];
  /** Whether to pour at all: `nothing` when the base is enough, `tooMuch` when it brings more than that. */
  readonly verdict: 'pour' | 'nothing' | 'tooMuch';
  /** The pour in two additions, ml; `laterMl` is 0 when all goes in at once. */
  readonly additions: { readonly nowMl: number; readonly laterMl: number };
  /** Three ways out when the base brings too much. */
  readonly waysOut?: WaysOut;
  /** Hot liquid to keep ready: one standard deviation of the pour's doubt. */
  readonly keepBy: { readonly g: number; readonly ml: number };
  readonly account: {
    readonly terms: readonly Term[];
    /** comesFrom − goesTo, g; 0 but for rounding of the last digit. */
    readonly closesToG: number;
    readonly steam: readonly StageSteam[];
    readonly ended: Solution['ended'];
  };
  readonly base: BaseAccount;
  readonly salt: SaltAccount;
  readonly levels: Levels;
  /** Cooked moisture aimed at, wet basis %. */
  readonly target: { readonly low: number; readonly aim: number; readonly high: number };
  /** Cooked moisture this pour gives, wet basis %, and its place on the five-step scale. */
  readonly comesOut: { readonly moisture: number; readonly texture: number };
  /** Pours in ml at which the grain leaves the wanted texture, and the whole scale. */
  readonly window: {
    readonly hardMl: number;
    readonly lowMl: number;
    readonly highMl: number;
    readonly mushMl: number;
  };
  /** What rules of thumb would pour here. */
  readonly rules: readonly RuleAnswer[];
  /** The rule that is held to, and what the account would have poured, ml. */
  readonly held?: { readonly rule: Rule; readonly accountMl: number };
  readonly doubt: Doubt;
  readonly boil: Boil;
  readonly grainG: number;
  readonly portions: number;
  /** Pots that each get this answer. */
  readonly pots: number;
  /** The stages the account was made for, with the times this pot needs. */
  readonly stages: readonly Stage[];
  /** The same pot with twice of everything: why the pour does not double. */
  readonly doubled: { readonly pourMl: number; readonly ratio: number; readonly steamG: number };
  readonly warnings: readonly Warning[];
}

/** keepBy is rounded up to this, ml: nobody heats 3 ml. */
const KEEP_BY_STEP_ML = 10;
/** A top-up smaller than this is not measured, it is nothing, g. */
const LEAST_POUR_G = 10;

/**
 * The one number, and everything it rests on.
 *
 * pour = absorbed + steamLost + heldByOthers + drunkByOthers − broughtIn − clinging (g of water), for the
 * middle of the wanted texture, or by the rule that is held to; see docs/model.md. Deterministic; the input is
 * not changed; the answer is frozen.
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
  const free = solvePour(plan, target.aim);
  const cold = free.steam.find((s) => !s.boils);
  if (cold) return fail([neverBoils(plan, cold.stageId)]);
  const broughtG = total(free.terms.filter((t) => t.side === 'comesFrom'));
  const solution = heldSolution(plan, free, broughtG);
  const pours = poursOf(plan, solution.pourWaterG);
  const pour = pours.at(-1) ?? pourOf(plan.pourWith, solution.pourWaterG);
  const liquidG = Math.max(0, solution.pourWaterG) + broughtG;
  const absorbed = solution.terms.find((t) => t.kind === 'absorbed')?.g ?? 0;
  const filling = { liquidMl: liquidG, broughtMl: broughtG, grainCookedG: plan.grainG + absorbed };
  const standing = levels(plan, filling);
  const tooFull = doesNotFit(plan, standing);
  if (tooFull) return fail([tooFull]);
  const steamG = solution.steam.reduce((sum, s) => sum + s.g, 0);
  const parts = pours.map((p) => ({ ...p, saltPer100G: saltOf(plan, p) }));
  const salt = saltAccount(plan, { parts, steamG, liquidG });
  const { boil } = surroundings(plan);
  const doubt = doubtOf(plan, solution, target.aim);
  const window = windowOf(plan, free, pours);
  const verdict = verdictOf(solution.pourWaterG, window);
  const ways = solution.pourWaterG < 0 && verdict === 'tooMuch' ? waysOut(plan, free.pourWaterG) : undefined;
  const nowMl = pour.ml * (1 - plan.laterShare);
  return ok(
    deepFreeze({
      pour,
      pours,
      verdict,
      additions: { nowMl, laterMl: pour.ml - nowMl },
      ...(ways === undefined ? {} : { waysOut: ways }),
      keepBy: keepBy(pour, plan, doubt.g),
      account: accountOf(solution, pours),
      base: baseAccount(plan),
      salt,
      levels: standing,
      target,
      comesOut: { moisture: solution.moisture, texture: textureOf(plan, solution.moisture) },
      window,
      rules: otherRules(plan, free, broughtG),
      ...(plan.holdTo === undefined
        ? {}
        : { held: { rule: plan.holdTo, accountMl: pourOf(plan.pourWith, free.pourWaterG).ml } }),
      doubt,
      boil,
      grainG: plan.grainG,
      portions: plan.portions,
      pots: plan.pots,
      stages: withTimes(plan, solution),
      doubled: doubledOf(plan, pour),
      warnings: warningsFor(plan, { solution, levels: standing, salt, boil, liquidG, waysOut: ways }),
    }),
  );
}

/** By the account, or by the rule the cook holds to: then the grain gets what that pour leaves for it. */
function heldSolution(plan: CompletePlan, free: Solution, broughtG: number): Solution {
  if (plan.holdTo === undefined) return free;
  const waterG = ruleWaterG(plan, plan.holdTo, broughtG);
  const held = solvePour(plan, moistureFor(plan, waterG, free));
  const goes = total(held.terms.filter((t) => t.side === 'goesTo'));
  const missing = held.pourWaterG - waterG;
  if (Math.abs(missing) < 1) return held;
  // A pot this dry burns before anything has had its share: what little there is, is shared out.
  const share = Math.max(0, (goes - missing) / goes);
  const terms = held.terms.map((t) => (t.side === 'goesTo' ? { ...t, g: t.g * share } : t));
  return { ...held, terms, pourWaterG: waterG };
}

/** The base is too much when with nothing poured the grain still leaves the wanted texture on the wet side. */
function verdictOf(waterG: number, window: Answer['window']): Answer['verdict'] {
  if (window.highMl < 0) return 'tooMuch';
  return waterG < LEAST_POUR_G ? 'nothing' : 'pour';
}

function pourOf(liquid: Ingredient, waterG: number): Pour {
  const g = (waterG * 100) / liquid.water;
  return { ingredientId: liquid.id, g, ml: g / liquid.densityGPerMl, waterG };
}

/** All there is of the first liquid, and the rest of the other; one part when there is enough of the first. */
function poursOf(plan: CompletePlan, waterG: number): readonly Pour[] {
  const { pourWith, pourMostG } = plan;
  const most = pourMostG === undefined ? Infinity : (pourMostG * pourWith.water) / 100;
  if (waterG <= most) return [pourOf(pourWith, waterG)];
  return [pourOf(pourWith, most), pourOf(plan.thenWith, waterG - most)];
}

const saltOf = (plan: CompletePlan, pour: Pour): number =>
  (pour.ingredientId === plan.pourWith.id ? plan.pourWith : plan.thenWith).salt;

function accountOf(solution: Solution, pours: readonly Pour[]): Answer['account'] {
  const poured: Term[] = pours.map((pour, i) => ({
    id: i === pours.length - 1 ? 'pour' : `pour.${i.toString()}`,
    kind: 'pour',
    side: 'comesFrom',
    g: pour.waterG,
    of: pour.ingredientId,
    inputs: { liquidG: pour.g, liquidMl: pour.ml },
  }));
  const terms = [...poured, ...solution.terms];
  const closesToG =
    total(terms.filter((t) => t.side === 'comesFrom')) - total(terms.filter((t) => t.side === 'goesTo'));
  return { terms, closesToG, steam: solution.steam, ended: solution.ended };
}

const liquidOf = (plan: CompletePlan, pour: Pour): Ingredient =>
  pour.ingredientId === plan.pourWith.id ? plan.pourWith : plan.thenWith;

function keepBy(pour: Pour, plan: CompletePlan, sigmaG: number): Answer['keepBy'] {
  const liquid = liquidOf(plan, pour);
  const liquidMl = (sigmaG * 100) / liquid.water / liquid.densityGPerMl;
  const ml = Math.max(KEEP_BY_STEP_ML, Math.ceil(liquidMl / KEEP_BY_STEP_ML) * KEEP_BY_STEP_ML);
  return { ml, g: ml * liquid.densityGPerMl };
}

/**
 * Steam hardly moves over the texture scale (a longer way to the boil), so the solved pot's own is kept. Where a
 * first liquid is fixed the window is of the one that is open.
 */
function windowOf(plan: CompletePlan, free: Solution, pours: readonly Pour[]): Answer['window'] {
  const shift = shiftOf(plan);
  const dry = dryMatter(plan.grain, plan.grainG);
  const liquid = pours.length > 1 ? plan.thenWith : plan.pourWith;
  const fixedG = pours.length > 1 ? (pours[0]?.waterG ?? 0) : 0;
  const at = (moisture: number): number =>
    pourOf(liquid, free.pourWaterG - fixedG + dry * (dryBasis(moisture) - dryBasis(free.moisture))).ml;
  const { low, high } = targetMoisture(plan, plan.texture);
  return {
    hardMl: at(TEXTURE_BANDS[1][0] + shift),
    lowMl: at(low),
    highMl: at(high),
    mushMl: at(TEXTURE_BANDS[5][0] + shift),
  };
}

/** Stages that end on something seen get the minutes this pot needs for it. */
function withTimes(plan: CompletePlan, solution: Solution): readonly Stage[] {
  return plan.stages.map((stage) => {
    const found = solution.steam.find((s) => s.stageId === stage.id);
    if (!found || stage.end.kind === 'minutes') return stage;
    return { ...stage, end: { ...stage.end, expectMin: Math.max(1, Math.round(found.minutes)) } };
  });
}

function doubledOf(plan: CompletePlan, pour: Pour): Answer['doubled'] {
  const twice: CompletePlan = {
    ...plan,
    grainG: plan.grainG * 2,
    sauceLeftG: plan.sauceLeftG * 2,
    base: {
      ...(plan.base.weighsG === undefined ? {} : { weighsG: plan.base.weighsG * 2 }),
      ...(plan.base.ladleOutG === undefined ? {} : { ladleOutG: plan.base.ladleOutG * 2 }),
    },
    ...(plan.pourMostG === undefined ? {} : { pourMostG: plan.pourMostG * 2 }),
    ingredients: plan.ingredients.map((i) => ({ ...i, g: i.g * 2 })),
  };
  const solution = solvePour(twice);
  const pourMl = poursOf(twice, solution.pourWaterG).at(-1)?.ml ?? 0;
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

function doesNotFit(plan: CompletePlan, standing: Levels): PlanProblem | undefined {
  const underPressure = plan.stages.some((s) => s.lid === 'pressure');
  const { volumeMl } = plan.vessel;
  const over = underPressure ? standing.fullShare > standing.mostShare : standing.needsMl > volumeMl;
  if (!over) return undefined;
  const roundUp = (ml: number): number => Math.ceil(ml / 100) * 100;
  const share = underPressure ? standing.fullShare / standing.mostShare : standing.needsMl / volumeMl;
  const values = {
    holdsMl: volumeMl,
    needsMl: roundUp(standing.needsMl),
    percent: Math.round(standing.fullShare * 100),
    largestG: Math.floor(standing.largestGrainG / 10) * 10,
    pots: Math.ceil(share) * plan.pots,
  };
  return { field: 'vessel.volumeMl', code: underPressure ? 'overHalf' : 'tooSmall', values };
}
