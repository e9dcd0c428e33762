import { advisedMl } from '../compute/account/answer.js';
import { completePlan } from '../plan/input/completePlan.js';
import { STEP_POINTS } from '../basics/grain/texture.js';
import { learntInto } from '../plan/derived/learntInto.js';
import type { PlanInput } from '../plan/input/planInput.js';
import { cookedFromEvents, type CookedFromEvents, type PotEvents } from './cookedFromEvents.js';
import { pointsOfShare } from './learntOf.js';
import type { HiddenKind } from './hidden.js';
import type { Evidence } from './belief.js';
import { potOf, type MadeWith } from './potOf.js';
import { OF_GRAIN, OF_WATER, POT_TO_POT_NOISE, VERDICT_NOISE } from './noise.js';

/** How a pot came out, as it was judged. */
export interface Judged {
  readonly input: PlanInput;
  /** Liquid poured in all, as ml of the liquid that is poured first. */
  readonly pouredMl: number;
  /** 1 hard to 5 mushy; 3 as wanted. */
  readonly texture: 1 | 2 | 3 | 4 | 5;
  /** True for a pot that always comes out so. */
  readonly known?: boolean;
}

/** A judged pot of the notebook, with what it was made with and what was said of it at the stove. */
export interface JudgedPot extends Judged, MadeWith, Pick<PotEvents, 'stages' | 'taps'> {
  readonly cookId: string;
  readonly atMs: number;
  /** Where two liquids were poured: the first, ml, and what a millilitre of the second is in millilitres of the first. */
  readonly before?: { readonly ml: number; readonly openShare: number };
}

/** The ends of the scale are open: they say "at least", and less surely how far. */
const END_NOISE = 1.9;
/** A pot that always comes out right is told to a fifth of a step †. */
const KNOWN_NOISE = 0.55;
/** The slope of the pour is taken over this many points. */
const SLOPE_POINTS = 1;
/** A pot further from its plan than this is not the plan's pot, points. */
const MOST_POINTS = 9;
/** No pour is asked for further out. */
const FURTHEST_POINTS = 14;
/** What was done at the stove is told to this share of what it changes †. */
const DONE_SHARE = 0.3;
/** Two readings of a kitchen scale, and what drips: of the steam between them, g and as a share †. */
const SCALE_G = 6;
const DRIPS = 0.05;
/** What was seen says this much less than the kitchens make of it: they do not know everything †. */
const SEEN_SHARE = 1.5;
const SEEN_LEAST_SD = 0.6;

/** What is seen is not a matter of taste. */
const OF_SEEN: readonly HiddenKind[] = ['kind', 'bag', 'lid', 'pot', 'method', 'base', 'dish'];

type Said = Pick<Evidence, 'points' | 'sd' | 'sure'>;

/**
 * What a judged pot says its grain wanted beyond what its kind does, in points of moisture: what was poured against what would
 * have been advised with nothing learnt, and how far from "as wanted" it came out.
 * @returns undefined where its plan cannot be answered, or nothing was poured into it
 * @example evidenceFromVerdict({ input, pouredMl: 950, texture: 3 })?.points
 */
export function evidenceFromVerdict(judged: Judged): Said | undefined {
  const slope = slopeOf(judged.input);
  return slope && verdictOf(judged, slope);
}

interface Slope {
  /** Advised with nothing learnt, ml, and what a point more would be. */
  readonly firstMl: number;
  readonly perPoint: number;
  /** Advised where the grain is known to stand some points higher, ml. */
  readonly mlAt: (points: number) => number;
}

function slopeOf(input: PlanInput): Slope | undefined {
  // No rule and no leaning of the cook's. What is learnt moves what is aimed at and nothing else of a plan: it is read once.
  const { holdTo, leanMl, ...plain } = input;
  const made = completePlan(learntInto(plain, { points: 0, spread: 1 }));
  if (!made.ok) return undefined;
  const firstMl = advisedMl(made.value);
  const more = advisedMl({ ...made.value, learntPoints: SLOPE_POINTS });
  if (firstMl === undefined || more === undefined) return undefined;
  const perPoint = (more - firstMl) / SLOPE_POINTS;
  const mlAt = (points: number): number =>
    advisedMl({ ...made.value, learntPoints: points }) ?? firstMl + perPoint * points;
  return perPoint > 0 ? { firstMl, perPoint, mlAt } : undefined;
}

/** Steps of the secant method; it is within a hundredth of a point by then. */
const SECANTS = 4;
/** Closer to its plan than this the pour is linear in points. */
const STRAIGHT_POINTS = 0.5;

/** Points a grain stands higher that is advised this pour: water and points do not go straight far from the plan. */
function pointsOfPour(ml: number, { firstMl, perPoint, mlAt }: Slope): number {
  let points = (ml - firstMl) / perPoint;
  if (Math.abs(points) < STRAIGHT_POINTS) return points;
  let [before, beforeMl] = [0, firstMl];
  for (let i = 0; i < SECANTS; i += 1) {
    points = Math.max(-FURTHEST_POINTS, Math.min(FURTHEST_POINTS, points));
    const here = mlAt(points);
    const slope = (here - beforeMl) / (points - before);
    if (!(slope > 0) || here === ml) break;
    [before, beforeMl] = [points, here];
    points += (ml - here) / slope;
  }
  return points;
}

function verdictOf(judged: Judged, slope: Slope, wetter = 0): Said | undefined {
  const { pouredMl, texture, known = false } = judged;
  if (pouredMl <= 0) return undefined;
  const points = pointsOfPour(pouredMl, slope) + wetter - (texture - 3) * STEP_POINTS;
  const told = known ? KNOWN_NOISE : texture === 1 || texture === 5 ? END_NOISE : VERDICT_NOISE;
  const said = {
    points: Math.max(-MOST_POINTS, Math.min(MOST_POINTS, points)),
    sd: Math.hypot(told, DONE_SHARE * wetter),
  };
  return known ? { ...said, sure: true } : said;
}

/** What a judged pot says, and what it would have wanted. */
export interface PotEvidence {
  readonly evidence: readonly Evidence[];
  /** What would have been poured, had its verdict been known, ml of the liquid whose amount is open. */
  readonly wantedMl: number;
}

/**
 * Everything a judged pot says: its verdict, of the pot as it went; what the scale says of its steam; and what was seen when.
 * Where it was weighed, the water is told by the scale and the verdict is left to speak of the grain.
 * @returns undefined where its plan cannot be answered, or nothing was poured into it
 * @example evidenceFromPot({ cookId: 'a', atMs: 0, input, pouredMl: 950, texture: 3, stages: [], taps: [] })?.wantedMl
 */
export function evidenceFromPot(pot: JudgedPot): PotEvidence | undefined {
  const { input, stages, taps, pouredMl, cookId, atMs } = pot;
  const { bagId = null, vesselId = null, hobId = null, dishId = null, by = null } = pot;
  const made = potOf(input, { bagId, vesselId, hobId, dishId, by });
  const plain = learntInto(input);
  const slope = slopeOf(plain);
  const went = slope && cookedFromEvents({ input: plain, stages, taps, pouredMl });
  const poured = { ...pot, pouredMl: pouredMl + (went?.addedMl ?? 0) };
  // A record of a pot that was never cooked so, tapped through in a minute, says nothing of its steam.
  const wetter = Math.abs(went?.wetterPoints ?? 0) > MOST_POINTS ? 0 : (went?.wetterPoints ?? 0);
  const whole = slope && verdictOf(poured, slope, wetter);
  if (!slope || !whole) return undefined;
  const as = (said: Said, of?: readonly HiddenKind[]): Evidence => ({
    ...{ cookId, atMs, ...made },
    ...said,
    ...(of ? { of } : {}),
  });
  // What was poured and came out just right is the way this dish is made, however far from the table.
  const pouredPoints = pointsOfPour(poured.pouredMl, slope) + wetter;
  const verdict = {
    points: pouredPoints - (pot.texture - 3) * STEP_POINTS,
    pouredPoints,
    isRight: pot.texture === 3,
  };
  const water = waterOf(went, slope);
  const seen = seenOf(went);
  const more = seen ? [as(seen, OF_SEEN)] : [];
  const { ml: beforeMl, openShare } = pot.before ?? { ml: 0, openShare: 1 };
  const wantedMl = Math.max(0, (slope.mlAt(whole.points) - beforeMl) / openShare);
  if (!water || whole.sure === true) return { evidence: [{ ...as(whole), verdict }, ...more], wantedMl };
  // What the scale told of the water is not asked of the verdict again.
  const ofGrain = { points: whole.points - water.points, sd: Math.hypot(whole.sd, POT_TO_POT_NOISE) };
  return { evidence: [{ ...as(ofGrain, OF_GRAIN), verdict }, as(water, OF_WATER), ...more], wantedMl };
}

/** What the scale says: how much more steam went than the plan's pot lets go, as what that is of its pour. */
function waterOf(went: CookedFromEvents | undefined, { perPoint }: Slope): Said | undefined {
  const { byScaleG, expectedG } = went?.steamed ?? { byScaleG: -1, expectedG: 0 };
  // Lighter by nothing, or by more than any pot steams, is another pot or another scale.
  if (byScaleG < 0 || byScaleG > MOST_STEAM * expectedG + MOST_STEAM_G) return undefined;
  const readG = Math.hypot(SCALE_G, DRIPS * byScaleG);
  return { points: (byScaleG - expectedG) / perPoint, sd: Math.hypot(readG / perPoint, POT_TO_POT_NOISE) };
}
/** No pot steams away more than this many times what is expected plus this many grams unnoticed †. */
const MOST_STEAM = 3;
const MOST_STEAM_G = 100;

/** What was seen, and when, says of what the grain wants: what it adds to what was thought before. */
function seenOf(went: CookedFromEvents | undefined): Said | undefined {
  const { wants } = went ?? {};
  if (!wants || wants.spread <= 0 || wants.spread >= 0.95 * wants.before) return undefined;
  const [found, before] = [1 / wants.spread ** 2, 1 / wants.before ** 2];
  const added = found - before;
  const mean = (wants.mean * found - before) / added;
  const sd = Math.max(SEEN_LEAST_SD, SEEN_SHARE * pointsOfShare(1 / Math.sqrt(added)));
  const points = pointsOfShare(Math.max(0.5, mean) - 1);
  return { points: Math.max(-MOST_POINTS, Math.min(MOST_POINTS, points)), sd };
}
