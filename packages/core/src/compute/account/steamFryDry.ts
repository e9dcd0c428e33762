import { boilingSteamRate, comeUp } from '../../basics/heat/steam.js';
import { plannedMin, type Stage } from '../../basics/method/stage.js';
import { heatParts } from './contents.js';
import { clingingPerG } from '../../basics/grain/preparing.js';
import { ingredientTerms } from './ingredientTerms.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import { GAPS_FULL } from './steamDrinking.js';
import { add, type SteamWalk } from './steamWalk.js';
import { gapsPerDryG } from '../../basics/grain/wetting.js';

/**
 * The grain goes cold into a stew at the boil, warms with it and takes it up: what is vapour until then is little
 * where there is little stew. Frying on without any would toast the grain, so the stage is over.
 */
export function fryDry(walk: SteamWalk, stage: Stage): void {
  const { plan, at, facts } = walk;
  const { othersKJPerK, grainKJPerK } = heatParts(plan);
  const kJPerK = othersKJPerK + grainKJPerK;
  const coolC = (othersKJPerK * at.boil.tempC + grainKJPerK * at.roomC) / kJPerK;
  const up = comeUp(at, stage, kJPerK, coolC, plannedMin(stage));
  const rate = boilingSteamRate(at, stage);
  const thereG = stewG(plan) - up.steamG;
  const gaps = GAPS_FULL.stewTakenUp * gapsPerDryG(walk.w) * facts.dryG;
  const drinksG = facts.dryG * facts.perMin * (facts.fullW - walk.w);
  const timed = stage.end.kind === 'minutes';
  const most = plannedMin(stage) - up.minutes;
  const takenUp = Math.max(0, thereG - gaps) / (rate + STEW_WETS * drinksG);
  const boiled = timed ? most : Math.min(most, takenUp);
  const steamG = Math.min(rate * boiled, Math.max(0, thereG));
  walk.w += Math.min(Math.max(0, thereG - steamG), STEW_WETS * drinksG * boiled) / facts.dryG;
  walk.wet = true;
  // The pour meets a pot that has just been on the fire.
  const pouredKJPerK = walk.kJPerK - kJPerK;
  walk.tempC = (kJPerK * up.tempC + pouredKJPerK * plan.liquidTempC) / walk.kJPerK;
  add(walk, stage, up.minutes + boiled, up.steamG + steamG, rate, true);
}

/** Share of the grain that a little stew keeps wet while it is stirred †. */
const STEW_WETS = 0.7;

/** Water the stew has for the grain, g. */
function stewG(plan: CompletePlan): number {
  let g = plan.grainG * clingingPerG(plan);
  for (const t of ingredientTerms(plan)) {
    if (t.kind === 'broughtIn') g += t.g;
    else if (t.kind === 'heldByOthers') g -= t.g;
  }
  return Math.max(0, g);
}
