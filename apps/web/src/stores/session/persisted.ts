import { useCallback } from 'react';
import { create } from 'zustand';
import { createJSONStorage, persist } from 'zustand/middleware';
import { tabStorage } from '../../storage/tabStorage.js';

interface HalfFilled {
  readonly forms: Readonly<Record<string, unknown>>;
}

/** JSON has no word for a number that was not read. */
const NOT_READ = '\u0000NaN';

/** What stands half filled in the forms of this tab: leaving a screen, or loading it anew, does not empty it. */
const useHalfFilled = create<HalfFilled>()(
  persist((): HalfFilled => ({ forms: {} }), {
    name: 'hammock.forms',
    version: 1,
    storage: createJSONStorage(() => tabStorage, {
      replacer: (_key, value) => (Number.isNaN(value) ? NOT_READ : value),
      reviver: (_key, value) => (value === NOT_READ ? Number.NaN : value),
    }),
  }),
);

/** Empties every form of this tab. */
export const emptyForms = (): void => {
  useHalfFilled.setState({ forms: {} });
};

/** Sets what stands in a form from outside of it. */
export const setKept = (key: string, value: unknown): void => {
  useHalfFilled.setState(({ forms }) => ({ forms: { ...forms, [key]: value } }));
};

/**
 * State of a form that survives leaving its screen.
 * @param key the form and its field, such as `cup.grams`; one key is one state wherever it is used
 */
export function useKeptState<T>(key: string, initial: T): readonly [T, (value: T) => void] {
  const held = useHalfFilled((s) => s.forms[key]) as T | undefined;
  const set = useCallback(
    (value: T): void => {
      useHalfFilled.setState(({ forms }) => ({ forms: { ...forms, [key]: value } }));
    },
    [key],
  );
  return [held === undefined ? initial : held, set];
}
