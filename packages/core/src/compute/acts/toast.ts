import { clingingPerG, startW } from '../../basics/grain/preparing.js';
import { dryMatter } from '../../basics/grain/moisture.js';
import { CP_GRAIN_SOLIDS, CP_WATER } from '../../basics/heat/constants.js';
import { plannedMin, type Stage } from '../../basics/method/stage.js';
import { surroundings } from '../../plan/input/surroundings.js';
import { colourOf, coloursPerMin, WAITS_FOR, type Colour } from './colour.js';
import {
  DRY_PATIENCE_MIN,
  DRY_STEP_MIN,
  fryingKJPerK,
  ringOf,
  rises,
  STIRRED_C,
  type Dry,
} from './dryPot.js';

/**
 * Dry grain or noodles in fat: the water that clings goes first, then they colour by their temperature, which the
 * cook keeps from smoking by stirring. Ends at the colour that is wanted, or after the cook's minutes.
 */
export function toasts(
  dry: Dry,
  stage: Stage,
): { readonly minutes: number; readonly colourValue: number; readonly colour: Colour; readonly w: number } {
  const { plan } = dry;
  const dryG = dryMatter(plan.grain, plan.grainG);
  const kJPerK = fryingKJPerK(plan) + (dryG * (CP_GRAIN_SOLIDS + CP_WATER * startW(plan))) / 1000;
  const fatKJ = fryingKJPerK(plan);
  dry.tempC = (fatKJ * dry.tempC + (kJPerK - fatKJ) * plan.roomC) / kJPerK;
  const { boil } = surroundings(plan);
  let clings = plan.grainG * Math.max(0, clingingPerG({ ...plan, toast: 'none' }) - clingingPerG(plan));
  const timed = stage.end.kind === 'minutes';
  const most = timed ? plannedMin(stage) : DRY_PATIENCE_MIN;
  const wanted = WAITS_FOR[plan.toast];
  const ring = ringOf(dry.plan, stage);
  let minutes = 0;
  while (minutes < most && (timed || dry.colour < wanted)) {
    const rise = rises(ring, dry.tempC, kJPerK);
    if (clings > 0 && dry.tempC + rise >= boil.tempC) {
      dry.tempC = boil.tempC;
      clings -= (rise * kJPerK * 1000) / boil.latentKJPerKg;
    } else dry.tempC = Math.min(STIRRED_C, dry.tempC + rise);
    dry.colour += coloursPerMin(dry.tempC) * DRY_STEP_MIN;
    minutes += DRY_STEP_MIN;
  }
  return { minutes, colourValue: dry.colour, colour: colourOf(dry.colour), w: startW(plan) };
}
