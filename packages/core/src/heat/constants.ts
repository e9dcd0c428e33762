/** Standard sea-level pressure, kPa (ISO 2533, standard atmosphere). */
export const SEA_LEVEL_KPA = 101.325;

/** 0 °C in kelvin. */
export const KELVIN = 273.15;

/** Specific heat, kJ/kgK. Water between 20 and 100 °C (IAPWS-IF97, mean); dry grain and fat †. */
export const CP_WATER = 4.19;
export const CP_GRAIN_SOLIDS = 1.55;
export const CP_FAT = 2;

/** Heat a pot of this wall takes to warm by one degree, kJ/K per m² of metal †. */
export const WALL_KJ_PER_K_M2: Readonly<Record<'thin' | 'heavy', number>> = { thin: 4, heavy: 14 };

/** Heat lost through wall and lid to still kitchen air, W/m²K (convection and radiation together, 7–10 †). */
export const LOSS_W_PER_M2K = 8.5;

/** Vapour leaving through each closure at boiling temperature, g/min per m² of pot opening †. */
export const LEAK_G_PER_MIN_M2 = {
  open: 60,
  loose: 25,
  ajar: 18,
  wellFitting: 6,
  tight: 2.5,
  sealed: 0.8,
} as const;

/** Net power into a 20–24 cm pot by setting, W †. A household's own hob replaces them. */
export const HOB_POWER_W = {
  high: 1100,
  mediumHigh: 850,
  medium: 520,
  low: 210,
  veryLow: 140,
  off: 0,
} as const;

/** Width of pot those powers are given for, cm. */
export const REFERENCE_DIAMETER_CM = 22;

/** How much more of the heat a wider pot catches: power ∝ (diameter/reference)^n, by kind of hob †. */
export const CAPTURE_EXPONENT = { gas: 0.35, electric: 0.2, induction: 0.1 } as const;

/** The capture rule is only believed between these shares. */
export const CAPTURE_LIMITS = { least: 0.8, most: 1.2 } as const;
