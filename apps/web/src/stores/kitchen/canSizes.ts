import type { CanSizes } from '@hammock/core';
import type { CanSize } from '@hammock/core/records';
import { useMemo } from 'react';
import { number, object, record, string } from 'valibot';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { onDevice } from '../../storage/deviceStorage.js';
import { useKitchen } from './kitchen.js';

/** What jars held as long as each device remembered it for itself: read, and no longer written. */
const useOldSizes = create<{ readonly sizes: CanSizes }>()(
  persist(
    (): { readonly sizes: CanSizes } => ({ sizes: {} }),
    onDevice<{ readonly sizes: CanSizes }, { readonly sizes: CanSizes }>({
      name: 'hammock.packets',
      version: 1,
      shape: object({ sizes: record(string(), record(string(), number())) }),
      steps: [(kept) => kept],
      keeps: ({ sizes }) => ({ sizes }),
    }),
  ),
);

const withSize = (sizes: CanSizes, { ingredientId, packet, g }: CanSize): CanSizes => ({
  ...sizes,
  [ingredientId]: { ...sizes[ingredientId], [packet]: g },
});

/** What the household's jars, tins and packets hold, as the reader of lines wants it. */
export function useCanSizes(): CanSizes {
  const old = useOldSizes((s) => s.sizes);
  const packets = useKitchen((s) => s.household.packets);
  return useMemo(() => (packets ?? []).reduce(withSize, old), [old, packets]);
}

/** Asked once, remembered for every device of the household. */
export function rememberCanSize(ingredientId: string, packet: string, g: number): void {
  const { household, setHousehold } = useKitchen.getState();
  const others = (household.packets ?? []).filter(
    (p) => p.ingredientId !== ingredientId || p.packet !== packet,
  );
  setHousehold({ packets: [...others, { ingredientId, packet, g }] });
}

/** It is asked anew the next time it is named. */
export function forgetCanSize(size: CanSize): void {
  const { household, setHousehold } = useKitchen.getState();
  setHousehold({
    packets: (household.packets ?? []).filter(
      (p) => p.ingredientId !== size.ingredientId || p.packet !== size.packet,
    ),
  });
}
