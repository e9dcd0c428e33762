import { SPREAD } from '../account/doubt.js';
import { baseAccount } from '../../plan/input/base.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import { NO_HARD_CENTRE } from '../pot/constants.js';
import { wetFrom } from './wetFrom.js';
import { WET_TOP_G_PER_M2 } from '../../basics/grain/kernel.js';
import { CAUGHT_LOG, COSTS, countOf, Reader, weightOf, windowFor, type Samples } from './chances.js';
import { DOUBTS, type DoubtCode } from './doubts.js';
import { POINT, ROW } from './sample.js';

/** A measurement a cook can make. */
export type MeasureAct = 'weighGrain' | 'weighBase' | 'waterTest';

/** What a measurement would gain. */
export interface WorthMeasuring {
  readonly act: MeasureAct;
  /** Share of pots as wanted now and once it is measured, each with the pour that is best then. */
  readonly now: number;
  readonly then: number;
}

/** A base of less than this is not worth putting on a scale, g. */
const LEAST_BASE_G = 60;

interface Choice {
  readonly act: MeasureAct;
  /** Each doubt it narrows, and to what share of what it was. */
  readonly narrows: readonly (readonly [DoubtCode, number])[];
}

function choices({ plan, spreads }: Samples['frame']): readonly Choice[] {
  const made: Choice[] = [];
  if (!plan.grainWeighed)
    made.push({ act: 'weighGrain', narrows: [['grainMass', SPREAD.grainWeighed / spreads.grainMass]] });
  if (plan.base.weighsG === undefined && baseAccount(plan).wentInG > LEAST_BASE_G)
    made.push({ act: 'weighBase', narrows: [['broughtIn', SPREAD.baseWeighed / spreads.broughtIn]] });
  if (canBeTested(plan))
    made.push({
      act: 'waterTest',
      narrows: [
        ['hobPower', SPREAD.hobMeasured / spreads.hobPower],
        ['lidLeak', SPREAD.lidMeasured / spreads.lidLeak],
      ],
    });
  return made;
}

/** Water can be boiled off in a pot on a ring, once; a cooker with its own switch sets its own heat. */
const canBeTested = ({ vessel, hob }: CompletePlan): boolean =>
  (vessel.kind === 'pot' || vessel.kind === 'pressureCooker') && (hob.measured?.length ?? 0) === 0;

/**
 * What each measurement would gain. How a pot feels is nearly linear in what is hidden, so the slope on each doubt is
 * found by least squares over the draws, that doubt's part is shrunk to what measuring leaves of it, and the pour is
 * chosen anew: no pot has to be simulated again.
 * @param byG the pour that is best now, beside the account's, g
 */
export function measuresFor(samples: Samples, byG: number): readonly WorthMeasuring[] {
  const n = countOf(samples);
  if (n < DOUBTS.length * 4) return [];
  const reader = new Reader(samples, { byG });
  const feels = Float64Array.from({ length: n }, (_, i) => reader.read(i, POINT.feels));
  const wet = wetFrom(samples.frame.plan);
  const faults = Uint8Array.from({ length: n }, (_, i) => faultOf(reader, i, wet));
  const slopes = slopesOf(samples, feels);
  const now = bestShare(samples, feels, faults);
  return choices(samples.frame)
    .map(({ act, narrows }) => {
      const left = feels.slice();
      for (const [code, share] of narrows) {
        const d = DOUBTS.indexOf(code);
        for (let i = 0; i < n; i += 1)
          left[i] =
            (left[i] ?? 0) - (1 - Math.min(1, share)) * (slopes[d] ?? 0) * (samples.rows[i * ROW + d] ?? 0);
      }
      return { act, now, then: Math.max(now, bestShare(samples, left, faults)) };
    })
    .sort((a, b) => b.then - a.then);
}

/** What is wrong with a pot whatever its moisture. */
const FAULT = { none: 0, hard: 1, wet: 2, other: 3 } as const;

function faultOf(reader: Reader, i: number, wet: number): number {
  if (reader.read(i, POINT.done) < NO_HARD_CENTRE) return FAULT.hard;
  if (reader.read(i, POINT.left) > wet) return FAULT.wet;
  const spoilt = reader.read(i, POINT.topG) > WET_TOP_G_PER_M2 || reader.read(i, POINT.brown) > CAUGHT_LOG;
  return spoilt ? FAULT.other : FAULT.none;
}

/** Slope of each doubt: they are drawn independently, so each is its own covariance over its own variance. */
function slopesOf(samples: Samples, feels: Float64Array): readonly number[] {
  const { rows } = samples;
  const n = feels.length;
  let all = 0;
  let sum = 0;
  for (let i = 0; i < n; i += 1) {
    all += weightOf(samples, i);
    sum += weightOf(samples, i) * (feels[i] ?? 0);
  }
  const mean = sum / all;
  return DOUBTS.map((_, d) => {
    let cov = 0;
    let squares = 0;
    for (let i = 0; i < n; i += 1) {
      const z = rows[i * ROW + d] ?? 0;
      cov += weightOf(samples, i) * z * ((feels[i] ?? 0) - mean);
      squares += weightOf(samples, i) * z * z;
    }
    return squares > 0 ? cov / squares : 0;
  });
}

/** Offsets of the moisture tried for the best pour, points. */
const OFFSETS = { most: 4, steps: 64 } as const;

/** Share as wanted when the whole batch of pots is moved by the pour to where it is worth most. */
function bestShare(samples: Samples, feels: Float64Array, faults: Uint8Array): number {
  const { low, high } = windowFor(samples.frame.plan);
  const n = feels.length;
  let best = { worth: -Infinity, share: 0 };
  for (let k = 0; k <= OFFSETS.steps; k += 1) {
    const by = OFFSETS.most * ((2 * k) / OFFSETS.steps - 1);
    let [hard, soft, wanted, all] = [0, 0, 0, 0];
    for (let i = 0; i < n; i += 1) {
      const m = (feels[i] ?? 0) + by;
      const weight = weightOf(samples, i);
      all += weight;
      if (m < low || faults[i] === FAULT.hard) hard += weight;
      else if (m > high || faults[i] === FAULT.wet) soft += weight;
      else if (faults[i] === FAULT.none) wanted += weight;
    }
    const share = wanted / all;
    const value = share - (COSTS.tooSoft * soft + COSTS.hard * hard) / all;
    // Of two that are even the first is taken, however sums are rounded.
    if (value > best.worth + 1e-9) best = { worth: value, share };
  }
  return best.share;
}
