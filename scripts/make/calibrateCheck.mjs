import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import * as core from '../../packages/core/dist/index.js';
import { VALUES } from '../../packages/core/dist/basics/calibration/values.generated.js';
import { root } from '../run/lib.mjs';
import { costOf, tableOf } from './cost.mjs';
import { potsOfTests } from './fit.mjs';

/**
 * What a test asks of the calibrated values and takes a minute in a test's own sandbox: written to the output as JSON.
 * `least`: the cost of the values; `moved`: the cost with each of them moved a third of its spread either way;
 * `shares`: of each pot of the table, the chance of its usual pour beside its best.
 */
const read = (name) => JSON.parse(readFileSync(join(root, 'packages/core/src/testing', name), 'utf8'));
const { spreads } = read('posterior.json');
const pots = tableOf(core, read('practice.json').pots, await potsOfTests());
const cost = costOf(core);
const best = cost.listOf(VALUES);
const squares = (list) => cost.residuals(pots, list).reduce((sum, r) => sum + r * r, 0);
const moved = cost.names.flatMap((name, i) =>
  [-1, 1].map((way) => [name, way, squares(best.map((v, k) => (k === i ? v + (way * spreads[i]) / 3 : v)))]),
);
const shares = pots.map(({ plan, least, most }) => {
  const made = core.completePlan(plan);
  if (made.ok === false) throw new Error(JSON.stringify(made.error));
  const { curve } = core.oddsOf(made.value, { draws: 120 });
  const middle = Math.sqrt(least * most);
  const near = curve.reduce((a, b) => (Math.abs(b.ml - middle) < Math.abs(a.ml - middle) ? b : a));
  return near.chances.asWanted / Math.max(...curve.map(({ chances }) => chances.asWanted));
});
process.stdout.write(JSON.stringify({ least: squares(best), moved, shares }));
