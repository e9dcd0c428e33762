import { describe, expect, it } from '@jest/globals';
import { CP_WATER } from '../heat/constants.js';
import { surplusW } from '../heat/steam.js';
import { planOf, TOMATO_POT } from '../testing/cooked.js';
import { baseAccount, baseRate } from './base.js';
import { surroundings } from './surroundings.js';

describe('a base judged by the fire', () => {
  const stages = planOf(TOMATO_POT).stages.map((s) =>
    s.act === 'base' ? { ...s, end: { kind: 'minutes' as const, minutes: 10 } } : s,
  );
  const plan = planOf({ ...TOMATO_POT, stages });
  const at = surroundings(plan);
  const stage = plan.stages.find((s) => s.act === 'base')!;

  it('gives off no more vapour than the ring has paid for', () => {
    const { by, drivenOffG, wentInG } = baseAccount(plan);
    expect(by).toBe('heat');
    expect(drivenOffG).toBeGreaterThan(0);
    // Energy is kept (first law): what the ring gives beyond the losses warms the base and then turns it to vapour.
    const givenKJ = (surplusW(at, stage) * 10 * 60) / 1000;
    const warmedKJ = (wentInG * CP_WATER * (at.boil.tempC - plan.roomC)) / 1000;
    expect((drivenOffG * at.boil.latentKJPerKg) / 1000).toBeLessThanOrEqual(
      (givenKJ - warmedKJ) * (1 + 1e-9),
    );
  });

  it('loses by the minute what the ring can pay for', () => {
    expect((baseRate(plan) * at.boil.latentKJPerKg) / 60).toBeLessThanOrEqual(
      surplusW(at, { heat: stage.heat, lid: 'off' }) * (1 + 1e-9),
    );
  });
});
