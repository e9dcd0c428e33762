import type { Texture } from '@hammock/core';
import { TEXTURE } from './words.js';

/** A place on the five-step scale in words: between steps it is the nearer one. */
export function textureWords(texture: number): string {
  if (texture < 0.5) return 'hard';
  if (texture >= 5.5) return 'mush';
  return TEXTURE[Math.min(5, Math.max(1, Math.round(texture))) as Texture];
}
