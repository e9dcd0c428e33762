import { describe, expect, it } from '@jest/globals';
import { boilAt } from './atmosphere.js';
import { HOB_POWER_W } from './equipment.js';
import type { HobSpec, VesselSpec } from './equipment.js';
import { boilingSteamRate, type Surroundings } from './steam.js';
import { readWaterTest, withMeasured, type Measured, type WaterTest } from './waterTest.js';

const POT: VesselSpec = { diameterCm: 22, volumeMl: 4000, lid: 'wellFitting', wall: 'thin', kind: 'pot' };
const RING: HobSpec = { kind: 'gas', powerW: HOB_POWER_W };
const HOME = { altitudeM: 0, roomC: 20 };
const test = (coveredLossG: number, openLossG: number): WaterTest => ({
  heat: 'low',
  coveredLossG,
  coveredMin: 15,
  openLossG,
  openMin: 5,
});
const read = (given: WaterTest): Measured => {
  const found = readWaterTest(given, POT, RING, HOME);
  if ('problem' in found) throw new Error(found.problem);
  return found;
};

describe('the water test', () => {
  it('gives back both of its own readings', () => {
    const given = test(57, 23);
    const found = read(given);
    const { vessel, hob } = withMeasured(POT, RING, [{ ...found, heat: 'low' }]);
    const at: Surroundings = { vessel, hob, boil: boilAt(0), roomC: 20 };
    expect(boilingSteamRate(at, { heat: 'low', lid: 'off' })).toBeCloseTo(given.openLossG / given.openMin, 6);
    expect(boilingSteamRate(at, { heat: 'low', lid: 'on' })).toBeCloseTo(
      given.coveredLossG / given.coveredMin,
      6,
    );
    expect(hob.measured).toEqual(['low']);
    expect(hob.powerW.high).toBe(HOB_POWER_W.high);
  });

  it('finds the power by the heat of the steam alone', () => {
    // 4.6 g/min at 2256.5 kJ/kg (IAPWS-IF97 at 100 °C) are 173 W; the wall's loss comes on top.
    const { powerW } = read(test(57, 23));
    expect(powerW).toBeGreaterThan((4.6 * 2256.5) / 60);
    expect(powerW).toBeLessThan((4.6 * 2256.5) / 60 + 60);
  });

  it('finds a lid that keeps everything, and one that keeps nothing', () => {
    expect(read(test(69, 23)).lidLossWPerM2K).toBeCloseTo(0, 6);
    expect(read(test(40, 23)).lidLossWPerM2K).toBeGreaterThan(read(test(57, 23)).lidLossWPerM2K);
  });

  it('averages the lid over several tests and keeps each setting', () => {
    const one = { ...read(test(57, 23)), heat: 'low' as const };
    const two = { powerW: 500, lidLossWPerM2K: one.lidLossWPerM2K + 2, heat: 'medium' as const };
    const { vessel, hob } = withMeasured(POT, RING, [one, two]);
    expect(vessel.lidLossWPerM2K).toBeCloseTo(one.lidLossWPerM2K + 1, 9);
    expect([hob.powerW.low, hob.powerW.medium]).toEqual([one.powerW, 500]);
    expect(withMeasured(POT, RING, [])).toEqual({ vessel: POT, hob: RING });
  });

  it.each([
    ['a pot that was not boiling', test(3, 3), 'notBoiling'],
    ['nothing lost', test(0, 0), 'notBoiling'],
    ['more lost covered than open', test(90, 23), 'coveredLosesMore'],
    ['more than any ring gives', test(60, 1100), 'tooMuch'],
  ])('refuses %s', (_, given, problem) => {
    expect(readWaterTest(given, POT, RING, HOME)).toEqual({ problem });
  });
});
