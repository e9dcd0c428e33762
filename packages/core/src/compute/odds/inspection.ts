import { dryBasis, dryMatter } from '../../basics/grain/moisture.js';
import { targetMoisture } from '../../basics/grain/texture.js';
import { drinksPerMin, rateAt } from '../../basics/grain/uptake.js';
import { boilingSteamRate } from '../../basics/heat/steam.js';
import type { Stage } from '../../basics/method/stage.js';
import { coveredMinutes } from '../../basics/method/timing.js';
import { surroundings } from '../../plan/input/surroundings.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import { NO_HARD_CENTRE, WET_POT_PER_G } from '../pot/constants.js';
import { countOf, Reader, Tally, weightOf, type Chances, type Samples } from './chances.js';
import { drawZ } from './draw.js';
import { wetLongerMin } from './looks.js';
import { POINT } from './sample.js';

/** A tooth tells the grain's moisture to this, points, one standard deviation †. */
export const TASTES_TO = 0.7;
/** A top-up is given this share of the grain's covered time to be drunk: a small one the first, all of it the second †. */
const MEND_SHARE = { least: 0.35, most: 0.75 } as const;
/** Nor longer for grain that takes longer: on a low ring it would dry again, min †. */
const LONGEST_COVERED_MIN = 15;
/** On warm, which is all that a rice cooker has after its switch, it takes so much longer †. */
const ON_WARM = 2;
/** Where a switch or a valve ends the cooking, and no minutes do, a wet pot is left closed for so long, min †. */
const CLOSED_MIN = 5;
/** In those minutes this share of what is still uncooked cooks †. */
const MENDS_CENTRE = 0.5;
/**
 * Grain nearly done drinks in a closed pot at this part of its rate under liquid, g per g of dry matter and minute. It and
 * the two below are how this reading comes near to `cookInspected` on the pots of practice, and no facts about grain †.
 */
const LATE_SHARE = 0.9;
/** Share of a late top-up that the grain gets; the rest is steam. On warm nothing boils off †. */
const REACHES = { onLow: 0.8, onWarm: 1 } as const;

/** What is kept by goes in by so many equal parts: no cook measures finer at the stove. */
const PARTS = 4;

/** Chances of a pot that is looked at, and in how many of them something had to be done. */
export interface InspectedChances extends Chances {
  readonly mended: number;
}

/** What is done once the pot has been tasted, at the end of its covered time. */
export interface Mend {
  /** Quarters of what was kept by that go in, and the hot water that they are, g. */
  readonly parts: number;
  readonly addG: number;
  /** Minutes it is left on for longer. */
  readonly moreMin: number;
}

/** How a plan can be mended. */
export interface Mending {
  /** Hot water that is kept by, g. */
  readonly keptG: number;
  readonly aim: number;
  readonly low: number;
  /** Water that one point of moisture takes, g. */
  readonly gPerPoint: number;
  readonly longerMin: number;
  /** Share of what is added that the grain gets. */
  readonly reaches: number;
  /** Covered time of this grain as far as it counts here, min. */
  readonly coveredMin: number;
  /** The stage after which it is tasted, and what is done then, for as long as it takes; a pot that never rests, rests. */
  readonly afterIndex: number;
  readonly stage: Stage;
  readonly rest?: Stage;
}

/**
 * How a plan can be mended with so much kept by: tasted at the end of its covered time, after its switch has flipped or
 * once its pressure is down, and closed again on a low ring.
 * @returns undefined where a pot is never closed
 * @example mendingOf(plan, 120)?.keptG // 120
 */
export function mendingOf(plan: CompletePlan, keptG: number): Mending | undefined {
  const afterIndex = tastedAfter(plan);
  const last = plan.stages[afterIndex];
  if (!last) return undefined;
  const { low, aim } = targetMoisture(plan, plan.texture);
  const dryG = dryMatter(plan.grain, plan.grainG);
  const isOnWarm = plan.vessel.kind === 'riceCooker';
  return {
    keptG,
    aim,
    low,
    longerMin: wetLongerMin(plan) ?? CLOSED_MIN,
    coveredMin:
      Math.min(LONGEST_COVERED_MIN, coveredMinutes(plan.grain, plan.soakMin)) * (isOnWarm ? ON_WARM : 1),
    reaches: isOnWarm ? REACHES.onWarm : REACHES.onLow,
    gPerPoint: dryG * (dryBasis(aim + 0.5) - dryBasis(aim - 0.5)),
    afterIndex,
    ...(plan.stages.slice(afterIndex).some((s) => s.act === 'rest') ? {} : { rest: RESTS }),
    stage: {
      id: `${last.id}.mend`,
      act: 'simmer',
      heat: 'low',
      lid: last.lid === 'pressure' || last.lid === 'off' ? 'on' : last.lid,
      ...(last.spreader === undefined ? {} : { spreader: last.spreader }),
      end: { kind: 'minutes', minutes: 0 },
    },
  };
}

const RESTS: Stage = {
  id: 'mend.rest',
  act: 'rest',
  heat: 'off',
  lid: 'on',
  end: { kind: 'minutes', minutes: CLOSED_MIN },
};

/** The stage after which a pot is tasted; -1 where it is never closed. */
function tastedAfter({ stages }: CompletePlan): number {
  const closed = stages.findLastIndex(
    (s) => s.heat !== 'off' && s.lid !== 'off' && s.lid !== 'pressure' && CLOSED.has(s.act),
  );
  return Math.max(
    closed,
    stages.findLastIndex((s) => s.act === 'release'),
  );
}
const CLOSED: ReadonlySet<Stage['act']> = new Set<Stage['act']>(['simmer', 'steam', 'cook']);

/**
 * What a cook does with a pot as it tastes and looks: as many quarters of what was kept by onto grain that is firm as it
 * lacks; some minutes more for one that is still wet; nothing for any other.
 * @param tastes moisture of the grain with what it will still drink, wet basis %
 * @param leftPerG liquid that it will not drink, g per g of dry matter
 * @example mendFor(mending, { tastes: 80, leftPerG: 0, done: 1 }).addG // 0
 */
export function mendFor(
  { keptG, aim, low, gPerPoint, longerMin, coveredMin, reaches }: Mending,
  { tastes, leftPerG, done }: { readonly tastes: number; readonly leftPerG: number; readonly done: number },
): Mend {
  const isWet = leftPerG > WET_POT_PER_G;
  if (tastes < low && !isWet) {
    const lacksG = ((aim - tastes) * gPerPoint) / reaches;
    const parts = Math.min(PARTS, Math.max(1, Math.ceil((PARTS * lacksG) / Math.max(1, keptG))));
    const share = MEND_SHARE.least + ((MEND_SHARE.most - MEND_SHARE.least) * (parts - 1)) / (PARTS - 1);
    return { parts, addG: (parts * keptG) / PARTS, moreMin: Math.round(share * coveredMin) };
  }
  if (isWet) return { parts: 0, addG: 0, moreMin: longerMin };
  return {
    parts: 0,
    addG: 0,
    moreMin: done < NO_HARD_CENTRE ? Math.round(MEND_SHARE.least * coveredMin) : 0,
  };
}

/**
 * Chances when the pot is tasted once, at the end of its covered time, and mended as it is found. Read between the pots
 * that were simulated: liquid that comes late does nearly what it would have done from the beginning.
 * @param byG water poured beside the account's own pour, g
 */
export function chancesInspected(samples: Samples, byG: number, mending: Mending): InspectedChances {
  const { plan } = samples.frame;
  const dryG = dryMatter(plan.grain, plan.grainG);
  const at = surroundings(plan);
  // What the grain can have in a minute, and what the mended pot steams off, g per g of dry matter.
  const drinksPerG = LATE_SHARE * drinksPerMin(plan) * rateAt(at.boil.tempC);
  const driesPerG = boilingSteamRate(at, mending.stage) / dryG;
  const readerFor = (part: number): Reader =>
    new Reader(samples, { byG: byG + (mending.reaches * part * mending.keptG) / PARTS });
  const asPoured = readerFor(0);
  const readers = [asPoured, ...Array.from({ length: PARTS }, (_, i) => readerFor(i + 1))];
  const ends = new Tally(plan);
  let mended = 0;
  for (let i = 0; i < countOf(samples); i += 1) {
    const weight = weightOf(samples, i);
    const before = asPoured.read(i, POINT.done);
    const { parts, moreMin } = mendFor(mending, {
      tastes: asPoured.read(i, POINT.feels) + TASTES_TO * toothAt(i),
      leftPerG: asPoured.read(i, POINT.left),
      done: before,
    });
    const reader = readers[parts] ?? asPoured;
    // More minutes dry what is left, and let the grain have of it, and of what was added, what it can.
    const addedPerG = (mending.reaches * parts * mending.keptG) / PARTS / dryG;
    const canPerG = drinksPerG * moreMin;
    const there = Math.max(0, reader.read(i, POINT.left) - (parts > 0 ? 0 : driesPerG * moreMin));
    const drunk = Math.min(there, Math.max(0, canPerG - addedPerG));
    const unused = Math.max(0, addedPerG - canPerG);
    if (moreMin > 0) mended += weight;
    ends.add(weight, {
      feels: reader.read(i, POINT.feels) + ((drunk - unused) * dryG) / mending.gPerPoint,
      done: moreMin > 0 ? 1 - (1 - before) * MENDS_CENTRE : before,
      left: there - drunk + unused,
      topG: asPoured.read(i, POINT.topG),
      brown: asPoured.read(i, POINT.brown),
    });
  }
  return { ...ends.chances(), mended: ends.shareOf(mended) };
}

/** How far the tooth is off in each draw, standard normal: drawn apart from what the kitchens hide, the same everywhere. */
const TASTE_SEED = 4711;
const tooth: number[] = [];
function toothAt(i: number): number {
  while (tooth.length <= i) tooth.push(drawZ(TASTE_SEED, tooth.length)[0] ?? 0);
  return tooth[i] ?? 0;
}
