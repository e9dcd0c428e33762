import { describe, expect, it } from '@jest/globals';
import { FLOOR_LAYER_G_PER_M2, SURFACE_M2_PER_G, WET_TOP_G_PER_M2 } from './kernel.js';

describe('a kernel', () => {
  // Thousand-kernel mass 15 to 25 g and 1.5 to 2.2 m² of surface a kilogram are what is written of milled long grain †.
  it('has the surface that is written of milled long grain', () => {
    expect(1000 * SURFACE_M2_PER_G).toBeGreaterThan(1.5);
    expect(1000 * SURFACE_M2_PER_G).toBeLessThan(2.2);
  });

  it('of a sphere’s size has at least a sphere’s surface: nothing is smaller for its volume', () => {
    const volumeMl = (Math.PI / 6) * 6.7 * 2 * 1.65 * 1e-3;
    const sphereM2 = (36 * Math.PI) ** (1 / 3) * volumeMl ** (2 / 3) * 1e-4;
    expect(SURFACE_M2_PER_G * volumeMl * 1.45).toBeGreaterThan(sphereM2);
  });

  it('is wet with a film of some hundredths of a millimetre, on a layer one grain deep', () => {
    // A gram on a square metre is a thousandth of a millimetre.
    const filmMm = WET_TOP_G_PER_M2 / (Math.PI / 2) / 1000;
    expect(filmMm).toBeGreaterThan(0.02);
    expect(filmMm).toBeLessThan(0.06);
    const solidWaterMm = FLOOR_LAYER_G_PER_M2 / 1000;
    expect(solidWaterMm).toBeGreaterThan(0.5);
    expect(solidWaterMm).toBeLessThan(2.5);
  });
});
