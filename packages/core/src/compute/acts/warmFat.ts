import { SHIMMERS_C } from '../../basics/heat/constants.js';
import type { Stage } from '../../basics/method/stage.js';
import {
  DRY_PATIENCE_MIN,
  DRY_STEP_MIN,
  fryingKJPerK,
  ringOf,
  rises,
  STIRRED_C,
  type Dry,
} from './dryPot.js';

/** Minutes until the fat is shimmers, or the cook's own minutes. */
export function warmsFat(dry: Dry, stage: Stage): number {
  const most = stage.end.kind === 'minutes' ? stage.end.minutes : DRY_PATIENCE_MIN;
  const kJPerK = fryingKJPerK(dry.plan);
  const ring = ringOf(dry.plan, stage);
  let minutes = 0;
  while (minutes < most && (stage.end.kind === 'minutes' || dry.tempC < SHIMMERS_C)) {
    dry.tempC = Math.min(STIRRED_C, dry.tempC + rises(ring, dry.tempC, kJPerK));
    minutes += DRY_STEP_MIN;
  }
  return minutes;
}
