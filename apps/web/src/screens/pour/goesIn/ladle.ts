/** A ladle of stew, g (common practice). */
export const LADLE_G = 120;
