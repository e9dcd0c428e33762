import { createStore } from 'zustand/vanilla';

interface InstallPrompt extends Event {
  readonly prompt: () => Promise<unknown>;
}

/** Asks the browser to put Hammock beside its other programs; null where it does not offer that. */
export const installing = createStore<{ readonly ask: (() => void) | null }>()(() => ({ ask: null }));

/** Takes up what the browser offers, to be asked at a place of our own and never in the middle of a pot. */
export function hearInstall(): void {
  addEventListener('beforeinstallprompt', (event) => {
    event.preventDefault();
    installing.setState({
      ask: () => {
        void (event as InstallPrompt).prompt();
        installing.setState({ ask: null });
      },
    });
  });
  addEventListener('appinstalled', () => installing.setState({ ask: null }));
}

/** Asks the browser not to clear what is kept here by itself. */
export async function askToPersist(): Promise<boolean> {
  try {
    return await navigator.storage.persist();
  } catch {
    return false;
  }
}
