import { describe, expect, it, jest } from '@jest/globals';
import { airPressure, boilAt, boilUnder } from './atmosphere.js';
import { share } from '../calibration/calibrated.js';
import { HOB_POWER_W } from './equipment.js';
import type { HobSpec, VesselSpec } from './equipment.js';
import { heatLoss, heightMm, netPower } from './equipment.js';
import { boilingPoint, latentHeat, vapourPressure } from './saturation.js';
import { boilingSteamRate, comeUp, holdingC, leakRate, standingSteam, type Surroundings } from './steam.js';

const POT: VesselSpec = { diameterCm: 22, volumeMl: 4000, lid: 'wellFitting', wall: 'thin', kind: 'pot' };
const GAS: HobSpec = { kind: 'gas', powerW: HOB_POWER_W };
const at = (vessel: Partial<VesselSpec> = {}, altitudeM = 0): Surroundings => ({
  vessel: { ...POT, ...vessel },
  hob: GAS,
  boil: boilAt(altitudeM),
  roomC: 20,
});

describe('saturation line', () => {
  // Source: IAPWS-IF97, values as tabulated in docs of the release and in psychrolib.
  it.each([
    [101.325, 99.974],
    [83.5, 94.642],
    [171.325, 115.387],
    [181.325, 117.14],
  ])('water at %p kPa boils at %p °C', (kPa, tempC) => {
    expect(boilingPoint(kPa)).toBeCloseTo(tempC, 3);
    expect(vapourPressure(tempC)).toBeCloseTo(kPa, 1);
  });

  // Source: ISO 2533 standard atmosphere with IAPWS-IF97.
  it.each([
    [0, 101325, 99.974, 2256.5],
    [500, 95460.8, 98.312, 2260.9],
    [1500, 84555.9, 94.983, 2269.6],
    [2500, 74682.4, 91.645, 2278.3],
    [3500, 65763.9, 88.297, 2286.9],
  ])('at %p m', (altitudeM, pa, tempC, latent) => {
    expect(airPressure(altitudeM) * 1000).toBeCloseTo(pa, 0);
    expect(boilAt(altitudeM).tempC).toBeCloseTo(tempC, 3);
    expect(latentHeat(tempC) / latent).toBeCloseTo(1, 3);
  });

  // Source: IAPWS-IF97 saturation line, at the absolute pressures of a multi-cooker and a stovetop pressure cooker.
  it.each([
    [171.325, 115.387],
    [181.325, 117.14],
  ])('under %p kPa water boils at %p °C', (kPa, tempC) => {
    expect(boilUnder(kPa).tempC).toBeCloseTo(tempC, 2);
  });

  it('agrees with the ASHRAE correlation of psychrolib', () => {
    const psychro = jest.requireActual<{
      SetUnitSystem: (system: unknown) => void;
      SI: unknown;
      GetSatVapPres: (tempC: number) => number;
      GetStandardAtmPressure: (altitudeM: number) => number;
    }>('psychrolib');
    psychro.SetUnitSystem(psychro.SI);
    for (const tempC of [40, 60, 80, 95, 100, 115]) {
      expect(vapourPressure(tempC) / (psychro.GetSatVapPres(tempC) / 1000)).toBeCloseTo(1, 3);
    }
    for (const m of [0, 800, 2400])
      expect(airPressure(m) * 1000).toBeCloseTo(psychro.GetStandardAtmPressure(m), 0);
  });
});

describe('steam', () => {
  it('is what the power above the losses turns to vapour', () => {
    // 1 kW at 2256.5 kJ/kg is 26.6 g/min; losses can only lower it.
    const open = boilingSteamRate(at(), { heat: 'high', lid: 'off' });
    expect(open).toBeLessThan((1100 * 60) / 2256.5);
    expect(open).toBeGreaterThan(24);
  });

  it('moves with lid, width, altitude and setting, never with the grain', () => {
    const low = boilingSteamRate(at(), { heat: 'low', lid: 'on' });
    // At the boil the lid keeps heat in or lets it through; what is left over leaves whatever the lid.
    expect(boilingSteamRate(at(), { heat: 'low', lid: 'off' })).toBeGreaterThan(low);
    expect(boilingSteamRate(at({ lid: 'loose' }), { heat: 'low', lid: 'on' })).toBe(low);
    expect(boilingSteamRate(at({ lidLossWPerM2K: 20 }), { heat: 'low', lid: 'on' })).toBeLessThan(low);
    expect(boilingSteamRate(at(), { heat: 'medium', lid: 'on' })).toBeGreaterThan(low);
    expect(boilingSteamRate(at({}, 2500), { heat: 'low', lid: 'on' })).not.toBe(low);
    expect(leakRate({ ...POT, diameterCm: 30 }, 'off')).toBeGreaterThan(leakRate(POT, 'off'));
  });

  it('sinks below the boil until what leaks can be paid for', () => {
    const wide = at({ diameterCm: 32, volumeMl: 8000, lid: 'loose' });
    const fire = { heat: 'veryLow', lid: 'on' } as const;
    const heldC = holdingC(wide, fire);
    expect(heldC).toBeLessThan(99);
    const rate = boilingSteamRate(wide, fire);
    expect(rate).toBeLessThan(leakRate(wide.vessel, 'on'));
    // What comes in is what goes out: power = loss + vapour · latent heat.
    const out = heatLoss(wide.vessel, fire, heldC, 20) + (rate * wide.boil.latentKJPerKg) / 60;
    expect(out / netPower(GAS, fire, wide.vessel)).toBeCloseTo(1, 3);
    const long = standingSteam(wide, fire, 300, 5);
    expect(long.tempC).toBeCloseTo(heldC, 1);
  });

  it('gives no vapour without heat once the pot is as cool as the room', () => {
    expect(boilingSteamRate(at(), { heat: 'off', lid: 'on' })).toBeLessThan(0.02);
  });

  it('brings a litre to the boil in the time the energy says', () => {
    const up = comeUp(at(), { heat: 'high', lid: 'on' }, 4.19 + 0.6, 20);
    // 4.79 kJ/K · 80 K / 1.1 kW = 348 s without losses, of a ring that gives what practice says of it.
    const leastMin = (4.79 * 80) / (1.1 * share('power.open')) / 60;
    expect(up.boils).toBe(true);
    expect(up.minutes).toBeGreaterThan(leastMin);
    expect(up.minutes).toBeLessThan(1.14 * leastMin);
    expect(up.steamG).toBeLessThan(3);
  });

  it('says when a setting never boils, and when it boils already', () => {
    expect(comeUp(at(), { heat: 'off', lid: 'off' }, 4, 20)).toMatchObject({ boils: false });
    expect(comeUp(at({ diameterCm: 36, volumeMl: 9000 }), { heat: 'veryLow', lid: 'off' }, 4, 20).boils).toBe(
      false,
    );
    expect(comeUp(at(), { heat: 'high', lid: 'off' }, 4, 100)).toEqual({
      tempC: 100,
      minutes: 0,
      steamG: 0,
      boils: true,
    });
  });

  it('loses a few grams while a lidded pot rests', () => {
    const rest = standingSteam(at(), { heat: 'off', lid: 'on' }, 10, 4).steamG;
    expect(rest).toBeGreaterThan(0.5);
    expect(rest).toBeLessThan(10 * leakRate(POT, 'on'));
  });

  it('keeps the heat of pressure under a locked lid, and not under any other', () => {
    const off = (lid: 'pressure' | 'on') => standingSteam(at(), { heat: 'off', lid }, 1, 4, 115);
    expect(off('pressure').tempC).toBeGreaterThan(105);
    expect(off('pressure').tempC).toBeLessThan(115);
    expect(off('pressure').steamG).toBe(0);
    expect(off('on').tempC).toBeLessThanOrEqual(at().boil.tempC);
  });

  it('knows how high a straight-sided pot is', () => {
    expect(heightMm(POT)).toBeCloseTo((4000 / (Math.PI * 11 * 11)) * 10, 6);
  });
});
