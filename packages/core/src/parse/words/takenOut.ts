import { saidNumber } from '../line/saidNumber.js';

/** How much of the stew is taken out: by the ladle, or as a share of it. */
export type TakenOut = { readonly ladles: number } | { readonly share: number };

const LADLE = /(?:^|\s)(half\s+a|[\w½¼¾]+)\s+ladle(?:ful)?s?(\s+and\s+a\s+half)?\b/iu;
const WORDS: ReadonlyMap<string, number> = new Map([
  ['a', 1],
  ['half', 0.5],
  ['half a', 0.5],
]);
const SHARES: readonly (readonly [RegExp, number])[] = [
  [/\btwo thirds\b/iu, 2 / 3],
  [/\b(?:a|one) third\b|⅓/iu, 1 / 3],
  [/\b(?:a|one) quarter\b|¼/iu, 1 / 4],
  [/\bhalf\b|½/iu, 1 / 2],
];
/** "Out" as one takes it out of a pot: said of stew, sauce or base. */
const OUT = /\b(?:out|off|aside)\b/iu;
const OF_STEW = /\b(?:stew|sauce|base|gravy)\b/iu;

/**
 * What a clause takes out of the pot before the grain: "a ladle and a half out", "a third of the stew out in case".
 * @example takenOut('two ladles out') // { ladles: 2 }
 */
export function takenOut(clause: string): TakenOut | undefined {
  if (!OUT.test(clause)) return undefined;
  const [said, count = '', half] = LADLE.exec(clause) ?? [];
  if (said !== undefined) {
    const ladles = WORDS.get(count.toLowerCase()) ?? saidNumber(`${count} `, {})?.count;
    return ladles === undefined ? undefined : { ladles: ladles + (half === undefined ? 0 : 0.5) };
  }
  const share = OF_STEW.test(clause) ? SHARES.find(([words]) => words.test(clause)) : undefined;
  return share && { share: share[1] };
}

/**
 * True where what was taken out comes back.
 * @example comesBack('the ladleful back on top') // true
 */
export const comesBack = (clause: string): boolean =>
  (/\bladle(?:ful)?s?\b/iu.test(clause) || OF_STEW.test(clause)) && /\bback\b/iu.test(clause);
