import type { Calibrated } from './priors.js';
import { VALUES } from './values.generated.js';

export type Calibration = Readonly<Record<Calibrated, number>>;

let now: Calibration = VALUES;

/** Points of cooked moisture that the table of practice adds. */
export const points = (name: Calibrated): number => now[name];

/** The share by which the table of practice changes an amount. */
export const share = (name: Calibrated): number => Math.exp(now[name]);

/**
 * Works something out with other values: what `npm run calibrate` looks for the best of.
 * @example withCalibration(calibrated(), () => 1) // 1
 */
export function withCalibration<T>(values: Calibration, work: () => T): T {
  const before = now;
  now = values;
  try {
    return work();
  } finally {
    now = before;
  }
}

/**
 * The values as they were calibrated.
 * @example Object.keys(calibrated()).length // 17
 */
export const calibrated = (): Calibration => VALUES;
