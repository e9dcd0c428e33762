import { OmitType } from '@nestjs/swagger';
import { TAP_KINDS, type Tap } from '@hammock/core';
import {
  COUNTS,
  HELPED,
  LONGEST_NOTE,
  type BaseSeen,
  type Counts,
  type Helped,
  type Verdict,
} from '@hammock/core/records';
import { AT_MS } from '../common/atMs.js';
import { LONGEST_NAME, MOST_PEOPLE } from '../household/household.dto.js';
import {
  ChoiceField,
  ChoiceListField,
  FlagField,
  IntegerField,
  NestedField,
  NumberField,
  TextField,
  TextListField,
  UuidField,
} from '../common/fields.js';
import { StoredPlanDto } from '../plans/plan.dto.js';

const POURED_ML = { least: 0, most: 50_000, unit: 'ml' } as const;
/** Each kind of tap has a narrower range of its own, which is looked at with its kind. */
const AMOUNT = { least: 0, most: 60_000, unit: '' } as const;
const OF_A_RECORD = 'where that is known by a clock that is right; a device says agoMs instead';

/** What is sent to begin a cook: the plan, and when. The server works out and keeps the answer itself. */
export class CookDto extends OmitType(StoredPlanDto, [] as const) {
  @IntegerField(AT_MS, { about: `When it began, ${OF_A_RECORD}`, optional: true })
  startedAtMs?: number;
}

/** How it came out. */
export class OutcomeDto {
  @ChoiceField([1, 2, 3, 4, 5], { about: '1 hard, 2 a little firm, 3 as wanted, 4 a little soft, 5 mushy' })
  texture: Verdict;

  @ChoiceField(['clean', 'golden', 'dark', 'burnt'] satisfies BaseSeen[], { about: 'The base of the pot' })
  base: BaseSeen;

  @TextField(280, { about: 'One line for next time', mayBeEmpty: true })
  note: string;

  @ChoiceField(COUNTS, {
    about: 'Whether it is learnt from: once, as a pot that always comes out so, or never',
    optional: true,
  })
  counts?: Counts;

  @TextField(LONGEST_NAME, {
    about: 'Whose verdict it is; everybody’s without',
    optional: true,
    nullable: true,
  })
  by?: string | null;

  @TextListField(MOST_PEOPLE, {
    about: 'Who ate',
    optional: true,
    nullable: true,
    mostLength: LONGEST_NAME,
  })
  ate?: readonly string[] | null;

  @ChoiceListField(HELPED, {
    about: 'What was done at the stove that helped',
    optional: true,
    nullable: true,
  })
  helped?: readonly Helped[] | null;

  @IntegerField(AT_MS, { about: `When it was judged, ${OF_A_RECORD}`, optional: true })
  atMs?: number;
}

/** What can be said about a cook after it began; what is left out stays as it is. */
export class CookChangeDto {
  @NumberField(POURED_ML, { about: 'What was really poured', optional: true, nullable: true })
  pouredMl?: number | null;

  @FlagField({ about: 'True when it was given up', optional: true })
  abandoned?: boolean;

  @NestedField(() => OutcomeDto, { about: 'How it came out', optional: true, nullable: true })
  outcome?: OutcomeDto | null;
}

/** One tap at the stove. */
export class TapDto {
  @ChoiceField(TAP_KINDS, { about: 'What was tapped' })
  kind: Tap['kind'];

  @TextField(40, { about: 'Stage of the plan', example: 'simmer', oneLine: true })
  stageId: string;

  @IntegerField(AT_MS, { about: `When it was tapped, ${OF_A_RECORD}`, optional: true })
  atMs?: number;

  @NumberField(
    { least: -60, most: 60, unit: 'min' },
    { about: 'Minutes added, or taken off, for extend', optional: true, nullable: true },
  )
  minutes?: number | null;

  @TextField(LONGEST_NOTE, {
    about: 'What was seen, tasted, smelt or set, or the note',
    optional: true,
    nullable: true,
    example: 'level',
  })
  said?: string | null;

  @NumberField(AMOUNT, { about: 'How much, in the unit of its kind', optional: true, nullable: true })
  amount?: number | null;

  @UuidField({ about: 'The last tap of this cook its device knew of', optional: true, nullable: true })
  followsId?: string | null;

  @UuidField({ about: 'For undo: the tap it takes back', optional: true, nullable: true })
  undoesId?: string | null;
}
