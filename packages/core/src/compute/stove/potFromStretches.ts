import { endsAtSurface, isWet, plannedMin, type Stage } from '../../basics/method/stage.js';
import {
  advancePot,
  endStage,
  fromHere,
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
  /** Where it can be gone on from when more is said. */
  readonly checkpoint: Checkpoint;
}

/** Signs that end a stage at a moment the pot decides. */
const TELLING: ReadonlySet<string> = new Set(['boilAllOver', 'pressureDown']);
const tells = (stage: Stage): boolean =>
  stage.end.kind === 'flip' ||
  stage.end.kind === 'count' ||
  (stage.end.kind === 'sign' && (TELLING.has(stage.end.sign) || endsAtSurface(stage)));

/** A pot followed so far, to be gone on with when more is said of it: all that is over of it, and what was said since. */
export interface Checkpoint {
  /** Stretches that are over, and sayings of the next one, that are in it. */
  readonly stretches: number;
  readonly said: number;
  readonly pot: LivePot;
  readonly logLikelihood: number;
  readonly ofLast: number;
  readonly scale: Scale;
  /** Minutes of the stretch it stands in that are gone. */
  readonly goneMin: number;
}

/** Nothing of a pot was followed yet. */
const atStart = (setup: Setup, pourWaterG: number): Checkpoint => ({
  stretches: 0,
  said: 0,
  pot: startPot(setup, pourWaterG),
  logLikelihood: 0,
  ofLast: 1,
  scale: { inG: 0, last: undefined },
  goneMin: 0,
});

/**
 * Cooks one kitchen's pot through all that was done, and weighs what was said by what there was to see.
 * @param setup of the plan as it was cooked, with the truth of this kitchen
 * @param from how far it was followed before, through the same beginning
 */
export function potFromStretches(
  setup: Setup,
  { plan, stretches }: CookedStretches,
  pourWaterG: number,
  from: Checkpoint = atStart(setup, pourWaterG),
): PotSoFar {
  let at = from;
  for (const [k, stretch] of stretches.entries()) {
    if (k < from.stretches) continue;
    const stage = plan.stages[k];
    if (!stage) break;
    const isWetNow = plan.stages.slice(0, k + 1).some((s) => isWet(s.act) || s.act === 'fryDry');
    if (!isWetNow) {
      if (stretch.isOver) at = { ...at, pot: endStage(setup, at.pot), stretches: k + 1 };
      continue;
    }
    const before = at;
    at = goThrough(setup, before, stage, stretch);
    if (!stretch.isOver) {
      const { pot, logLikelihood, ofLast, goneMin } = at;
      const now = advancePot(setup, pot, Math.max(0, stretch.minutes - goneMin), { stays: true });
      // A sign is weighed by all that was said until it came: such a stage is followed from its beginning.
      return {
        pot: now,
        logLikelihood,
        ofLast,
        checkpoint: stage.end.kind === 'minutes' ? at : before,
      };
    }
  }
  const { pot, logLikelihood, ofLast } = at;
  return { pot, logLikelihood, ofLast, checkpoint: at };
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
  readonly inG: number;
  readonly last: { readonly weighsG: number; readonly steamG: number; readonly inG: number } | undefined;
}

/** What a weight tells beside the one before it: the pot itself cancels out, what steamed off between them is left. */
function ofWeight(weighsG: number, steamG: number, { last, inG }: Scale): number {
  return last ? likelyLoss(steamG - last.steamG, last.weighsG - weighsG + inG - last.inG) : 1;
}

/** One stretch: what goes in as it begins, each saying at its minute, and its end where it is over. */
function goThrough(setup: Setup, from: Checkpoint, stage: Stage, stretch: Stretch): Checkpoint {
  let { pot, logLikelihood, ofLast, scale, goneMin } = from;
  if (from.said === 0) {
    const { intake } = stretch;
    pot = takeIn(setup, pot, intake);
    scale = { ...scale, inG: scale.inG + intake.addG - intake.outG };
    logLikelihood += Math.log(momentOf(setup, pot, stage, stretch));
  }
  let whistles = 0;
  const steamBefore = stretch.said.some((s) => s.tap.said === 'whistle') ? readPot(setup, pot).steamG : 0;
  for (const { tap, atMin } of stretch.said.slice(from.said)) {
    pot = fromHere(setup, advancePot(setup, pot, Math.max(0, atMin - goneMin), { stays: true }));
    goneMin = Math.max(goneMin, atMin);
    if (tap.said === 'whistle') whistles += 1;
    const reading = readPot(setup, pot);
    if (tap.kind === 'weighs') {
      ofLast = ofWeight(tap.amount ?? 0, reading.steamG, scale);
      scale = { ...scale, last: { weighsG: tap.amount ?? 0, steamG: reading.steamG, inG: scale.inG } };
    } else ofLast = likely(tap, { setup, reading, steamG: reading.steamG - steamBefore, whistles });
    logLikelihood += Math.log(ofLast);
  }
  if (stretch.isOver) {
    const end = advancePot(setup, pot, Math.max(0, stretch.minutes - goneMin), { stays: true });
    return {
      stretches: from.stretches + 1,
      said: 0,
      pot: endStage(setup, end),
      logLikelihood,
      ofLast,
      scale,
      goneMin: 0,
    };
  }
  return { ...from, said: stretch.said.length, pot, logLikelihood, ofLast, scale, goneMin };
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
