import { SEA_LEVEL_KPA } from './constants.js';
import { boilingPoint, latentHeat } from './saturation.js';

/**
 * Air pressure at an altitude (ISO 2533 standard atmosphere, troposphere).
 * @param altitudeM metres above sea level
 * @returns kPa
 * @example airPressure(1500) // 84.556
 */
export const airPressure = (altitudeM: number): number =>
  SEA_LEVEL_KPA * (1 - 2.25577e-5 * altitudeM) ** 5.25588;

/** Where water boils and what a gram of steam costs there. */
export interface Boil {
  readonly tempC: number;
  readonly latentKJPerKg: number;
  /** Air pressure there, which is the vapour pressure at the boil, kPa. */
  readonly kPa: number;
}

/**
 * Boiling temperature and latent heat in an open or lidded pot at an altitude.
 * @example boilAt(1500).tempC // 94.983
 */
export const boilAt = (altitudeM: number): Boil => boilUnder(airPressure(altitudeM));

/**
 * The same under a given absolute pressure, such as a pressure cooker's.
 * @example boilUnder(181.325).tempC // 117.14
 */
export function boilUnder(kPa: number): Boil {
  const tempC = boilingPoint(kPa);
  return { tempC, latentKJPerKg: latentHeat(tempC), kPa };
}
