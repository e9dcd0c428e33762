import { create } from 'zustand';
import { persist } from 'zustand/middleware';

export type ThemeChoice = 'system' | 'light' | 'dark';

interface ThemeStore {
  readonly choice: ThemeChoice;
  readonly choose: (choice: ThemeChoice) => void;
}

/** Light, dark, or what the device says. */
export const useTheme = create<ThemeStore>()(
  persist((set) => ({ choice: 'system', choose: (choice) => set({ choice }) }), { name: 'hammock.theme' }),
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
