import { CP_WATER } from '../../basics/heat/constants.js';
import { availableG } from './rates.js';
import { capacity, type Setting } from './setting.js';
import { BASE_C, BEDS, CRUST, FREE, get, HEAT_IN, HEAT_OUT, STEAM, TEMP, W0 } from './state.js';
import { bedsSum, perBedG, record, type Walk } from './walk.js';

/** The first liquid, and with it everything that is in the pot already; into a stew at the boil when `hotC` says so. */
export function pourIn(walk: Walk, grainToo: boolean, hotC?: number): void {
  const { setup, y } = walk;
  const { parts, plan } = setup;
  const grainKJ = grainToo ? parts.grainKJPerK : 0;
  const there = parts.othersKJPerK + grainKJ;
  const poured = (walk.pourG * CP_WATER) / 1000;
  walk.kJPerK = there + poured;
  const potKJ =
    hotC === undefined ? there * parts.potC : parts.othersKJPerK * hotC + grainKJ * setup.at.roomC;
  y[TEMP] = (potKJ + poured * plan.liquidTempC) / walk.kJPerK;
  y[BASE_C] = get(y, TEMP);
  y[FREE] = walk.pourG + setup.broughtG + (grainToo ? setup.clingingG : 0);
  walk.putInG = get(y, FREE) + (grainToo ? setup.dryG * setup.startW : 0);
  y[CRUST] = 1;
  y[HEAT_IN] = walk.kJPerK * get(y, TEMP);
  for (let i = 0; i < BEDS; i += 1) y[W0 + i] = grainToo ? setup.startW : 0;
  walk.grainIn = grainToo;
  walk.liquidIn = true;
  record(walk);
}

/** Liquid onto what is in the pot already. */
export function addLiquid(walk: Walk, g: number, tempC: number): void {
  if (g <= 0) return;
  mix(walk, (g * CP_WATER) / 1000, tempC);
  walk.y[FREE] = get(walk.y, FREE) + g;
  walk.putInG += g;
}

/** Liquid out of the pot, as hot as it is; never the last of it. */
export function removeLiquid(walk: Walk, g: number): void {
  const { y } = walk;
  const out = Math.min(Math.max(0, g), LADLED_AT_MOST * get(y, FREE));
  y[FREE] = get(y, FREE) - out;
  y[HEAT_OUT] = get(y, HEAT_OUT) + (out * CP_WATER * get(y, TEMP)) / 1000;
  walk.kJPerK -= (out * CP_WATER) / 1000;
  walk.putInG -= out;
}
/** No ladle gets the last of it: share of the free liquid. */
const LADLED_AT_MOST = 0.95;

/** The grain, as cool as the kitchen, with what clings to it. */
export function grainGoesIn(walk: Walk): void {
  const { setup, y } = walk;
  mix(walk, setup.parts.grainKJPerK, setup.at.roomC);
  y[FREE] = get(y, FREE) + setup.clingingG;
  walk.putInG += setup.clingingG + setup.dryG * setup.startW;
  for (let i = 0; i < BEDS; i += 1) y[W0 + i] = setup.startW;
  walk.grainIn = true;
}

function mix(walk: Walk, kJPerK: number, tempC: number): void {
  const { y } = walk;
  const before = walk.kJPerK - (get(y, STEAM) * CP_WATER) / 1000;
  y[TEMP] = (before * get(y, TEMP) + kJPerK * tempC) / (before + kJPerK);
  y[HEAT_IN] = get(y, HEAT_IN) + kJPerK * tempC;
  walk.kJPerK += kJPerK;
}

/** Steam let go at once: a whistle, the air driven out, a pot opened above the boil. */
export function letGo(walk: Walk, s: Setting, g: number): void {
  const { y } = walk;
  const tempC = get(y, TEMP);
  // From what is free, then from the grain alike; never the last of it.
  const fromFree = Math.min(g, 0.9 * availableG(y, s));
  const inBeds = Math.max(0, bedsSum(y)) * perBedG(walk);
  const fromBeds = Math.min(g - fromFree, 0.9 * inBeds);
  const most = fromFree + fromBeds;
  if (most <= 0) return;
  const before = capacity(s, get(y, STEAM));
  const after = Math.max(1e-6, before - (most * CP_WATER) / 1000);
  y[TEMP] = tempC - (most * s.latentKJ) / after;
  y[STEAM] = get(y, STEAM) + most;
  y[HEAT_OUT] = get(y, HEAT_OUT) + most * (s.latentKJ + (CP_WATER * tempC) / 1000);
  y[FREE] = get(y, FREE) - fromFree;
  if (fromBeds > 0) for (let i = 0; i < BEDS; i += 1) y[W0 + i] = get(y, W0 + i) * (1 - fromBeds / inBeds);
}
