import { useSyncExternalStore } from 'react';

/** From here on there is room for two columns: the same width as the `lg:` of the styles. */
const WIDE = '(min-width: 64rem)';

/** A phone held upright: below the `sm:` of the styles. */
const NARROW = '(max-width: 39.99rem)';

const queryOf = (text: string): MediaQueryList | undefined =>
  typeof matchMedia === 'undefined' ? undefined : matchMedia(text);

const follows =
  (text: string) =>
  (changed: () => void): (() => void) => {
    const list = queryOf(text);
    list?.addEventListener('change', changed);
    return () => list?.removeEventListener('change', changed);
  };
const followWide = follows(WIDE);
const followNarrow = follows(NARROW);

/** Whether there is room for two columns; what stands in another place on a phone is drawn once, not hidden once. */
export const useWide = (): boolean => useSyncExternalStore(followWide, () => queryOf(WIDE)?.matches ?? true);

/** Whether the screen is that of a phone. */
export const useNarrow = (): boolean =>
  useSyncExternalStore(followNarrow, () => queryOf(NARROW)?.matches ?? false);
