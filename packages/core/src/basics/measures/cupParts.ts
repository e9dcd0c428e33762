/** Fractions people own cups and spoons of, largest first. */
export const CUP_PARTS = ['1', '3/4', '2/3', '1/2', '1/3', '1/4', '1/8'] as const;
export type CupPart = (typeof CUP_PARTS)[number];
