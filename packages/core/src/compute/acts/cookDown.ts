import { BASE_HEAT, CP_WATER } from '../../basics/heat/constants.js';
import { plannedMin, type Stage } from '../../basics/method/stage.js';
import { baseAccount } from '../../plan/input/base.js';
import { surroundings } from '../../plan/input/surroundings.js';
import { DRY_PATIENCE_MIN, DRY_STEP_MIN, fryingKJPerK, ringOf, rises, type Dry } from './dryPot.js';

/**
 * Cooking a base down: cold into the fat, up to the boil, then everything the ring gives beyond the losses drives
 * water off. Until the oil rises that is what it waits for; onions that have to brown take the minutes they take.
 */
export function cooksDown(dry: Dry, stage: Stage): { readonly minutes: number; readonly cookedDown: number } {
  const { plan } = dry;
  const { bringsG, drivenOffG, wentInG } = baseAccount(plan);
  const pool = Math.max(1e-9, bringsG + drivenOffG);
  const { boil } = surroundings(plan);
  const baseKJ = (wentInG * CP_WATER * BASE_HEAT) / 1000;
  const kJPerK = fryingKJPerK(plan) + baseKJ;
  if (dry.drivenG === undefined) {
    dry.tempC = ((kJPerK - baseKJ) * dry.tempC + baseKJ * plan.roomC) / kJPerK;
    dry.drivenG = 0;
  }
  const untilOil = stage.end.kind === 'sign' && stage.end.sign === 'oilRising';
  const most = untilOil ? DRY_PATIENCE_MIN : plannedMin(stage);
  const ring = ringOf(dry.plan, stage);
  let minutes = 0;
  while (minutes < most && !(untilOil && dry.drivenG >= drivenOffG)) {
    const rise = rises(ring, dry.tempC, kJPerK);
    if (dry.tempC + rise < boil.tempC) dry.tempC += rise;
    else {
      dry.tempC = boil.tempC;
      dry.drivenG = Math.min(pool, dry.drivenG + (Math.max(0, rise) * kJPerK * 1000) / boil.latentKJPerKg);
    }
    minutes += DRY_STEP_MIN;
  }
  // By its looks or by the scale the cook knows better than the ring what is left.
  return { minutes, cookedDown: (untilOil ? dry.drivenG : drivenOffG) / pool };
}
