/** A clock on this device: milliseconds since the epoch. */
export type Clock = () => number;

let clock: Clock = () => Date.now();

/** Passes a clock in: one that stands still for a picture, or runs fast for a rehearsal. */
export const timeBy = (passedIn: Clock): void => {
  clock = passedIn;
};

/** Now by this device's own clock, ms since the epoch. It may be wrong by minutes: good for durations only. */
export const deviceNowMs: Clock = () => clock();
