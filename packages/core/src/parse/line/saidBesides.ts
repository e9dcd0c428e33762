import { readLeading } from '../../basics/measures/parseAmount.js';
import { saidNumber } from './saidNumber.js';

/** How long a grain is soaked; `said` is false where only that it is soaked was said. */
export interface Soak {
  readonly minutes: number;
  readonly said: boolean;
}

/** Half an hour, where a line says "soaked" and no more (common practice). */
export const USUAL_SOAK_MIN = 30;
/** From evening to morning, min (common practice). */
export const OVERNIGHT_MIN = 8 * 60;
/** Longer than this no grain is soaked. */
const MOST_SOAK_MIN = 24 * 60;

/** "soaked", "soaked for half an hour", "pre-soaked overnight". */
export const SOAKED =
  /\b(?:pre-?)?soaked\b(?:\s+for)?(?:\s+overnight|\s+[^,()]{1,24}?\s*(?:minutes?|mins?|hours?|hrs?|h)\b)?/iu;

/** "Washed and left to stand twenty minutes": it soaks where it was washed, unless it drips in a sieve. */
const STOOD =
  /\b(?:washed|rinsed)\b(?!.*\b(?:sieve|colander|drain)).*?\b(?:stand|standing|sit|sitting)\s+(?:for\s+)?(.{1,24}?\s*(?:minutes?|mins?|hours?|hrs?|h))\b/iu;

/** What a line says of soaking; undefined where it says nothing, or that it is not. */
export function soakOf(line: string): Soak | undefined {
  const [said] = SOAKED.exec(line) ?? [];
  if (said === undefined) return stoodOf(line);
  if (/\b(?:not|un)[\s-]*$/iu.test(line.slice(0, line.indexOf(said)))) return undefined;
  if (/overnight/iu.test(said)) return { minutes: OVERNIGHT_MIN, said: true };
  const time = said.replace(/^.*?soaked\s*(?:for)?\s*/iu, '');
  const count = readLeading(time)?.count;
  const minutes = count === undefined ? Number.NaN : minutesOfTime(count, time);
  return isSoak(minutes) ? { minutes, said: true } : { minutes: USUAL_SOAK_MIN, said: false };
}

function stoodOf(line: string): Soak | undefined {
  const [, time = ''] = STOOD.exec(line) ?? [];
  const minutes = minutesOfTime(saidNumber(time, {})?.count ?? Number.NaN, time);
  return isSoak(minutes) ? { minutes, said: true } : undefined;
}

const minutesOfTime = (count: number, time: string): number =>
  Math.round(/\bh(?:ours?|rs?)?$/iu.test(time) ? count * 60 : count);
const isSoak = (minutes: number): boolean => minutes > 0 && minutes <= MOST_SOAK_MIN;

const POT = /\b(?:pots?|pan|saucepan|casserole|stockpot)\b/iu;
const WIDTH = /\b(\d{1,2}(?:[.,]\d)?)[\s-]*cm\b/iu;

/** Width of the pot a line names, cm: "a 24 cm pot", "in my 28-cm pan". */
export function potOf(line: string): number | undefined {
  const [, width] = WIDTH.exec(line) ?? [];
  return width !== undefined && POT.test(line) ? Number(width.replace(',', '.')) : undefined;
}

/** Ways a recipe says for how many it is, and nothing else. */
const PORTIONS =
  /^(?:serves?|for|feeds?|makes?(?:\s+enough\s+for)?|yields?|servings?\s*:?)\s+(?:about\s+)?(\d{1,3}|two|three|four|five|six|eight|ten|twelve)(?:\s*(?:[-–]|to|or)\s*(\d{1,3}|three|four|five|six|eight|ten|twelve))?\s*(?:people|persons?|servings?|portions?|helpings?|adults?)?\s*[.!]?$/iu;

/** For how many, where a line says that alone: "serves 4", "for 6 people". */
export function portionsOf(line: string): number | undefined {
  const [, low, high] = PORTIONS.exec(line.trim()) ?? [];
  if (low === undefined) return undefined;
  const [a, b] = [low, high ?? low].map((n) => saidNumber(`${n} `, {})?.count ?? Number.NaN);
  return Math.round(((a ?? Number.NaN) + (b ?? Number.NaN)) / 2);
}

const HEADINGS =
  /^(?:the\s+)?(?:ingredients?|method|directions?|instructions?|preparation|steps?|you(?:'ll| will)? need|for the [^\d]{1,40}|to (?:serve|finish|garnish)|garnish|notes?|tips?|equipment)\s*:?\s*$/iu;

/** A line that heads a list and is no part of it: "Ingredients", "For the rice:". */
export const isHeading = (line: string): boolean =>
  HEADINGS.test(line.trim()) || /^[^\d]{1,40}:$/u.test(line.trim());
