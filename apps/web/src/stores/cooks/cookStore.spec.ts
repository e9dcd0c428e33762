import { describe, expect, it } from '@jest/globals';
import { answer, type PlanInput } from '@hammock/core';
import { createStore } from 'zustand';
import type { Draft } from '../plan/draftOf.js';
import type { Write } from '../../sync/pendingWrite.js';
import { cookStore, type CookStore, type StoveSeams } from './cookStore.js';
import { useCooks } from './cooks.js';

const INPUT: PlanInput = {
  grainId: 'basmati',
  grain: { g: 300 },
  vessel: { diameterCm: 24, volumeMl: 5000, lid: 'tight' },
};
const DRAFT: Draft = {
  planId: 'plan',
  dishId: null,
  label: 'Pilaf',
  spec: { grainId: 'basmati', grain: { g: 300 }, portions: 4 },
  bagId: null,
  vesselId: null,
  hobId: null,
};

/** A stove of its own, on a clock that is turned by hand. */
function ownStove() {
  const clock = { ms: 1000 };
  const sent: Write[] = [];
  let ids = 0;
  const seams: StoveSeams = {
    nowMs: () => clock.ms,
    newId: () => `id-${(ids += 1).toString()}`,
    outbox: () => ({ send: (write) => sent.push(write), waits: () => false, noteReachable: () => undefined }),
    ask: () => Promise.resolve({ kind: 'gone' }),
    answer,
    learn: () => Promise.resolve(),
    isGuest: () => false,
  };
  return { clock, sent, store: createStore<CookStore>()(cookStore(seams)) };
}

describe('a stove of its own', () => {
  it('begins a pot and taps it by its own clock, and leaves the household’s alone', () => {
    const { clock, sent, store } = ownStove();
    expect(store.getState().begin(DRAFT, INPUT)).toBe(true);
    const [first] = store.getState().active?.answer.stages ?? [];
    clock.ms = 61_000;
    store.getState().tap('start', first?.id ?? '');
    expect(store.getState().active?.events).toEqual([
      { id: 'id-1', kind: 'start', stageId: first?.id, atMs: 61_000 },
    ]);
    expect(sent).toHaveLength(2);
    expect(useCooks.getState().active).toBeNull();
  });
});
