import { comeUp, standingSteam } from '../../basics/heat/steam.js';
import { isStill, isWet, plannedMin, type Stage } from '../../basics/method/stage.js';
import { contentsOf } from './contents.js';
import { dryBasis } from '../../basics/grain/moisture.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import { drinkingHere, drinks, drinksOnTheWay } from './steamDrinking.js';
import { fryDry } from './steamFryDry.js';
import { pressure, pressureUp, release } from './steamUnderPressure.js';
import { add, entry, factsOf, SERVING_MIN, type StageSteam, type SteamWalk } from './steamWalk.js';
import { endsAtSurface } from '../../basics/method/stage.js';
import { surroundings } from '../../plan/input/surroundings.js';

/** The pot is held at a full boil this long to see bubbles all over and stir once, min †. */
export const BOIL_DWELL_MIN = 1;
/** Below this no grain cooks through in a sensible time, °C. */
const COOKS_FROM_C = 80;

/**
 * Steam lost in every stage once the liquid is in, for a pour of `pourG` water and a grain cooked to `moisture`.
 * The temperature is carried from stage to stage, so a covered stage that begins cold spends part of its minutes
 * on the way to the boil. The pour matters only through that way; the moisture only where a stage ends when the
 * grain has drunk.
 */
export function stageSteam(plan: CompletePlan, pourG: number, moisture: number): readonly StageSteam[] {
  const at = surroundings(plan);
  const { kJPerK, laterKJPerK, startC, contentsMl } = contentsOf(plan, pourG);
  const facts = factsOf(plan, at);
  const walk: SteamWalk = {
    plan,
    at,
    kJPerK,
    laterKJPerK,
    targetW: dryBasis(moisture),
    tempC: startC,
    hottestC: startC,
    wet: false,
    index: 0,
    facts,
    w: facts.wettedW,
    steam: [],
  };
  plan.stages.forEach((stage, i) => {
    walk.index = i;
    step(walk, stage, contentsMl);
  });
  besides(walk);
  // A stage that waits for a boil is the one to blame; else the whole pot stayed too cool.
  if (walk.hottestC < COOKS_FROM_C && walk.steam.every((s) => s.boils)) markCold(walk);
  return walk.steam;
}

function step(walk: SteamWalk, stage: Stage, contentsMl: number): void {
  const { act } = stage;
  if (act === 'fryDry') fryDry(walk, stage);
  if (!isWet(act) && !(walk.wet && (act === 'grain' || act === 'butter' || isStill(act)))) return;
  walk.wet = true;
  if ((act === 'rest' || isStill(act)) && stage.heat === 'off') rest(walk, stage);
  else if (act === 'pressureUp') pressureUp(walk, stage, contentsMl);
  else if (act === 'pressure') pressure(walk, stage);
  else if (act === 'release') release(walk, stage);
  else {
    if (act === 'grain') grainGoesIn(walk);
    heated(walk, stage);
  }
  walk.hottestC = Math.max(walk.hottestC, walk.tempC);
}

/** Grain as cool as the kitchen into liquid that is hot. */
function grainGoesIn(walk: SteamWalk): void {
  const { kJPerK, laterKJPerK, at } = walk;
  walk.tempC = (kJPerK * walk.tempC + laterKJPerK * at.roomC) / (kJPerK + laterKJPerK);
  walk.kJPerK = kJPerK + laterKJPerK;
  walk.laterKJPerK = 0;
}

/** On the way to the boil, then at it. */
function heated(walk: SteamWalk, stage: Stage): void {
  const { at } = walk;
  const { rate, holds } = walk.facts.rates[walk.index] ?? { rate: 0, holds: false };
  // Nothing boils down off the fire: the sign it waits for can never come.
  if (stage.heat === 'off') return rest(walk, stage, !endsAtSurface(stage));
  const waitsForBoil =
    stage.act === 'boil' || (stage.end.kind === 'sign' && stage.end.sign === 'boilAllOver');
  const untilDrunk = stage.end.kind === 'flip';
  const limit = waitsForBoil || untilDrunk ? undefined : plannedMin(stage);
  const up = comeUp(at, stage, walk.kJPerK, walk.tempC, limit);
  if (up.minutes > 0) drinksOnTheWay(walk, walk.tempC, up.tempC, up.minutes);
  walk.tempC = Math.max(walk.tempC, up.tempC);
  const atBoil = waitsForBoil
    ? BOIL_DWELL_MIN
    : untilDrunk
      ? drinkingHere(walk, stage)
      : Math.max(0, plannedMin(stage) - up.minutes);
  const boiled = up.boils ? atBoil : 0;
  drinks(walk, boiled);
  const needsBoil = waitsForBoil || untilDrunk || endsAtSurface(stage);
  if (up.boils && !needsBoil && !holds) {
    const standing = standingSteam(at, stage, boiled, walk.kJPerK, walk.tempC);
    walk.tempC = standing.tempC;
    return add(walk, stage, up.minutes + boiled, up.steamG + standing.steamG, rate, true);
  }
  add(walk, stage, up.minutes + boiled, up.steamG + rate * boiled, rate, up.boils || !needsBoil);
}

function rest(walk: SteamWalk, stage: Stage, comesToItsEnd = true): void {
  const minutes = plannedMin(stage);
  const standing = standingSteam(walk.at, stage, minutes, walk.kJPerK, walk.tempC);
  walk.tempC = standing.tempC;
  add(walk, stage, minutes, standing.steamG, 0, comesToItsEnd);
}

/** Those, and what goes while the pot is served: opened above the open boil it boils itself down to it. */
function besides({ facts, at, steam, tempC, kJPerK }: SteamWalk): void {
  for (const s of facts.besides) steam.push(s);
  const flash = (Math.max(0, tempC - at.boil.tempC) * kJPerK * 1000) / at.boil.latentKJPerKg;
  steam.push(entry('serve', 'serve', SERVING_MIN, facts.served + flash, 0, true));
}

function markCold(walk: SteamWalk): void {
  const { steam } = walk;
  const i = steam.findIndex(
    (s) => s.act !== 'rest' && !(s.act !== 'serve' && s.act !== 'lid' && s.act !== 'cloth' && isStill(s.act)),
  );
  const first = steam[i];
  if (first) steam[i] = { ...first, boils: false };
}
