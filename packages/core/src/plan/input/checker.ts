import type { PlanProblem, PlanProblemCode } from './problem.js';
import type { Field, Shape } from './fields.js';
import type { Range } from './ranges.js';
import { TEXTURES, type Texture } from '../../basics/grain/texture.js';

/** A value as it can be shown in a message, whatever it is: a stranger's object may not even turn into a string. */
export const shown = (value: unknown): string =>
  typeof value === 'string' || typeof value === 'number' || typeof value === 'boolean'
    ? String(value)
    : typeof value;

/** The value as something with fields; nothing at all when it is not a plain object. */
export const fieldsOf = <T extends object>(value: T | undefined): Partial<T> =>
  typeof value === 'object' && (value as unknown) !== null && !Array.isArray(value) ? value : {};

/** Collects every problem of a plan while values are read; a wrong value becomes its default so reading goes on. */
export class Checker {
  readonly problems: PlanProblem[] = [];

  /** Notes a problem. Returns undefined so that a reader can write `return c.add(…)`. */
  add(field: string, code: PlanProblemCode, values: PlanProblem['values'] = {}): undefined {
    this.problems.push({ field, code, values });
    return undefined;
  }

  /** Notes a problem and returns what reading can go on with. */
  refuse<T>(goOnWith: T, field: string, code: PlanProblemCode, values: PlanProblem['values'] = {}): T {
    this.add(field, code, values);
    return goOnWith;
  }

  /** A number that may be left out. */
  number(field: string, value: unknown, byDefault: number, range: Range): number {
    return value === undefined ? byDefault : this.required(field, value, range);
  }

  /** A number that must be there. */
  required(field: string, value: unknown, range: Range): number {
    if (value === undefined || value === null) this.add(field, 'missing');
    else if (typeof value !== 'number' || !Number.isFinite(value)) this.add(field, 'notANumber');
    else if (value < range.least || value > range.most)
      this.add(field, 'outOfRange', { found: value, ...range });
    else return value;
    return range.least;
  }

  /** One of a fixed set of words. */
  choice<const T extends string>(field: string, value: unknown, byDefault: T, choices: readonly T[]): T {
    if (value === undefined) return byDefault;
    const found = choices.find((choice) => choice === value);
    if (found === undefined)
      this.add(field, 'notAChoice', { found: shown(value), choices: choices.join(', ') });
    return found ?? byDefault;
  }

  /** A field by its description: a number, a word or a yes and no that may be left out. */
  read<T extends string | number | boolean>(
    field: string,
    described: Field,
    value: unknown,
    byDefault: T,
  ): T {
    switch (described.kind) {
      case 'number':
        return this.number(field, value, byDefault as number, described.range) as T;
      case 'flag':
        return this.flag(field, value, byDefault as boolean) as T;
      case 'choice':
        return described.choices.every((c) => typeof c === 'string')
          ? (this.choice(field, value, byDefault as string, described.choices) as T)
          : (this.step(field, value, byDefault as Texture) as T);
      case 'text':
      case 'texts':
      case 'choices':
      case 'one':
      case 'many':
        throw new Error(`${field} is read part by part`);
    }
  }

  /** The fields of a part that are there, by their descriptions; what is left out stays left out. */
  given<T extends object>(part: string, described: Shape, input: T | undefined): Partial<T> {
    const from = fieldsOf(input) as Readonly<Record<string, unknown>>;
    const read: Record<string, unknown> = {};
    for (const [key, field] of Object.entries(described.fields)) {
      const value = Object.hasOwn(from, key) ? from[key] : undefined;
      // A number that is wrong becomes the least it may be, a word the first of them.
      const byDefault = field.kind === 'choice' ? (field.choices[0] ?? '') : false;
      if (value !== undefined) read[key] = this.read(`${part}.${key}`, field, value, byDefault);
    }
    return read as Partial<T>;
  }

  /** Yes or no. */
  flag(field: string, value: unknown, byDefault: boolean): boolean {
    if (value === undefined) return byDefault;
    if (typeof value !== 'boolean')
      this.add(field, 'notAChoice', { found: shown(value), choices: 'true, false' });
    return value === true;
  }

  /** A step of the five-step texture scale. */
  step(field: string, value: unknown, byDefault: Texture): Texture {
    if (value === undefined) return byDefault;
    const found = TEXTURES.find((s) => s === value);
    if (found === undefined)
      this.add(field, 'outOfRange', { found: shown(value), least: 1, most: 5, unit: 'step' });
    return found ?? byDefault;
  }
}
