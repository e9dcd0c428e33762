/** Dry grain, g/ml †. */
export const DRY_G_PER_ML = 1.5;

/** Gaps in a bed of swollen grain, ml per ml of grain (a random packing is two fifths empty) †. */
export const GAPS_PER_ML = 0.65;
/** Liquid at which half of the grain's surface is still wetted by a film, g per g of dry matter †. */
export const FILM_HALF = 0.06;
/** Share of the grain above the liquid that bubbling keeps wet, and the vapour for half of that, g/min·m² †. */
const PERCOLATES = { most: 0.6, halfGPerMinM2: 30 } as const;
/** Share that films creeping up keep wet without bubbling †. */
const CREEPS = 0.25;

/** Gaps among swollen grain of this mean W, ml per g of dry matter. */
export const gapsPerDryG = (meanW: number): number => GAPS_PER_ML * (1 / DRY_G_PER_ML + meanW);

/** Share of the grain's surface that the free liquid keeps wet by films, 0–1. */
export const filmed = (liquidPerDryG: number): number => liquidPerDryG / (liquidPerDryG + FILM_HALF);

/** Share of the grain above the liquid that is wetted, by the vapour that rises through it, 0–1. */
export const percolating = (vapourGPerMinM2: number): number =>
  CREEPS + ((PERCOLATES.most - CREEPS) * vapourGPerMinM2) / (vapourGPerMinM2 + PERCOLATES.halfGPerMinM2);
