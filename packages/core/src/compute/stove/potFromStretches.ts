import { endsAtSurface, isWet, plannedMin, type Stage } from '../../basics/method/stage.js';
import {
  advancePot,
  endStage,
  pourMore,
  readPot,
  stageOverAtMin,
  startPot,
  takeOut,
  type LivePot,
} from '../pot/live.js';
import type { Setup } from '../pot/setup.js';
import type { CookedStretches, Stretch } from './stretchesFromRun.js';
import { likely, likelyAt, likelyLoss } from './likely.js';

/** Hot liquid as it goes in, °C †. */
const SPLASH_C = 90;

/** A pot followed to where it is now, and how likely all that was said of it is. */
export interface PotSoFar {
  readonly pot: LivePot;
  /** Logarithm of the likelihood of all that was said. */
  readonly logLikelihood: number;
  /** The likelihood of what was said last, alone. */
  readonly ofLast: number;
}

/** Signs that end a stage at a moment the pot decides. */
const TELLING: ReadonlySet<string> = new Set(['boilAllOver', 'pressureDown']);
const tells = (stage: Stage): boolean =>
  stage.end.kind === 'flip' ||
  stage.end.kind === 'count' ||
  (stage.end.kind === 'sign' && (TELLING.has(stage.end.sign) || endsAtSurface(stage)));

/**
 * Cooks one kitchen's pot through all that was done, and weighs what was said by what there was to see.
 * @param setup of the plan as it was cooked, with the truth of this kitchen
 */
export function potFromStretches(
  setup: Setup,
  { plan, stretches }: CookedStretches,
  pourWaterG: number,
): PotSoFar {
  let pot = startPot(setup, pourWaterG);
  let logLikelihood = 0;
  let ofLast = 1;
  let isWetNow = false;
  const scale: Scale = { inG: 0, last: undefined };
  for (const [k, stretch] of stretches.entries()) {
    const stage = plan.stages[k];
    if (!stage) break;
    isWetNow ||= isWet(stage.act) || stage.act === 'fryDry';
    if (!isWetNow) {
      if (stretch.isOver) pot = endStage(setup, pot);
      continue;
    }
    pot = takeIn(setup, pot, stretch.intake);
    scale.inG += stretch.intake.addG - stretch.intake.outG;
    const through = goThrough(setup, pot, stage, stretch, scale);
    pot = through.pot;
    logLikelihood += through.logLikelihood;
    if (stretch.said.length > 0) ofLast = through.ofLast;
  }
  return { pot, logLikelihood, ofLast };
}

/**
 * A kitchen's pot taken on through what is done to it now: the same as if it had been cooked through it from the beginning.
 * @param setup of the plan with what is done
 * @param from the stretch that what is done falls into, and whether the pot is in its stage already
 * @param ended the pot at the end of the stage it is in, however often it is asked
 */
export function takenOn(
  setup: Setup,
  { stretches }: CookedStretches,
  from: { readonly index: number; readonly isIn: boolean },
  pot: LivePot,
  ended: (setup: Setup, pot: LivePot) => LivePot,
): LivePot {
  let at = pot;
  for (const [k, { intake, minutes, isOver }] of stretches.entries()) {
    if (k < from.index) continue;
    const isIn = k === from.index && from.isIn;
    if (!isIn) at = advancePot(setup, takeIn(setup, at, intake), minutes, { stays: true });
    if (isOver) at = isIn ? ended(setup, at) : endStage(setup, at);
  }
  return at;
}

function takeIn(setup: Setup, pot: LivePot, { addG, outG }: Stretch['intake']): LivePot {
  const more = addG > 0 ? pourMore(setup, pot, addG, SPLASH_C) : pot;
  return outG > 0 ? takeOut(setup, more, outG) : more;
}

/** The scale the pot was put on: what went in and out so far, g, and what was read last. */
interface Scale {
  inG: number;
  last: { readonly weighsG: number; readonly steamG: number; readonly inG: number } | undefined;
}

/** What a weight tells beside the one before it: the pot itself cancels out, what steamed off between them is left. */
function ofWeight(weighsG: number, steamG: number, scale: Scale): number {
  const { last, inG } = scale;
  scale.last = { weighsG, steamG, inG };
  return last ? likelyLoss(steamG - last.steamG, last.weighsG - weighsG + inG - last.inG) : 1;
}

function goThrough(setup: Setup, from: LivePot, stage: Stage, stretch: Stretch, scale: Scale): PotSoFar {
  let logLikelihood = Math.log(momentOf(setup, from, stage, stretch));
  let pot = from;
  let ofLast = 1;
  let gone = 0;
  let whistles = 0;
  const steamBefore = stretch.said.some((s) => s.tap.said === 'whistle') ? readPot(setup, from).steamG : 0;
  for (const { tap, atMin } of stretch.said) {
    pot = advancePot(setup, pot, Math.max(0, atMin - gone), { stays: true });
    gone = Math.max(gone, atMin);
    if (tap.said === 'whistle') whistles += 1;
    const reading = readPot(setup, pot);
    ofLast =
      tap.kind === 'weighs'
        ? ofWeight(tap.amount ?? 0, reading.steamG, scale)
        : likely(tap, { setup, reading, steamG: reading.steamG - steamBefore, whistles });
    logLikelihood += Math.log(ofLast);
  }
  pot = advancePot(setup, pot, Math.max(0, stretch.minutes - gone), { stays: true });
  return { pot: stretch.isOver ? endStage(setup, pot) : pot, logLikelihood, ofLast };
}

/** What the moment at which a stage's own sign came tells of this kitchen. */
function momentOf(setup: Setup, pot: LivePot, stage: Stage, stretch: Stretch): number {
  if (!tells(stage)) return 1;
  const said = stretch.said.find(({ tap }) => tap.kind === 'sign' && ENDS[tap.said ?? ''] === stage.end.kind);
  if (said === undefined && !stretch.endedBySign) return 1;
  const cameMin = stageOverAtMin(setup, pot) - pot.atMin;
  const expectMin = plannedMin(stage);
  return said === undefined
    ? likelyAt(cameMin, stretch.minutes, expectMin, 'done')
    : likelyAt(cameMin, said.atMin, expectMin, 'said');
}
/** What kind of end a sign is. */
const ENDS: Readonly<Record<string, Stage['end']['kind']>> = { boil: 'sign', holes: 'sign', flip: 'flip' };
