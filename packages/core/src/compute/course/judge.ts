import { wetBasis } from '../../basics/grain/moisture.js';
import { rightMoisture, textureOf } from '../../basics/grain/texture.js';
import { BASE_BANDS, BREAKS, DRY_TOP_POINTS, NO_HARD_CENTRE, WET_POT_PER_G } from '../pot/constants.js';
import { WET_TOP_G_PER_M2 } from '../../basics/grain/kernel.js';
import type { Cooked } from '../pot/cook.js';
import { BEDS, BROWN, DONE0, FREE, get, STARCH, TOP, W0, type State } from '../pot/state.js';

/** How the base looks when the pot is empty. */
export type BaseBand = 'clean' | 'golden' | 'dark' | 'burnt';

/** A bed of grain as it comes out. */
export interface BedOutcome {
  /** Wet basis %. */
  readonly moisture: number;
  /** Cooked fraction, 0–1. */
  readonly done: number;
}

/** How a pot came out, in numbers and bands. */
export interface PotOutcome {
  /** Mean moisture of the grain at the table, wet basis %. */
  readonly moisture: number;
  /** At the end of the rest. */
  readonly restedMoisture: number;
  /** Place on the household's five-step scale, as this bag feels at that moisture. */
  readonly texture: number;
  /** From the floor up, at the end of the rest. */
  readonly beds: readonly BedOutcome[];
  /** How well the grains stay apart, 0 (one mass) to 1 (each by itself). */
  readonly apart: number;
  readonly browning: number;
  readonly base: BaseBand;
  /** Liquid nobody has drunk, g, besides film and sauce. */
  readonly leftG: number;
  /** Water hanging on the top grains, g/m². */
  readonly topGPerM2: number;
  readonly broken: number;
  readonly flags: PotFlags;
}

/** What a cook would find fault with. */
export interface PotFlags {
  readonly hardCentre: boolean;
  readonly tooHard: boolean;
  readonly tooSoft: boolean;
  readonly wetTop: boolean;
  readonly wetPot: boolean;
  readonly dryTop: boolean;
  readonly caught: boolean;
  readonly paleBase: boolean;
  readonly broken: boolean;
}

const meanOf = (y: State, from: number): number =>
  (get(y, from) + get(y, from + 1) + get(y, from + 2)) / BEDS;

/**
 * The outcome of a pot that has been cooked.
 * @example judge(cookPot(plan, 560)).base // 'clean'
 */
export function judge(cooked: Cooked): PotOutcome {
  const { setup, rested, served } = cooked;
  const { plan, truth, dryG } = setup;
  const restedMoisture = wetBasis(meanOf(rested, W0));
  const meanW = meanOf(served, W0);
  const feels = wetBasis(meanW / truth.bag);
  const texture = textureOf(plan, feels);
  const right = rightMoisture(plan, plan.texture);
  const browning = get(served, BROWN);
  const leftG = Math.max(0, get(rested, FREE) - setup.heldG);
  const topGPerM2 = get(rested, TOP) / setup.areaM2;
  const base = bandOf(browning);
  const beds: BedOutcome[] = [];
  let least = 1;
  for (let i = 0; i < BEDS; i += 1) {
    const done = get(rested, DONE0 + i);
    least = Math.min(least, done);
    beds.push({ moisture: wetBasis(get(rested, W0 + i)), done });
  }
  const top = beds[BEDS - 1]?.moisture ?? restedMoisture;
  return {
    moisture: wetBasis(meanW),
    restedMoisture,
    texture,
    beds,
    apart: apartOf(cooked, texture),
    browning,
    base,
    leftG,
    topGPerM2,
    broken: cooked.broken,
    flags: {
      hardCentre: least < NO_HARD_CENTRE,
      tooHard: feels < right.low,
      tooSoft: feels > right.high,
      wetTop: topGPerM2 > WET_TOP_G_PER_M2,
      wetPot: leftG > WET_POT_PER_G * dryG,
      dryTop: top < restedMoisture - DRY_TOP_POINTS,
      caught: browning >= BASE_BANDS.dark,
      paleBase: plan.crust && browning < BASE_BANDS.golden,
      broken: cooked.broken > BREAKS.shows,
    },
  };
}

/**
 * Where a base stands between clean and burnt.
 * @example bandOf(0.5) // 'golden'
 */
export function bandOf(browning: number): BaseBand {
  if (browning < BASE_BANDS.golden) return 'clean';
  if (browning < BASE_BANDS.dark) return 'golden';
  return browning < BASE_BANDS.burnt ? 'dark' : 'burnt';
}

/** Parts of what keeps grains apart, 1 all together; low-amylose grain is where the scale is shifted down † . */
const APART = { starch: 0.3, amylose: 0.25, moisture: 0.25, broken: 0.1, fat: 0.1 } as const;
/** Starch left in the pot that makes it cling altogether, g per g of dry matter †. */
const STICKS_FROM = 0.02;

function apartOf({ setup, served, broken }: Cooked, texture: number): number {
  const { plan, dryG } = setup;
  const starch = Math.min(1, get(served, STARCH) / dryG / STICKS_FROM);
  const low = plan.grain.textureShift < 0 && plan.grain.family === 'white' ? 1 : 0;
  const coated = plan.toast === 'none' ? 0 : plan.toast === 'coated' ? 0.5 : 1;
  const wet = Math.min(1, Math.max(0, (texture - 1) / 3.5));
  // Toasting in fat seals the surface: less starch comes off and what does clings less.
  return (
    APART.starch * (1 - starch * (1 - 0.5 * coated)) +
    APART.amylose * (1 - low) +
    APART.moisture * (1 - wet) +
    APART.broken * (1 - Math.min(1, broken / 0.3)) +
    APART.fat * coated
  );
}
