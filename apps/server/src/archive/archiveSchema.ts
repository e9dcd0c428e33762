import { FORMAT, KEPT, VERSION } from './archiveTables.js';

const id = { type: 'string', format: 'uuid' } as const;
const idOrNone = { type: ['string', 'null'], format: 'uuid' } as const;
const text = (maxLength: number) => ({ type: 'string', maxLength }) as const;
const textOrNone = (maxLength: number) => ({ type: ['string', 'null'], maxLength }) as const;
/** Times are ms since the epoch; none is later than the year 2286. */
const moment = { type: 'integer', minimum: 0, maximum: 10_000_000_000_000 } as const;
const momentOrNone = { ...moment, type: ['integer', 'null'] } as const;
const number = { type: 'number' } as const;
const numberOrNone = { type: ['number', 'null'] } as const;

const KEPT_ROW = {
  type: 'object',
  description: 'The fields of the thing, as PUT of its kind in the API has them, with',
  required: ['id', 'createdAtMs', 'updatedAtMs', 'deletedAtMs'],
  properties: { id, createdAtMs: moment, updatedAtMs: moment, deletedAtMs: momentOrNone },
} as const;

const TAP = {
  type: 'object',
  additionalProperties: false,
  required: ['id', 'kind', 'stageId', 'atMs'],
  properties: {
    id,
    kind: text(40),
    stageId: { ...text(80), pattern: '^[^\\u0000-\\u001f\\u007f-\\u009f\\u2028\\u2029]*$' },
    atMs: moment,
    minutes: numberOrNone,
    said: textOrNone(280),
    amount: numberOrNone,
    followsId: idOrNone,
    undoesId: idOrNone,
  },
} as const;

const OUTCOME = {
  type: ['object', 'null'],
  additionalProperties: false,
  required: ['texture', 'base', 'note', 'atMs'],
  properties: {
    texture: { enum: [1, 2, 3, 4, 5] },
    base: { enum: ['clean', 'golden', 'dark', 'burnt'] },
    note: text(280),
    counts: { enum: ['once', 'always', 'never'] },
    by: textOrNone(24),
    ate: { type: ['array', 'null'], maxItems: 12, items: text(24) },
    helped: { type: ['array', 'null'], maxItems: 12, items: text(24) },
    atMs: moment,
  },
} as const;

const COOK = {
  type: 'object',
  additionalProperties: false,
  required: ['id', 'label', 'input', 'answer', 'advisedMl', 'startedAtMs', 'taps', 'outcome'],
  properties: {
    id,
    dishId: idOrNone,
    bagId: idOrNone,
    vesselId: idOrNone,
    hobId: idOrNone,
    cupId: idOrNone,
    label: text(60),
    input: { type: 'object', description: 'The plan, as PlanDto of the API has it' },
    answer: {
      type: 'object',
      description:
        'The answer as it was then, as AnswerReply of the API has it. It is there to be read; put in, it is worked out anew',
      required: ['stages', 'pour', 'verdict'],
      properties: {
        stages: { type: 'array', maxItems: 60, items: { type: 'object', required: ['id', 'act', 'end'] } },
        pour: { type: 'object', required: ['ml'], properties: { ml: number } },
        verdict: text(20),
      },
    },
    advisedMl: number,
    pouredMl: numberOrNone,
    startedAtMs: moment,
    abandoned: { type: 'boolean' },
    taps: { type: 'array', maxItems: 500, items: TAP },
    outcome: OUTCOME,
  },
} as const;

const list = (items: object) => ({ type: 'array', items });

/** What an archive is, by JSON Schema (draft 7): docs/archive.schema.json, and GET /api/archive/schema. */
export const ARCHIVE_SCHEMA = {
  $schema: 'http://json-schema.org/draft-07/schema#',
  $id: 'urn:hammock:archive:1',
  title: 'Everything a household wrote down in Hammock',
  type: 'object',
  additionalProperties: false,
  required: ['format', 'version'],
  properties: {
    format: { const: FORMAT },
    version: { const: VERSION },
    household: { type: 'object', description: 'As PUT /api/household has it' },
    ...Object.fromEntries(KEPT.map(([key]) => [key, list(KEPT_ROW)])),
    cooks: list(COOK),
  },
} as const;

export const ROW_SCHEMAS = { kept: KEPT_ROW, cook: COOK } as const;
