import { CLINGING } from './preparing.js';

/** A milled long kernel, mm, and the density of what it is made of, g/ml †. */
const KERNEL = { lengthMm: 6.7, widthMm: 2, thickMm: 1.65, densityGPerMl: 1.45, waterShare: 0.116 } as const;
/** W at which a kernel is cooked, and the share of a settled bed that is grain and not gaps †. */
const COOKED = { w: 2, packed: 0.6, dryMlPerG: 1 / 1.5 } as const;
/** Exponent of Thomsen's formula for the surface of an ellipsoid, right to about one in a hundred. */
const P = 1.6075;

const { lengthMm: l, widthMm: b, thickMm: t } = KERNEL;
const kernelG = ((Math.PI / 6) * l * b * t * KERNEL.densityGPerMl) / 1000;
const kernelM2 = (Math.PI * (((l * b) ** P + (l * t) ** P + (b * t) ** P) / 3) ** (1 / P)) / 1e6;

/** Surface of a gram of raw kernels, m². */
export const SURFACE_M2_PER_G = kernelM2 / kernelG;

/**
 * Water hanging on the top grains from which the top of the pot looks wet, g per m² of the pot: a film as thick as
 * on grain that has just been rinsed and shaken, on the upper halves of the grains on top, which have π/2 times the
 * area that they cover.
 */
export const WET_TOP_G_PER_M2 = (CLINGING.rinsed / SURFACE_M2_PER_G) * (Math.PI / 2);

/** How much a kernel grows in each direction as it cooks: by the cube root of its volume. */
const grows = Math.cbrt((COOKED.dryMlPerG + COOKED.w) * (1 - KERNEL.waterShare) * KERNEL.densityGPerMl);

/** Water in the layer of cooked kernels that lies on the floor, one deep, g per m² of the pot. */
export const FLOOR_LAYER_G_PER_M2 =
  t * grows * 1000 * COOKED.packed * (COOKED.w / (COOKED.dryMlPerG + COOKED.w));
