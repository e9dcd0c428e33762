import type { Setting } from './setting.js';
import { rates } from './rates.js';
import { get, SIZE, type State } from './state.js';

/** How a step is taken: Kutta's of fourth order, or the midpoint rule at half its price. */
export type Order = 4 | 2;

/** Room for the steps of one pot; made once and used over and over. */
export interface Room {
  readonly order: Order;
  readonly k1: State;
  readonly k2: State;
  readonly k3: State;
  readonly k4: State;
  readonly mid: State;
  readonly next: State;
}

export const room = (order: Order = 4): Room => ({
  order,
  k1: new Float64Array(SIZE),
  k2: new Float64Array(SIZE),
  k3: new Float64Array(SIZE),
  k4: new Float64Array(SIZE),
  mid: new Float64Array(SIZE),
  next: new Float64Array(SIZE),
});

/**
 * One step of the classical Runge–Kutta method (Kutta 1901), or of the midpoint rule, from `y` into `room.next`.
 * @param hMin length of the step, min
 * @param again true when `room.k1` still holds the rates at `y`
 */
export function integrationStep(
  y: State,
  hMin: number,
  s: Setting,
  boiling: boolean,
  r: Room,
  again = false,
): State {
  const { k1, k2, k3, k4, mid, next } = r;
  if (!again) rates(y, k1, s, boiling);
  along(mid, y, k1, hMin / 2);
  rates(mid, k2, s, boiling);
  if (r.order === 2) {
    along(next, y, k2, hMin);
    return next;
  }
  along(mid, y, k2, hMin / 2);
  rates(mid, k3, s, boiling);
  along(mid, y, k3, hMin);
  rates(mid, k4, s, boiling);
  for (let i = 0; i < SIZE; i += 1)
    next[i] = get(y, i) + (hMin / 6) * (get(k1, i) + 2 * (get(k2, i) + get(k3, i)) + get(k4, i));
  return next;
}

function along(to: State, y: State, k: State, h: number): void {
  for (let i = 0; i < SIZE; i += 1) to[i] = get(y, i) + h * get(k, i);
}

/** Something that is negative until it happens. */
export type Crossing = (y: State) => number;

/** Corrections of the moment of an event at most; six are usual. */
const MOST_HALVINGS = 40;
/** An event is found to this, in minutes or in its own unit. */
const CLOSE_ENOUGH = 1e-10;

/**
 * Length of the step at whose end `crossing` is nothing, given that it is past at the end of the whole step: regula
 * falsi, Illinois variant. Leaves the state there in `room.next`.
 * @returns minutes into the step
 */
export function stepTo(
  y: State,
  hMin: number,
  s: Setting,
  boiling: boolean,
  r: Room,
  crossing: Crossing,
): number {
  let [a, fa] = [0, crossing(y)];
  let [b, fb] = [hMin, crossing(r.next)];
  if (fa >= 0) {
    integrationStep(y, 0, s, boiling, r, true);
    return 0;
  }
  let at = hMin;
  for (let i = 0; i < MOST_HALVINGS; i += 1) {
    at = b - (fb * (b - a)) / (fb - fa);
    const f = crossing(integrationStep(y, at, s, boiling, r, true));
    if (Math.abs(f) < CLOSE_ENOUGH || b - a < CLOSE_ENOUGH) break;
    if (f >= 0) {
      b = at;
      fb = f;
      fa /= 2;
    } else {
      a = at;
      fa = f;
      fb /= 2;
    }
  }
  return at;
}
