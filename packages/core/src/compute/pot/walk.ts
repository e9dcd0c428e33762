import type { Act } from '../../basics/method/stage.js';
import { room, integrationStep, stepTo, type Crossing, type Order, type Room } from './integrate.js';
import { availableG } from './rates.js';
import { NO_HARD_CENTRE } from './constants.js';
import { type Setting } from './setting.js';
import type { Setup } from './setup.js';
import { BEDS, FREE, get, SIZE, STEAM, TOP, W0, type State, DONE0 } from './state.js';

/** How a stage came to its end. */
export type Ended = 'minutes' | 'sign' | 'count' | 'flip' | 'gaveUp' | 'told';

/** What is to be seen in the pot when a stage is over. */
export type Seen =
  | 'nothingYet'
  | 'warming'
  | 'liquidOver'
  | 'levelWithGrain'
  | 'holes'
  | 'absorbed'
  | 'crackles'
  | 'scorched'
  | 'underPressure';

/** A stage as it went in this pot. */
export interface CookedStage {
  readonly stageId: string;
  readonly act: Act | 'serve';
  readonly fromMin: number;
  readonly toMin: number;
  readonly ended: Ended;
  readonly seen: Seen;
  readonly steamG: number;
}

/** Told of every stretch between two events. */
export type OnStretch = (from: State, to: State, how: Stretched) => void;

export interface Stretched {
  readonly minutes: number;
  readonly s: Setting;
  readonly boiling: boolean;
  /** What ended it, where something did. */
  readonly until: Crossing | undefined;
}

/** One moment of the course. */
export type Recorder = (atMin: number, y: State) => void;

/** A pot on its way: its state, how late it is, and what has been done to it. */
export interface Walk {
  readonly setup: Setup;
  readonly stepMin: number;
  readonly record: Recorder | undefined;
  readonly stretch: OnStretch | undefined;
  readonly room: Room;
  readonly y: State;
  readonly cooked: CookedStage[];
  atMin: number;
  grainIn: boolean;
  liquidIn: boolean;
  kJPerK: number;
  /** False while the pour is still beside the pot. */
  poured: boolean;
  /** Water put into the pot so far, in the grain or not, g. */
  putInG: number;
  pourG: number;
  laterG: number;
  /** Fullest the pot has been with its foam, ml, and when. */
  fullestMl: number;
  fullestMin: number;
  /** Breakage of the grain so far, 0–1. */
  broken: number;
  /** When the liquid had gone on the fire while grain was still hard; undefined when it never did. */
  ranDryMin: number | undefined;
  /** The pot is looked at then and goes no further: `goOn` throws PotPaused. Infinity for a pot that is cooked through. */
  stopAtMin: number;
}

/**
 * Thrown out of the middle of a stage when the pot has come to the moment at which it is to be read. What a stage
 * does is code and not data, so it is left this way and entered again from its beginning.
 */
export class PotPaused extends Error {}
/** The one that is thrown: thousands of pots are paused for one look, and nobody asks where. */
const PAUSED = new PotPaused();

export interface How {
  readonly stepMin: number;
  readonly order: Order;
  readonly record: Recorder | undefined;
  readonly stretch?: OnStretch | undefined;
  /** Where it takes its steps; its own without. */
  readonly room?: Room;
}

export function newWalk(
  setup: Setup,
  pourG: number,
  { stepMin, order, record, stretch, room: where = room(order) }: How,
): Walk {
  const later = setup.plan.laterShare * Math.max(0, pourG);
  return {
    setup,
    stepMin,
    record,
    stretch,
    room: where,
    y: new Float64Array(SIZE),
    cooked: [],
    atMin: 0,
    grainIn: false,
    liquidIn: false,
    kJPerK: 0,
    poured: true,
    putInG: 0,
    pourG: Math.max(0, pourG) - later,
    laterG: later,
    fullestMl: 0,
    fullestMin: 0,
    broken: 0,
    ranDryMin: undefined,
    stopAtMin: Infinity,
  };
}

/** W of the beds together. */
export const bedsSum = (y: State): number => get(y, W0) + get(y, W0 + 1) + get(y, W0 + 2);
/** Dry matter of one bed, g. */
export const perBedG = ({ setup, grainIn }: Walk): number => (grainIn ? setup.dryG / BEDS : 0);

/** All the water there is in the pot and all that has left it, g. */
export const waterG = (walk: Walk): number => {
  const { y } = walk;
  return (
    get(y, FREE) +
    bedsSum(y) * perBedG(walk) +
    get(y, TOP) +
    get(y, TOP + 1) +
    get(y, TOP + 2) +
    get(y, STEAM)
  );
};

export const record = (walk: Walk): void => {
  walk.record?.(walk.atMin, walk.y);
};

/** Moments nearer than this are one, min. */
const SAME_MOMENT_MIN = 1e-9;

/** Liquid of less than this is none, g per g of dry matter. */
const NONE_PER_G = 0.02;

/** Nothing left to drink while the fire is on and some grain has still a hard centre. */
function isDry({ grainIn, setup, y }: Walk, s: Setting): boolean {
  if (!grainIn || s.powerKJ <= 0 || availableG(y, s) > NONE_PER_G * setup.dryG) return false;
  return Math.min(get(y, DONE0), get(y, DONE0 + 1), get(y, DONE0 + 2)) < NO_HARD_CENTRE;
}

/**
 * Goes on for the given minutes, or until `crossing` is no longer negative.
 * @returns true when it crossed
 */
export function advance(
  walk: Walk,
  s: Setting,
  boiling: boolean,
  forMin: number,
  crossing?: Crossing,
): boolean {
  const { y, room: r } = walk;
  const stepMin = Math.min(walk.stepMin, s.stepMin);
  const from = walk.stretch ? y.slice() : undefined;
  const began = walk.atMin;
  const ended = (crossed: boolean): boolean => {
    if (from)
      walk.stretch?.(from, y.slice(), {
        minutes: walk.atMin - began,
        s,
        boiling,
        until: crossed ? crossing : undefined,
      });
    return crossed;
  };
  let left = forMin;
  while (left > 1e-9) {
    const h = left < stepMin * 1.01 ? left : stepMin;
    integrationStep(y, h, s, boiling, r);
    const crossed = crossing !== undefined && crossing(r.next) >= 0;
    const taken = crossed ? stepTo(y, h, s, boiling, r, crossing) : h;
    if (walk.atMin + taken > walk.stopAtMin + SAME_MOMENT_MIN) {
      y.set(integrationStep(y, Math.max(0, walk.stopAtMin - walk.atMin), s, boiling, r));
      walk.atMin = walk.stopAtMin;
      throw PAUSED;
    }
    y.set(r.next);
    walk.atMin += taken;
    left -= taken;
    if (walk.ranDryMin === undefined && isDry(walk, s)) walk.ranDryMin = walk.atMin;
    record(walk);
    if (crossed) return ended(true);
  }
  return ended(false);
}
