import { numbers } from '../check/hostile.mjs';

/** Numbers that look like chance and are the same for a seed, and normal ones of them. */
export function randomOf(seed) {
  const { next, of } = numbers(seed);
  const normal = () => Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next());
  return { next, normal, of };
}
