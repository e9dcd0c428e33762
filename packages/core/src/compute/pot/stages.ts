import { BOIL_DWELL_MIN } from '../account/stageSteam.js';
import { GAPS_FULL } from '../account/steamDrinking.js';
import { CP_WATER } from '../../basics/heat/constants.js';
import { gaugeKPa, pressureBoil, purgeG, whistleG } from '../../basics/heat/steam.js';
import { endsAtSurface, isUnderLid, plannedMin, type Stage } from '../../basics/method/stage.js';
import { BASE_BANDS, BREAKS, FLIPS_AT_K, FOAMS } from './constants.js';
import type { Crossing } from './integrate.js';
import { availableG, gapsMl, meanW } from './rates.js';
import { capacity, settingOf, type Setting } from './setting.js';
import { BASE_C, BROWN, CRUST, DONE0, FREE, get, STARCH, STEAM, TEMP, type State } from './state.js';
import { addLiquid, letGo } from './additions.js';
import { gapsFullAt } from './surfaceSigns.js';
import { advance, type Ended, type Seen, type Walk } from './walk.js';

/** A cook gives up waiting for a sign after this long, min. */
const PATIENCE_MIN = 90;

/** A pot this near its boil is at it, K. */
const AT_BOIL_K = 1e-6;

/** Liquid as a share of the gaps among the grain. */
const fills = (y: State, s: Setting): number => availableG(y, s) / gapsMl(s.setup.dryG, meanW(y));

/** How far the gaps among the grain are full as the pot stands at a stage. */
export const gapsFullNow = (walk: Walk, stage: Stage): number => fills(walk.y, settingFor(walk, stage));

/**
 * One stage of a pot with liquid in it, from where it is to its end.
 * @param goneMin minutes of it that are gone already; undefined where it only begins
 */
export function cookStage(walk: Walk, stage: Stage, goneMin?: number): void {
  const from = walk.atMin;
  const steamBefore = get(walk.y, STEAM);
  const s = settingFor(walk, stage);
  if (s.venting === 'closure') comeDownToBoil(walk, s);
  if (goneMin === undefined) breaks(walk, stage);
  const ended = runs(walk, s, stage, goneMin ?? 0);
  walk.cooked.push({
    stageId: stage.id,
    act: stage.act,
    fromMin: from,
    toMin: walk.atMin,
    ended,
    // What ended a stage is what was seen then.
    seen: ended === 'sign' && endsAtSurface(stage) ? (stage.end as { sign: Seen }).sign : seenNow(walk, s),
    steamG: get(walk.y, STEAM) - steamBefore,
  });
}

export const settingFor = (walk: Walk, stage: Stage): Setting =>
  settingOf(walk.setup, stage, {
    grainIn: walk.grainIn,
    kJPerK: walk.kJPerK - (get(walk.y, STEAM) * CP_WATER) / 1000,
    steamG: get(walk.y, STEAM),
    underPressure: get(walk.y, TEMP) > walk.setup.at.boil.tempC,
  });

/** A pot opened above the open boil boils itself down to it. */
export function comeDownToBoil(walk: Walk, s: Setting): void {
  const above = get(walk.y, TEMP) - s.boilC;
  if (above <= 1e-9) return;
  letGo(walk, s, (above * capacity(s, get(walk.y, STEAM))) / s.latentKJ);
}

function runs(walk: Walk, s: Setting, stage: Stage, goneMin: number): Ended {
  if (stage.act === 'pressureUp') return pressureUp(walk, s, stage);
  if (stage.act === 'pressure' && stage.end.kind === 'count') return whistles(walk, s, stage.end.count);
  if (stage.end.kind === 'flip') {
    const flips: Crossing = (y) => get(y, BASE_C) - (s.boilC + s.waterAboveK + FLIPS_AT_K);
    return burns(walk, s, PATIENCE_MIN, flips) ? 'flip' : 'gaveUp';
  }
  if (stage.end.kind === 'sign') {
    const { sign } = stage.end;
    if (sign === 'boilAllOver') return toTheBoil(walk, s);
    if (sign === 'pressureDown')
      return burns(walk, s, PATIENCE_MIN, (y) => walk.setup.at.boil.tempC - get(y, TEMP) + 1e-9)
        ? 'sign'
        : 'gaveUp';
    if (sign === 'stewTakenUp' && walk.grainIn) {
      burns(walk, s, plannedMin(stage), (y) => GAPS_FULL.stewTakenUp - fills(y, s));
      return 'sign';
    }
    const full = endsAtSurface(stage) ? gapsFullAt(walk.setup.plan, stage.id) : undefined;
    if (full !== undefined && walk.grainIn) return toTheSurface(walk, stage, full, goneMin);
    timed(walk, s, stage, plannedMin(stage), goneMin);
    return 'sign';
  }
  timed(walk, s, stage, plannedMin(stage), goneMin);
  return 'minutes';
}

/** True for a stage half-way through which what was kept back is poured on. */
const takesTheRest = (walk: Walk, { act }: Stage): boolean =>
  walk.laterG > 0 && (isUnderLid(act) || act === 'turn');

function pourTheRest(walk: Walk, s: Setting): void {
  addLiquid(walk, walk.laterG, Math.min(s.boilC, 95));
  walk.laterG = 0;
}

/** Until the surface looks as it should; what was kept back goes on half-way through the minutes that usually takes, or when it shows. */
function toTheSurface(walk: Walk, stage: Stage, full: number, goneMin: number): Ended {
  const s = settingFor(walk, stage);
  const shows: Crossing = (y) => full - fills(y, s);
  if (takesTheRest(walk, stage)) {
    burns(walk, s, Math.max(0, plannedMin(stage) / 2 - goneMin), shows);
    pourTheRest(walk, s);
  }
  const now = settingFor(walk, stage);
  return burns(walk, now, PATIENCE_MIN, (y) => full - fills(y, now)) ? 'sign' : 'gaveUp';
}

/** So many minutes, with what was kept back poured on half-way through the first covered stage. */
function timed(walk: Walk, s: Setting, stage: Stage, minutes: number, goneMin: number): void {
  const shifted = Math.max(
    0.5,
    minutes + walk.setup.truth.timingMin * (stage.id === lastHeated(walk) ? 1 : 0),
  );
  const first = Math.max(0, (stage.act === 'turn' ? 0 : shifted / 2) - goneMin);
  const whole = minutes <= 0 ? 0 : Math.max(0, shifted - goneMin);
  if (!takesTheRest(walk, stage)) {
    burns(walk, s, whole);
    return;
  }
  burns(walk, s, first);
  pourTheRest(walk, s);
  burns(walk, settingFor(walk, stage), whole - first);
}

/** The covered stage whose clock matters most: the last that is heated and timed. */
function lastHeated(walk: Walk): string | undefined {
  let id: string | undefined;
  for (const stage of walk.setup.plan.stages)
    if (
      stage.end.kind === 'minutes' &&
      stage.heat !== 'off' &&
      (isUnderLid(stage.act) || stage.act === 'pressure')
    )
      id = stage.id;
  return id;
}

/** Until the boil all over; true patience ends in the pot that never boils. */
function toTheBoil(walk: Walk, s: Setting): Ended {
  const boils: Crossing = (y) => get(y, TEMP) - s.boilC;
  if (get(walk.y, TEMP) < s.boilC - 1e-9 && !burns(walk, s, PATIENCE_MIN, boils)) return 'gaveUp';
  burns(walk, s, BOIL_DWELL_MIN);
  return 'sign';
}

/**
 * Goes on through what the pot does by itself: warming up to its boil, then boiling, as long as the ring holds it.
 * @returns true when `crossing` ended it
 */
function burns(walk: Walk, s: Setting, forMin: number, crossing?: Crossing): boolean {
  const end = walk.atMin + forMin;
  if (crossing && crossing(walk.y) >= 0) return true;
  if (s.venting === 'sealed') return advance(walk, s, false, forMin, crossing);
  const atBoil = (y: State): number => get(y, TEMP) - s.boilC;
  if (atBoil(walk.y) < -1e-9) {
    const either: Crossing = crossing ? (y) => Math.max(atBoil(y), crossing(y)) : atBoil;
    if (!holds(s)) return advance(walk, s, false, forMin, crossing);
    if (!advance(walk, s, false, forMin, either)) return false;
    // The root is found to a ten-thousand-millionth of a degree; from here on the pot is at its boil exactly.
    if (Math.abs(atBoil(walk.y)) < AT_BOIL_K) walk.y[TEMP] = s.boilC;
    if (crossing && crossing(walk.y) >= 0) return true;
  }
  const left = end - walk.atMin;
  if (left <= 0) return false;
  watchFoam(walk, s);
  const crossed = advance(walk, s, holds(s), left, crossing);
  watchFoam(walk, s);
  return crossed;
}

/** True when the ring keeps this pot at its boil; a thermostat always does once it is there. */
const holds = (s: Setting): boolean => {
  const surplus = s.powerKJ - s.lossKJPerK * (s.boilC - s.setup.at.roomC);
  return s.thermostat ? surplus >= 0 : surplus > 0 && surplus >= s.leakPerMin * s.latentKJ;
};

/** To the boil, the air out, up to the weight, which lets the first steam go as the ring makes it. */
function pressureUp(walk: Walk, s: Setting, stage: Stage): Ended {
  const { setup } = walk;
  const { boil } = setup.at;
  if (
    get(walk.y, TEMP) < boil.tempC &&
    !advance(walk, s, false, PATIENCE_MIN, (y) => get(y, TEMP) - boil.tempC)
  )
    return 'gaveUp';
  const contents = setup.parts.othersMl + setup.parts.grainMl + walk.pourG;
  letGo(walk, s, purgeG(setup.at.vessel, contents));
  const top = pressureBoil(setup.at, stage).tempC;
  if (
    gaugeKPa(setup.at.vessel, stage) > 0 &&
    !advance(walk, s, false, PATIENCE_MIN, (y) => get(y, TEMP) - top)
  )
    return 'gaveUp';
  if (stage.end.kind !== 'sign') return 'minutes';
  if (stage.end.sign !== 'firstWhistle') return 'sign';
  return whistles(walk, settingFor(walk, { ...stage, act: 'pressure' }), 1) === 'count' ? 'sign' : 'gaveUp';
}

/** The weight lifts each time this much steam has gathered. */
function whistles(walk: Walk, s: Setting, count: number): Ended {
  const enough = get(walk.y, STEAM) + count * whistleG();
  return burns(walk, s, PATIENCE_MIN, (y) => get(y, STEAM) - enough) ? 'count' : 'gaveUp';
}

/** Stirring and turning break what is nearly done, the more the further it has swollen. */
function breaks(walk: Walk, stage: Stage): void {
  const by = stage.act === 'turn' ? BREAKS.turn : stage.act === 'butter' ? BREAKS.butter : 0;
  if (!walk.grainIn || by === 0) return;
  const done = (get(walk.y, DONE0) + get(walk.y, DONE0 + 1) + get(walk.y, DONE0 + 2)) / 3;
  const swollen = Math.min(1.2, meanW(walk.y) / BREAKS.swollenW);
  walk.broken = Math.min(1, walk.broken + by * done * done * swollen * swollen);
}

/** Liquid with its foam against the brim, kept where it stood highest. */
function watchFoam(walk: Walk, s: Setting): void {
  const ml = standsMl(walk.y, s);
  if (ml > walk.fullestMl) {
    walk.fullestMl = ml;
    walk.fullestMin = walk.atMin;
  }
}

/** What the pot holds with the foam of its boil on it, ml. */
function standsMl(y: State, s: Setting): number {
  const { setup } = s;
  const free = get(y, FREE);
  const surplus = Math.max(0, s.powerKJ - s.lossKJPerK * (s.boilC - setup.at.roomC));
  const rolling = surplus / s.latentKJ / setup.areaM2 / 100;
  const starch = (100 * get(y, STARCH)) / Math.max(1, free);
  // A lid keeps the foam from collapsing in the cool air.
  const foam = FOAMS * rolling * starch * (s.lidded ? 1.6 : 1) * free;
  const grain = s.grainIn ? setup.dryG * (1 / 1.5 + meanW(y)) : 0;
  return grain + free + foam + setup.parts.othersMl;
}

/** Keeps a stage going past its own end, until the pot is stopped from outside. */
export function holdOn(walk: Walk, stage: Stage): void {
  burns(walk, settingFor(walk, stage), PATIENCE_MIN);
}

/** What there is to see in the pot. */
export function seenNow(walk: Walk, s: Setting): Seen {
  const { y } = walk;
  if (get(y, BROWN) >= BASE_BANDS.burnt) return 'scorched';
  if (s.venting !== 'closure' && get(y, TEMP) > walk.setup.at.boil.tempC + 1) return 'underPressure';
  if (walk.grainIn && get(y, CRUST) < 0.6 && availableG(y, s) < 0.02 * s.setup.dryG) return 'crackles';
  const full = walk.grainIn ? fills(y, s) : 2;
  if (full <= 0.15) return 'absorbed';
  if (get(y, TEMP) < s.boilC - 3 && walk.cooked.length === 0) return 'warming';
  if (full > 1) return 'liquidOver';
  return full > 0.6 ? 'levelWithGrain' : 'holes';
}
