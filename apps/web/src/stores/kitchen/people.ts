import { nullable, object, string } from 'valibot';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { onDevice } from '../../storage/deviceStorage.js';
import { useKitchen } from './kitchen.js';

interface MeStore {
  /** Whose taste this device cooks to; the household's without. */
  readonly name: string | null;
}

/** Who holds this device, as far as it was said. */
export const useMe = create<MeStore>()(
  persist(
    (): MeStore => ({ name: null }),
    onDevice<MeStore, MeStore>({
      name: 'hammock.me',
      version: 1,
      shape: object({ name: nullable(string()) }),
      steps: [],
      keeps: ({ name }: MeStore) => ({ name }),
    }),
  ),
);

/** Longest name, characters, and how many a household knows: as the server has it. */
export const LONGEST_NAME = 24;
const MOST_PEOPLE = 12;
const NOBODY: readonly string[] = [];

/** Who cooks and eats here. */
export const usePeople = (): readonly string[] => useKitchen((s) => s.household.people) ?? NOBODY;

/**
 * Somebody more of the household; one who is known already stays once.
 * @returns false for no name, or one too many
 */
export function addPerson(given: string): boolean {
  const name = given.trim().slice(0, LONGEST_NAME);
  const { household, setHousehold } = useKitchen.getState();
  const people = household.people ?? NOBODY;
  if (people.some((p) => p.toLowerCase() === name.toLowerCase())) return true;
  if (name === '' || people.length >= MOST_PEOPLE) return false;
  setHousehold({ people: [...people, name] });
  return true;
}

/** Somebody less; what was said of them stays in the notebook. */
export function removePerson(name: string): void {
  const { household, setHousehold } = useKitchen.getState();
  setHousehold({ people: (household.people ?? NOBODY).filter((p) => p !== name) });
  if (useMe.getState().name === name) useMe.setState({ name: null });
}
