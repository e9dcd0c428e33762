import type { ParsedLine } from './parseLine.js';

/** What the liquid can be salted with, by itself. */
export const SALTS = ['saltFine', 'saltFlaky', 'saltCoarse', 'saltLowSodium'] as const;

/**
 * "Salt", "salt to taste": how much of it is the answer's to say, so nothing is left to ask.
 * @example isSaltToTaste(parseLine('salt to taste')) // true
 */
export const isSaltToTaste = ({ id, amount, reason }: ParsedLine): boolean =>
  amount === undefined && SALTS.some((s) => s === id) && (reason === 'noAmount' || reason === 'vague');
