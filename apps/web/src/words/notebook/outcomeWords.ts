import { GUESTS } from '@hammock/core/records';
import type { OutcomeRecord } from '@hammock/core/records';
import { HELPED_WORDS } from '../stove/observationWords.js';

const listed = (words: readonly string[]): string =>
  words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1) ?? ''}`;
const called = (name: string): string => (name === GUESTS ? 'guests' : name);

/** Whose word an outcome is, who ate and what helped; nothing of what nobody said. */
export function moreText({ by, ate, helped }: OutcomeRecord): string {
  return [
    ...(by ? [`${by === GUESTS ? 'Guests say' : `${by} says`} so.`] : []),
    ...(ate && ate.length > 0 ? [`For ${listed(ate.map(called))}.`] : []),
    ...(helped && helped.length > 0 ? [`Helped: ${listed(helped.map((h) => HELPED_WORDS[h]))}.`] : []),
  ].join(' ');
}
