/** Starch swells around this temperature, over this width, °C (66–72 by variety †). */
const GEL = { atC: 69, widthC: 2.5 } as const;
/** Share of the starch that swells at this temperature, 0–1. */
export const swelling = (tempC: number): number => 1 / (1 + Math.exp((GEL.atC - tempC) / GEL.widthC));
