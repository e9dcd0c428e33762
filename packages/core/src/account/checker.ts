import type { PlanProblem, PlanProblemCode } from './problem.js';
import type { Range } from './ranges.js';
import type { Texture } from './planInput.js';

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

  /** Yes or no. */
  flag(field: string, value: unknown, byDefault: boolean): boolean {
    if (value === undefined) return byDefault;
    if (typeof value !== 'boolean')
      this.add(field, 'notAChoice', { found: shown(value), choices: 'true, false' });
    return value === true;
  }

  /** A step of the five-step texture scale. */
  step(field: string, value: unknown, byDefault: Texture): Texture {
    const steps: readonly Texture[] = [1, 2, 3, 4, 5];
    if (value === undefined) return byDefault;
    const found = steps.find((s) => s === value);
    if (found === undefined)
      this.add(field, 'outOfRange', { found: shown(value), least: 1, most: 5, unit: 'step' });
    return found ?? byDefault;
  }
}
