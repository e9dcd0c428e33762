import type { Instruments } from '../instruments/instruments.js';

const nothing = (): undefined => undefined;

/** Instruments that do nothing: a bell that would be heard, and a browser that lets nobody remind. */
export const QUIET: Instruments = {
  primeAlarm: nothing,
  isAwake: () => true,
  alarmAt: nothing,
  speak: nothing,
  askToNotify: () => Promise.resolve(false),
  notify: nothing,
  keepAwake: () => nothing,
};
