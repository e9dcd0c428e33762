import {
  captureShare,
  heatLoss,
  leakPerM2,
  openingM2,
  type HeatSetting,
  type HobSpec,
  type VesselSpec,
} from './equipment.js';
import { boilAt } from './atmosphere.js';

/** Two weighings of a pot of boiling water: covered, and open, at one setting of one hob. */
export interface WaterTest {
  readonly heat: HeatSetting;
  readonly coveredLossG: number;
  readonly coveredMin: number;
  readonly openLossG: number;
  readonly openMin: number;
}

/** What the two readings replace: the setting's net power, and the lid's leak. */
export interface Measured {
  /** Setting of the hob, W into a pot of the reference width, as hobs are kept. */
  readonly powerW: number;
  readonly lidLeakGPerMinM2: number;
}

export type WaterTestProblem = 'notBoiling' | 'coveredLosesMore' | 'tooMuch';

/** No ring of a household gives more into a pot than this, W. */
const MOST_POWER_W = 8000;

/**
 * Power and leak from the two losses, by the same balance the account uses: open, steam = (P − loss of the
 * wall)/L + open leak; covered, steam = (P − loss of wall and lid)/L + leak of the lid. Weigh at the boil, both times
 * from a full boil on.
 * @param place where the pot stands
 * @returns the two figures, or why the readings cannot be
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
  const area = openingM2(vessel);
  const perG = boil.latentKJPerKg / 60;
  const steam = open - leakPerM2(vessel, 'off') * area;
  if (steam <= 0) return { problem: 'notBoiling' };
  const netW = steam * perG + heatLoss(vessel, { lid: 'off' }, boil.tempC, place.roomC);
  const surplusW = Math.max(0, netW - heatLoss(vessel, { lid: 'on' }, boil.tempC, place.roomC));
  const leak = (covered - surplusW / perG) / area;
  if (covered > open) return { problem: 'coveredLosesMore' };
  const powerW = netW / captureShare(hob.kind, vessel.diameterCm);
  if (powerW > MOST_POWER_W) return { problem: 'tooMuch' };
  return { powerW, lidLeakGPerMinM2: Math.max(0, leak) };
}

/** Vessel and hob with what was measured on them in place of the defaults. */
export function withMeasured(
  vessel: VesselSpec,
  hob: HobSpec,
  measured: readonly (Measured & { readonly heat: HeatSetting })[],
): { readonly vessel: VesselSpec; readonly hob: HobSpec } {
  if (measured.length === 0) return { vessel, hob };
  const powerW = { ...hob.powerW };
  for (const m of measured) powerW[m.heat] = m.powerW;
  const leak = measured.reduce((sum, m) => sum + m.lidLeakGPerMinM2, 0) / measured.length;
  return {
    vessel: { ...vessel, lidLeakGPerMinM2: leak },
    hob: { ...hob, powerW, measured: measured.map((m) => m.heat) },
  };
}
