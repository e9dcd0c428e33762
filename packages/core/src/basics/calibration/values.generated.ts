/** Made by `npm run calibrate` from the table of practice and the priors; not to be changed by hand. */
export const VALUES = {
  'target.ordinary': 0.2652,
  'target.short': -4.0862,
  'target.aromaticLow': -0.4715,
  'target.parboiled': 3.0932,
  'target.parboiledSoaked': -3.0216,
  'target.whole': 0.5496,
  'target.small': -0.0441,
  'sealed.stew': -0.8889,
  vent: 0.7279,
  'power.open': -0.0403,
  'power.medium': 0.1586,
  'power.low': 0.0475,
  look: -0.0738,
  uptake: 0.2075,
  release: -0.4456,
} as const;

/**
 * How far left-out pots are off, and cooks from each other, beyond what the named doubts explain, as a share of what the
 * grain drinks: what a kitchen that was not met carries from pot to pot.
 */
export const KITCHEN_SPREAD = 0.1008;
