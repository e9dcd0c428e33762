import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { transformSync } from '@swc/core';
import { levenbergMarquardt } from 'ml-levenberg-marquardt';
import { inverse, Matrix } from 'ml-matrix';
import { costOf, tableOf } from './cost.mjs';
import { root } from '../run/lib.mjs';

const core = await import('../../packages/core/dist/index.js');
const { PRIORS } = await import('../../packages/core/dist/basics/calibration/priors.js');
export const cost = costOf(core);
const { names, residuals } = cost;

/** The pots of the tests belong to them and are not built: their types are taken off here. */
export async function potsOfTests() {
  const { code } = transformSync(readFileSync(join(root, 'packages/core/src/testing/pots.ts'), 'utf8'), {
    jsc: { parser: { syntax: 'typescript' }, target: 'es2022' },
    module: { type: 'es6' },
  });
  return import(`data:text/javascript,${encodeURIComponent(code)}`);
}

/** The table of practice with the pots of the tests. */
export async function practice() {
  const file = join(root, 'packages/core/src/testing/practice.json');
  return tableOf(core, JSON.parse(readFileSync(file, 'utf8')).pots, await potsOfTests());
}

const STEP = 0.01;

/** The values with the least cost, from where one begins. Deterministic. */
export function fitted(pots, begin = cost.middles, maxIterations = 40) {
  const x = [...Array(cost.countOf(pots)).keys()];
  const { parameterValues } = levenbergMarquardt(
    { x, y: x.map(() => 0) },
    (list) => {
      const found = residuals(pots, list);
      return (i) => found[i];
    },
    {
      initialValues: begin,
      gradientDifference: STEP,
      centralDifference: false,
      maxIterations,
      errorTolerance: 1e-9,
      damping: 0.1,
    },
  );
  return parameterValues;
}

/** A step along one value at a time, in its own spread: from the first to the last, halved. */
const STEPS = { first: 0.4, last: 0.02 };

/**
 * The same, gone on with one value at a time until no step is any better: what is outside of a range and nothing inside has
 * edges, at which a search by slopes stops early. Deterministic.
 */
export function polished(pots, begin) {
  const spreads = names.map((name) => PRIORS[name].spread);
  const costAt = (list) => residuals(pots, list).reduce((sum, r) => sum + r * r, 0);
  let list = begin;
  let least = costAt(list);
  for (let step = STEPS.first; step >= STEPS.last; step /= 2) {
    for (let found = true; found;) {
      found = false;
      for (let i = 0; i < list.length; i += 1)
        for (const way of [-1, 1]) {
          const next = list.map((v, k) => (k === i ? v + way * step * spreads[i] : v));
          const is = costAt(next);
          if (is >= least) continue;
          [list, least, found] = [next, is, true];
        }
    }
  }
  return list;
}

/** Spreads and correlations of the values at the best fit, from the curvature there. */
export function posterior(pots, list) {
  const at = (i, by) =>
    residuals(
      pots,
      list.map((v, k) => (k === i ? v + by : v)),
    );
  const columns = names.map((_, i) => {
    const [more, less] = [at(i, STEP), at(i, -STEP)];
    return more.map((r, row) => (r - less[row]) / (2 * STEP));
  });
  const jacobian = new Matrix(columns).transpose();
  const covariance = inverse(jacobian.transpose().mmul(jacobian));
  const spreads = names.map((_, i) => Math.sqrt(covariance.get(i, i)));
  const correlation = names.map((_, i) =>
    names.map((__, k) => covariance.get(i, k) / spreads[i] / spreads[k]),
  );
  return { spreads, correlation };
}
