import type { Measure } from '@hammock/core';
import { nullable, object, picklist } from 'valibot';
import { useMemo } from 'react';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { onDevice } from '../../storage/deviceStorage.js';
import { measuresOf } from './kitchenRows.js';
import { useKitchen } from './kitchen.js';

/** What a pour is told in first. */
export const POUR_UNITS = ['cups', 'ml', 'g'] as const;
export type PourUnit = (typeof POUR_UNITS)[number];

interface Units {
  /** What was chosen on this device; null leaves it to the household. */
  readonly unit: PourUnit | null;
}

export const useUnits = create<Units>()(
  persist((): Units => ({ unit: null }), {
    ...onDevice<Units, Units>({
      name: 'hammock.units',
      version: 1,
      shape: object({ unit: nullable(picklist(POUR_UNITS)) }),
      steps: [],
      keeps: ({ unit }: Units) => ({ unit }),
    }),
  }),
);

/** What this device tells pours in: its own choice, or the household's. */
export function useUnit(): PourUnit {
  const chosen = useUnits((s) => s.unit);
  const metric = useKitchen((s) => s.household.metric);
  return chosen ?? (metric ? 'ml' : 'cups');
}

export const useMetric = (): boolean => useUnit() !== 'cups';

/** What is measured with: of several cups the one that is meant. */
export function useMeasures(cupId?: string | null): readonly Measure[] {
  const cups = useKitchen((s) => s.cups);
  return useMemo(() => measuresOf(cups, cupId), [cups, cupId]);
}
