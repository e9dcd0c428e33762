import { jest } from '@jest/globals';
import { inOrder, type Tap } from '@hammock/core';
import type { BagFields, CookRecord, HouseholdFields } from '@hammock/core/records';
import type { Method, Reply } from '../../apps/web/src/api/http.js';

/** How the wires of one device are. */
type Wires = 'fine' | 'gone' | '500' | 'replyLost' | 'twice' | 'echo';

/** One thing that reached the server, as it was answered, whether or not the device ever heard the answer. */
export interface Reached {
  readonly method: string;
  readonly path: string;
  readonly status: number;
  readonly standsOn: number | undefined;
  readonly revision: number | undefined;
}

export interface Network {
  readonly set: (wires: Wires) => void;
  readonly log: Reached[];
  /** What was held up on the way arrives once more, long after. */
  readonly echo: () => Promise<void>;
}

/** The stores of the web program, as one device has them, with a clock and wires of its own. */
export type Device = Awaited<ReturnType<typeof boot>>;

/** Loads the stores anew, so that this device shares nothing with any other. */
export async function boot(url: () => string, clockOffMs: number, log: Reached[]) {
  let wires: Wires = 'fine';
  const echoes: (() => Promise<Reply>)[] = [];
  // Devices, not tabs: they hear of each other by the server alone.
  Object.assign(globalThis, { BroadcastChannel: undefined });

  const reach = async (method: Method, path: string, body: unknown, epoch?: string): Promise<Reply> => {
    const response = await unhurried(() =>
      fetch(`${url()}${path}`, {
        method,
        ...(body === undefined ? {} : { body: JSON.stringify(body) }),
        headers: {
          ...(body === undefined ? {} : { 'content-type': 'application/json' }),
          ...(epoch === undefined ? {} : { 'x-hammock-epoch': epoch }),
        },
      }),
    );
    const text = await response.text();
    const said = (text === '' ? {} : JSON.parse(text)) as Record<string, unknown>;
    const { pathname, searchParams } = new URL(path, url());
    const stands = searchParams.get('standsOn');
    log.push({
      method,
      path: pathname,
      status: response.status,
      standsOn: stands === null ? undefined : Number(stands),
      revision: typeof said['revision'] === 'number' ? said['revision'] : undefined,
    });
    if (response.ok) return { kind: 'stored', body: said };
    if (response.status === 409 && said['type'] === 'urn:hammock:problem:epoch') return { kind: 'ofBefore' };
    if (response.status === 409 && said['type'] === 'urn:hammock:problem:clash')
      return { kind: 'clash', current: said['current'] };
    return { kind: 'refused', status: response.status, reasons: [text] };
  };

  const ask = async (method: Method, path: string, body?: unknown, epoch?: string): Promise<Reply> => {
    if (wires === 'gone') return { kind: 'gone' };
    if (wires === '500') return { kind: 'busy', status: 500, afterMs: undefined };
    const reply = await reach(method, path, body, epoch);
    if (wires === 'echo' && method !== 'GET') echoes.push(() => reach(method, path, body, epoch));
    if (wires === 'twice' && method !== 'GET')
      return await reach(method, path, body, epoch).then(() => reply);
    return wires === 'replyLost' ? { kind: 'gone' } : reply;
  };

  const stores = await load(ask, clockOffMs);
  const { kitchen, kitchenRows, cooks, cookRecord, outbox, draft, planInput, feed } = stores;
  const network: Network = {
    set: (next) => {
      wires = next;
    },
    log,
    echo: async () => {
      for (const again of echoes.splice(0).reverse()) await again();
    },
  };
  // A plan that was changed is sent a moment later: until then there is something to do.
  const idle = (): boolean =>
    !draft.useDraft.getState().unsent &&
    outbox.useOutbox.getState().writes.every((l) => l.state.kind === 'refused');
  return {
    network,
    bag: (id: string): BagFields | undefined => {
      const found = kitchen.useKitchen.getState().bags.find((b) => b.id === id);
      return found && kitchenRows.fieldsOf(found);
    },
    household: () => kitchen.useKitchen.getState().household,
    keep: (id: string, fields: BagFields) => {
      kitchen.useKitchen.getState().keep('bags', id, fields);
    },
    remove: (id: string) => {
      kitchen.useKitchen.getState().remove('bags', id);
    },
    setHousehold: (change: Partial<HouseholdFields>) => {
      kitchen.useKitchen.getState().setHousehold(change);
    },
    setPortions: (portions: number) => {
      draft.useDraft.getState().setPortions(portions);
      draft.sendDraftNow();
    },
    begin: () => {
      const { draft: plan } = draft.useDraft.getState();
      if (!plan || cooks.useCooks.getState().active) return;
      cooks.useCooks.getState().begin(plan, planInput.planInputOf(plan, kitchen.useKitchen.getState()));
    },
    tap: (kind: Tap['kind'], minutes?: number) => {
      const { active } = cooks.useCooks.getState();
      const [stage] = active?.answer.stages ?? [];
      if (stage)
        cooks.useCooks.getState().tap(kind, stage.id, minutes === undefined ? undefined : { minutes });
    },
    setPoured: (ml: number) => {
      const { active } = cooks.useCooks.getState();
      if (active) cooks.useCooks.getState().setPoured(active.id, ml);
    },
    active: (): CookRecord | null => cooks.useCooks.getState().active,
    events: (): Tap[] => {
      const { active } = cooks.useCooks.getState();
      return active ? cookRecord.eventsOf(active) : [];
    },
    eventsOf: cookRecord.eventsOf,
    plan: () => {
      const { draft: plan } = draft.useDraft.getState();
      return plan && { id: plan.planId, portions: plan.spec.portions };
    },
    orderOf: (cook: CookRecord): string[] => inOrder(cookRecord.eventsOf(cook)).map((e) => e.id),
    carry: () => outbox.useOutbox.getState().sync(),
    hear: async () => {
      await feed.hearChanges();
    },
    comeBack: () => {
      outbox.useOutbox.getState().noteReachable(false);
      outbox.useOutbox.getState().noteReachable(true);
    },
    settleAsked: async (whose: 'mine' | 'theirs') => {
      for (const write of outbox.useOutbox.getState().writes)
        if (write.state.kind === 'asked') await outbox.useOutbox.getState().choose(write.id, whose);
    },
    isIdle: idle,
    waiting: () => outbox.useOutbox.getState().writes,
    beginAnew: () => {
      wires = 'fine';
      cooks.useCooks.setState({ active: null, recent: undefined });
    },
    forget: () => {
      outbox.emptyOutbox();
    },
  };
}

/** Three devices tried as fast as they can are too many requests for a household: then it waits a little. */
export async function unhurried(send: () => Promise<Response>): Promise<Response> {
  for (let tries = 0; ; tries += 1) {
    const response = await send();
    if (response.status !== 429 || tries > 60) return response;
    await new Promise((later) => setTimeout(later, 250));
  }
}

async function load(
  ask: (method: Method, path: string, body?: unknown) => Promise<Reply>,
  clockOffMs: number,
) {
  let loaded: Awaited<ReturnType<typeof modules>> | undefined;
  await jest.isolateModulesAsync(async () => {
    jest.doMock('../../apps/web/src/api/http.js', () => ({
      ask,
      onShutOut: () => undefined,
      onStartTrouble: () => undefined,
    }));
    jest.doMock('../../apps/web/src/storage/deviceClock.js', () => ({
      deviceNowMs: () => Date.now() + clockOffMs,
    }));
    loaded = await modules();
  });
  if (!loaded) throw new Error('the stores were not loaded');
  return loaded;
}

const modules = async () => ({
  kitchen: await import('../../apps/web/src/stores/kitchen/kitchen.js'),
  cooks: await import('../../apps/web/src/stores/cooks/cooks.js'),
  cookRecord: await import('../../apps/web/src/stores/cooks/cookRecord.js'),
  kitchenRows: await import('../../apps/web/src/stores/kitchen/kitchenRows.js'),
  planInput: await import('../../apps/web/src/stores/plan/learntPlan.js'),
  draft: await import('../../apps/web/src/stores/plan/draft.js'),
  outbox: await import('../../apps/web/src/stores/session/pendingWrites.js'),
  feed: await import('../../apps/web/src/stores/feed/feed.js'),
});
