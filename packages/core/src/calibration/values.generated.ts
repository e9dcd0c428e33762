/** Made by `npm run calibrate` from the table of practice and the priors; not to be changed by hand. */
export const VALUES = {
  'target.ordinary': 0.2642,
  'target.short': -4.0868,
  'target.aromaticLow': -0.4722,
  'target.parboiled': 3.0964,
  'target.parboiledSoaked': -3.006,
  'target.whole': 0.5495,
  'target.small': -0.0451,
  'sealed.stew': -0.8908,
  vent: 0.7282,
  'power.open': -0.0393,
  'power.medium': 0.1585,
  'power.low': 0.0474,
  look: -0.0737,
  uptake: 0.2075,
  release: -0.4456,
} as const;

/**
 * How far left-out pots are off, and cooks from each other, beyond what the named doubts explain, as a share of what the
 * grain drinks: what a kitchen that was not met carries from pot to pot.
 */
export const KITCHEN_SPREAD = 0.1009;
