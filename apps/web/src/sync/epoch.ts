import { keepText, readText } from '../storage/deviceStorage.js';

const NAME = 'hammock.epoch';

let known: string | undefined;

/** Which household this device knows: another one since everything was erased, replaced or put back at the server. */
export const epochNow = (): string | undefined => (known ??= readText(NAME));

/**
 * Hears which household the server has.
 * @returns the one this device knew until now, where that was another; undefined where it was the same or none
 */
export function hearEpoch(epoch: string): string | undefined {
  const before = epochNow();
  if (before === epoch) return undefined;
  known = epoch;
  keepText(NAME, epoch);
  return before;
}
