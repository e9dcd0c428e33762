import { FILM_HALF } from '../../basics/grain/wetting.js';
import {
  CLOTH_HOLDS_G,
  CP_WATER,
  INSULATED_W_PER_M2K,
  LID_FILM_G_PER_M2,
  LOSS_W_PER_M2K,
} from '../../basics/heat/constants.js';
import { lossPerK, netPower } from '../../basics/heat/equipment.js';
import { leakRate, pressureBoil } from '../../basics/heat/steam.js';
import type { Stage } from '../../basics/method/stage.js';
import {
  DRIES,
  DRY_HALF_W,
  HOT_SPOT,
  OPEN_TOP_K,
  OTHERS_DRINK_PER_MIN,
  RESISTS,
  SETTLES,
  STEAM_DRINKS,
} from './constants.js';
import type { Setup } from './setup.js';

/** How vapour leaves: through the closure, not at all, or at the vessel's own pressure. */
type Venting = 'closure' | 'sealed' | 'weight';

/** One stage as the equations see it: every figure that stays the same while it lasts. */
export interface Setting {
  readonly setup: Setup;
  /** True once the grain is in the pot. */
  readonly grainIn: boolean;
  /** Heat into the pot, kJ/min; a thermostat takes what it loses. */
  readonly powerKJ: number;
  readonly thermostat: boolean;
  readonly lossKJPerK: number;
  /** What condenses under the lid, kJ/min·K; 0 without a lid. */
  readonly condensesKJPerK: number;
  readonly lidHoldsG: number;
  readonly leakPerMin: number;
  readonly venting: Venting;
  /** Where it boils under this closure, °C, at what pressure, and what a gram of steam takes there, kJ. */
  readonly boilC: number;
  readonly boilKPa: number;
  readonly latentKJ: number;
  readonly lidded: boolean;
  readonly steamDrinks: number;
  readonly dries: readonly [number, number, number];
  readonly openTopK: number;
  /** K per kJ/min through the floor: wet, and what a dry bed adds. */
  readonly resistsWet: number;
  readonly resistsDry: number;
  /** How far boiling water alone leaves the floor above it, K. */
  readonly waterAboveK: number;
  readonly heldG: number;
  /** Heat capacity with all of the water there is, kJ/K; what has gone as steam no longer counts. */
  readonly kJPerK: number;
  readonly steamBeforeG: number;
  /** Longest step that a bed drying in this heat follows, min. */
  readonly stepMin: number;
  /** What depends on the temperature alone, kept while it does not move: at the boil it never does. */
  readonly memo: Memo;
}

/** Rates at one temperature; the only thing in a setting that is written to. */
interface Memo {
  tempC: number;
  swollen: number;
  cooking: number;
  soaking: number;
}

const STIRRED: ReadonlySet<Stage['act']> = new Set<Stage['act']>(['openBoil', 'boilDown', 'fryDry', 'grain']);

export interface At {
  readonly grainIn: boolean;
  readonly kJPerK: number;
  readonly steamG: number;
  /** True while the pot is above the open boil under a locked lid. */
  readonly underPressure: boolean;
}

/** The figures of a stage for a pot that has come this far. */
export function settingOf(setup: Setup, stage: Stage, at: At): Setting {
  const { vessel, boil } = setup.at;
  const lidded = stage.lid !== 'off' && stage.lid !== 'ajar';
  const top = stage.act === 'pressure' ? pressureBoil(setup.at, stage) : boil;
  const toKJ = 0.06;
  const hot = stage.spreader ? HOT_SPOT.spreader : setup.hotSpot;
  const perArea = hot / setup.areaM2 / toKJ;
  const settles = STIRRED.has(stage.act)
    ? SETTLES.stirred
    : stage.act === 'boil'
      ? SETTLES.rolling
      : SETTLES.still;
  const lidLoss = stage.insulated ? INSULATED_W_PER_M2K : (vessel.lidLossWPerM2K ?? LOSS_W_PER_M2K);
  return {
    setup,
    grainIn: at.grainIn,
    powerKJ: netPower(setup.at.hob, stage, vessel) * toKJ,
    thermostat: vessel.kind === 'multiCooker' && stage.act === 'pressure',
    lossKJPerK: lossPerK(vessel, stage) * toKJ,
    condensesKJPerK: lidded ? lidLoss * setup.areaM2 * toKJ : 0,
    lidHoldsG: stage.lid === 'cloth' ? CLOTH_HOLDS_G : LID_FILM_G_PER_M2 * setup.areaM2,
    // How tight a lid is says nothing about a pot without one.
    leakPerMin: leakRate(vessel, stage.lid) * (stage.lid === 'off' ? 1 : setup.truth.lid),
    venting: stage.lid !== 'pressure' ? 'closure' : stage.act === 'pressure' ? 'weight' : 'sealed',
    boilC: top.tempC,
    boilKPa: top.kPa,
    latentKJ: top.latentKJPerKg / 1000,
    lidded,
    steamDrinks: lidded ? STEAM_DRINKS.lidded : STEAM_DRINKS.open,
    dries: lidded ? DRIES.lidded : DRIES.open,
    openTopK: lidded ? 0 : OPEN_TOP_K,
    resistsWet: perArea * (RESISTS.water + RESISTS.layerPerMm * setup.layerMm * settles),
    resistsDry: perArea * RESISTS.dryBed,
    waterAboveK: perArea * RESISTS.water * netPower(setup.at.hob, stage, vessel) * toKJ,
    heldG: setup.heldG,
    kJPerK: at.kJPerK,
    steamBeforeG: at.steamG,
    stepMin: longestStep(setup, netPower(setup.at.hob, stage, vessel) * toKJ, top.latentKJPerKg / 1000),
    memo: { tempC: Number.NaN, swollen: 0, cooking: 0, soaking: 0 },
  };
}

/** Heat capacity of a pot after it has lost some steam, kJ/K; never less than its metal. */
export const capacity = (s: Setting, steamG: number): number =>
  Math.max(0.2, s.kJPerK - ((steamG - s.steamBeforeG) * CP_WATER) / 1000);

/** Runge–Kutta is stable to 2.8 of the fastest rate; half of that is kept to. */
const STABLE = 1.4;
/** No step is shorter than this, min: a bed that dries so fast is dry. */
const SHORTEST_STEP_MIN = 0.005;

/** The fastest rates are those of a nearly dry bed, and of grain and pulses with next to nothing left to drink. */
function longestStep(setup: Setup, powerKJ: number, latentKJ: number): number {
  const dries = (1.5 * powerKJ) / (setup.dryG * DRY_HALF_W * latentKJ);
  const drinks = (OTHERS_DRINK_PER_MIN * 2.5 * setup.othersDrinkG) / (setup.dryG * FILM_HALF);
  const starved = (setup.drinksPerMin * setup.fullW) / FILM_HALF / 2;
  return Math.max(SHORTEST_STEP_MIN, STABLE / Math.max(dries, drinks, starved));
}
