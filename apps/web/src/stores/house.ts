import { create } from 'zustand';
import { ask, onShutOut, onStartTrouble, type StartTrouble } from '../api/http.js';

/** What a device is to the house: the machine Hammock runs on, a cook's, a guest's, or nobody's. */
export type HouseRole = 'here' | 'cook' | 'guest' | 'none';

export interface HouseStore {
  readonly role: HouseRole;
  /** Whether devices of the house can be let in. */
  readonly isOpen: boolean;
  /** What keeps the server from starting. */
  readonly trouble: StartTrouble | null;
}

/** What this device is to the house; the machine itself until something else is heard. */
export const useHouse = create<HouseStore>(() => ({ role: 'here', isOpen: false, trouble: null }));

/** Asks what this device is. What the server does not say stays. */
export async function loadHouse(): Promise<void> {
  const reply = await ask('GET', '/api/devices/me');
  if (reply.kind === 'stored') useHouse.setState(reply.body as Pick<HouseStore, 'role' | 'isOpen'>);
}

onShutOut(() => {
  if (useHouse.getState().role !== 'none') useHouse.setState({ role: 'none', isOpen: true });
});

onStartTrouble((trouble) => {
  if (trouble?.code !== useHouse.getState().trouble?.code) useHouse.setState({ trouble });
});

/** Lets this device in by a code; the reason in a sentence where it is not. */
export async function joinHouse(code: string, name: string): Promise<string | undefined> {
  const reply = await ask('POST', '/api/devices/join', { code: code.trim(), name: name.trim() });
  if (reply.kind === 'stored') {
    await loadHouse();
    return undefined;
  }
  if (reply.kind === 'refused')
    return 'That code is not right, or was used. Ask for a new one where Hammock runs.';
  if (reply.kind === 'busy') return 'There were too many wrong codes: wait an hour.';
  return 'Hammock does not answer: is the machine it runs on on?';
}
