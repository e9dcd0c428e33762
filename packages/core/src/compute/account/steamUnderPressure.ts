import { CP_WATER } from '../../basics/heat/constants.js';
import { heatLoss } from '../../basics/heat/equipment.js';
import { comeUp, pressureBoil, purgeG, surplusW, whistleG } from '../../basics/heat/steam.js';
import { plannedMin, type Stage } from '../../basics/method/stage.js';
import { add, type SteamWalk } from './steamWalk.js';

/**
 * To the boil under the locked lid, the air driven out, then up to pressure. The first whistle lets its steam go as the
 * ring makes it: the weight lifts and falls, and the pot stays near its pressure.
 */
export function pressureUp(walk: SteamWalk, stage: Stage, contentsMl: number): void {
  const { at } = walk;
  const up = comeUp(at, stage, walk.kJPerK, walk.tempC);
  const top = pressureBoil(at, stage);
  const power = surplusW(at, stage, top.tempC);
  const higher = (walk.kJPerK * (top.tempC - at.boil.tempC) * 1000) / Math.max(1, power) / 60;
  const whistled = stage.end.kind === 'sign' && stage.end.sign === 'firstWhistle' ? whistleG() : 0;
  const purge = purgeG(at.vessel, contentsMl);
  // What drives the air out is boiled off like what whistles.
  const hissing = (purge * at.boil.latentKJPerKg + whistled * top.latentKJPerKg) / Math.max(1, power) / 60;
  walk.tempC = top.tempC;
  add(walk, stage, up.minutes + higher + hissing, up.steamG + purge + whistled, 0, up.boils && power > 0);
}

/** At pressure. A thermostat lets nothing go. A weight lets go what the ring gives beyond the losses. */
export function pressure(walk: SteamWalk, stage: Stage): void {
  const { at } = walk;
  const top = pressureBoil(at, stage);
  const power = surplusW(at, stage, top.tempC);
  if (at.vessel.kind === 'multiCooker') {
    walk.tempC = top.tempC;
    return add(walk, stage, plannedMin(stage), 0, 0, true);
  }
  const missingKJ = Math.max(0, (top.tempC - walk.tempC) * walk.kJPerK);
  if (stage.end.kind === 'count') {
    const g = stage.end.count * whistleG();
    const minutes = (missingKJ * 1000 + g * top.latentKJPerKg) / Math.max(1, power) / 60;
    walk.tempC = top.tempC;
    return add(walk, stage, minutes, g, (power * 60) / top.latentKJPerKg, power > 0);
  }
  const minutes = plannedMin(stage);
  const spareKJ = (power * minutes * 60) / 1000 - missingKJ;
  walk.tempC = spareKJ >= 0 ? top.tempC : Math.max(at.boil.tempC, top.tempC + spareKJ / walk.kJPerK);
  add(walk, stage, minutes, (Math.max(0, spareKJ) * 1000) / top.latentKJPerKg, 0, true);
}

/** By itself it loses no steam, only heat; let out at once, the pot boils itself down to the open boil. */
export function release(walk: SteamWalk, stage: Stage): void {
  const { at } = walk;
  // What has gone as steam has not to cool.
  const goneG = walk.steam.reduce((sum, s) => sum + s.g, 0);
  const above = Math.max(0, walk.tempC - at.boil.tempC) * (walk.kJPerK - (goneG * CP_WATER) / 1000);
  if (stage.lid === 'pressure') {
    const lossW = heatLoss(at.vessel, stage, (walk.tempC + at.boil.tempC) / 2, at.roomC);
    const cools = (above * 1000) / Math.max(1, lossW) / 60;
    const minutes = stage.end.kind === 'minutes' ? stage.end.minutes : cools;
    const share = Math.min(1, minutes / Math.max(1e-9, cools));
    walk.tempC -= share * Math.max(0, walk.tempC - at.boil.tempC);
    return add(walk, stage, minutes, 0, 0, true);
  }
  walk.tempC = Math.min(walk.tempC, at.boil.tempC);
  add(walk, stage, plannedMin(stage), (above * 1000) / at.boil.latentKJPerKg, 0, true);
}
