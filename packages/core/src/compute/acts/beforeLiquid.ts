import { soakProgress } from '../../basics/grain/soaking.js';
import { startW } from '../../basics/grain/preparing.js';
import { isWet, plannedMin, type Act, type Stage } from '../../basics/method/stage.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import { surroundings } from '../../plan/input/surroundings.js';
import { hasCookedBase } from '../../plan/input/readStages.js';
import type { Colour } from './colour.js';
import { cooksDown } from './cookDown.js';
import type { Dry } from './dryPot.js';
import { friesNoodles } from './fryNoodles.js';
import { toasts } from './toast.js';
import { warmsFat } from './warmFat.js';

/** A stage before the liquid, as it goes in this pot. */
export interface BeforeStage {
  readonly stageId: string;
  readonly act: Act;
  /** Minutes before the liquid goes in, so both are negative or zero. */
  readonly fromMin: number;
  readonly toMin: number;
  /** Temperature of the pot at its end, °C. */
  readonly tempC: number;
  /** How far a soak has come, 0–1; the colour of what is toasted; the share of its water a base has let go. */
  readonly soaked?: number;
  readonly colour?: Colour;
  readonly colourValue?: number;
  readonly cookedDown?: number;
  /** Colour of noodles fried in the fat before anything else goes in. */
  readonly noodles?: Colour;
  /** W of the grain at the end, where the stage changes it. */
  readonly w?: number;
}

const BEFORE = new WeakMap<CompletePlan, readonly BeforeStage[]>();

/** Everything up to the liquid: soak, drain, fat, base and toasting, with what is seen at the end of each. */
export function beforeLiquid(plan: CompletePlan): readonly BeforeStage[] {
  const known = BEFORE.get(plan);
  if (known) return known;
  const made = gone(plan);
  BEFORE.set(plan, made);
  return made;
}

function gone(plan: CompletePlan): readonly BeforeStage[] {
  const dry: Dry = { plan, tempC: plan.roomC, colour: 0, drivenG: undefined };
  const made: Omit<BeforeStage, 'fromMin' | 'toMin'>[] = [];
  const lengths: number[] = [];
  for (const stage of plan.stages) {
    if (isWet(stage.act) || stage.act === 'fryDry') break;
    const { minutes, ...rest } = dryStage(dry, stage);
    made.push({ stageId: stage.id, act: stage.act, tempC: dry.tempC, ...rest });
    lengths.push(minutes);
  }
  let at = -lengths.reduce((sum, n) => sum + n, 0);
  return made.map((stage, i) => {
    const fromMin = at;
    at += lengths[i] ?? 0;
    return { ...stage, fromMin, toMin: at };
  });
}

type Went = { readonly minutes: number } & Pick<
  BeforeStage,
  'soaked' | 'colour' | 'colourValue' | 'cookedDown' | 'w' | 'noodles'
>;

function dryStage(dry: Dry, stage: Stage): Went {
  const { plan } = dry;
  const minutes = plannedMin(stage);
  if (stage.act === 'soak')
    return { minutes, soaked: soakProgress(plan.grain, minutes, plan.soakWaterC), w: startW(plan) };
  if (stage.act === 'warmFat') {
    const warming = warmsFat(dry, stage);
    const fried = plan.stages.some((s) => s.act === 'base') ? undefined : friesNoodles(dry, stage);
    return fried ? { minutes: warming + fried.minutes, noodles: fried.colour } : { minutes: warming };
  }
  if (stage.act === 'base') return base(dry, stage);
  if (stage.act === 'toast') return toasts(dry, stage);
  // The water it was boiled in kept it at the boil until it had gone.
  if (stage.act === 'boilOff') dry.tempC = surroundings(plan).boil.tempC;
  return { minutes };
}

/** Noodles first, into the hot fat; then what has water to lose. */
function base(dry: Dry, stage: Stage): Went {
  const fried = dry.drivenG === undefined ? friesNoodles(dry, stage) : undefined;
  if (!fried) return cooksDown(dry, stage);
  if (!hasCookedBase(dry.plan.ingredients)) return { minutes: fried.minutes, noodles: fried.colour };
  const cooked = cooksDown(dry, stage);
  return { ...cooked, minutes: fried.minutes + cooked.minutes, noodles: fried.colour };
}
