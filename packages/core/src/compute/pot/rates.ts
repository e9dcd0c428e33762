import { soakRate, SOAKS_TO_C } from '../../basics/grain/soaking.js';
import { swelling } from '../../basics/grain/swelling.js';
import { filmed, gapsPerDryG, percolating } from '../../basics/grain/wetting.js';
import { arrhenius } from '../../basics/heat/arrhenius.js';
import { CP_WATER } from '../../basics/heat/constants.js';
import { vapourPressure } from '../../basics/heat/saturation.js';
import {
  BROWNS,
  CARRIED_UP,
  DRIPS_ON,
  DRY_HALF_W,
  EVENS_PER_MIN,
  FILM_LAG,
  LEACHES,
  OTHERS_DRINK_PER_MIN,
  RUNS_DOWN,
  SUGAR_BROWNS,
  TOP_DRINKS_PER_MIN,
  WICKS_PER_MIN,
} from './constants.js';
import { cookingFactor, readiness } from '../../basics/grain/kinetics.js';
import { capacity, type Setting } from './setting.js';
import {
  BASE_C,
  BEDS,
  BROWN,
  CRUST,
  DONE0,
  DRUNK,
  FREE,
  get,
  HEAT_IN,
  HEAT_OUT,
  LID,
  STARCH,
  STEAM,
  TEMP,
  TOP,
  W0,
  type State,
} from './state.js';

/** A pot without grain is dry when its liquid is down to about this, g. */
const PUDDLE_G = 5;
/** Free liquid, g per g of dry matter, below which half of the vapour comes out of the grain, and the minutes of
 * vapour that are added to it: what boils fast leaves films behind. */
const WET_FLOOR = { perG: 0.02, ofVapourMin: 0.25 } as const;
/** A touched floor is wet again this fast under liquid, per min. */
const WETS_FLOOR_PER_MIN = 3;
/** How a cooler top cooks slower, per K: the derivative of the cooking factor near the boil. */
const SLOWER_PER_K = 0.0687;
/** A dry pot takes up less heat from here on, and none when it is this much hotter, °C †. */
const DRY_FLOOR = { fromC: 250, widthC: 150 } as const;
/** How much of the open top's coolness each bed has, from the floor up †. */
const OPEN_TOP_SHARE = [0, 0.3, 1] as const;

/** Gaps among swollen grain of this mean W, ml. */
export const gapsMl = (dryG: number, meanW: number): number => dryG * gapsPerDryG(meanW);

/** Liquid that the grain can have: what is free and not kept by film or sauce, g. */
export const availableG = (y: State, s: Setting): number => Math.max(0, get(y, FREE) - s.heldG);

export const meanW = (y: State): number => (get(y, W0) + get(y, W0 + 1) + get(y, W0 + 2)) / BEDS;

/** Smooth 0 to 1 over the same range. */
function smooth(x: number): number {
  if (x <= 0) return 0;
  return x >= 1 ? 1 : x * x * (3 - 2 * x);
}

/**
 * The right-hand side: how fast everything in the pot changes, per minute. See docs/model.md, "The pot over time".
 * @param y the pot now
 * @param dy filled with the rates
 * @param s the stage
 * @param boiling true while the pot is at its boil and everything left over turns to vapour
 */
export function rates(y: State, dy: State, s: Setting, boiling: boolean): void {
  const { setup } = s;
  const { dryG } = setup;
  const tempC = get(y, TEMP);
  const avail = availableG(y, s);
  const over = tempC - setup.at.roomC;
  const loss = over > 0 ? s.lossKJPerK * over : 0;
  // A ring passes less and less heat to a floor that is nearly as hot as it can make it.
  const power =
    s.thermostat && boiling
      ? loss
      : s.powerKJ * (tempC > DRY_FLOOR.fromC ? 1 - smooth((tempC - DRY_FLOOR.fromC) / DRY_FLOOR.widthC) : 1);
  const pressure = boiling ? 1 : Math.min(1, vapourPressure(tempC) / s.boilKPa);
  const surplus = power - loss;

  // Where vapour comes from: free liquid while there is some, then the grain, lowest bed first.
  const perBed = dryG / BEDS;
  const { dries } = s;
  const dries0 = dries[0] * ready(get(y, W0));
  const dries1 = dries[1] * ready(get(y, W0 + 1));
  const dries2 = dries[2] * ready(get(y, W0 + 2));
  const driesAll = dries0 + dries1 + dries2;
  const most = dries[0] + dries[1] + dries[2];
  const asked = boiling ? Math.max(0, surplus) / s.latentKJ : s.leakPerMin * pressure;
  const floor = s.grainIn ? WET_FLOOR.perG * dryG + WET_FLOOR.ofVapourMin * asked : PUDDLE_G;
  const wet = s.grainIn ? avail / (avail + floor) : get(y, FREE) / (get(y, FREE) + floor);
  const moist = s.grainIn ? wet + (1 - wet) * Math.min(1, (1.1 * driesAll) / most) : wet;
  const vapour = asked * moist;
  const condensed = s.grainIn
    ? ((s.condensesKJPerK * Math.max(0, Math.min(tempC, s.boilC) - setup.at.roomC)) / s.latentKJ) *
      pressure *
      moist
    : 0;
  const carried =
    s.grainIn && s.lidded
      ? (CARRIED_UP.perG * vapour) / (1 + vapour / setup.areaM2 / CARRIED_UP.halfGPerMinM2)
      : 0;
  const drawn = vapour + condensed + carried;
  const fromFree = moist > 0 ? wet / moist : 1;
  const fromBeds = fromFree < 1 ? (drawn * (1 - fromFree)) / driesAll : 0;

  const kJPerK = capacity(s, get(y, STEAM));
  dy[TEMP] = (boiling && surplus > 0 ? surplus * (1 - moist) : surplus - vapour * s.latentKJ) / kJPerK;
  dy[STEAM] = vapour;
  dy[HEAT_IN] = power;
  dy[HEAT_OUT] = loss + vapour * (s.latentKJ + (CP_WATER * tempC) / 1000);

  let drunk = 0;
  let backG = 0;
  if (s.grainIn) {
    const film = filmed(avail / dryG);
    const { swollen, cooking, soaking } = atTemp(s, tempC);
    const { grain } = setup.plan;
    const soaked = Math.max(grain.soakedW, setup.startW);
    const holdsW = soaked + (setup.fullW - soaked) * swollen;
    const drinks = (1 - swollen) * soaking + swollen * setup.drinksPerMin * cooking;
    const rolling = boiling ? vapour / setup.areaM2 : 0;
    const above = film * Math.min(1, percolating(rolling) + s.steamDrinks);
    const level = (BEDS * avail) / gapsMl(dryG, meanW(y));
    const cooks = setup.cooksPerMin * cooking * swollen;
    for (let i = 0; i < BEDS; i += 1) {
      const w = get(y, W0 + i);
      const under = smooth(level - i);
      const cooler = s.openTopK * (OPEN_TOP_SHARE[i] ?? 0) * (1 - under);
      const slower = cooler > 0 ? Math.exp(-SLOWER_PER_K * cooler) : 1;
      const access = under + (1 - under) * above;
      const up = holdsW > w ? drinks * access * slower * (holdsW - w) : 0;
      drunk += up * perBed;
      dy[W0 + i] = up;
      const done = get(y, DONE0 + i);
      dy[DONE0 + i] = cooks * slower * readiness(w) * (1 - done);
    }
    const evens = s.lidded ? EVENS_PER_MIN : EVENS_PER_MIN / 2;
    const low = evens * (get(y, W0) - get(y, W0 + 1));
    const high = evens * (get(y, W0 + 1) - get(y, W0 + 2));
    // What hangs on the top grains goes into them and those below while they can hold it, and runs down when not.
    const gives = TOP_DRINKS_PER_MIN * get(y, TOP);
    const taken0 = gives * RUNS_DOWN[0] * roomFor(setup.fullW, get(y, W0));
    const taken1 = gives * RUNS_DOWN[1] * roomFor(setup.fullW, get(y, W0 + 1));
    const taken2 = gives * RUNS_DOWN[2] * roomFor(setup.fullW, get(y, W0 + 2));
    backG = gives - taken0 - taken1 - taken2;
    dy[W0] = get(dy, W0) - low + (taken0 - fromBeds * dries0) / perBed;
    dy[W0 + 1] = get(dy, W0 + 1) + low - high + (taken1 - fromBeds * dries1) / perBed;
    dy[W0 + 2] = get(dy, W0 + 2) + high + (taken2 - fromBeds * dries2) / perBed;
    const lidRoom = Math.min(1, Math.max(0, (s.lidHoldsG - get(y, LID)) / (0.1 * s.lidHoldsG)));
    dy[LID] = condensed * lidRoom;
    const drips = condensed * (1 - lidRoom);
    backG += (1 - DRIPS_ON) * drips;
    dy[TOP] = DRIPS_ON * drips + carried - gives;
    dy[DRUNK] = OTHERS_DRINK_PER_MIN * cooking * film * (setup.othersDrinkG - get(y, DRUNK));
    dy[STARCH] = LEACHES.perMin * cooking * film * (setup.starchG - get(y, STARCH));
    // All of the heat enters through the layer on the floor, so it dries first; the bed above wicks into it.
    const crust = get(y, CRUST);
    const refills = WETS_FLOOR_PER_MIN * wet + WICKS_PER_MIN * Math.min(1, get(y, W0) / 2);
    dy[CRUST] = refills * (1 - crust) - ((fromBeds * driesAll) / setup.crustG) * crust;
  } else {
    dy[W0] = dy[W0 + 1] = dy[W0 + 2] = 0;
    dy[DONE0] = dy[DONE0 + 1] = dy[DONE0 + 2] = 0;
    dy[LID] = dy[TOP] = dy[DRUNK] = dy[STARCH] = 0;
    dy[CRUST] = WETS_FLOOR_PER_MIN * (wet - get(y, CRUST));
  }
  dy[FREE] = -drawn * fromFree - drunk - get(dy, DRUNK) + backG;

  const dryFloor = 1 - get(y, CRUST);
  const towards = tempC + power * (s.resistsWet + s.resistsDry * dryFloor);
  dy[BASE_C] =
    (towards - get(y, BASE_C)) / (FILM_LAG.wetMin + (FILM_LAG.dryMin - FILM_LAG.wetMin) * dryFloor);
  const sugar = setup.solidsG / (setup.solidsG + avail + 1);
  dy[BROWN] =
    (arrhenius(BROWNS.jPerMol, Math.min(BROWNS.charsAtC, get(y, BASE_C)), BROWNS.atC) / BROWNS.goldenMin) *
    (1 + (10 * SUGAR_BROWNS * sugar) / (1 + 2.5 * sugar));
}

/** Past this grain dries and chars; it does not cook any faster, °C. */
const COOKS_TO_C = 130;

/** What depends on the temperature alone. */
function atTemp(s: Setting, tempC: number): Setting['memo'] {
  const { memo } = s;
  if (memo.tempC !== tempC) {
    memo.tempC = tempC;
    memo.swollen = swelling(tempC);
    memo.cooking = cookingFactor(Math.min(COOKS_TO_C, tempC));
    memo.soaking = soakRate(s.setup.plan.grain, Math.min(SOAKS_TO_C, tempC));
  }
  return memo;
}

/** How much of what runs past it a bed takes, 0–1. */
const roomFor = (fullW: number, w: number): number => smooth((fullW - w) / 0.2);

/** How readily a bed of this W gives vapour, 0–1. */
const ready = (w: number): number => (w > 0 ? w / (w + DRY_HALF_W) : 0);
