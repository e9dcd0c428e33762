import { completePlan } from '../../plan/input/completePlan.js';
import type { CompletePlan, PlanInput } from '../../plan/input/planInput.js';
import type { Stage } from '../../basics/method/stage.js';
import { Tally, worth, type Chances } from '../odds/chances.js';
import { pointOf } from '../odds/sample.js';
import { pouredWaterG } from '../course/courseFor.js';
import { learnSigns, type Cooked } from '../pot/cook.js';
import { finishPot } from '../pot/live.js';
import type { Setup } from '../pot/setup.js';
import type { Seen } from '../pot/walk.js';
import { deepFreeze } from '../../basics/result.js';
import { stretchesFromRun, type CookedStretches } from './stretchesFromRun.js';
import { clockOf, stageEndOf, lackOf, mostSeen, spanOf, type SampleEnd, type Span } from './stageEnd.js';
import {
  chanceOfLast,
  effectiveOf,
  samplesFromStretches,
  knownOf,
  representative,
  type PotSample,
  type Known,
} from './potSamples.js';
import { runFromTaps } from './runFromTaps.js';
import { candidatesFor, type Candidate, type Rescue } from './rescues.js';
import type { Tap } from './tap.js';

/** What is asked about a pot on the stove. */
export interface PotNow {
  readonly input: PlanInput;
  /** The stages it was begun with. */
  readonly stages: readonly Stage[];
  readonly taps: readonly Tap[];
  readonly nowMs: number;
  /** Liquid really poured, ml of what the plan pours; as advised without. */
  readonly pouredMl?: number;
  /** Hot liquid that stands by, ml. */
  readonly keepByMl: number;
}

/** What is thought of one pot after all that was said of it, and what to do now. */
export interface PotBelief {
  /** How it ends left alone, and with the act. */
  readonly leftAlone: Chances;
  readonly then: Chances;
  readonly act: Rescue;
  /** Minutes from now to the end of this stage in four kitchens of five; the same twice where a clock ends it. */
  readonly leftMin: Span;
  /** What most of these pots show at the end of this stage. */
  readonly expect: Seen;
  /** Against what the plan says: what the ring gives, and what the grain wants. */
  readonly ring: Known;
  readonly grainWants: Known;
  /** True where hardly any of these kitchens shows what was said last: it is worth another look. */
  readonly unlikely: boolean;
  /** How many of the kitchens still count, in whole ones. */
  readonly effective: number;
}

export interface BeliefOptions {
  readonly draws?: number;
  readonly seed?: number;
}

/** Kitchens that are followed, and those in which what can be done is tried. */
const DRAWS = 84;
const TRIED = 32;
/** Candidates are screened in every third of these samples; the best four are then tried in all of them. */
const SIFT = 3;
const SIFTED = 4;
const SEED = 20_260;
/** What was said last is worth another look where it came less often than this. */
const UNLIKELY = 0.07;
/**
 * An act is advised from this gain on: less than that is noise, and a lid lifted for nothing. A pot that stands well is left
 * alone sooner: by so much more of what it stands at †.
 */
const LEAST_GAIN = 0.1;
const LEFT_ALONE = 0.1;
/**
 * What is thought of a pot on the stove: the odds' kitchens, each cooked through what was done and weighed by what was
 * said and when; and the act that ends best in those that are left. The same taps give the same belief, in whatever order
 * they arrive.
 * @returns undefined where the plan cannot be cooked
 * @example beliefOf({ input, stages, taps: [], nowMs: 0, keepByMl: 100 })?.act.kind // 'none'
 */
export function beliefOf(
  pot: PotNow,
  { draws = DRAWS, seed = SEED }: BeliefOptions = {},
): PotBelief | undefined {
  const made = completePlan(pot.input);
  if (!made.ok) return undefined;
  const plan: CompletePlan = made.value;
  const perMl = (plan.pourWith.water / 100) * plan.pourWith.densityGPerMl;
  const pourG = pot.pouredMl === undefined ? pouredWaterG(plan) : pot.pouredMl * perMl;
  const run = runFromTaps(pot.stages, pot.taps);
  learnSigns(plan);
  const cooked = stretchesFromRun(plan, run, pot.nowMs);
  const kitchens = samplesFromStretches(cooked, pourG, draws, seed);
  // Stretches stand for stages one to one: the pot is in the first that is not over, or after all of them.
  const index = cooked.stretches.filter((s) => s.isOver).length;
  const tasted = lastTasted(pot.taps);
  return deepFreeze(thought(kitchens, cooked, { keepG: pot.keepByMl * perMl, perMl, index, tasted }));
}

interface Around {
  readonly keepG: number;
  readonly perMl: number;
  readonly index: number;
  readonly tasted: Tasted;
}
type Tasted = 'firm' | 'soft' | undefined;

/** What the cook called this pot when it was tasted last: a tooth says better than any table what is right here. */
function lastTasted(taps: readonly Tap[]): Tasted {
  const undone = new Set(taps.map((t) => t.undoesId));
  const said = taps.findLast((t) => t.kind === 'tasted' && !undone.has(t.id))?.said;
  return said === 'hard' || said === 'nearly' ? 'firm' : said === 'soft' ? 'soft' : undefined;
}
/** An act has to save so many more pots, and be worth it; a pot that is lost takes whatever makes it better. */
const isBetter = (then: Chances, plain: Chances): boolean =>
  worth(then) >= worth(plain) + LEAST_GAIN &&
  (isLost(plain) || then.asWanted >= (1 + LEFT_ALONE) * plain.asWanted + LEAST_GAIN);

function thought(kitchens: readonly PotSample[], cooked: CookedStretches, around: Around): PotBelief {
  const { plan } = cooked;
  const alone = new Tally(plan, around.tasted);
  const ends: SampleEnd[] = [];
  for (const { setup, pot, weight } of kitchens) {
    const end = finishPot(setup, pot);
    const point = pointOf(end);
    alone.add(weight, point);
    ends.push({ ...stageEndOf(end, plan.stages[pot.stageIndex], pot), ...point, weight });
  }
  const leftAlone = alone.chances();
  const few = representative(kitchens, TRIED);
  const unlikely = chanceOfLast(kitchens) < UNLIKELY;
  // What cannot be believed yet is looked at again before anything is done about it.
  const { act, gain, then, tried } = unlikely
    ? { act: { kind: 'none' } as const, gain: leftAlone, then: leftAlone, tried: 0 }
    : best(few, cooked, { ...around, lacksG: lackOf(ends, plan) });
  return {
    leftAlone,
    then: act.kind === 'none' ? leftAlone : moved(leftAlone, gain, then),
    act:
      act.kind === 'none' && tried > 0 && isLost(leftAlone) ? { kind: 'lost', as: lostAs(leftAlone) } : act,
    leftMin: spanOf(ends, clockOf(cooked, around.index)),
    expect: mostSeen(ends),
    ring: knownOf(kitchens, (k) => k.setup.truth.power),
    grainWants: knownOf(kitchens, (k) => k.setup.truth.bag),
    unlikely,
    effective: effectiveOf(kitchens),
  };
}

/** The best that can be done: what it gains in the few kitchens it was tried in, of how many acts. */
interface Best {
  readonly act: Rescue;
  readonly gain: Chances;
  readonly then: Chances;
  readonly tried: number;
}

/** Tries what can be done in the same few kitchens; nothing where nothing gains enough. */
function best(
  few: readonly PotSample[],
  cooked: CookedStretches,
  { keepG, perMl, index, lacksG, tasted }: Around & { readonly lacksG: number },
): Best {
  const plain = chancesOf(few, cooked.plan, tasted, (k) => finishPot(k.setup, k.pot));
  const { stretches } = cooked;
  const candidates = candidatesFor(cooked.plan, index, { keepG, perMl, lacksG, stretches });
  const triedIn = (kitchens: readonly PotSample[], { plan, start }: Candidate): Chances =>
    chancesOf(kitchens, plan, tasted, (k) => {
      const setup: Setup = { ...k.setup, plan };
      return finishPot(setup, start(setup, k.pot));
    });
  let found: Best = { act: { kind: 'none' }, gain: plain, then: plain, tried: candidates.length };
  let most = -Infinity;
  for (const candidate of sifted(candidates, few, triedIn)) {
    const then = triedIn(few, candidate);
    if (worth(then) <= most || !isBetter(then, plain)) continue;
    most = worth(then);
    found = { ...found, act: candidate.act, then };
  }
  return found;
}

/** The most promising of what can be done, tried in a part of the kitchens. */
function sifted(
  candidates: readonly Candidate[],
  few: readonly PotSample[],
  triedIn: (kitchens: readonly PotSample[], candidate: Candidate) => Chances,
): readonly Candidate[] {
  if (candidates.length <= SIFTED) return candidates;
  const part = few.filter((_, i) => i % SIFT === 0);
  return candidates
    .map((candidate) => ({ candidate, is: worth(triedIn(part, candidate)) }))
    .sort((a, b) => b.is - a.is)
    .slice(0, SIFTED)
    .map(({ candidate }) => candidate);
}

function chancesOf(
  few: readonly PotSample[],
  plan: CompletePlan,
  tasted: Tasted,
  cook: (k: PotSample) => Cooked,
): Chances {
  const tally = new Tally(plan, tasted);
  // After much was said a few kitchens stand for many: each is cooked once.
  const times = new Map<PotSample, number>();
  for (const kitchen of few) times.set(kitchen, (times.get(kitchen) ?? 0) + 1);
  for (const [kitchen, weight] of times) tally.add(weight, pointOf(cook(kitchen)));
  return tally.chances();
}

/** What all kitchens say, moved by what the act changes in the few it was tried in. */
function moved(all: Chances, before: Chances, after: Chances): Chances {
  const by = (key: keyof Chances): number => Math.min(1, Math.max(0, all[key] + after[key] - before[key]));
  return {
    hard: by('hard'),
    asWanted: by('asWanted'),
    tooSoft: by('tooSoft'),
    wetTop: by('wetTop'),
    caught: by('caught'),
  };
}

/** A pot that is seldom saved by anything is said to be lost, with what it is now. */
const LOST = 0.08;
const isLost = ({ asWanted }: Chances): boolean => asWanted < LOST;
const lostAs = ({ caught, tooSoft, hard }: Chances): 'caught' | 'soft' | 'hard' =>
  caught > 0.5 ? 'caught' : tooSoft >= hard ? 'soft' : 'hard';
