import { useSyncExternalStore } from 'react';

/** From here on there is room for two columns: the same width as the `lg:` of the styles. */
const WIDE = '(min-width: 64rem)';

const query = (): MediaQueryList | undefined =>
  typeof matchMedia === 'undefined' ? undefined : matchMedia(WIDE);

const follow = (changed: () => void): (() => void) => {
  const list = query();
  list?.addEventListener('change', changed);
  return () => list?.removeEventListener('change', changed);
};

/** Whether there is room for two columns; what stands in another place on a phone is drawn once, not hidden once. */
export const useWide = (): boolean => useSyncExternalStore(follow, () => query()?.matches ?? true);
