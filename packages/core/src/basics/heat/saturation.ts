import { KELVIN } from './constants.js';

/**
 * Coefficients of the saturation line (region 4): IAPWS, Revised Release on the Industrial Formulation 1997
 * (IAPWS-IF97), table 34.
 */
const N = [
  0, 0.11670521452767e4, -0.72421316703206e6, -0.17073846940092e2, 0.1202082470247e5, -0.32325550322333e7,
  0.1491510861353e2, -0.48232657361591e4, 0.40511340542057e6, -0.23855557567849, 0.65017534844798e3,
] as const;

/**
 * Saturation temperature of water.
 * @param kPa absolute pressure, kPa, 0.7 to 22 000
 * @returns °C
 * @example boilingPoint(101.325) // 99.974
 */
export function boilingPoint(kPa: number): number {
  const beta = (kPa / 1000) ** 0.25;
  const e = beta ** 2 + N[3] * beta + N[6];
  const f = N[1] * beta ** 2 + N[4] * beta + N[7];
  const g = N[2] * beta ** 2 + N[5] * beta + N[8];
  const d = (2 * g) / (-f - Math.sqrt(f * f - 4 * e * g));
  const s = N[10] + d;
  return (s - Math.sqrt(s * s - 4 * (N[9] + N[10] * d))) / 2 - KELVIN;
}

/**
 * Saturation pressure of water.
 * @param tempC °C, 0 to 370
 * @returns kPa absolute
 * @example vapourPressure(100) // 101.418
 */
export function vapourPressure(tempC: number): number {
  const t = tempC + KELVIN;
  const theta = t + N[9] / (t - N[10]);
  // Horner's form and plain products: this is the one function the answer calls a hundred times.
  const a = (theta + N[1]) * theta + N[2];
  const b = (N[3] * theta + N[4]) * theta + N[5];
  const c = (N[6] * theta + N[7]) * theta + N[8];
  const root = (2 * c) / (-b + Math.sqrt(b * b - 4 * a * c));
  const square = root * root;
  return square * square * 1000;
}

/** Critical point of water: K, kg/m³ (IAPWS SR1-86(1992)). */
const T_CRITICAL = 647.096;
/** Critical density of water, kg/m³ (IAPWS SR1-86(1992)). */
const RHO_CRITICAL = 322;
/** Exponents are thirds (liquid) and sixths (vapour) of τ = 1 − T/Tc: IAPWS SR1-86(1992), eqs 2 and 3. */
const LIQUID = [
  [1, 1.99274064],
  [2, 1.09965342],
  [5, -0.510839303],
  [16, -1.75493479],
  [43, -45.5170352],
  [110, -6.7469445e5],
] as const;
/** Terms of the saturated vapour's density, exponents in sixths of τ (IAPWS SR1-86(1992)). */
const VAPOUR = [
  [2, -2.0315024],
  [4, -2.6830294],
  [8, -5.38626492],
  [18, -17.2991605],
  [37, -44.7586581],
  [71, -63.9201063],
] as const;

/**
 * Heat that turns one kilogram of boiling water to steam, by Clausius–Clapeyron on the saturation line with
 * the saturated densities of IAPWS SR1-86(1992).
 * @param tempC boiling temperature, °C
 * @returns kJ/kg
 * @example latentHeat(100) // 2256.6
 */
export function latentHeat(tempC: number): number {
  const t = tempC + KELVIN;
  const tau = 1 - t / T_CRITICAL;
  const liquid = RHO_CRITICAL * LIQUID.reduce((sum, [thirds, b]) => sum + b * tau ** (thirds / 3), 1);
  const vapour =
    RHO_CRITICAL * Math.exp(VAPOUR.reduce((sum, [sixths, c]) => sum + c * tau ** (sixths / 6), 0));
  // A central difference of 0.02 K on the exact line is good to 1e-7 of the slope.
  const slopeKPaPerK = (vapourPressure(tempC + 0.01) - vapourPressure(tempC - 0.01)) / 0.02;
  return t * (1 / vapour - 1 / liquid) * slopeKPaPerK;
}
