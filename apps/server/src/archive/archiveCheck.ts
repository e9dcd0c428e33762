import { Ajv, type ErrorObject } from 'ajv';
import { plainToInstance } from 'class-transformer';
import { isUUID, validateSync } from 'class-validator';
import type { Type } from '@nestjs/common';
import { answer, cautionsOf, fits, PLAN, TAP_KINDS, type PlanInput } from '@hammock/core';
import { observationProblem, type AnswerReply } from '@hammock/core/records';
import { HouseholdDto } from '../household/household.dto.js';
import { ROW_SCHEMAS } from './archiveSchema.js';
import { KEPT, type KeptKey } from './archiveTables.js';

type Values = Readonly<Record<string, unknown>>;

const ajv = new Ajv({ strict: false, formats: { uuid: (text: string) => isUUID(text) } });
const isKept = ajv.compile(ROW_SCHEMAS.kept);
const isCook = ajv.compile(ROW_SCHEMAS.cook);
const DTOS: ReadonlyMap<string, Type> = new Map(KEPT.map(([key, , dto]) => [key, dto]));
const KINDS: ReadonlySet<string> = new Set(TAP_KINDS);

/** Fields of a kept thing that are not said of it. */
const ENVELOPE: ReadonlySet<string> = new Set(['id', 'createdAtMs', 'updatedAtMs', 'deletedAtMs']);

/** What is wrong with a kept thing of an archive, as a path; undefined where nothing is. */
export function keptProblem(key: KeptKey, row: unknown): string | undefined {
  if (!isKept(row)) return pathOf(isKept.errors);
  const dto = DTOS.get(key);
  return dto && fieldProblem(dto, row as unknown as Values);
}

/** What is wrong with a household. */
export const householdProblem = (row: unknown): string | undefined =>
  typeof row === 'object' && row !== null ? fieldProblem(HouseholdDto, row as Values) : 'household';

/** What is wrong with a cook, its plan, its taps or its outcome. */
export function cookProblem(row: unknown): string | undefined {
  if (!isCook(row)) return pathOf(isCook.errors);
  const { input, taps } = row as {
    input: unknown;
    taps: readonly { kind: never; said?: string | null; amount?: number | null }[];
  };
  if (!fits(input, PLAN)) return 'input';
  const wrong = taps.findIndex(
    ({ kind, said, amount }) =>
      !KINDS.has(kind) || observationProblem(kind, said ?? undefined, amount ?? undefined) !== undefined,
  );
  return wrong < 0 ? undefined : `taps[${wrong.toString()}]`;
}

/** The answer to a plan as this program works it out: what a file says of it is not believed. Undefined for a plan that has none. */
export function answerTo(input: PlanInput): AnswerReply | undefined {
  const found = answer(input);
  return found.ok ? { ...found.value, cautions: cautionsOf(input, found.value.stages) } : undefined;
}

/** The first field its DTO class refuses; what is null was not said. */
function fieldProblem(dto: Type, row: Values): string | undefined {
  const said = Object.fromEntries(
    Object.entries(row).filter(([key, value]) => !ENVELOPE.has(key) && value !== null),
  );
  const [first] = validateSync(plainToInstance(dto, said) as object, {
    whitelist: true,
    forbidNonWhitelisted: true,
    forbidUnknownValues: true,
    stopAtFirstError: true,
  });
  return first?.property;
}

const pathOf = (errors: ErrorObject[] | null | undefined): string => {
  const [first] = errors ?? [];
  const missing = (first?.params as { missingProperty?: string } | undefined)?.missingProperty;
  return (
    `${first?.instancePath.slice(1).replaceAll('/', '.') ?? ''}${missing === undefined ? '' : `.${missing}`}`.replace(
      /^\./u,
      '',
    ) || 'row'
  );
};
