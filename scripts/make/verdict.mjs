import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { format, resolveConfig } from 'prettier';
import { build, install, root, say } from '../run/lib.mjs';

/**
 * Finds what a cook calls right, all together, from the pots that cooks are content with and the pots that fail: the width of a
 * verdict, how much of the doubt of a kitchen is risk and not taste, when a centre is hard, and when a base is caught. The most
 * likely of a grid, with priors; deterministic. A part of `npm run calibrate`, after the constants of the pour.
 */
install();
build();
const CORE = '../../packages/core/dist/';
const { completePlan } = await import(`${CORE}index.js`);
const { frameOf, pointOf } = await import(`${CORE}compute/odds/sample.js`);
const { spreadsOf, truthOf } = await import(`${CORE}compute/odds/doubts.js`);
const { drawZ } = await import(`${CORE}compute/odds/draw.js`);
const { setupOf } = await import(`${CORE}compute/pot/setup.js`);
const { cookPot } = await import(`${CORE}compute/pot/cook.js`);
const { WET_POT_PER_G } = await import(`${CORE}compute/pot/constants.js`);
const { targetMoisture } = await import(`${CORE}basics/grain/texture.js`);
const { pouredWaterG } = await import(`${CORE}compute/course/courseFor.js`);

const CUP_ML = 236.588;
const DRAWS = 60;
/** A fifth beyond either end of what cooks pour fewer than half are content: a pot counts little there. */
const BEYOND = { share: 0.2, weight: 0.15 };
/** No share of so few draws is nothing. */
const LEAST = 0.02;
const GRID = {
  riskShare: [0.35, 0.5, 0.7],
  widthPoints: [2.5, 3, 3.5, 4, 4.5, 5],
  hardCentre: [0.75, 0.8, 0.85, 0.9],
  caught: [1.8, 2.4, 3, 3.6],
};
/** What is believed before: a step either way is nearly right; half of a range is taste; a tooth finds 0.9 †. */
const PRIORS = {
  widthPoints: [2.75, 1.5],
  riskShare: [0.5, 0.2],
  hardCentre: [0.85, 0.05],
  caught: [2.4, 0.8],
};

const read = (name) => JSON.parse(readFileSync(join(root, 'packages/core/src/testing', name), 'utf8')).pots;

/** Every pour of a pot that says something: cooked in each kitchen. */
function cooked(plan, pours, riskShare) {
  const frame = frameOf(plan);
  const all = spreadsOf(plan);
  const spreads = { ...all, kitchen: all.kitchen * riskShare };
  const perMl = (plan.pourWith.water / 100) * plan.pourWith.densityGPerMl;
  return pours.map((ml) => {
    const waterG = Math.max(0, frame.waterG + ml * perMl - pouredWaterG(plan));
    return Array.from({ length: DRAWS }, (_, i) => {
      const setup = setupOf(plan, truthOf(drawZ(1, i), spreads));
      return pointOf(cookPot(plan, waterG, { setup, stepMin: 0.6 }));
    });
  });
}

const planOf = (input) => {
  const made = completePlan(input);
  if (!made.ok) throw new Error(JSON.stringify(made.error));
  return made.value;
};

const pots = [
  ...read('practice.json').map((p) => ({
    plan: planOf(p.plan),
    pours: [
      p.leastCups,
      (p.leastCups + p.mostCups) / 2,
      p.mostCups,
      (1 - BEYOND.share) * p.leastCups,
      (1 + BEYOND.share) * p.mostCups,
    ].map((cups) => cups * CUP_ML),
  })),
  ...read('failures.json').map((p) => ({ plan: planOf(p.plan), pours: [p.pourCups * CUP_ML], end: p.end })),
];
say(`${pots.length} pots`);

/** Shares of the draws that end so. */
function ends(points, { low, high }, { hardCentre, caught }) {
  const burnt = Math.log(caught + 1e-3);
  let [hard, soft, burns, right] = [0, 0, 0, 0];
  for (const { feels, done, left, brown } of points) {
    const isHard = feels < low || done < hardCentre;
    const isSoft = !isHard && (feels > high || left > WET_POT_PER_G);
    if (isHard) hard += 1;
    if (isSoft) soft += 1;
    if (brown > burnt) burns += 1;
    if (!isHard && !isSoft && brown <= burnt) right += 1;
  }
  return { hard: hard / DRAWS, soft: soft / DRAWS, caught: burns / DRAWS, right: right / DRAWS };
}

const log = (share) => Math.log(Math.max(LEAST, Math.min(1 - LEAST, share)));
let best = { likely: -Infinity };
for (const riskShare of GRID.riskShare) {
  const made = pots.map(({ plan, pours, end }) => ({ plan, end, at: cooked(plan, pours, riskShare) }));
  for (const widthPoints of GRID.widthPoints)
    for (const hardCentre of GRID.hardCentre)
      for (const caught of GRID.caught) {
        const values = { widthPoints, riskShare, hardCentre, caught };
        let likely = 0;
        for (const [name, [mean, sd]] of Object.entries(PRIORS))
          likely -= 0.5 * ((values[name] - mean) / sd) ** 2;
        for (const { plan, end, at } of made) {
          const target = targetMoisture(plan, plan.texture);
          const window = { low: target.low - widthPoints, high: target.high + widthPoints };
          const shares = at.map((points) => ends(points, window, values));
          if (end) likely += log(shares[0][end]);
          else {
            const [least, middle, most, under, over] = shares;
            likely += (log(least.right) + 2 * log(middle.right) + log(most.right)) / 4;
            likely += BEYOND.weight * (log(1 - under.right) + log(1 - over.right));
          }
        }
        if (likely > best.likely) best = { likely, values };
      }
}
const file = join(root, 'packages/core/src/basics/calibration/verdict.generated.ts');
const { widthPoints, riskShare, hardCentre, caught } = best.values;
const text = `/** Made by \`npm run calibrate\` from pots that cooks are content with and pots that fail; not to be changed by hand. */
export const VERDICT = { widthPoints: ${widthPoints}, riskShare: ${riskShare}, hardCentre: ${hardCentre}, caught: ${caught} } as const;
`;
writeFileSync(file, await format(text, { ...(await resolveConfig(file)), filepath: file }));
say(JSON.stringify(best));
