/** Sodium to salt by molar masses: NaCl 58.44 over Na 22.99 (IUPAC standard atomic weights). */
export const SALT_PER_SODIUM = 58.44 / 22.99;

/** Adults should stay under this much salt a day, g (World Health Organization guideline, 2012). */
export const WHO_SALT_G_PER_DAY = 5;
