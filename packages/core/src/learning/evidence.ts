import { answerPlan } from '../account/answer.js';
import { completePlan } from '../plan/completePlan.js';
import { STEP_POINTS } from '../grain/texture.js';
import { learntInto } from '../plan/learntInto.js';
import type { PlanInput } from '../plan/planInput.js';

/** How a pot came out, as it was judged. */
export interface Judged {
  readonly input: PlanInput;
  /** Liquid poured in all, ml of what the plan pours: what went in on the way too, less what came out. */
  readonly pouredMl: number;
  /** 1 hard to 5 mushy; 3 as wanted. */
  readonly texture: 1 | 2 | 3 | 4 | 5;
  /** True for a pot that always comes out so. */
  readonly known?: boolean;
}

/** What a verdict is told to, points: half a step either way, and a tooth that is not sure of it †. */
const VERDICT_SD = 1.25;
/** The ends of the scale are open: they say "at least", and less surely how far. */
const END_SD = 1.9;
/** A pot that always comes out right is told to a fifth of a step †. */
const KNOWN_SD = 0.55;
/** The slope of the pour is taken over so many points. */
const SLOPE_POINTS = 1;
/** Further from its plan than this a pot was another pot, points. */
const MOST_POINTS = 9;

/**
 * What a judged pot says its grain wanted beyond what its kind does, in points of moisture: what was poured against what would
 * have been advised with nothing learnt, and how far from "as wanted" it came out.
 * @returns undefined where its plan cannot be answered, or nothing was poured into it
 * @example evidenceOf({ input, pouredMl: 950, texture: 3 })?.points
 */
export function evidenceOf({
  input,
  pouredMl,
  texture,
  known,
}: Judged): { readonly points: number; readonly sd: number; readonly sure?: boolean } | undefined {
  const first = pouredFor(input, 0);
  const more = pouredFor(input, SLOPE_POINTS);
  if (first === undefined || more === undefined || pouredMl <= 0) return undefined;
  const perPoint = (more - first) / SLOPE_POINTS;
  if (!(perPoint > 0)) return undefined;
  const points = (pouredMl - first) / perPoint - (texture - 3) * STEP_POINTS;
  const sd = known === true ? KNOWN_SD : texture === 1 || texture === 5 ? END_SD : VERDICT_SD;
  const said = { points: Math.max(-MOST_POINTS, Math.min(MOST_POINTS, points)), sd };
  return known === true ? { ...said, sure: true } : said;
}

/** What would be advised with so many points learnt and no rule or leaning of the cook's, ml. */
function pouredFor(input: PlanInput, learntPoints: number): number | undefined {
  const { holdTo, leanMl, ...plain } = input;
  const made = completePlan(learntInto(plain, { points: learntPoints, spread: 1 }));
  if (!made.ok) return undefined;
  const found = answerPlan(made.value);
  return found.ok && found.value.verdict === 'pour' ? found.value.pour.ml : undefined;
}
