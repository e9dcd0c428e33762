/**
 * Expected failure as data. A function that can be refused returns a Result instead of throwing, so the
 * caller has to look at the reason before it can reach the value.
 */
export type Result<T, E> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly error: E };

/**
 * Wraps a value as a success.
 * @example ok(3).value // 3
 */
export const ok = <T>(value: T): { readonly ok: true; readonly value: T } => ({ ok: true, value });

/**
 * Wraps a reason as a failure.
 * @example fail('tooSmall').ok // false
 */
export const fail = <E>(error: E): { readonly ok: false; readonly error: E } => ({ ok: false, error });

const NONE: ReadonlySet<string> = new Set();

/**
 * Adds fields that are worked out when somebody first reads them, and once. They are fields like any other to whatever
 * lists, copies or writes out the object.
 * @param target gains the fields of `makers`
 * @example lazily({ a: 1 }, { b: () => 2 }).b // 2
 */
export function lazily<T extends object, M extends Readonly<Record<string, () => unknown>>>(
  target: T,
  makers: M,
): T & { readonly [K in keyof M]: ReturnType<M[K]> } {
  for (const [name, make] of Object.entries(makers)) {
    let made: { readonly value: unknown } | undefined;
    Object.defineProperty(target, name, {
      enumerable: true,
      get: () => (made ??= { value: deepFreeze(make()) }).value,
    });
  }
  return target as T & { readonly [K in keyof M]: ReturnType<M[K]> };
}

/**
 * Freezes a plain object tree and returns it. Answers are handed to screens, caches and the network at
 * once; freezing makes an accidental edit a loud error where it happens.
 * @param lazy fields of the outermost object that are left alone: they are worked out later, and frozen then
 * @example Object.isFrozen(deepFreeze({ a: { b: 1 } }).a) // true
 */
export function deepFreeze<T>(value: T, lazy: ReadonlySet<string> = NONE): T {
  if (typeof value !== 'object' || value === null || Object.isFrozen(value)) return value;
  Object.freeze(value);
  // A plain loop: this walks every answer, and listing the values of small objects costs more than freezing them.
  for (const key in value) {
    if (lazy.has(key)) continue;
    const child: unknown = value[key];
    if (typeof child === 'object') deepFreeze(child);
  }
  return value;
}
