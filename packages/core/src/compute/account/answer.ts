import { beforeLiquid } from '../acts/beforeLiquid.js';
import { deepFreeze, fail, lazily, ok, type Result } from '../../basics/result.js';
import type { Boil } from '../../basics/heat/atmosphere.js';
import type { Stage } from '../../basics/method/stage.js';
import { baseAccount, type BaseAccount } from '../../plan/input/base.js';
import { completePlan } from '../../plan/input/completePlan.js';
import { doubtOf, type Doubt } from './doubt.js';
import { targetMoisture, textureOf } from '../../basics/grain/texture.js';
import { levels, type Levels } from './levels.js';
import type { CompletePlan, PlanInput, Rule } from '../../plan/input/planInput.js';
import {
  keepBy,
  LEAST_POUR_G,
  pourOf,
  poursOf,
  saltOf,
  verdictOf,
  windowOf,
  type Pour,
  type Verdict,
  type Window,
} from './pours.js';
import type { PlanProblem } from '../../plan/input/problem.js';
import { doesNotFit, neverBoils } from './refusals.js';
import { otherRules, ruleAnswer, ruleWaterG, type RuleAnswer } from './rules.js';
import { saltAccount, type SaltAccount } from './salt.js';
import { moistureFor, solvePour, type Solution } from './solvePour.js';
import type { StageSteam } from './steamWalk.js';
import { scaleComplete } from '../../plan/input/scalePlan.js';
import { surroundings } from '../../plan/input/surroundings.js';
import { total, type Term } from './term.js';
import { warningsFor, type Warning } from './warnings.js';
import { waysOut, type WaysOut } from './waysOut.js';

/** What to pour, what to keep by, the account behind both, and what to watch. */
export interface Answer {
  /** The liquid whose amount was open: the last of `pours`. */
  readonly pour: Pour;
  /** Everything that is poured, in order: all the stock there is, then water. */
  readonly pours: readonly Pour[];
  /** Whether to pour at all: `nothing` when the base is enough, `tooMuch` when it brings more than that. */
  readonly verdict: Verdict;
  /** The last liquid in two additions, ml; `laterMl` is 0 when all goes in at once, and a share of everything poured. */
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
  readonly window: Window;
  /** What the cook usually pours, and what would come of it here; where that was said. */
  readonly usual?: RuleAnswer;
  /** What rules of thumb would pour here. */
  readonly rules: readonly RuleAnswer[];
  /** The rule that is held to, and what the account would have poured, ml. */
  readonly held?: { readonly rule: Rule; readonly accountMl: number };
  /** What the account would have poured, ml, where the cook pours beside it. */
  readonly leans?: { readonly accountMl: number };
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

/**
 * The one number, and everything it rests on.
 *
 * pour = absorbed + steamLost + heldByOthers + drunkByOthers − broughtIn − clinging (g of water), for the
 * middle of the wanted texture, or by the rule that is held to; see docs/model.md. Deterministic; the input is
 * not changed; the answer is frozen.
 * @param input a plan in plain numbers and ids of the larder
 * @returns the answer, or every problem of the plan at its field. Never throws.
 * @example answer(input).value.verdict // 'pour'
 */
export function answer(input: PlanInput): Result<Answer, readonly PlanProblem[]> {
  const complete = completePlan(input);
  return complete.ok ? answerPlan(complete.value) : complete;
}

/**
 * The answer to a plan that has already been completed.
 * @example answerPlan(plan).value.verdict // 'pour'
 */
export function answerPlan(plan: CompletePlan): Result<Answer, readonly PlanProblem[]> {
  const solved = solvedPlan(plan);
  return solved.ok ? ok(deepFreeze(answered(plan, solved.value), LAZY)) : solved;
}

/**
 * What is advised in all, as ml of the liquid that is poured first, and nothing else of the answer: a fifth of its work, for a
 * caller that asks of thousands of pots.
 * @returns undefined where nothing is to be poured, or the plan cannot be cooked
 * @example advisedMl(plan) // 512
 */
export function advisedMl(plan: CompletePlan): number | undefined {
  const solved = solvedPlan(plan);
  if (!solved.ok) return undefined;
  const { free, solution, pours } = solved.value;
  if (solution.pourWaterG < LEAST_POUR_G) return undefined;
  // What the account itself pours lies within its own window: only a rule's pour may lie outside.
  const isPoured =
    solution === free || verdictOf(solution.pourWaterG, windowOf(plan, free, pours)) === 'pour';
  return isPoured ? pourOf(plan.pourWith, solution.pourWaterG).ml : undefined;
}

/** Fields of an answer that are worked out when they are read. */
const LAZY: ReadonlySet<string> = new Set(['rules', 'doubled']);

/** The account of a plan with its pours: what every other part of an answer stands on. */
interface Solved {
  readonly target: Answer['target'];
  /** By the account alone, whatever rule is held to. */
  readonly free: Solution;
  readonly solution: Solution;
  readonly broughtG: number;
  readonly liquidG: number;
  readonly pour: Pour;
  readonly pours: readonly Pour[];
  readonly levels: Levels;
}

function solvedPlan(plan: CompletePlan): Result<Solved, readonly PlanProblem[]> {
  const found = pouredInto(plan);
  const { free, solution, broughtG } = found;
  const cold = free.steam.find((s) => !s.boils);
  if (cold) return fail([neverBoils(plan, cold.stageId)]);
  const liquidG = Math.max(0, solution.pourWaterG) + broughtG;
  const absorbed = solution.terms.find((t) => t.kind === 'absorbed')?.g ?? 0;
  const filling = {
    liquidMl: liquidG,
    broughtMl: broughtG,
    grainCookedG: plan.grainG + absorbed,
    bedW: solution.bedW,
  };
  const standing = levels(plan, filling);
  const tooFull = doesNotFit(plan, standing);
  if (tooFull) return fail([tooFull]);
  return ok({ ...found, liquidG, levels: standing });
}

/** What goes into this pot, whether or not it can be cooked so: by the account, the rule that is held to, or beside the account. */
function pouredInto(
  plan: CompletePlan,
): Pick<Solved, 'target' | 'free' | 'solution' | 'broughtG' | 'pour' | 'pours'> {
  const target = targetMoisture(plan, plan.texture);
  const free = solvePour(plan, target.aim);
  const broughtG = total(free.terms.filter((t) => t.side === 'comesFrom'));
  const solution = heldSolution(plan, free, broughtG);
  const pours = poursOf(plan, solution.pourWaterG);
  const pour = pours.at(-1) ?? pourOf(plan.pourWith, solution.pourWaterG);
  return { target, free, solution, broughtG, pour, pours };
}

function answered(plan: CompletePlan, solved: Solved): Answer {
  const { target, free, solution, broughtG, liquidG, pour, pours, levels: standing } = solved;
  const window = windowOf(plan, free, pours);
  const verdict = verdictOf(solution.pourWaterG, window);
  const steamG = solution.steam.reduce((sum, s) => sum + s.g, 0);
  const parts = pours.map((p) => ({ ...p, saltPer100G: saltOf(plan, p) }));
  const salt = saltAccount(plan, { parts, steamG, liquidG });
  const { boil } = surroundings(plan);
  const doubt = doubtOf(plan, solution, target.aim);
  // Whatever rule is held to: a base that brings more than the grain can take has to go somewhere.
  const ways = verdict === 'tooMuch' && free.pourWaterG < 0 ? waysOut(plan, free.pourWaterG) : undefined;
  const laterMl = laterOf(plan, pours, pour);
  const made = {
    pour,
    pours,
    verdict,
    additions: { nowMl: pour.ml - laterMl, laterMl },
    ...(ways === undefined ? {} : { waysOut: ways }),
    keepBy: keepBy(pour, plan, doubt.g),
    account: accountOf(solution, pours),
    base: baseAccount(plan),
    salt,
    levels: standing,
    target,
    comesOut: { moisture: solution.moisture, texture: textureOf(plan, solution.moisture) },
    window,
    ...(plan.usualPourMl === undefined ? {} : { usual: ruleAnswer(plan, 'usual', free, broughtG) }),
    ...(plan.leanMl === 0 || plan.holdTo !== undefined
      ? {}
      : { leans: { accountMl: pourOf(plan.pourWith, free.pourWaterG).ml } }),
    ...(plan.holdTo === undefined
      ? {}
      : { held: { rule: plan.holdTo, accountMl: pourOf(plan.pourWith, free.pourWaterG).ml } }),
    doubt,
    boil,
    grainG: plan.grainG,
    portions: plan.portions,
    pots: plan.pots,
    stages: withTimes(plan, solution),
    warnings: warningsFor(plan, { solution, levels: standing, salt, boil, liquidG, waysOut: ways }),
  };
  // Half of the work of an answer, and most who ask for one never look at it.
  return lazily(made, {
    rules: () => otherRules(plan, free, broughtG),
    doubled: () => doubledOf(plan, pour),
  });
}

/** By the account, by the rule the cook holds to, or by as much beside the account as the cook wants: then the grain gets what that pour leaves for it. */
function heldSolution(plan: CompletePlan, free: Solution, broughtG: number): Solution {
  if (plan.holdTo === undefined && plan.leanMl === 0) return free;
  const waterG =
    plan.holdTo === undefined
      ? Math.max(0, free.pourWaterG + (plan.leanMl * plan.pourWith.densityGPerMl * plan.pourWith.water) / 100)
      : ruleWaterG(plan, plan.holdTo, free, broughtG);
  const held = solvePour(plan, moistureFor(plan, waterG, free));
  const goes = total(held.terms.filter((t) => t.side === 'goesTo'));
  const missing = held.pourWaterG - waterG;
  if (Math.abs(missing) < 1) return held;
  // A pot this dry burns before anything has had its share: what little there is, is shared out.
  const share = Math.max(0, (goes - missing) / goes);
  const terms = held.terms.map((t) => (t.side === 'goesTo' ? { ...t, g: t.g * share } : t));
  return { ...held, terms, pourWaterG: waterG };
}

/** What is kept back, ml of the last liquid: a share of everything that is poured, as far as the last liquid goes. */
function laterOf(plan: CompletePlan, pours: readonly Pour[], pour: Pour): number {
  if (pour.waterG <= 0) return 0;
  const allG = pours.reduce((sum, p) => sum + p.waterG, 0);
  return pour.ml * Math.min(1, (plan.laterShare * Math.max(pour.waterG, allG)) / pour.waterG);
}

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

/** Stages that end on something seen get the minutes this pot needs for it, on this ring. */
function withTimes(plan: CompletePlan, solution: Solution): readonly Stage[] {
  const before = beforeLiquid(plan);
  return plan.stages.map((stage) => {
    if (stage.end.kind === 'minutes') return stage;
    const dry = before.find((s) => s.stageId === stage.id);
    const found = dry ? dry.toMin - dry.fromMin : solution.steam.find((s) => s.stageId === stage.id)?.minutes;
    if (found === undefined) return stage;
    return { ...stage, end: { ...stage.end, expectMin: Math.max(1, Math.round(found)) } };
  });
}

/** The same pot with twice of everything, poured the same way: why the pour does not double. */
function doubledOf(plan: CompletePlan, pour: Pour): Answer['doubled'] {
  const { solution, pour: twice } = pouredInto(scaleComplete(plan, 2));
  const steamG = solution.steam.reduce((sum, s) => sum + s.g, 0);
  return { pourMl: twice.ml, ratio: pour.ml === 0 ? 0 : twice.ml / pour.ml, steamG };
}
