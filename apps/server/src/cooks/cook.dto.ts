import { OmitType } from '@nestjs/swagger';
import type { BaseSeen, StageEvent, Verdict } from '@hammock/core';
import { ChoiceField, FlagField, IntegerField, NumberField, TextField } from '../common/fields.js';
import { StoredPlanDto } from '../plans/plan.dto.js';

/** Times between 2001 and 2100 in ms: a clock that is further off is broken. */
const AT_MS = { least: 978_307_200_000, most: 4_102_444_800_000, unit: 'ms' } as const;
const POURED_ML = { least: 0, most: 50_000, unit: 'ml' } as const;

/** What is sent to begin a cook: the plan, and when. The server works out and keeps the answer itself. */
export class CookDto extends OmitType(StoredPlanDto, [] as const) {
  @IntegerField(AT_MS, { about: 'When it began' })
  startedAtMs: number;
}

/** What can change about a cook after it began. */
export class CookChangeDto {
  @NumberField(POURED_ML, { about: 'What was really poured', optional: true })
  pouredMl?: number | null;

  @FlagField({ about: 'True when it was given up', optional: true })
  abandoned?: boolean;
}

/** One tap at the stove. */
export class StageEventDto {
  @ChoiceField(['start', 'done', 'extend', 'undo'] satisfies StageEvent['kind'][], {
    about: 'What was tapped',
  })
  kind: StageEvent['kind'];

  @TextField(40, { about: 'Stage of the plan', example: 'simmer' })
  stageId: string;

  @IntegerField(AT_MS, { about: 'When it was tapped' })
  atMs: number;

  @NumberField({ least: 1, most: 60, unit: 'min' }, { about: 'Minutes added, for extend', optional: true })
  minutes?: number | null;
}

/** How it came out. */
export class OutcomeDto {
  @ChoiceField([1, 2, 3, 4, 5], { about: '1 hard, 2 a little firm, 3 as wanted, 4 a little soft, 5 mushy' })
  texture: Verdict;

  @ChoiceField(['clean', 'golden', 'dark', 'burnt'] satisfies BaseSeen[], { about: 'The base of the pot' })
  base: BaseSeen;

  @TextField(280, { about: 'One line for next time', mayBeEmpty: true })
  note: string;

  @IntegerField(AT_MS, { about: 'When it was judged' })
  atMs: number;
}
