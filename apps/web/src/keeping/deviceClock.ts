/** Now by this device's own clock, ms since the epoch. It may be wrong by minutes: good for durations only. */
export const deviceNowMs = (): number => Date.now();
