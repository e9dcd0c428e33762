import { spawnSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ANSWER_EXAMPLE } from '../../apps/server/dist/answer/answer.example.js';
import * as core from '../../packages/core/dist/index.js';
import { figure, median, QUICK } from './benchFigures.mjs';
import { bad, course, draws } from './benchPot.mjs';
import { cookKitchens, kitchensText } from './kitchens.mjs';
import { sizes } from '../check/sizes.mjs';
import { root, say } from '../run/lib.mjs';

const { answer, INGREDIENTS, parseLines } = core;

const step = (id, act, heat, lid, minutes) => ({ id, act, heat, lid, end: { kind: 'minutes', minutes } });
const sign = (id, act, heat, lid, seen) => ({
  id,
  act,
  heat,
  lid,
  end: { kind: 'sign', sign: seen, expectMin: 5 },
});
/**
 * A plan with twenty-five ingredients and twelve stages.
 * @type {any}
 */
const LARGE = {
  ...ANSWER_EXAMPLE,
  ingredients: INGREDIENTS.filter((i) => i.behaves !== 'liquid')
    .slice(0, 25)
    .map((i) => ({ ingredientId: i.id, amount: { g: 20 } })),
  stages: [
    step('soak', 'soak', 'off', 'off', 20),
    step('drain', 'drain', 'off', 'off', 10),
    step('fat', 'warmFat', 'medium', 'off', 2),
    step('base', 'base', 'medium', 'off', 9),
    step('base2', 'base', 'low', 'off', 6),
    step('toast', 'toast', 'medium', 'off', 4),
    sign('boil', 'boil', 'high', 'off', 'boilAllOver'),
    sign('down', 'boilDown', 'mediumHigh', 'off', 'holes'),
    step('cover', 'simmer', 'low', 'on', 8),
    step('turn', 'turn', 'veryLow', 'off', 1),
    step('steam', 'steam', 'veryLow', 'cloth', 6),
    step('rest', 'rest', 'off', 'on', 10),
  ],
  vessel: { diameterCm: 28, volumeMl: 8000 },
};
const LIST = Array.from(
  { length: 25 },
  (_, i) =>
    [
      '3 medium onions, sliced',
      '1 8-oz can tomato sauce',
      '400 g raw prawns',
      '1/3 cup yoghrt',
      '2 tbsp oil',
    ][i % 5],
).join('\n');

export function inCore() {
  figure(
    'answer in core, median',
    median(50, () => answer(ANSWER_EXAMPLE)),
    'ms',
    0.3,
  );
  const large = answer(LARGE);
  if (large.ok === false) throw new Error(JSON.stringify(large.error));
  figure(
    'answer to 25 ingredients and 12 stages, median',
    median(20, () => answer(LARGE)),
    'ms',
    2,
  );
  figure(
    '25 pasted lines read, median',
    median(5, () => parseLines(LIST)),
    'ms',
    20,
  );
}

/** The pot over time: how fast, how right, and that nothing hangs. */
export async function potOverTime() {
  const pot = await course(core, median);
  figure('one full course, median', pot.courseMs, 'ms', 0.08);
  say(
    `the registry's solvers at equal accuracy: odex ${pot.odexMs.toFixed(1)} ms (×${pot.odexRatio.toFixed(1)}), ode45-cash-karp ${pot.karpMs.toFixed(1)} ms (×${pot.karpRatio.toFixed(1)}); error of the core ${pot.error.toExponential(1)}`,
  );
  figure('registry solvers are slower by at least', -Math.min(pot.odexRatio, pot.karpRatio), '×', -10);
  const { allS, firstMs } = await draws();
  figure('2,000 draws on two workers', allS, 's', 0.2);
  figure('first odds, 200 draws on two workers', firstMs, 'ms', 150);
  figure('random plans without an outcome, of 10,000', bad(core, QUICK ? 200 : 10_000), '', 0);
}

/** The reliability table and the rules beaten, into docs/accuracy.md. */
export function kitchens() {
  const count = Number(process.env.KITCHENS ?? 1000);
  const text = kitchensText(cookKitchens(core, count), count);
  const file = join(root, 'docs/kitchens.part.md');
  writeFileSync(file, text);
  // The next check must not stumble over what a bench left.
  spawnSync('npx', ['prettier', '--write', '--log-level', 'warn', file], { cwd: root });
  say('docs/kitchens.part.md, which npm run accuracy puts into docs/accuracy.md');
}

/** What the first page waits for. */
export const firstLoad = () => figure('JavaScript at first load, gzipped', sizes()['first load'], 'kB', 125);
