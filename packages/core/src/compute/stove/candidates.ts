import type { Tasted } from '../../basics/grain/texture.js';
import { HEATS, type HeatSetting } from '../../basics/heat/equipment.js';
import { isUnderLid, plannedMin, type Stage } from '../../basics/method/stage.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import { flipped, hasRing, type Rescue } from './rescues.js';
import type { RunState } from './runFromTaps.js';
import { lastPartOf, type CookedStretches } from './stretchesFromRun.js';

/** Minutes more, minutes open, minutes back on, and splashes as parts of what is lacking with the minutes they are given †. */
const LONGER_MIN = [2, 5, 10] as const;
const LOWEST_MIN = [4, 10] as const;
const HOTTER_MIN = [8, 18] as const;
const BACK_MIN = [4, 8, 14] as const;
const OPEN_MIN = [3, 7, 12] as const;
const SPLASHES = [
  [0.6, 5],
  [1, 8],
  [1, 14],
  [1.5, 12],
] as const;
/** A splash is tried when at least this much water is lacking; the lid comes off when at least this much is too much, ml. */
const LEAST_ML = 10;
/** A boil-off in the middle of a covered time is lively only in its first half. */
const LIVELY_UNTIL = 0.5;
/** What a cook measures with at the stove: spoons for little, and then quarters of a cup (common practice). */
const SPOON_ML = 15;
const CUP_PART = 1 / 4;

/** The amount nearest to this that a cook measures: whole spoons below a quarter of a cup, then quarters of cups. */
function asMeasured(ml: number, cupMl: number): number {
  const part = CUP_PART * cupMl;
  return ml < part - SPOON_ML / 2 ? SPOON_ML * Math.round(ml / SPOON_ML) : part * Math.round(ml / part);
}

/** What the cook's eye and tooth said of the pot as it is now: later than anything that was done to it. */
export interface SaidNow {
  readonly tasted: Tasted | undefined;
  readonly looked: 'wet' | 'dry' | undefined;
  /** True where it sticks together, and was not folded since. */
  readonly lumps?: boolean;
  /** True where it smells burnt: then nothing is done but to take heat from it. */
  readonly burnt?: boolean;
}

export interface Have {
  readonly keepG: number;
  readonly perMl: number;
  /** Water that these pots lack on average, g; negative where they have too much. */
  readonly lacksG: number;
  readonly said: SaidNow;
}

/**
 * What is worth trying on a pot that is where these stretches say: nothing where it is locked, or has no liquid in it yet.
 * What was tasted comes before what is reckoned: a pot that tastes done is not cooked on, one that is dry is not boiled off.
 */
export function candidatesFor(
  cooked: CookedStretches,
  run: RunState,
  index: number,
  have: Have,
): readonly Rescue[] {
  const { plan } = cooked;
  const here = plan.stages[index];
  if (here?.lid === 'pressure' || !hasLiquid(plan, index)) return [];
  const around = aroundOf(cooked, index);
  const lacksMl = have.lacksG / have.perMl;
  const all: readonly Rescue[] = [
    ...longer(around, have.said.looked),
    ...offNow(around),
    ...backOn(around),
    ...(flipped(run) && around.isOff ? [{ kind: 'cookAgain' } as const] : []),
    ...rings(around),
    ...lids(around, lacksMl < -LEAST_ML || have.said.looked === 'wet'),
    ...(lacksMl > LEAST_ML ? splashes(around, have, plan.cupMl) : []),
    ...(lacksMl < -LEAST_ML ? opened(around) : []),
  ];
  return all.filter((act) => fits(act, have.said));
}

/** True where an act goes with what was just said of the pot. */
function fits({ kind }: Rescue, { tasted, looked, burnt }: SaidNow): boolean {
  if (burnt === true) return kind === 'offNow';
  if (looked === 'dry' && (kind === 'open' || kind === 'lid')) return false;
  // What still stands wet has water enough to go on with: it gets minutes (common practice).
  if (looked === 'wet' && kind === 'splash') return false;
  if (tasted === 'done' || tasted === 'soft')
    return (
      kind === 'offNow' || kind === 'lid' || (kind === 'open' && (tasted === 'soft' || looked === 'wet'))
    );
  return true;
}

/** Where a pot is, for what can be done to it. */
interface AroundHere {
  /** The stage as it goes on to its end; undefined when all are over. */
  readonly here: Stage | undefined;
  readonly rest: readonly Stage[];
  readonly isOff: boolean;
  readonly goneMin: number;
  readonly leftMin: number;
  readonly hasRing: boolean;
}

function aroundOf({ plan, stretches }: CookedStretches, index: number): AroundHere {
  const last = lastPartOf(plan.stages, index);
  const here = plan.stages[last];
  const parts = plan.stages.slice(index, last + 1);
  const goneMin = stretches[index]?.minutes ?? 0;
  return {
    here,
    rest: plan.stages.slice(last + 1),
    isOff: here === undefined || here.heat === 'off',
    goneMin,
    leftMin: Math.max(0, parts.reduce((sum, s) => sum + plannedMin(s), 0) - goneMin),
    hasRing: hasRing(plan.vessel.kind),
  };
}

const hasLiquid = ({ stages }: CompletePlan, index: number): boolean => {
  const first = stages.findIndex((s) => WET_ACTS.has(s.act));
  return first >= 0 && index >= first;
};
const WET_ACTS: ReadonlySet<Stage['act']> = new Set<Stage['act']>([
  'boil',
  'openBoil',
  'boilDown',
  'cook',
  'simmer',
  'steam',
  'pressureUp',
  'fryDry',
]);

function longer({ here, isOff, hasRing: ring }: AroundHere, looked: SaidNow['looked']): readonly Rescue[] {
  if (here?.end.kind !== 'minutes') return [];
  const on = (heat: HeatSetting | undefined, list: readonly number[]): readonly Rescue[] =>
    heat === undefined || isOff || !ring ? [] : list.map((minutes) => ({ kind: 'longer', minutes, heat }));
  const hotter = looked === 'wet' ? HEATS[HEATS.indexOf(here.heat) - 1] : undefined;
  return [
    ...LONGER_MIN.map((minutes) => ({ kind: 'longer', minutes }) as const),
    ...(here.heat === 'veryLow' ? [] : on('veryLow', LOWEST_MIN)),
    // What stands in its liquid is cooked on; what is dry would burn.
    ...on(hotter, HOTTER_MIN),
  ];
}

function offNow({ here, rest, isOff }: AroundHere): readonly Rescue[] {
  // Ended, it goes on to the next stage: off the heat only where that is.
  return !isOff && here !== undefined && isUnderLid(here.act) && rest[0]?.heat === 'off'
    ? [{ kind: 'offNow' }]
    : [];
}

const backOn = ({ here, isOff, hasRing: ring }: AroundHere): readonly Rescue[] =>
  isOff && ring && here?.lid !== 'off' ? BACK_MIN.map((minutes) => ({ kind: 'backOn', minutes })) : [];

/** Every lower setting, and the next higher one. */
function rings({ here, isOff, hasRing: ring }: AroundHere): readonly Rescue[] {
  if (!here || isOff || !ring) return [];
  const at = HEATS.indexOf(here.heat);
  const others: readonly (HeatSetting | undefined)[] = [HEATS[at - 1], ...HEATS.slice(at + 1)];
  return others.flatMap((heat) => (heat === undefined || heat === 'off' ? [] : [{ kind: 'ring', heat }]));
}

function lids({ here, isOff }: AroundHere, isWet: boolean): readonly Rescue[] {
  if (!here || !isWet) return [];
  if (isOff) return here.lid === 'on' ? [{ kind: 'lid', lid: 'cloth' }] : [];
  return here.lid === 'on' && isUnderLid(here.act) ? [{ kind: 'lid', lid: 'ajar' }] : [];
}

function splashes(
  { here, isOff, leftMin }: AroundHere,
  { keepG, perMl, lacksG }: Have,
  cupMl: number,
): readonly Rescue[] {
  if (here?.lid === 'off') return [];
  return SPLASHES.flatMap(([share, least]) => {
    const ml = asMeasured((share * lacksG) / perMl, cupMl);
    if (ml <= 0) return [];
    const minutes = Math.max(least, isOff ? 0 : Math.round(leftMin));
    return [{ kind: 'splash', ml, minutes, moreThanKept: ml * perMl > keepG + SPOON_ML } as const];
  });
}

function opened({ here, isOff, goneMin }: AroundHere): readonly Rescue[] {
  const isOpen = here?.lid === 'off' && !isOff;
  const isEarly = here !== undefined && !isOff && goneMin <= LIVELY_UNTIL * plannedMin(here);
  const ways = [
    [true, isOpen || isEarly],
    [false, !isOpen],
  ] as const;
  return ways.flatMap(([lively, can]) =>
    can ? OPEN_MIN.map((minutes) => ({ kind: 'open', minutes, lively }) as const) : [],
  );
}
