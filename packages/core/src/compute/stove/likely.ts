import { WET_TOP_G_PER_M2 } from '../../basics/grain/kernel.js';
import { wetBasis } from '../../basics/grain/moisture.js';
import { TASTED, textureOf } from '../../basics/grain/texture.js';
import { whistleG } from '../../basics/heat/steam.js';
import { BASE_BANDS, NO_HARD_CENTRE } from '../pot/constants.js';
import type { LiveReading } from '../pot/live.js';
import type { Setup } from '../pot/setup.js';
import { BEDS, BROWN, DONE0, TEMP, TOP, W0 } from '../pot/state.js';
import { LOOKED, type Found, type SignNow, type Smell, type Steams } from './observation.js';
import type { Tap } from './tap.js';
import { effectOf, type EvidenceKind } from './tapEffects.js';

/** A cook is taken to be wrong about what is seen in one case of ten. */
const WRONG = 0.1;
/** How far the gaps are full where one look passes into the next, wettest first †. */
const LOOK_EDGES = [1.5, 1, 0.6, 0.15] as const;
/** An eye tells that to about such a share of it, and says more than it sees rather than less: long tails †. */
const EYE = 0.25;
/** Fuller than this a dry pot never is to the eye. */
const DRY_EYE = 0.03;
/** Where one taste passes into the next, steps of the scale beside what is wanted, and what a tooth tells them to †. */
const TASTE_EDGES = [-1.25, -0.5, 0.5] as const;
const TOOTH_STEPS = 0.35;
/** A grain with a hard centre tastes at least this many steps firmer †. */
const HARD_CENTRE_STEPS = -0.8;
/** A thermometer in a pot: how far it stands off, K †. */
const THERMOMETER_K = 3;
/** A count of whistles is told to this †. */
const WHISTLES = 0.6;
/** The smell follows the browning of the base to about this, in its logarithm †. */
const NOSE = 0.5;

/** How often a nose over an open pot notices that its bottom has caught †. */
const NOTICED = 0.7;

/** What was to be read in a pot when something was said of it. */
export interface Moment {
  readonly setup: Setup;
  readonly reading: LiveReading;
  /** Steam let go since the stretch began, g, and whistles that were said so far, this one with them. */
  readonly steamG: number;
  readonly whistles: number;
}

/**
 * How likely it is that a cook says this of such a pot; 1 for what tells nothing of it.
 * @returns 0 to 1, never 0: anybody may be wrong
 */
export function likely(tap: Tap, moment: Moment): number {
  return isEvidence(tap.kind) ? LIKELY[tap.kind](tap, moment) : 1;
}
const isEvidence = (kind: Tap['kind']): kind is EvidenceKind => effectOf(kind).evidence !== undefined;

const LIKELY: Readonly<Record<EvidenceKind, (tap: Tap, moment: Moment) => number>> = {
  looked: ({ said }, { reading }) =>
    unsmelt(reading) * ofWords(LOOKED.indexOf(said as never), LOOKED.length, lookEdges(reading.gapsFull)),
  tasted: ({ said }, moment) =>
    unsmelt(moment.reading) * ofWords(TASTED.indexOf(said as never), TASTED.length, tasteEdges(moment)),
  sign: ({ said }, moment) => ofSign(said as SignNow, moment),
  found: ({ said }, moment) => ofFound(said as Found, moment),
  steam: ({ said }, moment) => ofSteam(said as Steams, moment),
  smells: ({ said }, { reading }) => ofSmell(said as Smell, reading.y[BROWN] ?? 0),
  reads: ({ amount = 0 }, { reading }) =>
    mixed(Math.exp(-0.5 * (((reading.y[TEMP] ?? 0) - amount) / THERMOMETER_K) ** 2), 0.05),
  // The scale is heard where the pot's steam is: potFromStretches.ts.
  weighs: () => 1,
};

/** What is likely where the cook is right, and what is left of it where one may be wrong. */
const mixed = (right: number, anyway: number): number => (1 - WRONG) * right + WRONG * anyway;

/** The share of a normal distribution below z (Abramowitz and Stegun 26.2.17, to 1e-7). */
function below(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const tail =
    ((((1.330274429 * t - 1.821255978) * t + 1.781477937) * t - 0.356563782) * t + 0.31938153) *
    t *
    (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI));
  return z >= 0 ? 1 - tail : tail;
}

/** Chance of the k-th of some words, from the chances of being before each edge between them. */
function ofWords(k: number, words: number, before: readonly number[]): number {
  if (k < 0) return 1;
  const chance = (j: number): number => {
    const [from, to] = [j === 0 ? 0 : (before[j - 1] ?? 0), j === words - 1 ? 1 : (before[j] ?? 1)];
    return Math.max(0, to - from);
  };
  // Who is wrong says the word beside the right one sooner than one far from it.
  let near = 0;
  for (const j of [k - 1, k + 1])
    if (j >= 0 && j < words) near += chance(j) / (j === 0 || j === words - 1 ? 1 : 2);
  return (1 - WRONG) * chance(k) + WRONG * (NEAR * near + (1 - NEAR) / words);
}
/** Share of mistaken observations that are off by one word only †. */
const NEAR = 0.7;

/** Chance that a pot so full looks wetter than each edge. */
function lookEdges(full: number): readonly number[] {
  const seen = Math.log(Math.max(0, full) + DRY_EYE);
  return LOOK_EDGES.map((edge) => 1 / (1 + Math.exp((Math.log(edge + DRY_EYE) - seen) / EYE)));
}

/** Chance that the grain tastes firmer than each edge. */
function tasteEdges({ setup, reading: { y } }: Moment): readonly number[] {
  const { plan, truth } = setup;
  const meanW = [0, 1, 2].reduce((sum, i) => sum + (y[W0 + i] ?? 0), 0) / BEDS;
  const done = Math.min(...[0, 1, 2].map((i) => y[DONE0 + i] ?? 0));
  const off = textureOf(plan, wetBasis(meanW / truth.bag)) - plan.texture;
  const tastes = done < NO_HARD_CENTRE ? Math.min(off, HARD_CENTRE_STEPS) : off;
  return TASTE_EDGES.map((edge) => below((edge - tastes) / TOOTH_STEPS));
}

function ofSign(sign: SignNow, { setup, reading, steamG, whistles }: Moment): number {
  if (sign === 'holes') return ofWords(LOOKED.indexOf('holes'), LOOKED.length, lookEdges(reading.gapsFull));
  if (sign === 'whistle')
    return mixed(Math.exp(-0.5 * ((steamG / whistleG() - whistles) / WHISTLES) ** 2), 0.1);
  // When a boil or a flip comes is weighed by the stage that it ends; here only whether there can be one.
  if (sign === 'boil') return mixed((reading.y[TEMP] ?? 0) > setup.at.boil.tempC - 1 ? 1 : 0, 0.5);
  return 1;
}

/** Chance that a base so browned smells at least so. */
const smellsOf = (band: 'golden' | 'dark', browning: number): number =>
  below((Math.log(browning + 1e-3) - Math.log(BASE_BANDS[band])) / NOSE);

/** Who has the lid up and says nothing of a smell: a caught pot goes unnoticed so only now and then. */
const unsmelt = ({ y }: LiveReading): number => 1 - NOTICED * smellsOf('dark', y[BROWN] ?? 0);

/** What the top of the grain holds in a film is seen as wet from about there, to this, in its logarithm †. */
const FILM = 0.4;

/** Stuck grain tells nothing of its water; wet on top and hard at one end tell how far apart the beds are. */
function ofFound(found: Found, { setup, reading: { y } }: Moment): number {
  if (found === 'lumps') return 1;
  const [low, , high] = [0, 1, 2].map((i) => y[DONE0 + i] ?? 0) as [number, number, number];
  if (found === 'wetTop') {
    const film = Math.log((1 + (y[TOP] ?? 0) / setup.areaM2) / (1 + WET_TOP_G_PER_M2));
    return mixed(Math.min(low, high) < NO_HARD_CENTRE ? 0.2 : below(film / FILM), 0.2);
  }
  const [hard, done] = found === 'hardTop' ? [high, low] : [low, high];
  return mixed(below((NO_HARD_CENTRE - hard) / HARD_END) * below((done - NO_HARD_CENTRE) / HARD_END), 0.2);
}
/** How far cooked a grain is tells a tooth to about this †. */
const HARD_END = 0.1;

/** Steam beside what is usual speaks of the ring. */
function ofSteam(steams: Steams, { setup: { truth } }: Moment): number {
  const strong = below((Math.log(truth.power) - STEAM_NOTICED) / STEAM_EYE);
  const weak = below((-Math.log(truth.power) - STEAM_NOTICED) / STEAM_EYE);
  return mixed(steams === 'strong' ? strong : steams === 'weak' ? weak : weak * weak, 0.2);
}
/** From a quarter more or less on it is noticed, in the logarithm of the ring, to this †. */
const STEAM_NOTICED = 0.22;
/** How well an eye tells that †. */
const STEAM_EYE = 0.2;

function ofSmell(smell: Smell, browning: number): number {
  const golden = smellsOf('golden', browning);
  const dark = smellsOf('dark', browning);
  return mixed(smell === 'burnt' ? dark : golden - dark, 0.2);
}

/** What two readings of a kitchen scale are apart from the truth, g, and what drips and what stays on a spoon of the rest †. */
const SCALE_G = 4;
const SPILT = 0.04;

/** How likely a loss of weight is for a pot that has let go this much steam, both g. */
export function likelyLoss(steamedG: number, lighterG: number): number {
  const sd = Math.hypot(SCALE_G, SPILT * steamedG);
  return mixed(Math.exp(-0.5 * ((lighterG - steamedG) / sd) ** 2), 0.05);
}

/** What a sign's moment tells: how far it may come beside its minute, a share of that and a least, min †. */
const MOMENT = {
  said: { share: 0.06, leastMin: 0.25, lateMin: 0 },
  // Pressed when the cook has come back to the pot.
  done: { share: 0.1, leastMin: 0.6, lateMin: 0.4 },
} as const;

/**
 * How likely it is that a sign was reported at one time when it came at another, min.
 * @param how said the moment it was seen, or pressed as the end of its stage
 */
export function likelyAt(
  cameMin: number,
  saidMin: number,
  expectMin: number,
  how: keyof typeof MOMENT,
): number {
  const { share, leastMin, lateMin } = MOMENT[how];
  const sd = Math.hypot(leastMin, share * cameMin);
  const density = Math.exp(-0.5 * ((saidMin - cameMin - lateMin) / sd) ** 2) / (sd * Math.sqrt(2 * Math.PI));
  return mixed(density, 1 / Math.max(3 * expectMin, 3));
}
