import { OVERNIGHT_MIN } from '../line/saidBesides.js';
import { saidNumber } from '../line/saidNumber.js';

const UNIT = /^\s*[-–]?\s*(?:or\s+so\s+)?(minutes?|mins?\.?|min\b|hours?|hrs?\.?|hr\b|h\b|seconds?|secs?)/iu;
/** Where a word or a number begins. */
const BEGINS = /(?<![\p{L}\d])[\p{L}\d½¼¾⅓⅔]/gu;
/** An hour and a part of one is said in an order of its own. */
const HOUR_AND = /\ban hour and a (half|quarter)\b/giu;

/**
 * The first length of time a text says, min: "15 minutes", "12 to 14 min", "an hour and a quarter".
 * @returns undefined where it says none
 */
export function minutesIn(text: string): number | undefined {
  if (/\bovernight\b/iu.test(text)) return OVERNIGHT_MIN;
  const line = text.replace(HOUR_AND, (_all, part: string) =>
    part === 'half' ? '90 minutes' : '75 minutes',
  );
  for (const { index } of line.matchAll(BEGINS)) {
    const read = saidNumber(line.slice(index), {});
    if (!read) continue;
    const [, unit] = UNIT.exec(line.slice(index + read.next)) ?? [];
    if (unit === undefined) continue;
    const times = /^h/iu.test(unit) ? 60 : /^s/iu.test(unit) ? 1 / 60 : 1;
    return Math.round(read.count * times * 10) / 10;
  }
  return undefined;
}

/** Longest stretch that is told by a number alone, min: more is an amount. */
const MOST_BARE_MIN = 99;

/** The whole number that words come to, such as minutes have; undefined where they come to none. */
function wholeIn(words: string): number | undefined {
  const read = /^an?$/iu.test(words) ? undefined : saidNumber(`${words} `, {});
  return read?.rest.trim() === '' && Number.isInteger(read.count) && read.count <= MOST_BARE_MIN
    ? read.count
    : undefined;
}

/** A number that stands alone where minutes are spoken of: "lid; as low as it goes; 22", "so six more". */
export function bareNumber(text: string): number | undefined {
  const [, said] =
    /^\s*(?:(?:so|for|another|about|then|says)\s+)*([\w-]+?)(?:\s+more)?(?:\s+or so)?\s*[.,;]?\s*$/iu.exec(
      text,
    ) ?? [];
  return said === undefined ? undefined : wholeIn(said);
}

/** "Off the heat 8 more", "low 25": minutes that are only a number at the end. */
export function lastNumber(clause: string): number | undefined {
  const [, said] =
    /(?:heat|low|lowest|off|rest|covered|lid|more|stand|goes|another)\s+([\w-]+?)(?:\s+more)?\s*$/iu.exec(
      clause,
    ) ?? [];
  return said === undefined ? undefined : wholeIn(said);
}
