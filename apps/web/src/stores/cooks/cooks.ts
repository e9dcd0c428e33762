import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { ask } from '../../api/http.js';
import { newId } from '../../storage/newId.js';
import { onDevice } from '../../storage/deviceStorage.js';
import { learnHere } from '../kitchen/learnt.js';
import { coreNow } from '../plan/core.js';
import { useAccess } from '../session/access.js';
import { useOutbox } from '../session/pendingWrites.js';
import { nowMs } from '../session/time.js';
import { cookStore, type CookStore, type StoveSeams } from './cookStore.js';
import { COOKS_SHAPE, cooksWithRevisions } from './cooksKept.js';

type KeptCooks = Pick<CookStore, 'active' | 'others' | 'givenUp' | 'recent'>;

/** The household's own stove. */
const HOUSEHOLD: StoveSeams = {
  nowMs,
  newId,
  ask,
  outbox: () => useOutbox.getState(),
  answer: (input) => coreNow()?.answer(input),
  learn: learnHere,
  isGuest: () => useAccess.getState().role === 'guest',
};

/** Cooks of the household: in the browser's storage, and on their way to the server. */
export const useCooks = create<CookStore>()(
  persist(
    cookStore(HOUSEHOLD),
    onDevice<CookStore, KeptCooks>({
      name: 'hammock.cooks',
      lasts: true,
      version: 1,
      shape: COOKS_SHAPE,
      steps: [cooksWithRevisions],
      keeps: ({ active, others, givenUp, recent }: CookStore) => ({
        active,
        others,
        givenUp,
        recent: recent?.slice(0, 30),
      }),
    }),
  ),
);
