/** Made by `npm run calibrate` from pots that cooks are content with and pots that fail; not to be changed by hand. */
export const VERDICT = { widthPoints: 3.5, riskShare: 0.35, hardCentre: 0.8, caught: 3 } as const;
