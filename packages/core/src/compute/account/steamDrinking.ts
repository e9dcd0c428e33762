import { LID_FILM_G_PER_M2 } from '../../basics/heat/constants.js';
import { openingM2 } from '../../basics/heat/equipment.js';
import { plannedMin, type Stage } from '../../basics/method/stage.js';
import { soakRate, SOAKS_TO_C } from '../../basics/grain/soaking.js';
import { swelling } from '../../basics/grain/swelling.js';
import { rateAt } from '../../basics/grain/uptake.js';
import type { SteamWalk } from './steamWalk.js';
import { filmed, GAPS_PER_ML, gapsPerDryG, percolating } from '../../basics/grain/wetting.js';

/** Share of the gaps among the grain still full of liquid when a stew is taken up, and when a rice cooker flips †. */
export const GAPS_FULL = { stewTakenUp: 0.15, flip: 0.1 } as const;

/** So many minutes under liquid at the boil. */
export function drinks(walk: SteamWalk, minutes: number): void {
  const { facts } = walk;
  const lacks = facts.fullW - walk.w;
  if (lacks > 0 && minutes > 0 && walk.laterKJPerK === 0)
    walk.w += lacks * (1 - Math.exp(-facts.perMin * facts.atBoil * minutes));
}

/** Grain drinks on the way to the boil too: as in a soak until its starch swells, then faster and faster. */
export function drinksOnTheWay(walk: SteamWalk, fromC: number, toC: number, minutes: number): void {
  const { plan, facts } = walk;
  if (walk.laterKJPerK > 0) return;
  const step = minutes / WAY_STEPS;
  for (let i = 0; i < WAY_STEPS; i += 1) {
    const tempC = fromC + ((toC - fromC) * (i + 0.5)) / WAY_STEPS;
    const swollen = swelling(tempC);
    const soaked = Math.max(plan.grain.soakedW, walk.w);
    const holds = soaked + (facts.fullW - soaked) * swollen;
    if (holds <= walk.w) continue;
    const cold = swollen > 0.99 ? 0 : soakRate(plan.grain, Math.min(tempC, SOAKS_TO_C));
    const hot = swollen < 0.01 ? 0 : facts.perMin * rateAt(tempC);
    walk.w += (holds - walk.w) * (1 - Math.exp(-((1 - swollen) * cold + swollen * hot) * step));
  }
}
/** Steps on the way to the boil: more change a pour by less than a gram. */
const WAY_STEPS = 6;

/**
 * Minutes at the boil until it flips: until what is still free only fills so much of the gaps among the grain. The last of it is drunk slowly, for only films reach the grain above it: the same law as in the pot over
 * time, for one bed.
 */
export function drinkingHere(walk: SteamWalk, stage: Stage): number {
  const { at, targetW, facts } = walk;
  const share = GAPS_FULL.flip;
  const { dryG } = facts;
  // What will be steam later on is free liquid now.
  const lasts = targetW + laterSteamG(walk, stage) / dryG;
  const endW = (lasts - share * gapsPerDryG(0)) / (1 + share * GAPS_PER_ML);
  if (endW <= walk.w) return 0;
  const full = Math.max(facts.fullW, endW + 0.2);
  const rate = facts.perMin * facts.atBoil;
  const open = stage.lid === 'off' || stage.lid === 'ajar';
  const wets = percolating((facts.rates[walk.index]?.rate ?? 0) / openingM2(at.vessel));
  const above = open ? OPEN_TOP_DRINKS * wets : wets;
  const step = (endW - walk.w) / SIGN_STEPS;
  let minutes = 0;
  for (let i = 0; i < SIGN_STEPS; i += 1) {
    const w = walk.w + (i + 0.5) * step;
    const free = Math.max(1e-3, lasts - w);
    const under = Math.min(1, free / gapsPerDryG(w));
    const access = under + (1 - under) * filmed(free) * above;
    minutes += step / (rate * (full - w) * access);
  }
  return Math.min(LONGEST_SIGN_MIN, minutes);
}
/** Steps until a sign is seen: more change its minute by less than a tenth. */
const SIGN_STEPS = 8;
/** Above the liquid of an open pot grain is cooler, and drinks at this share of its rate on average †. */
const OPEN_TOP_DRINKS = 0.7;
/** A cook gives up waiting for a sign after this long, min. */
const LONGEST_SIGN_MIN = 90;

/** Steam of the stages after this one, and what the lid takes with it, g: the main part of it. */
function laterSteamG({ plan, at, facts, index }: SteamWalk, stage: Stage): number {
  const known = facts.later.get(stage.id);
  if (known !== undefined) return known;
  const later = plan.stages.slice(index + 1);
  let g = 0;
  later.forEach((s, i) => {
    if (s.heat !== 'off') g += (facts.rates[index + 1 + i]?.rate ?? 0) * plannedMin(s);
  });
  if (later.some((s) => s.lid !== 'off' && s.lid !== 'ajar')) g += LID_FILM_G_PER_M2 * openingM2(at.vessel);
  facts.later.set(stage.id, g);
  return g;
}
