import type { Change, Look, Odds, OddsPoint, Seen, Stage, Trouble } from '@hammock/core';
import { ACT } from '../plan/acts.js';
import { HEAT } from '../words.js';
import { litres, whole } from '../measures/numbers.js';

/** What is to be seen in the pot. */
export const SEEN: Readonly<Record<Seen, string>> = {
  nothingYet: 'nothing yet',
  warming: 'warming, not boiling yet',
  liquidOver: 'liquid stands over the grain',
  levelWithGrain: 'liquid level with the grain',
  holes: 'holes in the surface',
  absorbed: 'nothing free to see, all taken up',
  crackles: 'a quiet crackle: the bottom is drying',
  scorched: 'a smell of burning',
  underPressure: 'under pressure',
};

/** What to do when it is drier or wetter than that at a look; `amount` words what was kept. */
export const mendWords = ({ dryAddMl, wetLongerMin }: Look, amount: (ml: number) => string): string =>
  `Dry already? Sprinkle in ${amount(dryAddMl)} of the hot liquid. Still wet? Give it ${wetLongerMin.toString()} min more.`;

const WHAT: Readonly<Record<Trouble['code'], string>> = {
  hardCentre: 'A hard centre',
  tooHard: 'Too hard',
  tooSoft: 'Too soft',
  wetTop: 'Wet on top',
  wetPot: 'Liquid left in the pot',
  dryTop: 'A dry top',
  caught: 'It catches at the bottom',
  paleBase: 'No crust yet',
  broken: 'Broken grains',
  boiledOver: 'It boils over',
  ranDry: 'It runs dry',
  neverBoiled: 'It never gets there',
  noLiquid: 'Next to no liquid',
};

const WHY: Readonly<Record<Trouble['why'], string>> = {
  tooLittlePoured: 'there is too little to drink',
  tooMuchPoured: 'there is more than the grain should have',
  boiledOff: 'too much leaves as steam',
  shortTime: 'it has not had time enough to drink and cook',
  tooCool: 'the pot never gets hot enough',
  openTop: 'without a lid the top cools and dries',
  noRest: 'it is opened before it has rested',
  condensate: 'what drips from the lid has not been taken up yet',
  thickBase: 'a thick base lies on the bottom and keeps the heat there',
  tooHot: 'the heat is too high once the liquid has gone',
  dryBed: 'it stays on the heat after the bottom has dried',
  notLongEnough: 'the bottom has not been dry and hot for long enough',
  foam: 'starchy foam rises over the brim',
  weakRing: 'this setting does not heat it enough',
  stirredLate: 'it is stirred when it is nearly done',
};

export interface TroubleText {
  readonly what: string;
  /** When, where, and why, as one sentence. */
  readonly why: string;
}

/** A trouble in words. */
export function troubleText({ code, why, atMin, stageId }: Trouble, stages: readonly Stage[]): TroubleText {
  const act = stages.find((s) => s.id === stageId)?.act;
  const where = act ? `, in “${ACT[act].name}”` : '';
  return { what: WHAT[code], why: `From minute ${whole(atMin)}${where}: ${WHY[why]}.` };
}

/** What a cook could do otherwise, as an order. */
export function changeText(change: Change, stages: readonly Stage[], ml: (waterG: number) => string): string {
  const name = (id: string): string => {
    const act = stages.find((s) => s.id === id)?.act;
    return act ? `“${ACT[act].name}”` : 'that stage';
  };
  switch (change.code) {
    case 'longer':
      return `${change.minutes.toString()} min longer in ${name(change.stageId)}`;
    case 'shorter':
      return `${change.minutes.toString()} min less in ${name(change.stageId)}`;
    case 'heat':
      return `${HEAT[change.heat]} in ${name(change.stageId)}`;
    case 'lidOn':
      return `the lid on in ${name(change.stageId)}`;
    case 'cloth':
      return `a cloth under the lid in ${name(change.stageId)}`;
    case 'spreader':
      return `a heat-spreader in ${name(change.stageId)}`;
    case 'rest':
      return `${change.minutes.toString()} min of rest, lid on`;
    case 'noTurn':
      return `no turning in ${name(change.stageId)}`;
    case 'pour':
      return `${ml(change.waterG)} poured`;
    case 'heavyPot':
      return 'a heavy pot';
    case 'largerPot':
      return `a pot of ${litres(change.volumeMl)} litres`;
  }
}

/** How well grains stay apart, in words. */
export function apartWords(apart: number): string {
  if (apart >= 0.75) return 'each grain by itself';
  return apart >= 0.5 ? 'grains come apart with a fork' : 'grains hold together';
}

/** A share as people say it. */
export const inAHundred = (share: number): string => whole(Math.min(SUREST, 100 * share));
/** No number of trial pots makes one certain: what nobody thought of is left. */
const SUREST = 99;

/** Further from the curve than this the odds are not known, g. */
const NEAR_G = 25;

/** The odds at a pour, from the nearest point of the curve; undefined beyond its ends, where it is next to none. */
export function nearestTo({ curve, planned }: Odds, waterG: number): OddsPoint | undefined {
  const nearest = curve.reduce(
    (a, b) => (Math.abs(b.waterG - waterG) < Math.abs(a.waterG - waterG) ? b : a),
    planned,
  );
  return Math.abs(nearest.waterG - waterG) > NEAR_G ? undefined : nearest;
}
