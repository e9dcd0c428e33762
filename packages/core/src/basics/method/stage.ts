import type { Fire } from '../heat/equipment.js';

/** What can be done in a stage, roughly in the order of an evening. */
export const ACTS = [
  'soak',
  'drain',
  'warmFat',
  'base',
  'ladle',
  'toast',
  'fryDry',
  'boil',
  'grain',
  'openBoil',
  'boilDown',
  'butter',
  'pressureUp',
  'pressure',
  'release',
  'cook',
  'turn',
  'simmer',
  'steam',
  'rest',
  'wait',
  'boilOff',
  'marinate',
  'steep',
  'taste',
  'fork',
  'spicesOut',
  'cool',
  'turnOut',
] as const;
export type Act = (typeof ACTS)[number];

/** What is seen, heard or smelt when a stage that has no fixed time is over. */
export const SIGNS = [
  'drained',
  'fatShimmers',
  'baseReady',
  'oilRising',
  'grainColour',
  'stewTakenUp',
  'boilAllOver',
  'levelWithGrain',
  'holes',
  'absorbed',
  'atPressure',
  'firstWhistle',
  'pressureDown',
  'crackles',
  'toastySmell',
] as const;
export type Sign = (typeof SIGNS)[number];

/** What can end a stage. */
export const STAGE_ENDS = ['minutes', 'count', 'sign', 'flip'] as const;

/**
 * A stage ends after minutes, on a count of whistles, on a sign, or when the cooker's switch flips; all but the
 * first with the minutes it usually takes, where the plan knows.
 */
export type StageEnd =
  | { readonly kind: 'minutes'; readonly minutes: number }
  | { readonly kind: 'count'; readonly count: number; readonly expectMin: number }
  | { readonly kind: 'sign'; readonly sign: Sign; readonly expectMin: number }
  | { readonly kind: 'flip'; readonly expectMin: number };

/** One stage of a method: an act, its fire (heat, lid, spreader, wrapping) and its end. */
export interface Stage extends Fire {
  readonly id: string;
  readonly act: Act;
  /** What this cook calls it, and what they want to be told there; words, and nothing is computed from them. */
  readonly name?: string;
  readonly note?: string;
  readonly end: StageEnd;
}

/**
 * Minutes a stage is planned to take.
 * @example plannedMin({ id: 'rest', act: 'rest', heat: 'off', lid: 'on', end: { kind: 'minutes', minutes: 8 } }) // 8
 */
export const plannedMin = (stage: Stage): number =>
  stage.end.kind === 'minutes' ? stage.end.minutes : stage.end.expectMin;

/** Acts during which there is liquid in the pot and the grain can drink. */
const WET: ReadonlySet<Act> = new Set([
  'boil',
  'openBoil',
  'boilDown',
  'pressureUp',
  'pressure',
  'release',
  'cook',
  'turn',
  'simmer',
  'steam',
  'rest',
]);
/**
 * True when there is liquid in the pot during this act and the grain can drink.
 * @example isWet('simmer') // true
 */
export const isWet = (act: Act): boolean => WET.has(act);

const UNDER_LID: ReadonlySet<Act> = new Set(['simmer', 'steam']);
/**
 * True for an act of the covered time: its liquid boils gently, or only steams.
 * @example isUnderLid('steam') // true
 */
export const isUnderLid = (act: Act): boolean => UNDER_LID.has(act);

/**
 * True for an act in which a closed pot cooks by itself: under a lid, in a cooker, at pressure.
 * @example cooksClosed('pressure') // true
 */
export const cooksClosed = (act: Act): boolean => isUnderLid(act) || act === 'cook' || act === 'pressure';

/**
 * Acts that have their place, their minutes and their words, and change nothing but what time and fire do: a pot with liquid in
 * it stands, one without is not touched.
 */
const STILL: ReadonlySet<Act> = new Set([
  'wait',
  'marinate',
  'steep',
  'taste',
  'fork',
  'spicesOut',
  'cool',
  'turnOut',
]);
/**
 * True for an act in which only time passes.
 * @example isStill('taste') // true
 */
export const isStill = (act: Act): boolean => STILL.has(act);

/** Acts that want somebody at the pot the whole time. */
const HANDS_ON: ReadonlySet<Act> = new Set([
  'warmFat',
  'base',
  'ladle',
  'toast',
  'fryDry',
  'grain',
  'butter',
  'turn',
  'taste',
  'fork',
  'spicesOut',
  'turnOut',
]);

/**
 * True when the cook cannot leave during this stage; a drain by hand counts, a sieve does not.
 * @example isHandsOn({ id: 'toast', act: 'toast', heat: 'medium', lid: 'off', end: { kind: 'minutes', minutes: 4 } }) // true
 */
export const isHandsOn = (stage: Stage): boolean =>
  HANDS_ON.has(stage.act) || (stage.act === 'drain' && stage.end.kind === 'sign');

/** What is seen at the surface as the liquid goes down into the grain. */
const SURFACE: ReadonlySet<Sign> = new Set<Sign>(['levelWithGrain', 'holes', 'absorbed']);

/**
 * The last stage that is more than a look or a fork: what comes after it finds the pot as it left it.
 * @example lastOf(stages)?.act // 'rest'
 */
export const lastOf = (stages: readonly Stage[]): Stage | undefined =>
  stages.findLast((s) => !isStill(s.act));

/** True for a stage that ends when its liquid has gone down to a level. */
export const endsAtSurface = (stage: Stage): boolean =>
  stage.end.kind === 'sign' && SURFACE.has(stage.end.sign);
