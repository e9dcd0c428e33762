import { saidNumber } from '../larder/saidNumber.js';

const UNIT = /^\s*[-–]?\s*(?:or\s+so\s+)?(minutes?|mins?\.?|min\b|hours?|hrs?\.?|hr\b|h\b|seconds?|secs?)/iu;
/** Where a number may begin. */
const NUMBER =
  /\b(?:\d|half|quarter|an?|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|fifteen|twenty|thirty|forty)\b|[½¼¾⅓⅔]|\d/giu;
/** Numbers that an ingredient rarely has and a clock often. */
const TENS: readonly (readonly [RegExp, string])[] = [
  [/\bthirty[\s-]five\b/giu, '35'],
  [/\btwenty[\s-]five\b/giu, '25'],
  [/\bfifteen\b/giu, '15'],
  [/\bfourteen\b/giu, '14'],
  [/\bthirteen\b/giu, '13'],
  [/\beighteen\b/giu, '18'],
  [/\btwenty\b/giu, '20'],
  [/\bthirty\b/giu, '30'],
  [/\bforty\b/giu, '40'],
  [/\bfifty\b/giu, '50'],
  [/\ban hour and a half\b/giu, '90 minutes'],
  [/\ban hour and a quarter\b/giu, '75 minutes'],
  [/\bquarter of an hour\b/giu, '15 minutes'],
  [/\bhalf an hour\b/giu, '30 minutes'],
];

const ONES = 'one two three four five six seven eight nine ten eleven twelve'.split(' ');

/** Number words that a clock has, as figures. */
export const withFigures = (text: string): string =>
  TENS.reduce((t, [words, figures]) => t.replace(words, figures), text);

/**
 * The first length of time a text says, min: "15 minutes", "12 to 14 min", "an hour and a quarter".
 * @returns undefined where it says none
 */
export function minutesIn(text: string): number | undefined {
  const line = withFigures(text);
  for (const { index } of line.matchAll(NUMBER)) {
    const read = saidNumber(line.slice(index), {});
    if (!read) continue;
    const [, unit] = UNIT.exec(line.slice(index + read.next)) ?? [];
    if (unit === undefined) continue;
    const times = /^h/iu.test(unit) ? 60 : /^s/iu.test(unit) ? 1 / 60 : 1;
    return Math.round(read.count * times * 10) / 10;
  }
  return undefined;
}

/** A number that stands alone where minutes are spoken of: "lid; as low as it goes; 22". */
export function bareNumber(text: string): number | undefined {
  const [, said = ''] =
    /^\s*(?:(?:so|for|another|about|then|says)\s+)*(\w+)(?:\s+more)?(?:\s+or so)?\s*[.,;]?\s*$/iu.exec(
      withFigures(text),
    ) ?? [];
  const word = ONES.indexOf(said.toLowerCase()) + 1;
  if (word > 0) return word;
  return /^\d{1,2}$/u.test(said) ? Number(said) : undefined;
}

/** "Off the heat 8 more", "low 25": minutes that are only a number at the end. */
export function lastNumber(clause: string): number | undefined {
  const [, said] =
    /(?:heat|low|lowest|off|rest|covered|lid|more|stand|goes|another)\s+(\d{1,2})(?:\s+more)?\s*$/iu.exec(
      withFigures(clause),
    ) ?? [];
  return said === undefined ? undefined : Number(said);
}
