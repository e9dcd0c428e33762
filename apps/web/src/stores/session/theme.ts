import { object, picklist } from 'valibot';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { onDevice } from '../../storage/deviceStorage.js';

const CHOICES = ['system', 'light', 'dark'] as const;
type ThemeChoice = (typeof CHOICES)[number];

interface ThemeStore {
  readonly choice: ThemeChoice;
  readonly choose: (choice: ThemeChoice) => void;
}

/** Light, dark, or what the device says. */
export const useTheme = create<ThemeStore>()(
  persist(
    (set) => ({ choice: 'system', choose: (choice) => set({ choice }) }),
    onDevice<ThemeStore, Pick<ThemeStore, 'choice'>>({
      name: 'hammock.theme',
      version: 1,
      shape: object({ choice: picklist(CHOICES) }),
      steps: [(kept) => kept],
      keeps: ({ choice }: ThemeStore) => ({ choice }),
    }),
  ),
);

/** Puts the chosen theme on the page and follows the device when that was chosen. Returns how to stop. */
export function applyTheme(): () => void {
  const device = matchMedia('(prefers-color-scheme: dark)');
  const apply = (): void => {
    const { choice } = useTheme.getState();
    const dark = choice === 'dark' || (choice === 'system' && device.matches);
    document.documentElement.dataset['theme'] = dark ? 'dark' : 'light';
  };
  apply();
  device.addEventListener('change', apply);
  const unsubscribe = useTheme.subscribe(apply);
  return () => {
    device.removeEventListener('change', apply);
    unsubscribe();
  };
}
