import { number, object } from 'valibot';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { deviceNowMs } from '../../storage/deviceClock.js';
import { onDevice } from '../../storage/deviceStorage.js';

interface TimeStore {
  /** What this device's clock is behind the server's, ms; 0 until it was measured. */
  readonly offsetMs: number;
  readonly hear: (heard: {
    readonly sentMs: number;
    readonly backMs: number;
    readonly serverMs: number;
  }) => void;
}

/** A clock that differs by less than a reply takes is as right as can be told, ms. */
const AS_GOOD_MS = 250;

/**
 * The one clock all devices of a household count by: the server's. A phone that is ten minutes slow would show a pot
 * started elsewhere as ten minutes further than it is; its own clock is good for durations only.
 */
export const useTime = create<TimeStore>()(
  persist(
    (set, get) => ({
      offsetMs: 0,
      hear: ({ sentMs, backMs, serverMs }) => {
        const offsetMs = Math.round(serverMs - (sentMs + backMs) / 2);
        const doubt = Math.max(AS_GOOD_MS, backMs - sentMs);
        // A jitter of the network must not make every clock on the screen jump.
        if (Math.abs(offsetMs - get().offsetMs) > doubt) set({ offsetMs });
      },
    }),
    onDevice<TimeStore, { offsetMs: number }>({
      name: 'hammock.time',
      version: 1,
      shape: object({ offsetMs: number() }),
      steps: [],
      keeps: ({ offsetMs }: TimeStore) => ({ offsetMs }),
    }),
  ),
);

/** Now by the household's clock, ms since the epoch. */
export const nowMs = (): number => deviceNowMs() + useTime.getState().offsetMs;

/** A time of the household's clock as this device's own clock shows it: for its alarm. */
export const onThisDevice = (atMs: number): number => atMs - useTime.getState().offsetMs;
