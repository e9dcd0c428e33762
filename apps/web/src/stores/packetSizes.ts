import type { PacketSizes } from '@hammock/core';
import { number, object, record, string } from 'valibot';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { onDevice } from '../keeping/deviceStorage.js';

interface PacketStore {
  readonly sizes: PacketSizes;
  /** What one jar, packet or tube of a thing holds, g. */
  readonly remember: (id: string, packet: string, g: number) => void;
}

/** What jars and packets hold: asked once, and remembered by this device. */
export const usePacketSizes = create<PacketStore>()(
  persist(
    (set) => ({
      sizes: {},
      remember: (id, packet, g) =>
        set(({ sizes }) => ({ sizes: { ...sizes, [id]: { ...sizes[id], [packet]: g } } })),
    }),
    onDevice<PacketStore, Pick<PacketStore, 'sizes'>>({
      name: 'hammock.packets',
      version: 1,
      shape: object({ sizes: record(string(), record(string(), number())) }),
      steps: [(kept) => kept],
      keeps: ({ sizes }: PacketStore) => ({ sizes }),
    }),
  ),
);
