import { DOUBTS, risksOf, spreadsOf, truthOf, type DoubtCode } from '../odds/doubts.js';
import { drawZ } from '../odds/draw.js';
import type { LivePot } from '../pot/live.js';
import { setupOf, type Setup } from '../pot/setup.js';
import type { CookedStretches } from './stretchesFromRun.js';
import { potFromStretches, type Checkpoint } from './potFromStretches.js';

/** A mean and a standard deviation, as shares. */
export interface Known {
  readonly mean: number;
  readonly spread: number;
}

/** One kitchen as it may be, with the pot as it stands there now and how much it counts. */
export interface PotSample {
  readonly setup: Setup;
  readonly pot: LivePot;
  /** Against the likeliest of them, which counts 1. */
  readonly weight: number;
  /** Chance of what was said last, alone. */
  readonly ofLast: number;
}

/** How many times as many kitchens are followed where few are left that count. */
const MORE = 2;
const FEW = 10;
/** What was said last came as a surprise where it was to be expected less often than this. */
export const UNLIKELY = 0.07;

/** Draws of kitchens that the odds do not know of: how much all of them count, and how much wider they are spread †. */
interface Beyond {
  readonly share: number;
  readonly wider: Readonly<Partial<Record<DoubtCode, number>>>;
  readonly pour: number;
}
/**
 * One pot in ten has something the odds do not know of: a measure misread, another ring, another bag. Every so many draws
 * stand for those, spread wider, so that what nobody expected can be heard. They count only once something was said.
 */
const SURPRISED: Beyond = {
  share: 0.1,
  wider: { bag: 2, hobPower: 2, kitchen: 2, broughtIn: 2 },
  pour: 0.3,
};
const EVERY = 3;
/** Where even these do not explain what was said, something is quite otherwise: rarely, but said twice it is believed. */
const ASTRAY: Beyond = { share: 0.02, wider: { hobPower: 3, broughtIn: 3, lidLeak: 3 }, pour: 0.6 };
const LEAST_POUR = 0.2;

type Followed = Omit<PotSample, 'weight'> & { readonly logWeight: number };

/** The odds' kitchens, each followed through all that was done and weighed by all that was said; more where few are left. */
export function samplesFromStretches(
  cooked: CookedStretches,
  pourG: number,
  draws: number,
  seed: number,
): readonly PotSample[] {
  const isTold = cooked.stretches.some((s) => s.endedBySign || s.said.length > 0);
  // Once something is said anything a kitchen can be may be what explains it; until then it has the odds.
  const spreads = (isTold ? spreadsOf : risksOf)(cooked.plan);
  const one = (i: number, counts: number, beyond?: Beyond): Followed => {
    const drawn = drawZ(seed, i);
    const z = beyond ? drawn.map((v, d) => v * (beyond.wider[DOUBTS[d] ?? 'bag'] ?? 1)) : drawn;
    const setup = setupOf(cooked.plan, truthOf(z, spreads));
    const [off = 0] = beyond ? drawZ(seed + 1, i) : [];
    const poured = pourG * Math.max(LEAST_POUR, 1 + (beyond?.pour ?? 0) * off);
    const draw = `${i.toString()}${beyond === undefined ? '' : beyond.share.toString()}`;
    const { pot, logLikelihood, ofLast, checkpoint } = potFromStretches(
      setup,
      cooked,
      poured,
      followed.latest(draw, isTold),
    );
    followed.keep(draw, isTold, checkpoint);
    return { setup, pot, ofLast, logWeight: logLikelihood + Math.log(counts) };
  };
  const followed = new FollowedBefore(cooked, [pourG, seed]);
  const take = (from: number, to: number): Followed[] =>
    Array.from({ length: to - from }, (_, k) => from + k).flatMap((i) => {
      if (i % EVERY !== EVERY - 1) return [one(i, ((1 - SURPRISED.share) * EVERY) / (EVERY - 1))];
      return isTold ? [one(i, SURPRISED.share * EVERY, SURPRISED)] : [];
    });
  const first = take(0, draws);
  const weighed = weighedOf(first);
  const isAstray = chanceOfLast(weighed) < UNLIKELY;
  const isEnough = effectiveOf(weighed) >= FEW;
  if (isEnough && !isAstray) return weighed;
  const more = isEnough ? [] : take(draws, MORE * draws);
  const few = Math.ceil(draws / 2);
  const astray = Array.from({ length: isAstray ? few : 0 }, (_, i) =>
    one(i, (ASTRAY.share * (first.length + more.length)) / few, ASTRAY),
  );
  return weighedOf([...first, ...more, ...astray]);
}

/**
 * Pots as they were followed when something was last said of them: told one more thing, only what is new is cooked. Only for the
 * pot that was thought of last.
 */
class FollowedBefore {
  static #kept = new Map<string, Map<string, Checkpoint>>();
  readonly #keys: readonly (readonly string[])[];

  constructor({ plan, stretches }: CookedStretches, of: readonly number[]) {
    const { stages, ...rest } = plan;
    let before = JSON.stringify([rest, of]);
    // What was done and said, step by step: a checkpoint is of one such beginning, whatever came after.
    const keys = stretches.map(({ said, ...stretch }, k) => {
      const began = before + JSON.stringify([stages[k], stretch.intake]);
      const here = [before, ...said.map((_, n) => began + JSON.stringify(said.slice(0, n + 1)))];
      before += JSON.stringify([stages[k], stretch, said]);
      return here;
    });
    this.#keys = [...keys, [before]];
  }

  latest(draw: string, isTold: boolean): Checkpoint | undefined {
    for (const keys of [...this.#keys].reverse())
      for (const key of [...keys].reverse()) {
        const found = FollowedBefore.#kept.get(key)?.get(`${draw}${String(isTold)}`);
        if (found) return found;
      }
    return undefined;
  }

  keep(draw: string, isTold: boolean, checkpoint: Checkpoint): void {
    const key = this.#keys[checkpoint.stretches]?.[checkpoint.said];
    if (key === undefined) return;
    const kept = FollowedBefore.#kept;
    const draws = kept.get(key) ?? new Map<string, Checkpoint>();
    kept.delete(key);
    kept.set(key, draws);
    draws.set(`${draw}${String(isTold)}`, checkpoint);
    const oldest = kept.keys().next().value;
    if (kept.size > KEPT_BEGINNINGS && oldest !== undefined) kept.delete(oldest);
  }
}
/** Beginnings that are kept: of this pot, and of one that is on beside it. */
const KEPT_BEGINNINGS = 6;

/** Hundreds of things said make numbers that no product holds: weights are told from the likeliest. */
function weighedOf(followed: readonly Followed[]): readonly PotSample[] {
  const most = Math.max(...followed.map((f) => f.logWeight));
  return followed.map(({ logWeight, ...kitchen }) => ({ ...kitchen, weight: Math.exp(logWeight - most) }));
}

const sumOf = (kitchens: readonly PotSample[], of: (k: PotSample) => number): number =>
  kitchens.reduce((sum, k) => sum + of(k), 0);

/** With what chance what was said last was to be expected, by all that was said before it. */
export const chanceOfLast = (kitchens: readonly PotSample[]): number =>
  sumOf(kitchens, (k) => k.weight) / sumOf(kitchens, (k) => k.weight / k.ofLast);

/** How many equal kitchens the weights are worth (Kish 1965). */
export const effectiveOf = (kitchens: readonly PotSample[]): number =>
  sumOf(kitchens, (k) => k.weight) ** 2 / sumOf(kitchens, (k) => k.weight ** 2);

/** So many of the kitchens, as often as they count: evenly through their weights, the same every time. */
export function representative(kitchens: readonly PotSample[], count: number): readonly PotSample[] {
  const all = sumOf(kitchens, (k) => k.weight);
  const picked: PotSample[] = [];
  let passed = 0;
  for (const kitchen of kitchens) {
    passed += kitchen.weight;
    while (picked.length < count && ((picked.length + 0.5) / count) * all <= passed) picked.push(kitchen);
  }
  return picked;
}

/** What the kitchens that count have in common. */
export function knownOf(kitchens: readonly PotSample[], of: (k: PotSample) => number): Known {
  const all = sumOf(kitchens, (k) => k.weight);
  const mean = sumOf(kitchens, (k) => k.weight * of(k)) / all;
  return { mean, spread: Math.sqrt(sumOf(kitchens, (k) => k.weight * (of(k) - mean) ** 2) / all) };
}
