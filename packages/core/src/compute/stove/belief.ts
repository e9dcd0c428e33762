import { completePlan } from '../../plan/input/completePlan.js';
import type { CompletePlan, PlanInput } from '../../plan/input/planInput.js';
import { TASTED } from '../../basics/grain/texture.js';
import type { Stage } from '../../basics/method/stage.js';
import { Tally, worth, type Chances } from '../odds/chances.js';
import { pointOf } from '../odds/sample.js';
import { pouredWaterG } from '../course/courseFor.js';
import { learnSigns, type Cooked } from '../pot/cook.js';
import { advancePot, endStage, finishPot, readPot, type LivePot } from '../pot/live.js';
import type { Setup } from '../pot/setup.js';
import { BASE_BANDS } from '../pot/constants.js';
import { BROWN } from '../pot/state.js';
import type { Seen } from '../pot/walk.js';
import { deepFreeze } from '../../basics/result.js';
import { lastPartOf, stretchesFromRun, type CookedStretches } from './stretchesFromRun.js';
import { clockOf, stageEndOf, lackOf, mostSeen, spanOf, type SampleEnd, type Span } from './stageEnd.js';
import {
  chanceOfLast,
  effectiveOf,
  UNLIKELY,
  samplesFromStretches,
  knownOf,
  representative,
  type PotSample,
  type Known,
} from './potSamples.js';
import { runFromTaps, type RunState } from './runFromTaps.js';
import { candidatesFor, type SaidNow } from './candidates.js';
import { takenOn } from './potFromStretches.js';
import { rescueTaps, type Rescue } from './rescues.js';
import type { Tap } from './tap.js';
import { effectOf } from './tapEffects.js';
import { inOrder } from './tapOrder.js';

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
  /** True where hardly any of these kitchens shows what was said last, and nothing was before it: it is worth another look. */
  readonly unlikely: boolean;
  /** The bottom: whether it has caught already, and where it will, in how many minutes as things are. */
  readonly bottom: { readonly caughtNow: number; readonly catchesInMin: number | undefined };
  /** True where what is told of the end stands on what was seen or tasted; else it is a forecast. */
  readonly isSeen: boolean;
  /** True where it was tasted done and nothing was done to it since. */
  readonly isDone: boolean;
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
  const smells = smelt(run.said);
  const around = {
    plan,
    run,
    pot,
    index,
    perMl,
    said: { ...saidNow(run.said), burnt: smells === 'burnt' },
    smells,
  };
  return deepFreeze(thought(kitchens, cooked, around));
}

interface Around {
  readonly plan: CompletePlan;
  readonly run: RunState;
  readonly pot: PotNow;
  readonly index: number;
  readonly perMl: number;
  readonly said: SaidNow;
  readonly smells: string | undefined;
}

const LOOK: Readonly<Record<string, SaidNow['looked']>> = { soup: 'wet', wet: 'wet', dry: 'dry' };
const FOUND: Readonly<Record<string, Partial<SaidNow>>> = {
  lumps: { lumps: true },
  wetTop: { tasted: 'done', looked: 'wet' },
  hardTop: { tasted: 'hard' },
  hardBelow: { tasted: 'hard' },
};
/** What makes another pot of it: what was tasted or seen before says little of it now. */
const isAnotherPot = ({ kind }: Tap): boolean => {
  const { bringsMl, losesG } = effectOf(kind);
  return bringsMl !== undefined || losesG !== undefined;
};

/** What the cook's tooth and eye said of the pot as it is: a tooth says better than any table what is right here. */
function saidNow(said: readonly Tap[]): SaidNow {
  const since = said.slice(said.findLastIndex(isAnotherPot) + 1);
  const told = since.flatMap((t): readonly Partial<SaidNow>[] => {
    if (t.kind === 'tasted') return [{ tasted: TASTED.find((word) => word === t.said) }];
    if (t.kind === 'looked' || t.kind === 'sign') return [{ looked: LOOK[t.said ?? ''] }];
    if (t.kind === 'found') return [FOUND[t.said ?? ''] ?? {}];
    if (t.kind === 'stirred') return [{ lumps: false }];
    return [];
  });
  return Object.assign({ tasted: undefined, looked: undefined }, ...told) as SaidNow;
}
const smelt = (said: readonly Tap[]): string | undefined => said.findLast((t) => t.kind === 'smells')?.said;

/** An act must save enough more pots, and be worth its trouble; for a pot that is lost any gain is enough. */
const isBetter = (then: Chances, plain: Chances): boolean =>
  worth(then) >= worth(plain) + LEAST_GAIN &&
  (isLost(plain) || then.asWanted >= (1 + LEFT_ALONE) * plain.asWanted + LEAST_GAIN);

function thought(kitchens: readonly PotSample[], cooked: CookedStretches, around: Around): PotBelief {
  const { plan } = cooked;
  const { said, index } = around;
  const alone = new Tally(plan, said.tasted);
  const ends: SampleEnd[] = [];
  const last = plan.stages[lastPartOf(plan.stages, index)];
  for (const { setup, pot, weight } of kitchens) {
    const end = finishPot(setup, pot);
    const point = pointOf(end);
    alone.add(weight, point);
    ends.push({ ...stageEndOf(end, last, pot), ...point, weight });
  }
  const leftAlone = alone.chances();
  const few = representative(kitchens, TRIED);
  const unlikely = isSurprising(kitchens, around);
  const bottom = bottomOf(few, leftAlone, around);
  const isSeen = said.tasted !== undefined || said.looked !== undefined || around.smells !== undefined;
  // What cannot be believed yet is looked at again before anything is done about it.
  const { act, gain, then, tried } = unlikely
    ? { act: { kind: 'none' } as const, gain: leftAlone, then: leftAlone, tried: 0 }
    : best(few, cooked, around, lackOf(ends, plan));
  return {
    leftAlone,
    then: act.kind === 'none' ? leftAlone : moved(leftAlone, gain, then),
    act:
      act.kind === 'none' && (tried > 0 || said.burnt === true)
        ? whenNothingHelps(leftAlone, { bottom, isSeen, said })
        : act,
    leftMin: spanOf(ends, clockOf(cooked, index)),
    expect: mostSeen(ends),
    ring: knownOf(kitchens, (k) => k.setup.truth.power),
    grainWants: knownOf(kitchens, (k) => k.setup.truth.bag),
    unlikely,
    bottom,
    isSeen,
    isDone: said.tasted === 'done',
    effective: effectiveOf(kitchens),
  };
}

/**
 * What was said last is surprising where hardly any kitchen shows it: once. What is said twice is believed over any model, and
 * a sign that ends its stage is what was waited for.
 */
function isSurprising(kitchens: readonly PotSample[], { run }: Around): boolean {
  const observed = run.said.filter((t) => effectOf(t.kind).evidence !== undefined);
  const last = observed.at(-1);
  // A nose that smells it burnt is not asked to smell again.
  if (last === undefined || last.kind === 'sign' || last.said === 'burnt') return false;
  const before = observed.at(-2);
  const isFirst = before === undefined || last.atMs - before.atMs > AGREE_MS;
  return isFirst && chanceOfLast(kitchens) < UNLIKELY;
}
/** Two things said within this time are said of the same pot, ms: 4 min (common practice). */
const AGREE_MS = 240_000;

/** The bottom has caught where it was smelt, or where no kitchen doubts it; else it may be foretold. */
function bottomOf(few: readonly PotSample[], leftAlone: Chances, { smells }: Around): PotBelief['bottom'] {
  if (leftAlone.caught < SAID_TO_CATCH && smells !== 'burnt')
    return { caughtNow: 0, catchesInMin: undefined };
  const browned = (k: PotSample, pot: LivePot): boolean =>
    (readPot(k.setup, pot).y[BROWN] ?? 0) > BASE_BANDS.dark;
  const caughtNow = few.filter((k) => browned(k, k.pot)).length / few.length;
  if (caughtNow > SAID_TO_CATCH) return { caughtNow, catchesInMin: 0 };
  const catching = few.filter((_, i) => i % SIFT === 0);
  for (let minutes = 1; minutes <= CATCHES_WITHIN_MIN; minutes += 1) {
    const caught = catching.filter((k) => browned(k, goneOn(k, minutes))).length;
    if (caught > SAID_TO_CATCH * catching.length) return { caughtNow, catchesInMin: minutes };
  }
  return { caughtNow, catchesInMin: undefined };
}
/** A kitchen's pot after the given minutes, by the plan. */
const goneOn = ({ setup, pot }: PotSample, minutes: number): LivePot => advancePot(setup, pot, minutes);
/** From this chance on a bottom is said to have caught, or to be about to. */
const SAID_TO_CATCH = 0.5;
/** Further ahead no cook is told of it, min. */
const CATCHES_WITHIN_MIN = 30;

/** The best that can be done: what it gains in the few kitchens it was tried in, of how many acts. */
interface Best {
  readonly act: Rescue;
  readonly gain: Chances;
  readonly then: Chances;
  readonly tried: number;
}

/** Tries what can be done in the same few kitchens; nothing where nothing gains enough. */
function best(few: readonly PotSample[], cooked: CookedStretches, around: Around, lacksG: number): Best {
  const { run, index, pot, perMl, said } = around;
  const plain = chancesOf(few, cooked.plan, said.tasted, (k) => finishPot(k.setup, k.pot));
  const acts = candidatesFor(cooked, run, index, { keepG: pot.keepByMl * perMl, perMl, lacksG, said });
  const candidates = acts.map((act): Candidate => ({ act, cooked: whenDone(act, around) }));
  const from = { index, isIn: index < cooked.stretches.length };
  // Whatever is done begins where the stage is ended, and that is the same pot: it is cooked once.
  const ends = new Map<LivePot, LivePot>();
  const ended = (setup: Setup, at: LivePot): LivePot => {
    const end = ends.get(at) ?? endStage(setup, at);
    ends.set(at, end);
    return end;
  };
  const triedIn = (kitchens: readonly PotSample[], { cooked: then }: Candidate): Chances =>
    chancesOf(kitchens, then.plan, said.tasted, (k) => {
      const setup: Setup = { ...k.setup, plan: then.plan };
      return finishPot(setup, takenOn(setup, then, from, k.pot, ended));
    });
  // Hard and dry is never left alone: whatever is best there is done.
  const must = said.tasted === 'hard' && said.looked === 'dry';
  let found: Best = { act: { kind: 'none' }, gain: plain, then: plain, tried: candidates.length };
  let most = must ? -Infinity : worth(plain);
  for (const candidate of sifted(candidates, few, triedIn)) {
    const then = triedIn(few, candidate);
    if (worth(then) <= most || !(must || isBetter(then, plain))) continue;
    most = worth(then);
    found = { ...found, act: candidate.act, then };
  }
  const off = candidates.find(({ act }) => act.kind === 'offNow');
  const leftMin = clockOf(cooked, index) ?? Infinity;
  if (found.act.kind === 'none' && off && said.tasted === 'done' && leftMin > ENDS_BY_ITSELF_MIN) {
    // Tasted done ends the cooking: said twice, or dry besides, whatever was computed; said once, where no more pots come out wrong.
    const then = triedIn(few, off);
    if (isSurelyDone(run.said, said) || then.asWanted >= plain.asWanted - EVEN)
      return { ...found, act: off.act, then };
  }
  return found;
}
/** True where a tooth said done twice, or an eye that it is dry besides. */
function isSurelyDone(taps: readonly Tap[], { looked }: SaidNow): boolean {
  const tastes = taps.filter((t) => t.kind === 'tasted');
  return looked === 'dry' || tastes.slice(-2).filter((t) => t.said === 'done').length === 2;
}
/** A heat with less time left than this is left to end by itself, min. */
const ENDS_BY_ITSELF_MIN = 3;
/** Shares of pots closer than this count as the same. */
const EVEN = 0.05;

/** An act, and the pot as it is cooked once its press is made. */
interface Candidate {
  readonly act: Rescue;
  readonly cooked: CookedStretches;
}

/** The pot as its own taps and those of the act make it: what is foretold is what the press does. */
function whenDone(act: Rescue, { plan, run, pot }: Around): CookedStretches {
  // They follow whatever was tapped last, as they will when they are made.
  const lastId = inOrder(pot.taps).at(-1)?.id;
  const idOf = (i: number): string => `advised${i.toString()}`;
  const made = rescueTaps(act, run, pot.nowMs).map((tap, i): Tap => {
    const followsId = i === 0 ? lastId : idOf(i - 1);
    return { ...tap, id: idOf(i), atMs: pot.nowMs, ...(followsId === undefined ? {} : { followsId }) };
  });
  return stretchesFromRun(plan, runFromTaps(pot.stages, [...pot.taps, ...made]), pot.nowMs);
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
  tasted: SaidNow['tasted'],
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
    firm: by('firm'),
    soft: by('soft'),
    tooSoft: by('tooSoft'),
    wetTop: by('wetTop'),
    caught: by('caught'),
  };
}

/** A pot that is seldom saved by anything is said to be lost, with what it is now: by eye and tooth, never by a forecast. */
const LOST = 0.08;
const isLost = ({ asWanted }: Chances): boolean => asWanted < LOST;

function whenNothingHelps(
  alone: Chances,
  { bottom, isSeen, said }: Pick<PotBelief, 'bottom' | 'isSeen'> & { readonly said: SaidNow },
): Rescue {
  if (said.burnt === true) return { kind: 'serveTop' };
  if (!isLost(alone)) return said.lumps === true ? { kind: 'fold' } : { kind: 'none' };
  if (bottom.caughtNow > SAID_TO_CATCH) return { kind: 'serveTop' };
  if (!isSeen || said.tasted === 'done' || alone.caught > SAID_TO_CATCH) return { kind: 'none' };
  const as = alone.tooSoft >= alone.hard ? 'soft' : 'hard';
  // What is hard and stands in liquid is not done yet.
  return as === 'hard' && said.looked === 'wet' ? { kind: 'none' } : { kind: 'lost', as };
}
