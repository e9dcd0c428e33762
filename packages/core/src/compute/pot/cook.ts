import type { CompletePlan } from '../../plan/input/planInput.js';
import { solvePour } from '../account/solvePour.js';
import { endsAtSurface, isWet, plannedMin, type Stage } from '../../basics/method/stage.js';
import { setupOf, type Setup, type TrueValues } from './setup.js';
import type { Order } from './integrate.js';
import { capacity } from './setting.js';
import { gapsFullOf, type GapsFull } from './surfaceSigns.js';
import { comeDownToBoil, cookStage, gapsFullNow, seenNow, settingFor } from './stages.js';
import { HEAT_IN, HEAT_OUT, STEAM, TEMP, type State } from './state.js';
import { addLiquid, grainGoesIn, pourIn } from './additions.js';
import {
  advance,
  newWalk,
  waterG,
  type CookedStage,
  type OnStretch,
  type Recorder,
  type Walk,
} from './walk.js';

/** Longest step of the integration, min: halving it moves the final moisture by less than a ten-thousandth. */
export const STEP_MIN = 0.5;
/** The finished pot stands open this long while it is forked and served, min †. */
const SERVING_MIN = 2;

/** A pot that has been cooked. */
export interface Cooked {
  readonly setup: Setup;
  /** The pot at the end of its last stage, and once it has been served. */
  readonly rested: State;
  readonly served: State;
  readonly stages: readonly CookedStage[];
  /** When the liquid went in, min from the first stage with liquid. */
  readonly minutes: number;
  readonly broken: number;
  /** When the liquid had gone on the fire while grain was still hard, min. */
  readonly ranDryMin: number | undefined;
  readonly fullest: { readonly ml: number; readonly atMin: number };
  /** Water that is neither in the pot nor among what has left it, g: 0 but for rounding. */
  readonly waterClosesToG: number;
  /** Heat put in less heat lost less heat there is, kJ, and the heat put in. */
  readonly heat: { readonly closesToKJ: number; readonly inKJ: number };
}

export interface CookOptions {
  readonly truth?: TrueValues;
  readonly stepMin?: number;
  readonly order?: Order;
  readonly record?: Recorder;
  readonly stretch?: OnStretch;
  /** The plan's setup where it is known already. */
  readonly setup?: Setup;
}

/**
 * Cooks a plan from the moment the liquid goes in to the table: three beds of grain, the free liquid, heat, base and
 * steam, minute by minute. What comes before the liquid (soak, base, toasting) is in the plan's own account.
 * @param plan a complete plan
 * @param pourWaterG water poured, g; negative counts as none
 * @returns the pot as it ends; a stage that never gets where it should ends as `gaveUp`. Never throws, never hangs.
 * @example cookPot(plan, 560).stages.at(-1).act // 'serve'
 */
export function cookPot(plan: CompletePlan, pourWaterG: number, options: CookOptions = {}): Cooked {
  const setup = options.setup ?? setupOf(plan, options.truth);
  const { stepMin = STEP_MIN, order = 2, record, stretch } = options;
  const walk = newWalk(setup, pourWaterG, { stepMin, order, record, stretch });
  for (const [index, stage] of plan.stages.entries()) {
    enterStage(walk, index);
    if (walk.liquidIn) cookStage(walk, stage);
  }
  return serve(walk);
}

/** What happens to the pot as a stage begins: liquid onto what is in it, grain into what is there. */
export function enterStage(walk: Walk, index: number): void {
  const { plan } = walk.setup;
  const { stages } = plan;
  const stage = stages[index];
  if (stage === undefined) return;
  const { act } = stage;
  if (endsAtSurface(stage)) learnSigns(plan);
  const sofar = stages.slice(0, index + 1);
  if (act === 'fryDry') startDry(walk);
  else if (isWet(act))
    startWet(walk, !stages.some((s) => s.act === 'grain') || sofar.some((s) => TAKES_GRAIN.has(s.act)));
  if (act === 'grain' && walk.liquidIn && !walk.grainIn) grainGoesIn(walk);
  const joins = walk.setup.joining.get(stage.id);
  if (joins !== undefined && walk.liquidIn) addLiquid(walk, joins, plan.roomC);
}

/** Works out how a plan's own signs look, so that plans made from it end at the same looks; nothing where it has none. */
export function learnSigns(plan: CompletePlan): void {
  if (plan.stages.some(endsAtSurface)) gapsFullOf(plan, () => gapsFullWhenTimed(plan));
}

/** Cooks the plan as its account pours it, by the clock, and looks at each stage that would end at its surface. */
function gapsFullWhenTimed(plan: CompletePlan): GapsFull {
  const stages = plan.stages.map((s): Stage => {
    return endsAtSurface(s) ? { ...s, end: { kind: 'minutes', minutes: plannedMin(s) } } : s;
  });
  const setup = setupOf({ ...plan, stages });
  const how = { stepMin: STEP_MIN, order: 2, record: undefined } as const;
  const walk = newWalk(setup, solvePour(plan).pourWaterG, how);
  const found = new Map<string, number>();
  for (const [index, stage] of stages.entries()) {
    enterStage(walk, index);
    if (walk.liquidIn) cookStage(walk, stage);
    const asPlanned = plan.stages[index];
    if (asPlanned && endsAtSurface(asPlanned)) found.set(stage.id, gapsFullNow(walk, stage));
  }
  return found;
}

/** Acts with which the grain is in the pot. */
const TAKES_GRAIN: ReadonlySet<Stage['act']> = new Set<Stage['act']>(['toast', 'fryDry', 'grain']);

/** The end of every pot, also of one that never had a stage with liquid. */
export function serve(walk: Walk): Cooked {
  if (!walk.liquidIn) startWet(walk, true);
  return finish(walk);
}

/** The stew the grain is fried in is hot already; nothing has been poured yet. */
function startDry(walk: Walk): void {
  if (walk.liquidIn) return;
  const poured = walk.pourG;
  walk.pourG = 0;
  pourIn(walk, true, walk.setup.at.boil.tempC);
  walk.pourG = poured;
  walk.poured = false;
}

/** The pour meets what is in the pot. */
function startWet(walk: Walk, grainReady: boolean): void {
  if (!walk.liquidIn) pourIn(walk, grainReady);
  else if (!walk.poured) addLiquid(walk, walk.pourG, walk.setup.plan.liquidTempC);
  walk.poured = true;
}

const SERVE: Stage = {
  id: 'serve',
  act: 'rest',
  heat: 'off',
  lid: 'off',
  end: { kind: 'minutes', minutes: SERVING_MIN },
};

/** Opened, forked and on the table. */
function finish(walk: Walk): Cooked {
  const { setup, y } = walk;
  const rested = y.slice();
  const s = settingFor(walk, SERVE);
  const from = walk.atMin;
  const before = y[STEAM] ?? 0;
  comeDownToBoil(walk, s);
  advance(walk, s, false, SERVING_MIN);
  const steamG = (y[STEAM] ?? 0) - before;
  walk.cooked.push({
    stageId: 'serve',
    act: 'serve',
    fromMin: from,
    toMin: walk.atMin,
    ended: 'minutes',
    seen: seenNow(walk, s),
    steamG,
  });
  const inKJ = y[HEAT_IN] ?? 0;
  return {
    setup,
    rested,
    served: y.slice(),
    stages: walk.cooked,
    minutes: walk.atMin,
    broken: walk.broken,
    ranDryMin: walk.ranDryMin,
    fullest: { ml: walk.fullestMl, atMin: walk.fullestMin },
    waterClosesToG: waterG(walk) - walk.putInG,
    heat: { inKJ, closesToKJ: inKJ - (y[HEAT_OUT] ?? 0) - capacity(s, y[STEAM] ?? 0) * (y[TEMP] ?? 0) },
  };
}
