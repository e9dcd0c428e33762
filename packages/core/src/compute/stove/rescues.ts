import {
  HEATS,
  heatsItself,
  type HeatSetting,
  type LidState,
  type VesselKind,
} from '../../basics/heat/equipment.js';
import { plannedMin, type Stage } from '../../basics/method/stage.js';
import type { RunState } from './runFromTaps.js';
import { fireNow, type StageRun } from './sheet.js';
import type { Tap } from './tap.js';

/** What can be done to a pot now, with its amount and its minutes. */
export type Rescue =
  | { readonly kind: 'none' }
  /** So many minutes more than planned, as it is or with the ring set otherwise. */
  | { readonly kind: 'longer'; readonly minutes: number; readonly heat?: HeatSetting }
  /** Back on a low ring with the lid on, for some minutes: it is off the heat already. */
  | { readonly kind: 'backOn'; readonly minutes: number }
  /** The cooker's switch once more. */
  | { readonly kind: 'cookAgain' }
  /** Take it off the heat now and let it rest. */
  | { readonly kind: 'offNow' }
  /** Another setting of the ring, from now to the end of the stage. */
  | { readonly kind: 'ring'; readonly heat: HeatSetting }
  /** The lid otherwise, from now on. */
  | { readonly kind: 'lid'; readonly lid: LidState }
  /** Hot liquid round the edge, then the lid on and the ring low, for some minutes. */
  | {
      readonly kind: 'splash';
      readonly ml: number;
      readonly minutes: number;
      /** True where that is more than stands by: it has to be heated first. */
      readonly moreThanKept: boolean;
    }
  /** Lid off for some minutes: low, or lively where it boils open anyway. */
  | { readonly kind: 'open'; readonly minutes: number; readonly lively: boolean }
  /** What sticks together is folded once, from the side. */
  | { readonly kind: 'fold' }
  /** The bottom has caught: what is above it is taken out and served. */
  | { readonly kind: 'serveTop' }
  /** Nothing mends it, by what was seen or tasted. */
  | { readonly kind: 'lost'; readonly as: 'soft' | 'hard' };

/** A tap that is still to be made. */
export type TapToMake = Pick<Tap, 'kind' | 'stageId' | 'said' | 'amount' | 'minutes'>;

/** A pot that is taken up again rests as long, min. */
const MENDED_RESTS_MIN = 5;
/** The most that one tap adds to a stage, min. */
const MOST_MORE_MIN = 60;
const MS = 60_000;

/** The stage that a pot is in, as what is done to it needs it. */
interface Here {
  readonly id: string;
  readonly run: RunState;
  readonly stage: Stage;
  /** True once every stage is over: what is done then are stages of their own. */
  readonly isFinished: boolean;
  readonly isOff: boolean;
  /** True for a closed pot on a ring above low. */
  readonly isHot: boolean;
  /** Minutes left on its clock. */
  readonly leftMin: number;
}
type Does<K extends Rescue['kind']> = (act: Extract<Rescue, { kind: K }>, here: Here) => readonly TapToMake[];

/** Minutes are added where the stage's own do not last for what is done in it. */
const lasting = ({ id, stage, leftMin }: Here, minutes: number): readonly TapToMake[] => {
  const more = Math.min(MOST_MORE_MIN, Math.ceil(minutes - leftMin));
  return stage.end.kind === 'minutes' && more > 0 ? [{ kind: 'extend', stageId: id, minutes: more }] : [];
};
/** A stage of its own for a pot whose stages are over, and the rest after it. */
const anew = ({ id }: Here, said: string, amount: number): readonly TapToMake[] => [
  { kind: 'insert', stageId: id, said, amount },
  { kind: 'insert', stageId: id, said: 'rest', amount: MENDED_RESTS_MIN },
];
const heatOf = ({ id }: Here, said: HeatSetting, amount?: number): TapToMake => ({
  kind: 'heat',
  stageId: id,
  said,
  ...(amount === undefined ? {} : { amount }),
});

/** What a press of each act does, as taps: what is advised is foretold by these very taps, and the press makes them. */
const DOES: { readonly [K in Rescue['kind']]: Does<K> } = {
  none: () => [],
  longer: ({ minutes, heat }, here) => [
    ...(heat === undefined ? [] : [heatOf(here, heat)]),
    { kind: 'extend', stageId: here.id, minutes },
  ],
  backOn: ({ minutes }, here) =>
    here.isFinished
      ? anew(here, 'simmer', minutes)
      : [heatOf(here, 'low', minutes), ...lasting(here, minutes + MENDED_RESTS_MIN)],
  cookAgain: (_, { id, run, isFinished }) => {
    const cooker = flipped(run);
    if (!cooker) return [];
    const rest: TapToMake = { kind: 'insert', stageId: id, said: 'rest', amount: MENDED_RESTS_MIN };
    const again: TapToMake = { kind: 'again', stageId: cooker.stage.id };
    // What is put in last comes first.
    return isFinished ? [again, rest] : [rest, again, { kind: 'done', stageId: id }];
  },
  offNow: (_, { id }) => [{ kind: 'done', stageId: id }],
  ring: ({ heat }, here) => [heatOf(here, heat)],
  lid: ({ lid }, { id }) => [{ kind: 'lid', stageId: id, said: lid }],
  splash: ({ ml, minutes }, here) => {
    const poured: TapToMake = { kind: 'splash', stageId: here.id, amount: ml };
    if (here.isFinished) return [...anew(here, 'simmer', minutes), poured];
    if (here.isOff)
      return [poured, heatOf(here, 'low', minutes), ...lasting(here, minutes + MENDED_RESTS_MIN)];
    // What was boiled away on a high ring would be boiled away again.
    return [poured, ...(here.isHot ? [heatOf(here, 'low')] : []), ...lasting(here, minutes)];
  },
  open: ({ minutes, lively }, here) =>
    here.isFinished
      ? [...anew(here, 'openBoil', minutes), ...(lively ? [] : [heatOf(here, 'low')])]
      : [
          { kind: 'lidUp', stageId: here.id, amount: minutes, said: lively ? 'mediumHigh' : 'low' },
          // It is covered again for what was left of its time.
          ...lasting(here, minutes + Math.max(here.isOff ? MENDED_RESTS_MIN : 0, here.leftMin)),
        ],
  fold: (_, { id }) => [{ kind: 'stirred', stageId: id }],
  serveTop: () => [],
  lost: () => [],
};

/**
 * The taps that doing an act makes, in their order; none where there is nothing to do, or no stage to do it in.
 * @param nowMs by the clock of the taps; a pot that stands is thought of as if it went on now
 * @example rescueTaps({ kind: 'longer', minutes: 5 }, runFromTaps(stages, []), 0)[0].minutes // 5
 */
export function rescueTaps(act: Rescue, run: RunState, nowMs: number): readonly TapToMake[] {
  const line = run.stages[run.current] ?? run.stages.at(-1);
  if (!line) return [];
  const { stage } = line;
  const here: Here = {
    id: stage.id,
    run,
    stage,
    isFinished: run.phase === 'finished',
    isOff: stage.heat === 'off',
    isHot: isHot(stage, line, run, nowMs),
    leftMin: leftOf(line, run, nowMs),
  };
  return (DOES[act.kind] as Does<Rescue['kind']>)(act, here);
}

function isHot({ lid }: Stage, line: StageRun, { said }: RunState, nowMs: number): boolean {
  const { heat } = fireNow(line, said, nowMs);
  return lid !== 'off' && heat !== 'off' && HEATS.indexOf(heat) < HEATS.indexOf('low');
}

const leftOf = (line: StageRun, run: RunState, nowMs: number): number => {
  const at = run.pausedAtMs === undefined ? nowMs : Math.min(nowMs, run.pausedAtMs);
  return line.dueAtMs === undefined ? plannedMin(line.stage) : (line.dueAtMs - at) / MS;
};

/** The cooker's stage that is over, where the pot has been in nothing but rests since. */
export function flipped({ stages, current }: RunState): StageRun | undefined {
  const before = stages.slice(0, current).findLast(({ stage, skipped }) => !skipped && stage.heat !== 'off');
  return before?.stage.end.kind === 'flip' ? before : undefined;
}

/** True where the pot stands on a ring that a cook can set. */
export const hasRing = (kind: VesselKind): boolean => !heatsItself(kind);
