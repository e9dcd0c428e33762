import type { HiddenKind } from './hidden.js';

/** What a verdict is told to, points: half a step either way, and a tooth that is not sure of it †. */
export const VERDICT_NOISE = 1.25;
/** What differs from pot to pot and is never learnt, points, in the water and in the grain each: 3 to 4 % of the pour together †. */
export const POT_TO_POT_NOISE = 0.5;

/** The hidden values that the water speaks of, and those that the grain does. */
export const OF_WATER: readonly HiddenKind[] = ['lid', 'pot', 'base', 'dish'];
export const OF_GRAIN: readonly HiddenKind[] = ['taste', 'step', 'who', 'kind', 'bag', 'method'];
