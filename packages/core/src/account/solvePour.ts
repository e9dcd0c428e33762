import { clingingPerG, dryBasis, dryMatter, startW, targetMoisture } from './grainWater.js';
import { ingredientTerms } from './ingredientTerms.js';
import type { CompletePlan } from './planInput.js';
import { stageSteam, type StageSteam } from './stageSteam.js';
import { total, type Term } from './term.js';

/** The account with its solved pour. */
export interface Solution {
  /** Every term but the pour. */
  readonly terms: readonly Term[];
  readonly steam: readonly StageSteam[];
  /** Water the pour has to bring, g; negative when the base alone brings too much. */
  readonly pourWaterG: number;
  /** How the iteration ended. */
  readonly ended: 'converged' | 'limitReached';
}

const CLOSE_ENOUGH_G = 1e-3;
const MOST_ROUNDS = 30;

/**
 * Solves the water account for the pour: absorbed + steam + held + drunk − brought − clinging.
 * Steam depends on the pour only through the time to the boil, so repeated substitution converges in a few
 * rounds (each changes the pour by about a hundredth of the one before).
 * @param moisture cooked moisture aimed at, wet basis %; default the middle of the plan's texture
 */
export function solvePour(plan: CompletePlan, moisture = targetMoisture(plan, plan.texture).aim): Solution {
  const fixed = [...grainTerms(plan, moisture), ...ingredientTerms(plan)];
  const needed =
    total(fixed.filter((t) => t.side === 'goesTo')) - total(fixed.filter((t) => t.side === 'comesFrom'));
  let pour = needed;
  let steam = stageSteam(plan, pour);
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const next = needed + steam.reduce((sum, s) => sum + s.g, 0);
    const moved = Math.abs(next - pour);
    pour = next;
    if (moved < CLOSE_ENOUGH_G)
      return { terms: [...fixed, ...steamTerms(steam)], steam, pourWaterG: pour, ended: 'converged' };
    steam = stageSteam(plan, pour);
  }
  // The terms must close on the pour that is returned, so the last steam is summed once more.
  const last = needed + steam.reduce((sum, s) => sum + s.g, 0);
  return { terms: [...fixed, ...steamTerms(steam)], steam, pourWaterG: last, ended: 'limitReached' };
}

function grainTerms(plan: CompletePlan, moisture: number): Term[] {
  const dry = dryMatter(plan.grain, plan.grainG);
  const from = startW(plan);
  const to = dryBasis(moisture);
  const perG = clingingPerG(plan);
  const terms: Term[] = [
    {
      id: 'absorbed',
      kind: 'absorbed',
      side: 'goesTo',
      g: dry * (to - from),
      of: plan.grain.id,
      inputs: {
        grainG: plan.grainG,
        dryG: dry,
        startW: from,
        targetW: to,
        targetMoisturePercent: moisture,
        source: plan.grain.source,
      },
    },
  ];
  if (perG > 0) {
    terms.push({
      id: 'clinging',
      kind: 'clinging',
      side: 'comesFrom',
      g: plan.grainG * perG,
      of: plan.grain.id,
      inputs: { grainG: plan.grainG, clingingGPerG: perG, drain: plan.drain },
    });
  }
  return terms;
}

const steamTerms = (steam: readonly StageSteam[]): Term[] =>
  steam
    .filter((s) => s.g >= 0)
    .map((s) => ({
      id: `steam.${s.stageId}`,
      kind: 'steamLost',
      side: 'goesTo',
      g: s.g,
      of: s.stageId,
      inputs: { act: s.act, minutes: s.minutes, gPerMin: s.ratePerMin },
    }));
