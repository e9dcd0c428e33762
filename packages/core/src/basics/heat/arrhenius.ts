import { KELVIN } from './constants.js';

/** Molar gas constant, J/mol·K (CODATA 2018, exact). */
const GAS_J_PER_MOL_K = 8.314462618;

/** Arrhenius factor between two temperatures, 1 where they meet. */
export const arrhenius = (jPerMol: number, tempC: number, atC: number): number =>
  Math.exp((-jPerMol / GAS_J_PER_MOL_K) * (1 / (tempC + KELVIN) - 1 / (atC + KELVIN)));
