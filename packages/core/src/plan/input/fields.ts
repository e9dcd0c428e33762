import type { Range } from './ranges.js';

/** What every field says of itself. */
interface About {
  /** What it is, in a few words. */
  readonly about: string;
  /** True when it may be left out. */
  readonly optional?: boolean;
  readonly example?: string | number;
}

/** One field of a shape: what it may hold. */
export type Field = About &
  (
    | { readonly kind: 'number'; readonly range: Range }
    | {
        readonly kind: 'text';
        readonly most: number;
        readonly mayBeEmpty?: boolean;
        /** True for a name that other things call it by: no line ends and no other control characters. */
        readonly oneLine?: boolean;
      }
    | { readonly kind: 'texts'; readonly most: number }
    | { readonly kind: 'flag' }
    | { readonly kind: 'choice'; readonly choices: readonly (string | number)[] }
    | { readonly kind: 'choices'; readonly choices: readonly string[] }
    | { readonly kind: 'one'; readonly of: Shape }
    | { readonly kind: 'many'; readonly of: Shape; readonly most: number }
  );

/** An object by its fields. */
export interface Shape {
  readonly name: string;
  readonly fields: Readonly<Record<string, Field>>;
}

/**
 * Everything a value of this shape may hold, its fields in their order.
 * @example shape('Pot', { wide: { kind: 'flag', about: 'wider than high' } }).name // 'Pot'
 */
export const shape = <const F extends Readonly<Record<string, Field>>>(
  name: string,
  fields: F,
): { readonly name: string; readonly fields: F } => ({ name, fields });

/** Longest text in a list of texts, characters: a bound for a stranger's body, not a rule of the kitchen. */
export const LONGEST_TEXT = 200;

/**
 * Whether a value is of a shape: every field that is there is what it says, none is missing, none is unknown. It
 * says no more than that; what is wrong is for whoever reads the fields one by one.
 * @example fits({ g: 185 }, AMOUNT) // true
 */
export function fits(value: unknown, { fields }: Shape): boolean {
  if (!isPlainObject(value)) return false;
  for (const key in value) if (!Object.hasOwn(fields, key)) return false;
  for (const key in fields) {
    const field = fields[key];
    const given = value[key];
    if (!field || (given === undefined ? field.optional !== true : !holds(given, field))) return false;
  }
  return true;
}

/** Whether a value is one that this field may hold. */
function holds(value: unknown, field: Field): boolean {
  switch (field.kind) {
    case 'number':
      return (
        typeof value === 'number' &&
        Number.isFinite(value) &&
        value >= field.range.least &&
        value <= field.range.most
      );
    case 'text':
      return (
        typeof value === 'string' &&
        value.length <= field.most &&
        (field.mayBeEmpty === true || value.length > 0) &&
        (field.oneLine !== true || ONE_LINE.test(value))
      );
    case 'texts':
      return (
        isList(value, field.most) && value.every((v) => typeof v === 'string' && v.length <= LONGEST_TEXT)
      );
    case 'flag':
      return typeof value === 'boolean';
    case 'choice':
      return field.choices.includes(value as string);
    case 'choices':
      return isList(value, field.choices.length) && value.every((v) => field.choices.includes(v as string));
    case 'one':
      return fits(value, field.of);
    case 'many':
      return isList(value, field.most) && value.every((v) => fits(v, field.of));
  }
}

/** Text without line ends and other control characters. */
export const ONE_LINE = /^[^\p{Cc}\p{Zl}\p{Zp}]*$/u;

const isList = (value: unknown, most: number): value is readonly unknown[] =>
  Array.isArray(value) && value.length <= most;

/** An object as JSON makes them: a list is none, nor is what carries a prototype of somebody's own. */
function isPlainObject(value: unknown): value is Readonly<Record<string, unknown>> {
  if (typeof value !== 'object' || value === null) return false;
  const prototype: unknown = Object.getPrototypeOf(value);
  return prototype === Object.prototype || prototype === null;
}
