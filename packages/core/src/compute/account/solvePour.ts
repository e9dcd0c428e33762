import { dryBasis, dryMatter, wetBasis } from '../../basics/grain/moisture.js';
import { clingingPerG, startW, wettedW } from '../../basics/grain/preparing.js';
import { targetMoisture } from '../../basics/grain/texture.js';
import { ingredientTerms } from './ingredientTerms.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import { stageSteam } from './stageSteam.js';
import type { StageSteam } from './steamWalk.js';
import { total, type Term } from './term.js';

/** The account with its solved pour. */
export interface Solution {
  /** Every term but the pour. */
  readonly terms: readonly Term[];
  readonly steam: readonly StageSteam[];
  /** Water the pour has to bring, g; negative when the base alone brings too much. */
  readonly pourWaterG: number;
  /** Cooked moisture it was solved for, wet basis %. */
  readonly moisture: number;
  /** W of the grain that the liquid is poured on: after its soak, or after the stew that it has taken up. */
  readonly bedW: number;
  /** How the iteration ended. */
  readonly ended: 'converged' | 'limitReached';
}

/** The pour is solved to this, g: a milligram. */
const CLOSE_ENOUGH_G = 1e-3;
/** Rounds of repeated substitution at most; three are usual. */
const MOST_ROUNDS = 40;
/** So many of them before the gap between too little and too much is halved instead. */
const SUBSTITUTIONS = 8;

/**
 * Solves the water account for the pour: absorbed + steam + held + drunk − brought − clinging.
 * Steam depends on the pour only through the time to the boil, so repeated substitution converges in a few
 * rounds (each changes the pour by about a hundredth of the one before).
 * @param moisture cooked moisture aimed at, wet basis %; default the middle of the plan's texture
 */
export function solvePour(plan: CompletePlan, moisture = targetMoisture(plan, plan.texture).aim): Solution {
  const fixed = [...grainTerms(plan, moisture), ...ingredientTerms(plan)];
  const { steam, pourWaterG, ended } = balance(plan, moisture, needOf(fixed));
  const bedW = steam.find((s) => s.act === 'fryDry')?.grainW ?? wettedW(plan);
  return { terms: [...fixed, ...steamTerms(steam)], steam, pourWaterG, moisture, bedW, ended };
}

const needOf = (terms: readonly Term[]): number =>
  total(terms.filter((t) => t.side === 'goesTo')) - total(terms.filter((t) => t.side === 'comesFrom'));

type Balance = Pick<Solution, 'steam' | 'pourWaterG' | 'ended'>;

function balance(plan: CompletePlan, moisture: number, needed: number): Balance {
  let pour = needed;
  let low = -Infinity;
  let high = Infinity;
  let steam = stageSteam(plan, pour, moisture);
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const next = needed + sumOf(steam);
    if (Math.abs(next - pour) < CLOSE_ENOUGH_G) return { steam, pourWaterG: next, ended: 'converged' };
    if (next > pour) low = Math.max(low, pour);
    else high = Math.min(high, pour);
    // A strong ring drives off more the more is poured: where substitution swings or creeps, the gap is halved.
    const isSlow = round >= SUBSTITUTIONS || next <= low || next >= high;
    pour = isSlow && Number.isFinite(low + high) ? (low + high) / 2 : next;
    steam = stageSteam(plan, pour, moisture);
  }
  // The terms must close on the pour that is returned, so the last steam is summed once more.
  return { steam, pourWaterG: needed + sumOf(steam), ended: 'limitReached' };
}

const sumOf = (steam: readonly StageSteam[]): number => {
  let g = 0;
  for (const s of steam) g += s.g;
  return g;
};

/** Driest and wettest a pot can come out, W: raw grain, and porridge. */
const LEAST_W = 0.2;
/** Wettest a pot can come out, W: porridge. */
const MOST_W = 9;
/** The moisture that a pour gives is solved to this, W. */
const CLOSE_ENOUGH_W = 1e-4;
/** Corrections of it at most; two are usual. */
const MOST_STEPS = 12;

/**
 * The cooked moisture that a pour gives: the account read the other way round. The pour is nearly linear in the
 * grain's W with the dry matter as its slope, so a few corrections are enough.
 * @param pourWaterG water poured, g
 * @param near a solution of the same plan to start from
 * @returns wet basis %
 */
export function moistureFor(plan: CompletePlan, pourWaterG: number, near: Solution): number {
  const dry = dryMatter(plan.grain, plan.grainG);
  const nearW = dryBasis(near.moisture);
  const fixedNeed = near.pourWaterG - sumOf(near.steam) - dry * nearW;
  let w = nearW + (pourWaterG - near.pourWaterG) / dry;
  for (let i = 0; i < MOST_STEPS; i += 1) {
    w = Math.min(MOST_W, Math.max(LEAST_W, w));
    const steam = sumOf(stageSteam(plan, pourWaterG, wetBasis(w)));
    const off = (pourWaterG - (fixedNeed + dry * w + steam)) / dry;
    // Where steam grows with the moisture too the slope is steeper: a little under the whole step never overshoots.
    w += 0.85 * off;
    if (Math.abs(off) < CLOSE_ENOUGH_W) break;
  }
  return wetBasis(Math.min(MOST_W, Math.max(LEAST_W, w)));
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
      inputs: {
        grainG: plan.grainG,
        clingingGPerG: perG,
        drain: plan.drain,
        ...(plan.drain === 'sieve' ? { sieveMin: plan.sieveMin } : {}),
        toast: plan.toast,
      },
    });
  }
  return terms;
}

const steamTerms = (steam: readonly StageSteam[]): Term[] =>
  steam
    .filter((s) => s.g >= 0)
    .map((s) => ({
      id: `steam.${s.stageId}`,
      kind: s.act === 'cloth' || s.act === 'lid' ? ('heldByOthers' as const) : ('steamLost' as const),
      side: 'goesTo' as const,
      g: s.g,
      of: s.stageId,
      inputs: { act: s.act, minutes: s.minutes, gPerMin: s.ratePerMin },
    }));
