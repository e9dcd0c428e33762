import type { VesselKind } from '../heat/equipment.js';

export const METHODS = [
  'coveredAbsorption',
  'boilDown',
  'liquidFirst',
  'stewSteam',
  'fryDry',
  'absorbButter',
  'pressureCooker',
  'multiCooker',
  'riceCooker',
] as const;
export type Method = (typeof METHODS)[number];

/** How far grain is toasted, from not at all; "deep" is for noodles. */
export const TOASTS = ['none', 'coated', 'glossy', 'opaque', 'golden', 'deep'] as const;
export type Toast = (typeof TOASTS)[number];
export const WASHES = ['unwashed', 'rinsed', 'untilClear'] as const;
export type Wash = (typeof WASHES)[number];
export const DRAINS = ['shaken', 'sieve'] as const;
export type Drain = (typeof DRAINS)[number];
/**
 * Reused soak water is part of the pour: measured before the grain went into it, it brings what that has drunk since; measured
 * once the grain is out, it is water like any other.
 */
export const SOAK_WATERS = ['thrown', 'reused', 'reusedAfter'] as const;
export type SoakWater = (typeof SOAK_WATERS)[number];

/**
 * Points of cooked moisture at which the same texture is met, against covered absorption: a sealed or
 * absorb-dry pot is even through and wants less, a boil-down pot wants more †. White and parboiled grain only:
 * the bran of whole grain has to be opened whatever the pot.
 */
export const METHOD_SHIFT: Readonly<Record<Method, number>> = {
  coveredAbsorption: 0,
  boilDown: 2,
  liquidFirst: 0,
  stewSteam: -2,
  fryDry: -2,
  absorbButter: -2,
  // Whistles stir it and their steam is poured for: it is not poured drier (common practice).
  pressureCooker: 0,
  multiCooker: -2,
  riceCooker: 0,
};

/** The vessel a method is made for. */
export const METHOD_VESSEL: Readonly<Record<Method, VesselKind>> = {
  coveredAbsorption: 'pot',
  boilDown: 'pot',
  liquidFirst: 'pot',
  stewSteam: 'pot',
  fryDry: 'pot',
  absorbButter: 'pot',
  pressureCooker: 'pressureCooker',
  multiCooker: 'multiCooker',
  riceCooker: 'riceCooker',
};
