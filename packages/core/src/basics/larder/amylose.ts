import type { Amylose, Grain } from './grain.js';

type Scale = Pick<Grain, 'scale' | 'textureShift'>;

/** Low-amylose grain is wanted drier: it is tender, and sticks, at less moisture; length says whose habits it has †. */
const ORDINARY: Scale = { scale: 'ordinary', textureShift: 0 };
const LONG_LOW: Scale = { scale: 'aromaticLow', textureShift: -4 };
const MEDIUM: Scale = { scale: 'medium', textureShift: -2 };
const SHORT: Scale = { scale: 'short', textureShift: -4 };

/** Scale of a grain by whose length it has, from its class; only white grain goes by it. */
const SCALES: Readonly<Partial<Record<Grain['scale'], Readonly<Record<Amylose, Scale>>>>> = {
  ordinary: { waxy: LONG_LOW, low: LONG_LOW, intermediate: ORDINARY, high: ORDINARY },
  aromaticLow: { waxy: LONG_LOW, low: LONG_LOW, intermediate: ORDINARY, high: ORDINARY },
  medium: { waxy: SHORT, low: MEDIUM, intermediate: ORDINARY, high: ORDINARY },
  short: { waxy: SHORT, low: SHORT, intermediate: MEDIUM, high: ORDINARY },
};

/**
 * A grain as this bag of it is: on the scale of the bag's own class of amylose. A grain whose scale its bran, its size or
 * its parboiling decides is left as it is.
 * @param amylose what the bag says; the grain's usual class without
 * @example withAmylose(grainById('longGrainWhite'), 'low').textureShift // -4
 */
export function withAmylose(grain: Grain, amylose: Amylose | undefined): Grain {
  if (amylose === undefined || amylose === grain.amylose) return grain;
  const scale = SCALES[grain.scale]?.[amylose];
  return scale && grain.amylose !== undefined ? { ...grain, ...scale, amylose } : grain;
}
