import type { Habit } from './grain.js';

/** Soaking and texture by family. All † (from memory); see docs/model.md. */
export const WHITE: Habit = {
  family: 'white',
  scale: 'ordinary',
  amylose: 'intermediate',
  soakedW: 0.43,
  soakRatePerMin: 0.07,
  uptakePerMin: 0.075,
  textureShift: 0,
  soakedShift: 0,
  coveredMin: 15,
  longestSoakMin: 60,
};
export const LONG_AROMATIC: Habit = { ...WHITE, soakedShift: 2 };
/**
 * Low-amylose grain is tender, and sticks, at a lower moisture: the Japanese food tables give plain cooked short
 * grain 60 g of water in 100 g where the American ones give long grain 68 †.
 */
export const LOW_AMYLOSE: Habit = { ...WHITE, textureShift: -4, scale: 'short', amylose: 'low' };
/** Half-way between long and short grain, in what is wanted as in its amylose †. */
export const MEDIUM: Habit = { ...WHITE, textureShift: -2, scale: 'medium', amylose: 'low' };
export const PARBOILED: Habit = {
  family: 'parboiled',
  scale: 'parboiled',
  soakedW: 0.6,
  soakRatePerMin: 0.04,
  uptakePerMin: 0.055,
  textureShift: -1.5,
  soakedShift: 0,
  coveredMin: 20,
  longestSoakMin: 180,
};
export const BROWN: Habit = {
  family: 'wholegrain',
  scale: 'whole',
  soakedW: 0.4,
  soakRatePerMin: 0.008,
  uptakePerMin: 0.03,
  textureShift: 1.5,
  soakedShift: 0,
  coveredMin: 40,
  longestSoakMin: 720,
};
export const SMALL: Habit = {
  family: 'small',
  scale: 'small',
  soakedW: 0.43,
  soakRatePerMin: 0.03,
  uptakePerMin: 0.06,
  textureShift: 1.5,
  soakedShift: 0,
  coveredMin: 18,
  longestSoakMin: 720,
};
export const BULGUR: Habit = {
  family: 'cracked',
  scale: 'small',
  soakedW: 1,
  soakRatePerMin: 0.05,
  uptakePerMin: 0.08,
  textureShift: 7,
  soakedShift: 0,
  coveredMin: 12,
  longestSoakMin: 60,
};
