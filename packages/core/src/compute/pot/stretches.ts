import type { CompletePlan } from '../../plan/input/planInput.js';
import { cookPot } from './cook.js';
import { rates } from './rates.js';
import type { Crossing } from './integrate.js';
import type { Setup } from './setup.js';
import type { State } from './state.js';
import type { Stretched } from './walk.js';

/** Minutes of a pot in which nothing but the equations happens: for checking them with another solver. */
export interface Stretch {
  readonly from: State;
  readonly minutes: number;
  /** What ended it, negative until then; undefined when its time was up. */
  readonly until: Crossing | undefined;
  /** The right-hand side while it lasts. */
  readonly rates: (y: State, dy: State) => void;
}

/**
 * The stretches of a pot between its events, and where the last of them before the serving ends.
 * @example stretchesOf(plan, 560, setup).length > 3 // true
 */
export function stretchesOf(
  plan: CompletePlan,
  pourWaterG: number,
  setup: Setup,
): readonly Stretch[] & { readonly exactEnd: State } {
  const made: Stretch[] = [];
  let end: State = new Float64Array(0);
  cookPot(plan, pourWaterG, {
    setup,
    stepMin: 1 / 64,
    order: 4,
    stretch: (from: State, to: State, { minutes, s, boiling, until }: Stretched) => {
      if (minutes <= 0) return;
      made.push({
        from,
        minutes,
        until,
        rates: (y, dy) => {
          rates(y, dy, s, boiling);
        },
      });
      end = to;
    },
  });
  return Object.assign(made, { exactEnd: end });
}
