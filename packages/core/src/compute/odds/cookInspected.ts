import { wetBasis } from '../../basics/grain/moisture.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import { cookPot } from '../pot/cook.js';
import { judge, type PotOutcome } from '../course/judge.js';
import { advancePot, endStage, finishPot, pourMore, readPot, startPot } from '../pot/live.js';
import { setupOf, type TrueValues } from '../pot/setup.js';
import { BEDS, DONE0, FREE, W0 } from '../pot/state.js';
import { mendFor, type Mending } from './inspection.js';

/** The liquid that is kept by is hot when it goes in, °C †. */
const KEPT_C = 90;

/**
 * Cooks a pot in a kitchen as it truly is, tastes it once at the end of its covered time, mends it as a cook would with
 * what was kept by, and cooks it to its end: what a look is worth, with nothing read off a curve.
 * @param waterG water poured, g
 * @param tasteOff how far the tooth is off, points of moisture
 * @example cookInspected(plan, 560, AS_PLANNED, mendingOf(plan, 120), 0).base // 'clean'
 */
export function cookInspected(
  plan: CompletePlan,
  waterG: number,
  truth: TrueValues,
  mending: Mending,
  tasteOff: number,
): PotOutcome {
  const { afterIndex, stage, rest } = mending;
  const stages = [
    ...plan.stages.slice(0, afterIndex + 1),
    stage,
    ...(rest ? [rest] : []),
    ...plan.stages.slice(afterIndex + 1),
  ];
  // No minutes of its own, so that nothing else of the plan changes.
  const mended: CompletePlan = { ...plan, stages };
  const setup = setupOf(mended, truth);
  const start = startPot(setup, waterG);
  const id = plan.stages[afterIndex]?.id;
  const over = cookPot(mended, waterG, { setup }).stages.find((s) => s.stageId === id);
  // A hair before its end, for what has no minutes of its own would be over with it.
  let pot = endStage(setup, advancePot(setup, start, Math.max(0, (over?.toMin ?? 0) - A_HAIR_MIN)));
  const { y } = readPot(setup, pot);
  const meanW = [0, 1, 2].reduce((sum, i) => sum + (y[W0 + i] ?? 0), 0) / BEDS;
  const freeG = Math.max(0, (y[FREE] ?? 0) - setup.heldG);
  // What is still free will be drunk while it rests, as far as it is little.
  const willDrink = Math.min(freeG / setup.dryG, STILL_DRINKS);
  const act = mendFor(mending, {
    tastes: wetBasis((meanW + willDrink) / truth.bag) + tasteOff,
    leftPerG: freeG / setup.dryG - willDrink,
    done: Math.min(...[0, 1, 2].map((i) => y[DONE0 + i] ?? 0)),
  });
  if (act.addG > 0) pot = pourMore(setup, pot, act.addG, KEPT_C);
  if (act.moreMin > 0) pot = advancePot(setup, pot, act.moreMin, { stays: true });
  return judge(finishPot(setup, endStage(setup, pot)));
}

/** Liquid that grain still drinks off the heat, g per g of dry matter †. */
const STILL_DRINKS = 0.1;

/** Nothing happens in so short a time, min. */
const A_HAIR_MIN = 1e-6;
