import { heatsItself, type VesselKind } from '../../basics/heat/equipment.js';
import { isHandsOn, isWet, plannedMin, type Act, type Stage } from '../../basics/method/stage.js';
import type { Beside } from '../../plan/input/beside.js';
import { dueNowMs, type RunState } from '../stove/runFromTaps.js';
import { lastsMin } from '../stove/sheet.js';
import type { BesideRun } from './beside.js';

/** One act of a track as the day sees it. */
export interface TrackAct {
  readonly id: string;
  readonly minutes: number;
  /** It wants somebody there. */
  readonly handsOn: boolean;
  /** It stands on a ring. */
  readonly ring: boolean;
  /** What comes after it may wait; without, it begins the moment this is over. */
  readonly canStand: boolean;
}

/** One vessel or side dish. */
export interface Track {
  readonly id: string;
  readonly acts: readonly TrackAct[];
  /** The act of another track that this one must be over for; the table without. */
  readonly before?: { readonly trackId: string; readonly actId: string };
  /** How long it may stand ready, min. */
  readonly keepsMin: number;
  /** For a track that has been begun: when the first of its acts here is over at the soonest, ms since the epoch. */
  readonly onUntilMs?: number;
}

/** How long a pot may stand after its rest, and anything else once it is ready, min (common practice). */
const POT_KEEPS_MIN = 20;
const BESIDE_KEEPS_MIN = 60;
/** Stock, hot water and what has steeped keep till they are wanted, min. */
const LIQUID_KEEPS_MIN = 240;
/** Acts after which a pot can be left before the next, as long as there is no liquid to drink yet. */
const STANDS: ReadonlySet<Act> = new Set<Act>(['drain', 'base', 'ladle', 'marinate', 'wait', 'boilOff']);

/**
 * The track of a pot. A pot with grain and liquid in it goes on without a gap; what comes before that may stand.
 * @param stages those still to come, the one that is on first
 * @example potTrack('pilaf', stages, 'pot').acts.length // 3
 */
export function potTrack(id: string, stages: readonly Stage[], kind: VesselKind, onUntilMs?: number): Track {
  const wetFrom = stages.findIndex((s) => isWet(s.act));
  return {
    id,
    acts: stages.map((stage, i) => ({
      id: stage.id,
      minutes: plannedMin(stage),
      handsOn: isHandsOn(stage),
      ring: stage.heat !== 'off' && !heatsItself(kind),
      canStand: i < wetFrom && STANDS.has(stage.act),
    })),
    keepsMin: POT_KEEPS_MIN,
    ...(onUntilMs === undefined ? {} : { onUntilMs }),
  };
}

/**
 * The track of a pot from where it is: what is over is no more on it, and a stage that runs over lasts till now.
 * @param nowMs of a pot that stands: it goes on then
 * @returns undefined for a pot that is finished
 * @example runTrack('pilaf', runFromTaps(stages, []), 'pot')?.acts.length // 3
 */
export function runTrack(
  id: string,
  run: RunState,
  kind: VesselKind,
  nowMs = run.pausedAtMs ?? 0,
): Track | undefined {
  const { stages, current } = run;
  const left = stages.slice(current).filter((line) => !line.skipped);
  const [here] = left;
  if (!here) return undefined;
  const track = potTrack(
    id,
    left.map((line) => line.stage),
    kind,
    dueNowMs(run, nowMs) ?? (current > 0 ? 0 : undefined),
  );
  const acts = track.acts.map((act, i) => ({
    ...act,
    minutes: left[i] ? lastsMin(left[i]) : act.minutes,
  }));
  return { ...track, acts };
}

/**
 * The track of something made beside a pot from where it is: nothing of it once it is done.
 * @example besideRunTrack(besideRuns([{ id: 'b', name: 'salad', kind: 'side', minutes: 10 }], [])[0], 'pilaf', 0)?.id // 'pilaf b'
 */
export function besideRunTrack(run: BesideRun, potId: string, nowMs: number): Track | undefined {
  const { beside, startedAtMs, doneAtMs, dueAtMs, extendedMin } = run;
  if (doneAtMs !== undefined) return undefined;
  const track = besideTrack({ ...beside, minutes: Math.max(0, beside.minutes + extendedMin) }, potId);
  if (startedAtMs === undefined) return track;
  const handsUntilMs = startedAtMs + Math.min(beside.handsOnMin ?? 0, beside.minutes) * MS;
  const atHand = track.acts.find((a) => a.handsOn);
  const isAtHand = atHand !== undefined && nowMs < handsUntilMs;
  const alone = track.acts.filter((a) => a !== atHand);
  return {
    ...track,
    // What is at hand to its end and runs over is at hand still.
    acts: isAtHand || alone.length === 0 ? track.acts : alone,
    onUntilMs: isAtHand ? handsUntilMs : (dueAtMs ?? nowMs),
  };
}
const MS = 60_000;

/**
 * The track of something made beside a pot: its minutes at hand, then those it goes by itself.
 * @param potId track of the pot it belongs to
 * @example besideTrack({ id: 'b', name: 'salad', kind: 'side', minutes: 10, handsOnMin: 10 }, 'pilaf').acts.length // 1
 */
export function besideTrack(beside: Beside, potId: string): Track {
  const { id, kind, minutes, handsOnMin = 0, ring = false, before } = beside;
  const hands = Math.min(handsOnMin, minutes);
  const part = (partId: string, min: number, handsOn: boolean): TrackAct[] =>
    min > 0 ? [{ id: partId, minutes: min, handsOn, ring, canStand: false }] : [];
  return {
    // Two pots may have something of one id beside them.
    id: `${potId} ${id}`,
    acts: [...part(`${id}/hands`, hands, true), ...part(`${id}/alone`, minutes - hands, false)],
    ...(before === undefined ? {} : { before: { trackId: potId, actId: before } }),
    keepsMin: kind === 'side' || kind === 'garnish' ? BESIDE_KEEPS_MIN : LIQUID_KEEPS_MIN,
  };
}
