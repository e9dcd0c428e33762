import { TEXTURES, type Texture } from '@hammock/core';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { TEXTURE } from '../words.js';

/** What this household calls a step of the scale: by its own name, or as is usual. */
export function textureName(texture: Texture): string {
  const own = useKitchen.getState().household.textureNames?.[texture - 1]?.trim() ?? '';
  return own === '' ? TEXTURE[texture] : own;
}

/** All five, to choose from. */
export const textureNames = (): Readonly<Record<Texture, string>> =>
  Object.fromEntries(TEXTURES.map((t) => [t, textureName(t)])) as Record<Texture, string>;

/** A place on the five-step scale in words: between steps it is the nearer one. */
export function textureWords(texture: number): string {
  if (texture < 0.5) return 'hard';
  if (texture >= 5.5) return 'mush';
  return textureName(Math.min(5, Math.max(1, Math.round(texture))) as Texture);
}
