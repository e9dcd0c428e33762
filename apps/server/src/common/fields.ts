import { applyDecorators } from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsISO8601,
  IsIn,
  IsInt,
  IsNotEmpty,
  IsNumber,
  IsObject,
  IsString,
  IsUUID,
  Length,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import { ONE_LINE, type Range } from '@hammock/core';

interface About {
  readonly about: string;
  readonly optional?: boolean;
  /** Null says that there is none; otherwise null is refused like anything else that is not the field's kind. */
  readonly nullable?: boolean;
  readonly example?: unknown;
}

/** What is the same for every field: its schema, and whether it may be left out. */
function field(about: About, schema: Record<string, unknown>): PropertyDecorator[] {
  const required = about.optional !== true;
  const shown = {
    description: about.about,
    required,
    ...(about.nullable === true ? { nullable: true } : {}),
    ...(about.example === undefined ? {} : { example: about.example }),
    ...schema,
  };
  const given = (_: object, value: unknown): boolean =>
    !(value === undefined && !required) && !(value === null && about.nullable === true);
  return [ApiProperty(shown), ...(required && about.nullable !== true ? [] : [ValidateIf(given)])];
}

const withUnit = (n: number, unit: string): string =>
  unit === '' ? n.toString() : `${n.toString()} ${unit}`;

/** A finite number within a range of the core, its unit in the schema. */
export function NumberField(range: Range, about: About): PropertyDecorator {
  return applyDecorators(
    ...field(about, { type: Number, minimum: range.least, maximum: range.most, 'x-unit': range.unit }),
    IsNumber({ allowNaN: false, allowInfinity: false }, { message: 'This must be a finite number.' }),
    Min(range.least, { message: `Must be at least ${withUnit(range.least, range.unit)}.` }),
    Max(range.most, { message: `Must be at most ${withUnit(range.most, range.unit)}.` }),
  );
}

/** A whole number within a range, a time in ms for instance. */
export function IntegerField(range: Range, about: About): PropertyDecorator {
  return applyDecorators(NumberField(range, about), IsInt({ message: 'This must be a whole number.' }));
}

/** Text that says something, no longer than `most` characters. */
export function TextField(
  most: number,
  about: About & { readonly mayBeEmpty?: boolean; readonly oneLine?: boolean },
): PropertyDecorator {
  return applyDecorators(
    ...field(about, { type: String, maxLength: most }),
    IsString({ message: 'This must be text.' }),
    MaxLength(most, { message: `At most ${most.toString()} characters.` }),
    ...(about.mayBeEmpty === true ? [] : [IsNotEmpty({ message: 'This is needed.' })]),
    ...(about.oneLine === true ? [Matches(ONE_LINE, { message: 'This must be one line of text.' })] : []),
  );
}

/** One of a fixed set of words. */
export function ChoiceField(choices: readonly (string | number)[], about: About): PropertyDecorator {
  return applyDecorators(
    ...field(about, { enum: choices }),
    IsIn(choices, { message: `Must be one of ${choices.join(', ')}.` }),
  );
}

/** Yes or no. */
export function FlagField(about: About): PropertyDecorator {
  return applyDecorators(
    ...field(about, { type: Boolean }),
    IsBoolean({ message: 'This must be true or false.' }),
  );
}

/** An object of another DTO class. */
export function NestedField(of: () => new () => object, about: About): PropertyDecorator {
  return applyDecorators(
    ...field(about, { type: () => of() }),
    IsNotEmpty({ message: 'This is needed.' }),
    // An array would be looked at item by item, and an empty one pass.
    IsObject({ message: 'This must be an object.' }),
    ValidateNested({ message: 'This must be an object.' }),
    Type(of),
  );
}

/** A list of another DTO class. */
export function NestedListField(of: () => new () => object, most: number, about: About): PropertyDecorator {
  return applyDecorators(
    ...field(about, { type: () => of(), isArray: true }),
    IsArray({ message: 'This must be a list.' }),
    ArrayMaxSize(most, { message: `At most ${most.toString()}.` }),
    IsObject({ each: true, message: 'Every item must be an object.' }),
    ValidateNested({ each: true, message: 'Every item must be an object.' }),
    Type(of),
  );
}

/** A list of short texts. */
export function TextListField(
  most: number,
  about: About & { readonly mostLength?: number },
): PropertyDecorator {
  const longest = about.mostLength ?? 100;
  return applyDecorators(
    ...field(about, { type: String, isArray: true }),
    IsArray({ message: 'This must be a list.' }),
    ArrayMaxSize(most, { message: `At most ${most.toString()}.` }),
    IsString({ each: true, message: 'Every item must be text.' }),
    MaxLength(longest, { each: true, message: `Every item has at most ${longest.toString()} characters.` }),
  );
}

/** Several of a fixed set of words. */
export function ChoiceListField(choices: readonly string[], about: About): PropertyDecorator {
  return applyDecorators(
    ...field(about, { enum: choices, isArray: true }),
    IsArray({ message: 'This must be a list.' }),
    ArrayMaxSize(choices.length, { message: `At most ${choices.length.toString()}.` }),
    IsIn(choices, { each: true, message: `Each must be one of ${choices.join(', ')}.` }),
  );
}

/** A day as YYYY-MM-DD, or null when nobody knows. */
export function DayField(about: About): PropertyDecorator {
  return applyDecorators(
    ...field({ ...about, nullable: true }, { type: String, format: 'date' }),
    IsISO8601({ strict: true }, { message: 'This must be a day, such as 2026-11-01.' }),
    Length(10, 10, { message: 'This must be a day, such as 2026-11-01.' }),
  );
}

/** Id of another kept thing. */
export function UuidField(about: About): PropertyDecorator {
  return applyDecorators(
    ...field(about, { type: String, format: 'uuid' }),
    IsUUID('all', { message: 'This must be an id (UUID).' }),
  );
}
