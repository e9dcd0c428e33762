import { isWet, plannedMin, type Stage } from '../../basics/method/stage.js';
import type { CompletePlan } from '../../plan/input/planInput.js';
import { signsOf } from '../pot/surfaceSigns.js';
import type { RunState } from './runFromTaps.js';
import { fireNow, lineRead, newLine, type StageRun } from './sheet.js';
import type { Tap } from './tap.js';
import { broughtMl, effectOf } from './tapEffects.js';

/** Something that was said, and how many minutes after its stretch began. */
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
  const run = { ...given, stages: withOpened(given) };
  for (const line of run.stages) {
    // What is left out ahead is not cooked.
    if (line.skipped && line.doneAtMs === undefined) continue;
    if (line.startedAtMs === undefined) {
      stages.push(lengthened(line.stage, line.extendedMin));
      continue;
    }
    for (const { stage, stretch } of partsOf(line, run, nowMs, plan)) {
      stages.push(stage);
      if (stretch) stretches.push(stretch);
    }
  }
  return { plan: signsOf({ ...plan, stages }, plan, wholeOf), stretches };
}

/**
 * The stages with what the pot stood between them: one of which something is said after its last stage, or that is taken up
 * again later, stands on meanwhile, opened, off the heat, its lid put back.
 */
function withOpened({ stages, said }: RunState): readonly StageRun[] {
  return stages.flatMap((line, i) => {
    const { doneAtMs } = line;
    const next = stages[i + 1];
    if (doneAtMs === undefined) return [line];
    const untilMs = next?.startedAtMs;
    const stands = next ? untilMs !== undefined && untilMs > doneAtMs : said.some((t) => t.atMs > doneAtMs);
    if (!stands) return [line];
    const opened = newLine({ ...OPENED, id: `opened${i.toString()}` }, doneAtMs);
    return [line, lineRead({ ...opened, doneAtMs: untilMs })];
  });
}
/** A pot that stands opened beside the ring, its lid put back. */
const OPENED = { act: 'rest', heat: 'off', lid: 'on', end: { kind: 'minutes', minutes: 0 } } as const;

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
  /** Undefined for a part that is still to come. */
  readonly stretch: Stretch | undefined;
}

function partsOf(line: StageRun, run: RunState, nowMs: number, plan: CompletePlan): readonly Part[] {
  const from = line.startedAtMs ?? nowMs;
  const isOver = line.doneAtMs !== undefined;
  const allMin = Math.min(LONGEST_MIN, Math.max(0, ((line.doneAtMs ?? nowMs) - from) / MS));
  const here = run.said
    .filter((t) => stageSaidAt(t, run) === line)
    .map((tap) => ({ tap, atMin: Math.min(allMin, (tap.atMs - from) / MS) }));
  const whole = lengthened(line.stage, line.extendedMin);
  // What is said of a pot without liquid changes nothing in it.
  const done = isWetBy(run, line) ? here.filter(({ tap }) => effectOf(tap.kind).parts === true) : [];
  const moments = done.flatMap(momentsOf);
  // What comes of a pot that stands is thought of as if it went on now.
  const stands = done.length > 0 && run.pausedAtMs !== undefined && !isOver;
  if (stands) moments.push({ atMin: allMin, intake: NOTHING, stands: false });
  moments.sort((a, b) => a.atMin - b.atMin);
  const fire = { ...line, stage: whole, startedAtMs: from, doneAtMs: undefined };
  const told = done.map(({ tap, atMin }) => ({ ...tap, atMs: from + atMin * MS }));
  const goesOn = { id: '', kind: 'resume', stageId: line.stage.id, atMs: from + allMin * MS } as const;
  const fireAt = (atMin: number): Pick<Stage, 'heat' | 'lid'> => {
    const atMs = from + atMin * MS + HALF_MS;
    const { heat, lid } = fireNow(
      fire,
      [...told, ...(stands ? [goesOn] : [])].filter((t) => t.atMs <= atMs),
      atMs,
    );
    return { heat, lid };
  };
  const parts: Part[] = [];
  let begin = 0;
  let stage = whole;
  let intake: Intake = { addG: 0, outG: 0 };
  let isStanding = false;
  const push = (toMin: number, ended: boolean): void => {
    const said = here
      .splice(0, here.filter((s) => s.atMin < toMin || toMin === allMin).length)
      .map((s) => ({ ...s, atMin: s.atMin - begin }));
    const minutes = toMin - begin;
    const endedBySign = ended && toMin === allMin && isOver && begin === 0 && !line.skipped;
    parts.push({ stage, stretch: { minutes, isOver: ended, endedBySign, intake, said } });
  };
  const goOn = ({ atMin, intake: takes, stands: standsThen }: DoneAt): void => {
    // The minutes of a pot that stands are not gone.
    const goneMin = isStanding ? 0 : atMin - begin;
    isStanding = standsThen ?? isStanding;
    stage = after(fireAt(atMin), stage, partId(line.stage.id, parts.length), goneMin);
    begin = atMin;
    intake = takes(plan);
  };
  for (const moment of moments.filter((m) => m.atMin <= allMin)) {
    push(moment.atMin, true);
    goOn(moment);
  }
  push(allMin, isOver);
  // What is set back later is still to come; a stage that is over before then keeps it.
  for (const moment of isOver ? [] : moments.filter((m) => m.atMin > allMin)) {
    if (stage.end.kind === 'minutes' && moment.atMin - begin >= stage.end.minutes) break;
    const minutes = moment.atMin - begin;
    const until: Stage = { ...stage, end: { kind: 'minutes', minutes } };
    parts.push({ stage: until, stretch: parts.pop()?.stretch });
    goOn(moment);
    parts.push({ stage, stretch: undefined });
  }
  return parts;
}
/** Two moments that are nearer are one, ms. */
const HALF_MS = 0.5;

/** The id of a later part of a stage, and the stage it is a part of. */
const partId = (stageId: string, k: number): string => `${stageId}~${k.toString()}`;
const wholeOf = (stageId: string): string => stageId.replace(/~\d+$/u, '');

/** Where the last part of the stage at this place stands: a stage in which something is set back later goes on in parts. */
export function lastPartOf(stages: readonly Stage[], index: number): number {
  const here = stages[index];
  if (!here) return index;
  const other = stages.findIndex((s, i) => i > index && wholeOf(s.id) !== wholeOf(here.id));
  return (other < 0 ? stages.length : other) - 1;
}

const isWetBy = (run: RunState, line: StageRun): boolean =>
  run.stages
    .slice(0, run.stages.indexOf(line) + 1)
    .some(({ stage }) => isWet(stage.act) || stage.act === 'fryDry');

/** Something that was done to the pot: from then on ring and lid are as they were set, and something may have gone in or out. */
interface DoneAt {
  readonly atMin: number;
  readonly intake: (plan: CompletePlan) => Intake;
  /** True where it is taken off its ring and its clock stands from then on, false where it goes on. */
  readonly stands?: boolean;
}

/** Nothing goes in or out where only ring or lid are other. */
const NOTHING = (): Intake => ({ addG: 0, outG: 0 });

/** When a tap does something: then, and once more where it is set back after its minutes. */
function momentsOf({ tap, atMin }: SaidAt): DoneAt[] {
  const { amount = 0 } = tap;
  const { stands, sets } = effectOf(tap.kind);
  const intake = (plan: CompletePlan): Intake => intakeOf(tap, plan);
  const first: DoneAt = { atMin, intake, ...(stands === undefined ? {} : { stands }) };
  return sets !== undefined && amount > 0 ? [first, { atMin: atMin + amount, intake: NOTHING }] : [first];
}

/** The stage from here on: what is left of its minutes, with what is other now. */
function after(change: Partial<Stage>, stage: Stage, id: string, goneMin: number): Stage {
  const left = Math.max(0, plannedMin(stage) - goneMin);
  const end = stage.end.kind === 'minutes' ? ({ kind: 'minutes', minutes: left } as const) : stage.end;
  return { ...stage, ...change, id, end };
}

function intakeOf(tap: Tap, plan: CompletePlan): Intake {
  const ml = broughtMl(tap);
  const g = Math.abs(ml) * (plan.pourWith.water / 100) * plan.pourWith.densityGPerMl;
  const lostG = effectOf(tap.kind).losesG ?? 0;
  return ml > 0 ? { addG: g, outG: lostG } : { addG: 0, outG: g + lostG };
}
