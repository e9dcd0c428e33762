import { array, object, record, string } from 'valibot';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { onDevice } from '../../storage/deviceStorage.js';

interface Recent {
  /** What was picked last from each list, by the list's name; the last one first. */
  readonly picked: Readonly<Record<string, readonly string[]>>;
}

const MOST = 6;

/** What this device picked lately: it stands on top of its list. */
export const useRecent = create<Recent>()(
  persist((): Recent => ({ picked: {} }), {
    ...onDevice<Recent, Recent>({
      name: 'hammock.recent',
      version: 1,
      shape: object({ picked: record(string(), array(string())) }),
      steps: [],
      keeps: ({ picked }: Recent) => ({ picked }),
    }),
  }),
);

/** Notes that a value was picked from a list. */
export const notePicked = (list: string, value: string): void => {
  useRecent.setState(({ picked }) => ({
    picked: { ...picked, [list]: [value, ...(picked[list] ?? []).filter((v) => v !== value)].slice(0, MOST) },
  }));
};
