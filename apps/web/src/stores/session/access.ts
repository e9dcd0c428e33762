import { create } from 'zustand';
import { keepText, readText } from '../../storage/deviceStorage.js';
import { ask, onShutOut, onStartTrouble, type StartTrouble } from '../../api/http.js';

/** What a device is to the house: the machine Hammock runs on, a cook's, a guest's, or nobody's. */
export type AccessRole = 'here' | 'cook' | 'guest' | 'none';

export interface AccessStore {
  readonly role: AccessRole;
  /** Whether devices of the house can be let in. */
  readonly isOpen: boolean;
  /** What keeps the server from starting. */
  readonly trouble: StartTrouble | null;
  /** When the server fell and was started again while this page was open, ms since the epoch; null once that was read. */
  readonly fellAtMs: number | null;
}

/** What this device is to the house; the machine itself until something else is heard. */
export const useAccess = create<AccessStore>(() => ({
  role: 'here',
  isOpen: false,
  trouble: null,
  fellAtMs: null,
}));

/** Says on this device that it was let in once: when it is let go, it forgets what it remembers of the household. */
const WAS_IN = 'hammock.wasIn';
export const wasLetIn = (): boolean => readText(WAS_IN) !== undefined;

/** Asks what this device is. What the server does not say stays. */
export function loadAccess(): Promise<void> {
  asked = ask('GET', '/api/devices/me').then((reply) => {
    if (reply.kind !== 'stored') {
      // Nobody answered: the next one to need it asks again.
      asked = undefined;
      return;
    }
    const found = reply.body as Pick<AccessStore, 'role' | 'isOpen'>;
    if (found.role === 'cook' || found.role === 'guest') keepText(WAS_IN, found.role);
    useAccess.setState(found);
  });
  return asked;
}
let asked: Promise<void> | undefined;

/** What this device is, once that was asked. */
export async function accessRole(): Promise<AccessRole> {
  await (asked ?? loadAccess());
  return useAccess.getState().role;
}

let knownFall: number | undefined;
/** Asks a server that was away whether it fell, and says so once. */
export async function hearFall(): Promise<void> {
  const reply = await ask('GET', '/api/health');
  const { fellAtMs } = (reply.kind === 'stored' ? reply.body : {}) as { readonly fellAtMs?: number };
  if (fellAtMs === undefined || fellAtMs === knownFall) return;
  knownFall = fellAtMs;
  useAccess.setState({ fellAtMs });
}

onShutOut(() => {
  if (useAccess.getState().role !== 'none') useAccess.setState({ role: 'none', isOpen: true });
});

onStartTrouble((trouble) => {
  if (trouble?.code !== useAccess.getState().trouble?.code) useAccess.setState({ trouble });
});

/** Lets this device in by a code; the reason in a sentence where it is not. */
export async function joinHousehold(code: string, name: string): Promise<string | undefined> {
  const reply = await ask('POST', '/api/devices/join', { code: code.trim(), name: name.trim() });
  if (reply.kind === 'stored') {
    await loadAccess();
    return undefined;
  }
  if (reply.kind === 'refused')
    return 'That code is not right, or was used. Ask for a new one where Hammock runs.';
  if (reply.kind === 'busy')
    return 'There were too many wrong codes from here: ask for a new one where Hammock runs.';
  return 'Hammock does not answer: is the machine it runs on on?';
}
