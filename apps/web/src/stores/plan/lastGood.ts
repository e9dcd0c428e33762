import type { PlanInput } from '@hammock/core';
import { looseObject, nullable, object, string } from 'valibot';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { onDevice } from '../../storage/deviceStorage.js';

interface LastGood {
  /** The plan being worked on, as it was when it could last be answered. */
  readonly good: { readonly planId: string; readonly input: PlanInput } | null;
}

/** What every screen goes on with while something in the plan cannot be read, after a reload too. */
export const useLastGood = create<LastGood>()(
  persist((): LastGood => ({ good: null }), {
    ...onDevice<LastGood, LastGood>({
      name: 'hammock.good',
      version: 1,
      shape: object({ good: nullable(object({ planId: string(), input: looseObject({}) })) }),
      steps: [],
      keeps: ({ good }: LastGood) => ({ good }),
    }),
  }),
);
