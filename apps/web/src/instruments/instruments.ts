import { createContext, use } from 'react';

/** What the stove screen reaches beside the page: a sound, a screen that stays on. */
export interface Instruments {
  /** Wakes the sound. Browsers allow it only inside a tap, so every tap at the stove calls this. */
  readonly primeAlarm: () => void;
  /** Whether it would be heard: false until it was woken since the page was opened. */
  readonly isAwake: () => boolean;
  /**
   * Rings at `dueAtMs` by this device's clock, once; undefined calls it off. A time already past does not ring: it
   * was missed, not reached.
   */
  readonly alarmAt: (dueAtMs: number | undefined) => void;
  /** Says something aloud, in place of what it was saying; silent where the device has no voice. */
  readonly speak: (text: string) => void;
  /** Asks to be let remind outside of the page; false where that is refused or cannot be had. */
  readonly askToNotify: () => Promise<boolean>;
  /** Reminds outside of the page, where that was allowed. */
  readonly notify: (title: string, body: string) => void;
  /** Keeps the screen awake until what comes back is called. */
  readonly keepAwake: () => () => void;
}

const none = (): void => undefined;

/** Passed in by `App.tsx`; without it the stove is silent and the screen may sleep. */
export const InstrumentsPassedIn = createContext<Instruments>({
  primeAlarm: none,
  isAwake: () => true,
  alarmAt: none,
  speak: none,
  askToNotify: () => Promise.resolve(false),
  notify: none,
  keepAwake: () => none,
});

export const useInstruments = (): Instruments => use(InstrumentsPassedIn);
