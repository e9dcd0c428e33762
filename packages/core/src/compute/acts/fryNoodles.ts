import { CP_GRAIN_SOLIDS } from '../../basics/heat/constants.js';
import type { Stage } from '../../basics/method/stage.js';
import { colourOf, coloursPerMin, type Colour } from './colour.js';
import {
  DRY_PATIENCE_MIN,
  DRY_STEP_MIN,
  fryingKJPerK,
  ringOf,
  rises,
  STIRRED_C,
  type Dry,
} from './dryPot.js';

/** Noodles are thin: they colour faster than grain, by this much †. */
const NOODLES_COLOUR = 1.5;
/** Colour that the state of noodles waits for. */
const NOODLE_WAITS: Readonly<Record<string, number>> = { golden: 1, brown: 2 };

/** Noodles fried in the hot fat until they have the colour the plan says; undefined when there are none. */
export function friesNoodles(
  dry: Dry,
  stage: Stage,
): { readonly minutes: number; readonly colour: Colour } | undefined {
  const { plan } = dry;
  let g = 0;
  let wanted = 0;
  for (const i of plan.ingredients) {
    const waits = i.ingredient.behaves === 'noodle' ? NOODLE_WAITS[i.release.state] : undefined;
    if (waits === undefined) continue;
    g += i.g;
    wanted = Math.max(wanted, waits);
  }
  if (g === 0) return undefined;
  const fatKJ = fryingKJPerK(plan);
  const kJPerK = fatKJ + (g * CP_GRAIN_SOLIDS) / 1000;
  dry.tempC = (fatKJ * dry.tempC + (kJPerK - fatKJ) * plan.roomC) / kJPerK;
  const ring = ringOf(dry.plan, stage);
  let minutes = 0;
  let colour = 0;
  while (minutes < DRY_PATIENCE_MIN && colour < wanted) {
    dry.tempC = Math.min(STIRRED_C, dry.tempC + rises(ring, dry.tempC, kJPerK));
    colour += NOODLES_COLOUR * coloursPerMin(dry.tempC) * DRY_STEP_MIN;
    minutes += DRY_STEP_MIN;
  }
  return { minutes, colour: colourOf(colour) };
}
