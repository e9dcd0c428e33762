import { STEP_MIN } from './cook.js';
import type { Setup } from './setup.js';
import { room, type Order } from './integrate.js';
import { newWalk, type CookedStage, type Walk } from './walk.js';

/** The midpoint rule, as a pot is cooked through with. */
export const ORDER: Order = 2;

/** What a pot has become by the beginning of a stage: numbers and yes and no, nothing else. */
export type Kept = Omit<
  Walk,
  'setup' | 'stepMin' | 'record' | 'stretch' | 'room' | 'y' | 'cooked' | 'ranDryMin' | 'stopAtMin'
> & {
  readonly y: readonly number[];
  readonly cooked: readonly CookedStage[];
  /** Null where it never did: what is undefined does not travel. */
  readonly ranDryMin: number | null;
};

/** A walk as it is written down. */
export function kept({
  setup,
  stepMin,
  record,
  stretch,
  room,
  y,
  cooked,
  ranDryMin,
  stopAtMin,
  ...rest
}: Walk): Kept {
  return { ...rest, y: Array.from(y), cooked: [...cooked], ranDryMin: ranDryMin ?? null };
}

/** Room for the steps of pots that are on their way: one is cooked after the other, and nothing stays in it. */
const ROOM = room(ORDER);

/** A walk taken up again. */
export function walkOf(setup: Setup, { y, cooked, ranDryMin, ...rest }: Kept): Walk {
  const fresh = newWalk(setup, 0, { stepMin: STEP_MIN, order: ORDER, record: undefined, room: ROOM });
  fresh.y.set(y);
  fresh.cooked.push(...cooked);
  return Object.assign(fresh, rest, { ranDryMin: ranDryMin ?? undefined });
}
