import { HEATS, LID_STATES } from '../../basics/heat/equipment.js';
import type { Stage } from '../../basics/method/stage.js';
import { startNextStage, newLine, type Sheet } from './sheet.js';
import type { Tap } from './tap.js';
import { effectOf, isEdit, type EditKind } from './tapEffects.js';

/** Acts that can be put between the stages of a pot that is on. */
export const INSERTED = ['openBoil', 'simmer', 'steam', 'rest', 'wait', 'fork'] as const;
type Inserted = (typeof INSERTED)[number];

/** How a stage that is put in is cooked. */
const FIRE: Readonly<Record<Inserted, Pick<Stage, 'heat' | 'lid'>>> = {
  openBoil: { heat: 'mediumHigh', lid: 'off' },
  simmer: { heat: 'low', lid: 'on' },
  steam: { heat: 'veryLow', lid: 'on' },
  rest: { heat: 'off', lid: 'on' },
  wait: { heat: 'off', lid: 'on' },
  fork: { heat: 'off', lid: 'off' },
};

/**
 * The id of the stage that a tap puts into the line.
 * @example addedId('7d1e') // '+7d1e'
 */
export const addedId = (tapId: string): string => `+${tapId}`;

/**
 * The tap that put a stage into the line; undefined for a stage of the plan.
 * @example addedBy('+7d1e') // '7d1e'
 */
export const addedBy = (stageId: string): string | undefined =>
  stageId.startsWith('+') ? stageId.slice(1) : undefined;

/**
 * Changes the line of stages by one tap; what makes no sense where the pot is changes nothing.
 * @returns true where the tap was one that edits the line, whether or not it changed it
 */
export function edit(sheet: Sheet, tap: Tap): boolean {
  const index = sheet.lines.findIndex((l) => l.stage.id === tap.stageId);
  const isOfLine = isEdit(tap.kind);
  if (index < 0) return isOfLine;
  if (effectOf(tap.kind).sets === 'on') return setAhead(sheet, index, tap);
  if (isEdit(tap.kind)) EDIT[tap.kind](sheet, index, tap);
  return isOfLine;
}
type Edit = (sheet: Sheet, index: number, tap: Tap) => void;
const EDIT: Readonly<Record<EditKind, Edit>> = {
  insert: (...at) => {
    insert(...at);
  },
  again: (...at) => {
    again(...at);
  },
  back: (sheet, index, { atMs }) => {
    back(sheet, index, atMs);
  },
  skip: (sheet, index, { atMs }) => {
    skip(sheet, index, atMs);
  },
};

/** Puts a line in where it can still be cooked; a pot that was finished goes on with it at once. */
function putIn(sheet: Sheet, after: number, stage: Stage, atMs: number): void {
  const here = sheet.lines[sheet.current];
  const finished = here === undefined;
  const first = sheet.current + (here?.startedAtMs === undefined ? 0 : 1);
  const line = newLine(stage, finished ? atMs : undefined);
  sheet.lines.splice(Math.max(first, after), 0, line);
}

function insert(sheet: Sheet, index: number, { id, said, amount = 0, atMs }: Tap): void {
  const act = INSERTED.find((a) => a === said);
  if (act === undefined) return;
  const stage: Stage = { id: addedId(id), act, ...FIRE[act], end: { kind: 'minutes', minutes: amount } };
  putIn(sheet, index + 1, stage, atMs);
}

/** The stage once more, from its beginning: one that is on is over with this, one that is over comes next. */
function again(sheet: Sheet, index: number, { id, atMs }: Tap): void {
  const line = sheet.lines[index];
  if (line?.startedAtMs === undefined) return;
  putIn(sheet, index + 1, { ...line.stage, id: addedId(id) }, atMs);
  if (index !== sheet.current) return;
  line.doneAtMs = atMs;
  moveOn(sheet, atMs);
}

/** To the stage before, whose clock goes on as if it had not been ended, less what the pot stood beside the ring since. */
function back(sheet: Sheet, index: number, atMs: number): void {
  const finished = sheet.current === sheet.lines.length;
  if (index !== (finished ? sheet.current - 1 : sheet.current) || sheet.current === 0) return;
  startNextStage(sheet, atMs);
  const here = sheet.lines[sheet.current];
  const stoodMs = here?.stoodMs ?? 0;
  if (here) Object.assign(here, { startedAtMs: undefined, stoodMs: 0 });
  sheet.current -= 1;
  const line = sheet.lines[sheet.current];
  if (!line) return;
  line.doneAtMs = undefined;
  line.skipped = false;
  line.stoodMs += stoodMs;
}

function skip(sheet: Sheet, index: number, atMs: number): void {
  const line = sheet.lines[index];
  if (!line || index < sheet.current || line.startedAtMs !== undefined) return;
  line.skipped = true;
  // A stage that waits to be begun is passed by, and the next one waits as it did.
  if (index === sheet.current) passSkipped(sheet, atMs);
}

/** One stage is over: what is left out is passed by, and the next clock starts by itself. */
export function moveOn(sheet: Sheet, atMs: number): void {
  startNextStage(sheet, atMs);
  sheet.current += 1;
  passSkipped(sheet, atMs);
  const next = sheet.lines[sheet.current];
  if (next) next.startedAtMs = atMs;
}

function passSkipped(sheet: Sheet, atMs: number): void {
  for (let line = sheet.lines[sheet.current]; line?.skipped; line = sheet.lines[sheet.current]) {
    line.startedAtMs = atMs;
    line.doneAtMs = atMs;
    sheet.current += 1;
  }
}

/** Another ring or lid for a stage that is still to come. What is set while it is on is said of the pot. */
function setAhead(sheet: Sheet, index: number, { kind, said }: Tap): boolean {
  const line = sheet.lines[index];
  if (!line || index < sheet.current || line.startedAtMs !== undefined) return false;
  const heat = HEATS.find((h) => h === said);
  const lid = LID_STATES.find((l) => l === said);
  if (kind === 'heat' && heat) line.stage = { ...line.stage, heat };
  if (kind === 'lid' && lid) line.stage = { ...line.stage, lid };
  return true;
}
