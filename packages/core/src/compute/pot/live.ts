import { addLiquid, removeLiquid } from './additions.js';
import { enterStage, serve, STEP_MIN, type Cooked } from './cook.js';
import type { Setup } from './setup.js';
import { cookStage, gapsFullNow, holdOn, seenNow, settingFor } from './stages.js';
import { kept, ORDER, walkOf, type Kept } from './kept.js';
import { get, STEAM } from './state.js';
import { newWalk, PotPaused, type Seen, type Walk } from './walk.js';

/**
 * A pot that is on its way, as plain data: it can be written down, sent to another worker and taken up again with the
 * same setup. It keeps the pot as the stage began and how long that has been going, so that however often it is
 * looked at the pot takes the same steps.
 */
export interface LivePot {
  /** Stage that is being cooked; as many as there are when all are over. */
  readonly stageIndex: number;
  /** Minutes from the first liquid. */
  readonly atMin: number;
  /** The pot as that stage began, or as it was when something was done to it in the middle. */
  readonly began: Kept;
  /** Minutes of the stage that were gone by then; undefined where it is still to be entered. */
  readonly goneMin?: number;
}

/** What there is to see and to measure in a pot just now. */
export interface LiveReading {
  /** The pot's numbers, by the places of pot/state. */
  readonly y: readonly number[];
  readonly seen: Seen;
  /** How far the gaps among the grain are full; over 1 the liquid stands above it. 2 before there is any grain. */
  readonly gapsFull: number;
  readonly steamG: number;
  /** True once the stage has come to the end that the plan gives it. */
  readonly isOver: boolean;
}

/** Until when a pot goes on by itself. */
export interface Going {
  /** True when a stage lasts until `endStage`, whatever the plan says; by the plan it goes on to the next one. */
  readonly stays?: boolean;
}

/**
 * A pot before its first stage.
 * @param pourWaterG water that will be poured, g
 * @example startPot(setup, 560).stageIndex // 0
 */
export function startPot(setup: Setup, pourWaterG: number): LivePot {
  const walk = newWalk(setup, pourWaterG, { stepMin: STEP_MIN, order: ORDER, record: undefined });
  return { stageIndex: 0, atMin: 0, began: kept(walk) };
}

/**
 * The pot after the given minutes. Stages before the first liquid take no time here: their minutes are the plan's.
 * @param minutes not negative
 * @example advancePot(setup, pot, 5).atMin // 5
 */
export function advancePot(
  setup: Setup,
  pot: LivePot,
  minutes: number,
  { stays = false }: Going = {},
): LivePot {
  const toMin = pot.atMin + minutes;
  let at = pot;
  for (;;) {
    const stage = setup.plan.stages[at.stageIndex];
    if (!stage) return { ...at, atMin: Math.max(at.atMin, toMin) };
    const { walk, isOver } = chancesInspected(setup, at, toMin);
    if (!isOver || (stays && walk.liquidIn)) return { ...at, atMin: toMin };
    at = { stageIndex: at.stageIndex + 1, atMin: walk.atMin, began: kept(walk) };
  }
}

/**
 * The cook says that the stage is over, here and now, before its time or long after it.
 * @example endStage(setup, pot).stageIndex // 1
 */
export function endStage(setup: Setup, pot: LivePot): LivePot {
  const stage = setup.plan.stages[pot.stageIndex];
  if (!stage) return pot;
  const { walk, isOver } = cookedTo(setup, pot, pot.atMin);
  if (!walk.liquidIn) return { ...pot, stageIndex: pot.stageIndex + 1, began: kept(walk) };
  if (isOver && walk.atMin < pot.atMin - 1e-9) held(walk, pot);
  const natural = isOver ? walk.cooked.pop() : undefined;
  walk.cooked.push({
    stageId: stage.id,
    act: stage.act,
    fromMin: pot.began.atMin - (pot.goneMin ?? 0),
    toMin: walk.atMin,
    ended: natural && natural.toMin >= walk.atMin - 1e-9 ? natural.ended : 'told',
    seen: seenNow(walk, settingFor(walk, stage)),
    steamG: get(walk.y, STEAM) - (pot.began.y[STEAM] ?? 0),
  });
  return { stageIndex: pot.stageIndex + 1, atMin: walk.atMin, began: kept(walk) };
}

/**
 * More liquid into a pot that has some already. The stage it is in goes on with the minutes that are left of it.
 * @param waterG water added, g; negative counts as none
 * @param tempC of the liquid
 * @example pourMore(setup, pot, 0, 95).stageIndex === pot.stageIndex // true
 */
export const pourMore = (setup: Setup, pot: LivePot, waterG: number, tempC: number): LivePot =>
  changed(setup, pot, (walk) => {
    addLiquid(walk, waterG, tempC);
  });

/**
 * Liquid taken out of a pot, as hot as it is; never more than is free. The stage it is in goes on with what is left of it.
 * @param waterG water taken out, g; negative counts as none
 * @example takeOut(setup, pot, 0).stageIndex === pot.stageIndex // true
 */
export const takeOut = (setup: Setup, pot: LivePot, waterG: number): LivePot =>
  changed(setup, pot, (walk) => {
    removeLiquid(walk, waterG);
  });

/**
 * The same pot, to be gone on with from this minute and not from the beginning of its stage: for one that is looked at often.
 * Only a stage that ends by its minutes is cut so.
 * @example fromHere(setup, advancePot(setup, pot, 5)).atMin // 5
 */
export const fromHere = (setup: Setup, pot: LivePot): LivePot =>
  setup.plan.stages[pot.stageIndex]?.end.kind === 'minutes' && pot.began.liquidIn
    ? changed(setup, pot, () => undefined)
    : pot;

/** The pot with something done to it: between two stages as it stands there, in the middle of one that is not entered twice. */
function changed(setup: Setup, pot: LivePot, change: (walk: Walk) => void): LivePot {
  if (pot.began.liquidIn && pot.atMin === pot.began.atMin) {
    const walk = walkOf(setup, pot.began);
    change(walk);
    return { ...pot, began: kept(walk) };
  }
  const { walk } = cookedTo(setup, pot, pot.atMin);
  if (!walk.liquidIn) return { ...pot, began: kept(walk) };
  change(walk);
  return { ...pot, began: kept(walk), goneMin: goneOf(pot) };
}
const goneOf = (pot: LivePot): number => (pot.goneMin ?? 0) + pot.atMin - pot.began.atMin;

/**
 * The minute at which the stage that the pot is in comes to its end by itself, from the first liquid; where the pot
 * stands in a stage without liquid, now.
 * @example stageOverAtMin(setup, pot) // 0
 */
export const stageOverAtMin = (setup: Setup, pot: LivePot): number =>
  Math.max(pot.atMin, cookedTo(setup, pot, Infinity).walk.atMin);

/**
 * What the pot is like just now; the pot itself is as it was.
 * @example readPot(setup, advancePot(setup, pot, 1)).seen // 'warming'
 */
export function readPot(setup: Setup, pot: LivePot): LiveReading {
  const stage = setup.plan.stages[pot.stageIndex];
  const { walk, isOver } = chancesInspected(setup, pot, pot.atMin);
  if (isOver && walk.liquidIn && walk.atMin < pot.atMin - 1e-9) {
    lastCooked.delete(pot.began);
    held(walk, pot);
  }
  return {
    y: [...walk.y],
    seen: stage && walk.liquidIn ? seenNow(walk, settingFor(walk, stage)) : 'nothingYet',
    gapsFull: stage && walk.liquidIn && walk.grainIn ? gapsFullNow(walk, stage) : 2,
    steamG: get(walk.y, STEAM),
    isOver,
  };
}

/**
 * The pot cooked to its end as the plan says, from where it is.
 * @example finishPot(setup, pot).stages.length // 4
 */
export function finishPot(setup: Setup, pot: LivePot): Cooked {
  const { walk, isOver } = chancesInspected(setup, pot, pot.atMin);
  // A stage that was stopped in the middle is cooked from its beginning: it takes the steps it would have taken.
  const at = isOver && walk.atMin < pot.atMin - 1e-9 ? endStage(setup, pot) : pot;
  const end = walkOf(setup, at.began);
  for (const [index, stage] of setup.plan.stages.entries()) {
    if (index < at.stageIndex) continue;
    const goneMin = index === at.stageIndex ? at.goneMin : undefined;
    if (goneMin === undefined) enterStage(end, index);
    if (end.liquidIn) cookStage(end, stage, goneMin);
  }
  return serve(end);
}

/** A stage as it was cooked so far. */
interface CookedSoFar {
  readonly walk: Walk;
  readonly isOver: boolean;
}

/**
 * What a stage that was begun so came to, the last time it was cooked: a pot is advanced and then read, or ended, at one minute.
 * It is given out once, since who ends a stage or pours into it changes the walk itself.
 */
const lastCooked = new WeakMap<Kept, CookedSoFar & { readonly setup: Setup; readonly toMin: number }>();

/** The stage that the pot is in, from its beginning to `toMin` or to its own end, whichever comes first. */
function cookedTo(setup: Setup, pot: LivePot, toMin: number): CookedSoFar {
  const before = lastCooked.get(pot.began);
  if (before?.setup === setup && before.toMin === toMin) {
    lastCooked.delete(pot.began);
    return before;
  }
  return cookedAnew(setup, pot, toMin);
}

/** The same, to be looked at and not changed: the next who asks need not cook it again. */
function chancesInspected(setup: Setup, pot: LivePot, toMin: number): CookedSoFar {
  const found = cookedTo(setup, pot, toMin);
  lastCooked.set(pot.began, { ...found, setup, toMin });
  return found;
}

function cookedAnew(setup: Setup, pot: LivePot, toMin: number): CookedSoFar {
  const walk = walkOf(setup, pot.began);
  const stage = setup.plan.stages[pot.stageIndex];
  if (!stage) return { walk, isOver: true };
  if (pot.goneMin === undefined) enterStage(walk, pot.stageIndex);
  if (!walk.liquidIn) return { walk, isOver: true };
  return {
    walk,
    isOver: !isStopped(walk, toMin, () => {
      cookStage(walk, stage, pot.goneMin);
    }),
  };
}

/** A stage that is over and goes on all the same: the ring is still on under it. */
function held(walk: Walk, pot: LivePot): void {
  const stage = walk.setup.plan.stages[pot.stageIndex];
  while (stage && walk.atMin < pot.atMin - 1e-9) isStopped(walk, pot.atMin, () => holdOn(walk, stage));
}

/** Works until `toMin`; true when the work was stopped there. */
function isStopped(walk: Walk, toMin: number, work: () => void): boolean {
  walk.stopAtMin = toMin;
  try {
    work();
    return false;
  } catch (error) {
    if (error instanceof PotPaused) return true;
    throw error;
  } finally {
    walk.stopAtMin = Infinity;
  }
}
