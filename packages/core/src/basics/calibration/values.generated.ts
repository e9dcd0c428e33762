/** Made by `npm run calibrate` from the table of practice and the priors; not to be changed by hand. */
export const VALUES = {
  'target.ordinary': 0.0637,
  'target.short': -4.0401,
  'target.aromaticLow': -0.2914,
  'target.parboiled': 2.2282,
  'target.parboiledSoaked': -2.3538,
  'target.whole': 0.4291,
  'target.coconut': -2.7692,
  'target.boilDown': -0.9986,
  'target.small': 0.4013,
  'sealed.stew': -0.1289,
  vent: 0.8306,
  'power.open': -0.1132,
  'power.medium': 0.15,
  'power.low': 0.094,
  look: -0.0551,
  uptake: 0.2362,
  release: -0.2902,
} as const;

/**
 * How far left-out pots are off, and cooks from each other, beyond what the named doubts explain, as a share of what the
 * grain drinks: what a kitchen that was not met carries from pot to pot.
 */
export const KITCHEN_SPREAD = 0.1194;
