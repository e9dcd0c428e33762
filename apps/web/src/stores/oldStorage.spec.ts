import { beforeEach, describe, expect, it, jest } from '@jest/globals';
import { runFromTaps } from '@hammock/core';
import old from '../testing/oldStorage.json';
import { eventsOf } from './cooks/cookRecord.js';
import { network } from '../testing/household.js';

/** The stores as a browser opens them that was last used before rows had revisions. */
async function opened() {
  const modules = async () => ({
    kitchen: await import('./kitchen/kitchen.js'),
    draft: await import('./plan/draft.js'),
    cooks: await import('./cooks/cooks.js'),
    outbox: await import('./session/pendingWrites.js'),
    device: await import('../storage/deviceStorage.js'),
  });
  let loaded: Awaited<ReturnType<typeof modules>> | undefined;
  await jest.isolateModulesAsync(async () => {
    loaded = await modules();
  });
  return loaded!;
}

beforeEach(() => {
  localStorage.clear();
  for (const [name, kept] of Object.entries(old)) localStorage.setItem(name, JSON.stringify(kept));
});

describe('what this browser kept before rows had revisions', () => {
  it('is all there: kitchen, plan, the pot on the stove, and what had not been sent', async () => {
    network(() => 'gone');
    const { kitchen, draft, cooks, outbox, device } = await opened();
    const was = old['hammock.kitchen'].state;
    const now = kitchen.useKitchen.getState();
    expect(now.state).toBe('remembered');
    for (const kind of ['bags', 'vessels', 'hobs', 'cups', 'dishes'] as const)
      expect(now[kind].map((thing) => thing.label)).toEqual(was[kind].map((thing) => thing.label));
    expect(draft.useDraft.getState().draft).toMatchObject({
      planId: old['hammock.draft'].state.draft.planId,
      spec: old['hammock.draft'].state.draft.spec,
    });
    const { active } = cooks.useCooks.getState();
    expect(active?.id).toBe(old['hammock.cooks'].state.active.id);
    // Start, done, done, undo, and one more done that never reached the server.
    expect(runFromTaps(active!.answer.stages, eventsOf(active!)).current).toBe(2);
    await outbox.openOutbox();
    expect(outbox.useOutbox.getState().writes.map((l) => [l.method, l.timed ?? false])).toEqual([
      ['PUT', true],
      ['DELETE', false],
    ]);
    expect(localStorage.getItem('hammock.outbox')).toBeNull();
    expect(device.deviceState.getState().broken).toEqual([]);
    outbox.emptyOutbox();
  });

  it.each(Object.keys(old))('%s damaged takes nothing else with it', async (name) => {
    network(() => 'gone');
    localStorage.setItem(name, '{"state":{"draft":7,"active":"x","household":null}}');
    const { kitchen, draft, cooks, outbox } = await opened();
    await outbox.openOutbox();
    const there = {
      'hammock.kitchen': kitchen.useKitchen.getState().bags.length > 0,
      'hammock.draft': draft.useDraft.getState().draft !== null,
      'hammock.cooks': cooks.useCooks.getState().active !== null,
      'hammock.outbox': outbox.useOutbox.getState().writes.length > 0,
    };
    expect(there).toEqual(Object.fromEntries(Object.keys(there).map((other) => [other, other !== name])));
    outbox.emptyOutbox();
  });
});
