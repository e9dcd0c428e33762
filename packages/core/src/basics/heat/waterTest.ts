import {
  captureShare,
  heatLoss,
  openingM2,
  type HeatSetting,
  type HobSpec,
  type VesselSpec,
} from './equipment.js';
import { boilAt } from './atmosphere.js';
import { leakRate } from './steam.js';

/** Two weighings of a pot of boiling water: covered, and open, at one setting of one hob. */
export interface WaterTest {
  readonly heat: HeatSetting;
  readonly coveredLossG: number;
  readonly coveredMin: number;
  readonly openLossG: number;
  readonly openMin: number;
}

/** What the two readings replace: the setting's net power, and the heat lost through the lid. */
export interface Measured {
  /** Setting of the hob, W into a pot of the reference width, as hobs are kept. */
  readonly powerW: number;
  readonly lidLossWPerM2K: number;
}

export type WaterTestProblem = 'notBoiling' | 'coveredLosesMore' | 'tooMuch';

/** No ring of a household gives more into a pot than this, W. */
const MOST_POWER_W = 8000;

/**
 * Power and loss of the lid from the two losses, by the same balance the account uses: at the boil everything the
 * ring gives beyond what wall and lid lose turns to vapour. Open, the wall alone loses; what covering takes off the
 * vapour went through the lid. Weigh at the boil, both times from a full boil on.
 * @param place where the pot stands
 * @returns the two figures, or why the readings cannot be
 * @example readWaterTest({ heat: 'low', coveredLossG: 60, coveredMin: 15, openLossG: 30, openMin: 5 }, vessel, hob, { altitudeM: 0, roomC: 20 }).powerW // 275.1
 */
export function readWaterTest(
  test: WaterTest,
  vessel: VesselSpec,
  hob: HobSpec,
  place: { readonly altitudeM: number; readonly roomC: number },
): Measured | { readonly problem: WaterTestProblem } {
  const boil = boilAt(place.altitudeM);
  const open = test.openLossG / test.openMin;
  const covered = test.coveredLossG / test.coveredMin;
  const wallW = heatLoss(vessel, { lid: 'off' }, boil.tempC, place.roomC);
  // An open pot that loses less than its surface does just below the boil was not boiling.
  if (open <= 0 || open < leakRate(vessel, 'off')) return { problem: 'notBoiling' };
  if (covered > open) return { problem: 'coveredLosesMore' };
  const perG = boil.latentKJPerKg / 60;
  const powerW = (open * perG + wallW) / captureShare(hob.kind, vessel.diameterCm);
  if (powerW > MOST_POWER_W) return { problem: 'tooMuch' };
  const lidW = (open - covered) * perG;
  return { powerW, lidLossWPerM2K: lidW / openingM2(vessel) / (boil.tempC - place.roomC) };
}

/**
 * Vessel and hob with what was measured on them in place of the defaults.
 * @example withMeasured(vessel, hob, [{ heat: 'low', powerW: 190, lidLossWPerM2K: 9 }]).hob.measured // ['low']
 */
export function withMeasured(
  vessel: VesselSpec,
  hob: HobSpec,
  measured: readonly (Measured & { readonly heat: HeatSetting })[],
): { readonly vessel: VesselSpec; readonly hob: HobSpec } {
  if (measured.length === 0) return { vessel, hob };
  const powerW = { ...hob.powerW };
  for (const m of measured) powerW[m.heat] = m.powerW;
  const lidLossWPerM2K = measured.reduce((sum, m) => sum + m.lidLossWPerM2K, 0) / measured.length;
  return {
    vessel: { ...vessel, lidLossWPerM2K },
    hob: { ...hob, powerW, measured: measured.map((m) => m.heat) },
  };
}
