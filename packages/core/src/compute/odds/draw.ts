import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { DOUBTS } from './doubts.js';

/** Spreads neighbouring numbers over all seeds (the finaliser of MurmurHash3, public domain). */
function mixed(n: number): number {
  let h = n | 0;
  h = Math.imul(h ^ (h >>> 16), 0x85ebca6b);
  h = Math.imul(h ^ (h >>> 13), 0xc2b2ae35);
  return h ^ (h >>> 16);
}
/** The generator's first numbers still show its seed. */
const WARM_UP = 4;

/**
 * Standard normal numbers of one draw, one for each doubt. A draw has its own generator, so that any worker can make
 * any draw and the same seed gives the same kitchens everywhere.
 * @returns DOUBTS.length numbers
 * @example drawZ(1, 0).length // 9
 */
export function drawZ(seed: number, index: number): Float64Array {
  const rng = xoroshiro128plus(mixed(seed + Math.imul(index + 1, 0x9e3779b1)));
  for (let i = 0; i < WARM_UP; i += 1) uniformFloat64(rng);
  const z = new Float64Array(DOUBTS.length);
  for (let i = 0; i < z.length; i += 2) {
    // Box and Muller (1958): two normals from two uniforms.
    const radius = Math.sqrt(-2 * Math.log(1 - uniformFloat64(rng)));
    const angle = 2 * Math.PI * uniformFloat64(rng);
    z[i] = radius * Math.cos(angle);
    z[i + 1] = radius * Math.sin(angle);
  }
  return z;
}
