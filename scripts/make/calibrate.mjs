import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { format, resolveConfig } from 'prettier';
import { build, install, root, say } from '../run/lib.mjs';

/**
 * Finds the constants that nobody publishes, all together, from the table of practice and their priors, and writes them
 * where the core reads them: npm run calibrate. Deterministic; a few minutes.
 */
install();
build();
const { outside } = await import('./cost.mjs');
const { cost, fitted, polished, posterior, practice } = await import('./fit.mjs');
const { answer, withCalibration } = await import('../../packages/core/dist/index.js');
const { listOf, names: NAMES, poured, valuesOf } = cost;

const pots = await practice();
say(`${pots.length} pots, ${NAMES.length} values`);
const best = polished(pots, fitted(pots));
const values = valuesOf(best);
const { spreads, correlation } = posterior(pots, best);
say('every pot left out in its turn');
/** Enough from the best fit of all pots to the best without one of them. */
const AGAIN = 6;
const left = pots.map((pot) => {
  const without = valuesOf(
    fitted(
      pots.filter((p) => p !== pot),
      best,
      AGAIN,
    ),
  );
  const ml = poured(pot, without);
  const solved = withCalibration(without, () => answer(pot.plan));
  if (solved.ok === false) throw new Error(JSON.stringify(solved.error));
  const { doubt, account } = solved.value;
  return {
    id: pot.id,
    outside: outside(pot, ml),
    middle: Math.log(ml / Math.sqrt(pot.least * pot.most)),
    width: Math.log(pot.most / pot.least),
    named: Math.hypot(...doubt.parts.filter((p) => p.code !== 'kitchen').map((p) => p.g)) / ml,
    drunk: account.terms.find((t) => t.kind === 'absorbed').g / ml,
  };
});

const mean = (list) => list.reduce((sum, n) => sum + n, 0) / list.length;
/**
 * What the doubts that have names leave unexplained of a kitchen that was not met: how far the middle of left-out pots is
 * off, and how far cooks who are content pour beside that middle, anywhere within their range alike.
 */
const kitchen = Math.sqrt(
  Math.max(0, mean(left.map((p) => (p.middle ** 2 + p.width ** 2 / 12 - p.named ** 2) / p.drunk ** 2))),
);

const round = (n) => Math.round(n * 10_000) / 10_000 + 0;
const record = (list, of) => `{ ${NAMES.map((name, i) => `'${name}': ${of(list[i])}`).join(', ')} }`;
const write = async (file, text) => {
  const path = join(root, file);
  writeFileSync(path, await format(text, { ...(await resolveConfig(path)), filepath: path }));
};
const MADE =
  'Made by `npm run calibrate` from the table of practice and the priors; not to be changed by hand.';
await write(
  'packages/core/src/basics/calibration/values.generated.ts',
  `/** ${MADE} */
export const VALUES = ${record(best, round)} as const;

/**
 * How far left-out pots are off, and cooks from each other, beyond what the named doubts explain, as a share of what the
 * grain drinks: what a kitchen that was not met carries from pot to pot.
 */
export const KITCHEN_SPREAD = ${round(kitchen)};
`,
);
await write(
  'packages/core/src/testing/posterior.json',
  JSON.stringify({
    about: MADE,
    names: NAMES,
    values: listOf(values).map(round),
    spreads: spreads.map(round),
    correlation: correlation.map((row) => row.map((r) => Math.round(r * 100) / 100)),
    leftOut: left.map(({ id, ...p }) => ({
      id,
      ...Object.fromEntries(Object.entries(p).map(([name, n]) => [name, round(n)])),
    })),
  }),
);
say(
  `kitchen ${(kitchen * 100).toFixed(1)} %, mean distance of left-out pots ${(100 * mean(left.map((p) => Math.abs(p.outside)))).toFixed(2)} %`,
);
