import { isWet, plannedMin, type Stage } from '../../basics/method/stage.js';
import { HEATS, LID_STATES } from '../../basics/heat/equipment.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import { signsOf } from '../pot/surfaceSigns.js';
import type { RunState } from './runFromTaps.js';
import { lineRead, newLine, type StageRun } from './sheet.js';
import type { Tap } from './tap.js';

/** Something that was said, so many minutes after its stretch began. */
interface SaidAt {
  readonly tap: Tap;
  readonly atMin: number;
}

/** What is done to the pot as a stretch begins. */
interface Intake {
  readonly addG: number;
  readonly outG: number;
}

/** A stage, or the part of one between two things that were done to the pot. */
export interface Stretch {
  /** Minutes it lasted, or has lasted so far. */
  readonly minutes: number;
  readonly isOver: boolean;
  /** True where the cook ended a whole stage of the plan: its sign was seen then. */
  readonly endedBySign: boolean;
  readonly intake: Intake;
  readonly said: readonly SaidAt[];
}

/** A pot as it was really cooked so far: the stages it has been through and those that are left. */
export interface CookedStretches {
  readonly plan: CompletePlan;
  /** One for each stage of the plan up to where the pot is. */
  readonly stretches: readonly Stretch[];
}

/** Taps that change the pot: what comes after them is a stretch of its own. */
const CHANGES: ReadonlySet<Tap['kind']> = new Set<Tap['kind']>([
  'heat',
  'splash',
  'ladled',
  'boiledOver',
  'lid',
  'lidUp',
  'pause',
  'resume',
]);
/** What a pot loses that boils over, g (common practice: a puddle on the hob) †. */
const BOILED_OVER_G = 40;
/** No pot stands at one stage for longer, min: a page that was left open is no pot. */
const LONGEST_MIN = 240;
const MS = 60_000;

/**
 * The plan as it was cooked: stages as long as they took, and a stretch of its own after everything that was done to the pot.
 * @param given where the taps have got to
 * @param nowMs by the clock of the taps
 */
export function stretchesFromRun(plan: CompletePlan, given: RunState, nowMs: number): CookedStretches {
  const stages: Stage[] = [];
  const stretches: Stretch[] = [];
  const opened = openedOf(given);
  const run = opened ? { ...given, stages: [...given.stages, opened] } : given;
  run.stages.forEach((line, i) => {
    // What is left out ahead is not cooked.
    if (line.skipped && i >= run.current) return;
    if (i > run.current || line.startedAtMs === undefined) {
      stages.push(lengthened(line.stage, line.extendedMin));
      return;
    }
    for (const { stage, stretch } of partsOf(line, run, nowMs, plan)) {
      stages.push(stage);
      stretches.push(stretch);
    }
  });
  return { plan: signsOf({ ...plan, stages }, plan, wholeOf), stretches };
}

/** A pot of which something is said after its last stage stands on: opened, off the heat, its lid put back. */
function openedOf({ stages, said }: RunState): StageRun | undefined {
  const doneAtMs = stages.at(-1)?.doneAtMs;
  if (doneAtMs === undefined || !said.some((t) => t.atMs > doneAtMs)) return undefined;
  const stage: Stage = {
    id: 'opened',
    act: 'rest',
    heat: 'off',
    lid: 'on',
    end: { kind: 'minutes', minutes: 0 },
  };
  return lineRead(newLine(stage, doneAtMs));
}

/** The stage a saying belongs to: the one it names, where that was on then, else the one that was. */
function stageSaidAt({ stageId, atMs }: Tap, run: RunState): StageRun | undefined {
  const wasOn = ({ startedAtMs, doneAtMs }: StageRun): boolean =>
    startedAtMs !== undefined && startedAtMs <= atMs && atMs <= (doneAtMs ?? Infinity);
  const named = run.stages.find((s) => s.stage.id === stageId);
  if (named && wasOn(named)) return named;
  return run.stages.find(wasOn);
}

const lengthened = (stage: Stage, byMin: number): Stage =>
  byMin === 0 || stage.end.kind !== 'minutes'
    ? stage
    : { ...stage, end: { kind: 'minutes', minutes: stage.end.minutes + byMin } };

interface Part {
  readonly stage: Stage;
  readonly stretch: Stretch;
}

function partsOf(line: StageRun, run: RunState, nowMs: number, plan: CompletePlan): readonly Part[] {
  const from = line.startedAtMs ?? nowMs;
  const isOver = line.doneAtMs !== undefined;
  const allMin = Math.min(LONGEST_MIN, Math.max(0, ((line.doneAtMs ?? nowMs) - from) / MS));
  const here = run.said
    .filter((t) => stageSaidAt(t, run) === line)
    .map((tap) => ({ tap, atMin: Math.min(allMin, (tap.atMs - from) / MS) }));
  const whole = lengthened(line.stage, line.extendedMin);
  const parts: Part[] = [];
  let begin = 0;
  let stage = whole;
  let intake: Intake = { addG: 0, outG: 0 };
  /** What the ring was on when the pot was taken off it; undefined while it is on. */
  let standsFrom: Stage['heat'] | undefined;
  const push = (toMin: number, ended: boolean): void => {
    const said = here
      .splice(0, here.filter((s) => s.atMin < toMin || toMin === allMin).length)
      .map((s) => ({ ...s, atMin: s.atMin - begin }));
    const minutes = toMin - begin;
    const endedBySign = ended && toMin === allMin && isOver && begin === 0 && !line.skipped;
    parts.push({ stage, stretch: { minutes, isOver: ended, endedBySign, intake, said } });
  };
  // What is said of a pot without liquid changes nothing in it.
  const changes = isWetBy(run, line) ? here.flatMap((s) => changesOf(s, whole, allMin)) : [];
  // What comes of a pot that stands is thought of as if it went on now.
  if (changes.length > 0 && run.pausedAtMs !== undefined && !isOver) changes.push(goesOn(allMin));
  changes
    .sort((a, b) => a.atMin - b.atMin)
    .forEach(({ atMin, change, intake: takes, stands }, k) => {
      push(atMin, true);
      // The minutes of a pot that stands are not gone; it goes on with the ring it was on.
      const goneMin = standsFrom === undefined ? atMin - begin : 0;
      const heat = stands === false ? standsFrom : undefined;
      if (stands === true) standsFrom ??= stage.heat;
      if (stands === false) standsFrom = undefined;
      stage = after(heat === undefined ? change : { heat }, stage, partId(line.stage.id, k + 1), goneMin);
      begin = atMin;
      intake = takes(plan);
    });
  push(allMin, isOver);
  return parts;
}

/** The id of a later part of a stage, and the stage it is a part of. */
const partId = (stageId: string, k: number): string => `${stageId}~${k.toString()}`;
const wholeOf = (stageId: string): string => stageId.replace(/~\d+$/u, '');

const isWetBy = (run: RunState, line: StageRun): boolean =>
  run.stages
    .slice(0, run.stages.indexOf(line) + 1)
    .some(({ stage }) => isWet(stage.act) || stage.act === 'fryDry');

/** Something that was done to the pot, and what of the stage is other from then on. */
interface Changed {
  readonly atMin: number;
  readonly change: Partial<Stage>;
  readonly intake: (plan: CompletePlan) => Intake;
  /** True where it is taken off its ring and its clock stands from then on, false where it goes on. */
  readonly stands?: boolean;
}

/** What goes in or out, g, where only ring or lid are other. */
const NOTHING: Intake = { addG: 0, outG: 0 };

/** A pot that stood is on its ring again. */
const goesOn = (atMin: number): Changed => ({
  atMin,
  change: {},
  intake: () => NOTHING,
  stands: false,
});

function changesOf({ tap, atMin }: SaidAt, stage: Stage, allMin: number): readonly Changed[] {
  if (!CHANGES.has(tap.kind)) return [];
  const { kind, said, amount } = tap;
  if (kind === 'resume') return [goesOn(atMin)];
  const ring = HEATS.find((h) => h === said);
  const lid = LID_STATES.find((l) => l === said);
  const change: Partial<Stage> = {
    ...(kind === 'lidUp' ? { lid: 'off' } : {}),
    ...(kind === 'lid' && lid !== undefined ? { lid } : {}),
    ...(kind === 'pause' ? { heat: 'off' } : {}),
    ...(ring === undefined || (kind !== 'lidUp' && kind !== 'heat') ? {} : { heat: ring }),
  };
  const first: Changed = {
    atMin,
    change,
    intake: (plan) => intakeOf(tap, plan),
    ...(kind === 'pause' ? { stands: true } : {}),
  };
  // For so many minutes, and then as it was.
  const backMin = atMin + (amount ?? Infinity);
  if ((kind !== 'lidUp' && kind !== 'heat') || backMin >= allMin) return [first];
  const asItWas = { lid: stage.lid, heat: stage.heat };
  return [first, { atMin: backMin, change: asItWas, intake: () => NOTHING }];
}

/** The stage from here on: what is left of its minutes, with what is other now. */
function after(change: Partial<Stage>, stage: Stage, id: string, goneMin: number): Stage {
  const left = Math.max(0, plannedMin(stage) - goneMin);
  const end = stage.end.kind === 'minutes' ? ({ kind: 'minutes', minutes: left } as const) : stage.end;
  return { ...stage, ...change, id, end };
}

function intakeOf({ kind, amount = 0 }: Tap, plan: CompletePlan): Intake {
  const perMl = (plan.pourWith.water / 100) * plan.pourWith.densityGPerMl;
  if (kind === 'splash') return { addG: amount * perMl, outG: 0 };
  if (kind === 'ladled') return { addG: 0, outG: amount * perMl };
  return { addG: 0, outG: kind === 'boiledOver' ? BOILED_OVER_G : 0 };
}
