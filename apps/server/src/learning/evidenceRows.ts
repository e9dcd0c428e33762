import type SqliteFile from 'better-sqlite3';
import type { Pour, Stage } from '@hammock/core';
import { learn, evidenceFromPot, type Learnt, type PotEvidence, type Override } from '@hammock/core/learning';
import { judgedPot, type CookRecord, type OutcomeRecord, type TapRecord } from '@hammock/core/records';

/** What a pot says, as it is kept. */
export interface EvidenceRow {
  readonly cookId: string;
  readonly revision: number;
  /** JSON of PotEvidence; null for a pot that says nothing. */
  readonly says: string | null;
}

/** A pot that counts: judged, not given up, and to be learnt from. */
const COUNTS = `"cook"."abandoned" = 0 AND "outcome"."counts" <> 'never'`;
/** Of a pot and everything that was tapped at it: a tap that comes after the verdict is heard too. */
const REVISION = `max("cook"."revision", coalesce((SELECT max("seq") FROM "stage_event" WHERE "cookId" = "cook"."id"), 0))`;

/** Pots that count and of which it is not kept what they say, newest first. */
export function stalePots(
  file: SqliteFile.Database,
  model: string,
): readonly { readonly id: string; readonly revision: number }[] {
  return file
    .prepare<[string], { id: string; revision: number }>(
      `SELECT "cook"."id" AS id, ${REVISION} AS revision FROM "cook" JOIN "outcome" ON "outcome"."cookId" = "cook"."id"
       LEFT JOIN "pot_evidence" AS kept ON kept."cookId" = "cook"."id"
       WHERE ${COUNTS} AND (kept."model" IS NOT ? OR kept."revision" IS NOT ${REVISION}) ORDER BY "cook"."startedAtMs" DESC`,
    )
    .all(model);
}

/** What is read of a pot: an answer is thirteen kilobytes of which its stages are one. */
const COLUMNS = [
  ...['id', 'input', 'pouredMl', 'advisedMl', 'startedAtMs', 'abandoned'],
  ...['dishId', 'bagId', 'vesselId', 'hobId'],
];
const READ = COLUMNS.map((name) => `"cook"."${name}"`).join();

type CookColumns = Omit<CookRecord, 'input' | 'answer' | 'abandoned'> & {
  readonly input: string;
  readonly stages: string | null;
  readonly pours: string | null;
  readonly abandoned: number;
  readonly at: number;
};

/** How long one round works, ms: a page that asks something else of the same threads waits no longer. */
const ROUND_MS = 300;

/** What one round worked out, for the first `count` of the pots asked about. */
export interface EvidenceRound {
  readonly rows: readonly EvidenceRow[];
  readonly done: number;
}

/** Works out what these pots say, as far as one round goes. A pot that cannot be read says nothing. */
export function evidenceFrom(
  file: SqliteFile.Database,
  ids: readonly string[],
  nowMs: number,
): EvidenceRound {
  const cook = file.prepare<[string], CookColumns>(
    `SELECT ${READ}, json_extract("answer", '$.stages') AS stages, json_extract("answer", '$.pours') AS pours, ${REVISION} AS at FROM "cook" WHERE "id" = ?`,
  );
  const outcome = file.prepare<[string], OutcomeRecord>('SELECT * FROM "outcome" WHERE "cookId" = ?');
  const taps = file.prepare<[string], TapRecord>(
    'SELECT * FROM "stage_event" WHERE "cookId" = ? ORDER BY "seq"',
  );
  const rows: EvidenceRow[] = [];
  const untilMs = performance.now() + ROUND_MS;
  let done = 0;
  for (const id of ids) {
    if (done > 0 && performance.now() > untilMs) break;
    done += 1;
    const row = cook.get(id);
    if (row)
      rows.push({ cookId: id, revision: row.at, says: said(row, outcome.get(id), taps.all(id), nowMs) });
  }
  return { rows, done };
}

function said(
  row: CookColumns,
  outcome: OutcomeRecord | undefined,
  events: readonly TapRecord[],
  nowMs: number,
): string | null {
  try {
    const judged = judgedPot(
      {
        ...row,
        input: JSON.parse(row.input) as CookRecord['input'],
        answer: {
          stages: JSON.parse(row.stages ?? '[]') as Stage[],
          pours: JSON.parse(row.pours ?? '[]') as Pour[],
        },
        abandoned: row.abandoned === 1,
        outcome: outcome ?? null,
        events,
      },
      nowMs,
    );
    const says = judged && evidenceFromPot(judged);
    return says === undefined ? null : JSON.stringify(says);
  } catch {
    // A pot of another time or another program: the others still teach.
    return null;
  }
}

/** Everything that is kept of pots that count, by cook. */
function keptSays(
  file: SqliteFile.Database,
  model: string,
  without?: string,
): ReadonlyMap<string, PotEvidence> {
  const rows = file
    .prepare<[string], EvidenceRow>(
      `SELECT kept."cookId", kept."says" FROM "pot_evidence" AS kept JOIN "cook" ON "cook"."id" = kept."cookId"
       JOIN "outcome" ON "outcome"."cookId" = "cook"."id"
       WHERE kept."model" = ? AND kept."says" IS NOT NULL AND ${COUNTS} ORDER BY kept."cookId"`,
    )
    .all(model);
  return new Map(
    rows
      .filter(({ cookId }) => cookId !== without)
      .map(({ cookId, says }) => [cookId, JSON.parse(says ?? '') as PotEvidence]),
  );
}

/** What all of them have taught, as the household has it. */
export function learntFrom(
  file: SqliteFile.Database,
  {
    model,
    without,
    unkept,
  }: { readonly model: string; readonly without?: string; readonly unkept: readonly EvidenceRow[] },
): Learnt {
  const says = new Map(keptSays(file, model, without));
  for (const { cookId, says: text } of unkept)
    if (text !== null && cookId !== without) says.set(cookId, JSON.parse(text) as PotEvidence);
  const household = file
    .prepare<[], { told: string | null }>('SELECT "told" FROM "household" WHERE "id" = 1')
    .get();
  const told = JSON.parse(household?.told ?? 'null') as readonly Override[] | null;
  return learn(
    [...says.values()].flatMap(({ evidence }) => evidence),
    told ?? [],
  );
}
