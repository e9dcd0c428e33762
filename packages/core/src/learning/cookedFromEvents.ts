import type { CompletePlan, PlanInput } from '../plan/input/planInput.js';
import { completePlan } from '../plan/input/completePlan.js';
import type { Stage } from '../basics/method/stage.js';
import { pointOf } from '../compute/odds/sample.js';
import { spreadsOf } from '../compute/odds/doubts.js';
import { learnSigns, type Cooked } from '../compute/pot/cook.js';
import { finishPot, readPot, startPot } from '../compute/pot/live.js';
import { setupOf } from '../compute/pot/setup.js';
import { stretchesFromRun } from '../compute/stove/stretchesFromRun.js';
import { effectiveTaps } from '../compute/stove/effective.js';
import { potFromStretches } from '../compute/stove/potFromStretches.js';
import { effectiveOf, samplesFromStretches, knownOf } from '../compute/stove/potSamples.js';
import { runFromTaps } from '../compute/stove/runFromTaps.js';
import type { Tap } from '../compute/stove/tap.js';
import { broughtMl, effectOf } from '../compute/stove/tapEffects.js';

/** A pot with all that was said and done at the stove. */
export interface PotEvents {
  readonly input: PlanInput;
  readonly stages: readonly Stage[];
  readonly taps: readonly Tap[];
  /** Liquid poured when it was time to, ml of what the plan pours. */
  readonly pouredMl: number;
}

/** What the stove tells of a pot, beside how it came out. */
export interface CookedFromEvents {
  /** Points its grain ended wetter than by its plan: splashes, minutes, lids and rings as they were. */
  readonly wetterPoints: number;
  /** What went in on the way less what came out, ml, where the stages were not tapped through and nothing could be cooked. */
  readonly addedMl: number;
  /** Steam that went between the first and the last weighing, g: by the scale, and by the plan's pot through the same acts. */
  readonly steamed?: { readonly byScaleG: number; readonly expectedG: number };
  /** What its grain wants as a share of its kind, from when what was seen; undefined where nothing was. */
  readonly wants?: { readonly mean: number; readonly spread: number; readonly before: number };
}

/** Kitchens that are followed, the least that have to be left, and the seed they are drawn with. */
const DRAWS = 60;
const LEAST_LEFT = 6;
const SEED = 20_261;

/**
 * What was done and seen at the stove, told by the plan's own pot cooked through the same acts at the same times.
 * @returns undefined where nothing was done but the plan, and nothing seen or weighed; or where the plan cannot be cooked
 * @example cookedFromEvents({ input, stages, taps: [], pouredMl: 500 }) // undefined
 */
export function cookedFromEvents({ input, stages, taps, pouredMl }: PotEvents): CookedFromEvents | undefined {
  const effective = effectiveTaps(taps);
  const isChanged = effective.some((t) => effectOf(t.kind).isOther === true);
  const weighings = effective.filter((t) => t.kind === 'weighs').sort((a, b) => a.atMs - b.atMs);
  const isSeen = effective.some((t) => effectOf(t.kind).evidence === 'when');
  if (!isChanged && weighings.length < 2 && !isSeen) return undefined;
  const made = completePlan(input);
  if (!made.ok) return undefined;
  const plan = made.value;
  learnSigns(plan);
  const pourG = pouredMl * perMl(plan);
  const until = (atMs: number, without?: Tap['kind']) => {
    const run = runFromTaps(
      stages,
      effective.filter((t) => t.atMs <= atMs && t.kind !== without),
    );
    return stretchesFromRun(plan, run, atMs);
  };
  const endMs = Math.max(...effective.map((t) => t.atMs));
  const isDone = runFromTaps(stages, effective).phase === 'finished';
  const added = isDone ? 0 : netMl(effective);
  return {
    addedMl: added,
    wetterPoints: isChanged && isDone ? wetter(plan, pourG, until(endMs)) : 0,
    ...steamedOf(weighings, effective, pourG, perMl(plan), until),
    ...(isSeen ? wantsOf(until(endMs, 'tasted'), pourG) : {}),
  };
}

/** What went into the pot by these taps, less what came out of it, ml of what the plan pours. */
const netMl = (taps: readonly Tap[]): number => taps.reduce((sum, tap) => sum + broughtMl(tap), 0);

type Until = (atMs: number, without?: Tap['kind']) => ReturnType<typeof stretchesFromRun>;

const perMl = ({ pourWith }: CompletePlan): number => (pourWith.water / 100) * pourWith.densityGPerMl;
const feels = (cooked: Cooked): number => pointOf(cooked).feels;

function wetter(plan: CompletePlan, pourG: number, cooked: ReturnType<typeof stretchesFromRun>): number {
  const planned = setupOf(plan);
  const setup = setupOf(cooked.plan);
  const { pot } = potFromStretches(setup, cooked, pourG);
  return feels(finishPot(setup, pot)) - feels(finishPot(planned, startPot(planned, pourG)));
}

function steamedOf(
  weighings: readonly Tap[],
  taps: readonly Tap[],
  pourG: number,
  ml: number,
  until: Until,
): Pick<CookedFromEvents, 'steamed'> {
  const [first, last] = [weighings[0], weighings.at(-1)];
  if (!first || !last || first === last) return {};
  const inG = ml * netMl(taps.filter((t) => t.atMs > first.atMs && t.atMs <= last.atMs));
  const steamAt = (atMs: number): number => {
    const cooked = until(atMs);
    const setup = setupOf(cooked.plan);
    return readPot(setup, potFromStretches(setup, cooked, pourG).pot).steamG;
  };
  return {
    steamed: {
      byScaleG: (first.amount ?? 0) - (last.amount ?? 0) + inG,
      expectedG: steamAt(last.atMs) - steamAt(first.atMs),
    },
  };
}

function wantsOf(
  cooked: ReturnType<typeof stretchesFromRun>,
  pourG: number,
): Pick<CookedFromEvents, 'wants'> {
  const kitchens = samplesFromStretches(cooked, pourG, DRAWS, SEED);
  if (effectiveOf(kitchens) < LEAST_LEFT) return {};
  const spreads = spreadsOf(cooked.plan);
  const before = Math.hypot(spreads.bag, spreads.kitchen);
  return { wants: { ...knownOf(kitchens, (k) => k.setup.truth.bag), before } };
}
