import { beforeEach, describe, expect, it } from '@jest/globals';
import type { Reply } from '../api/http.js';
import type { Write } from './pendingWrite.js';
import { memoryWriteStore, type WriteStore } from './writeStore.js';
import { Outbox } from './outbox.js';
import type { OutboxParts, OutboxView } from './outboxParts.js';

const stores = (): Reply => ({ kind: 'stored', body: { revision: 7 } });

/** A outbox with everything around it at hand: the clock, the network, what is told. */
function office(over: Partial<OutboxParts> = {}) {
  const sent: { address: string; body: unknown; epoch?: string }[] = [];
  const heard: string[] = [];
  const timers: { work: () => void; ms: number }[] = [];
  const at = {
    nowMs: 1000,
    epoch: undefined as string | undefined,
    says: stores as (path: string, body: unknown) => Reply | Promise<Reply>,
  };
  let ids = 0;
  let view: OutboxView = { writes: [], reachable: true, kept: true };
  const outbox = new Outbox({
    store: memoryWriteStore(),
    ask: async (method, address, body, epoch) => {
      sent.push({ address: `${method} ${address}`, body, ...(epoch === undefined ? {} : { epoch }) });
      return await at.says(address, body);
    },
    epoch: () => at.epoch,
    nowMs: () => at.nowMs,
    newId: () => `id-${(ids += 1).toString()}`,
    random: () => 1,
    alone: (work) => work(),
    later: (work, ms) => {
      timers.push({ work, ms });
      return () => undefined;
    },
    heard: {
      stored: ({ key }) => heard.push(`stored ${key}`),
      merged: ({ key }, said) => heard.push(`merged ${key} ${JSON.stringify(said)}`),
      again: () => undefined,
    },
    show: (now) => (view = now),
    tell: () => undefined,
    ...over,
  });
  return {
    outbox,
    sent,
    heard,
    timers,
    at,
    view: () => view,
    states: () => view.writes.map((l) => l.state.kind),
  };
}
const soon = (): Promise<void> => new Promise((done) => setTimeout(done, 5));
const pot = (id: string, body: object = { label: id }, over: Partial<Write> = {}): Write => ({
  key: `kitchen/vessels/${id}`,
  thread: `kitchen/vessels/${id}`,
  label: id,
  method: 'PUT',
  path: `/api/vessels/${id}`,
  body: { ...body },
  stands: { revision: 3, base: { label: 'before' } },
  ...over,
});

describe('the outbox', () => {
  let o: ReturnType<typeof office>;
  beforeEach(() => {
    o = office();
  });

  it('sends in order, says what each stood on and how long ago it was, and forgets what the server has', async () => {
    o.at.says = () => ({ kind: 'gone' });
    o.outbox.send(pot('a'));
    o.outbox.send(pot('b', {}, { stands: { revision: undefined, base: undefined }, timed: true }));
    await soon();
    expect(o.states()).toEqual(['waiting', 'waiting']);
    o.at.nowMs += 90_000;
    o.at.says = () => ({ kind: 'stored', body: { revision: 7 } });
    await o.outbox.sync();
    expect(o.sent.slice(1).map((s) => s.address)).toEqual([
      'PUT /api/vessels/a?standsOn=3',
      'PUT /api/vessels/b?agoMs=90000',
    ]);
    expect(o.view()).toMatchObject({ writes: [], reachable: true });
    expect(o.heard).toEqual(['stored kitchen/vessels/a', 'stored kitchen/vessels/b']);
  });

  it('keeps what one device says twice as one, standing on what the server still has', async () => {
    o.at.says = () => ({ kind: 'gone' });
    for (const label of ['b', 'bl', 'blu']) o.outbox.send(pot('a', { label }));
    await soon();
    expect(o.view().writes.map((l) => l.body)).toEqual([{ label: 'blu' }]);
    expect(o.view().writes[0]?.stands).toEqual({ revision: 3, base: { label: 'before' } });
  });

  it.each([500, 503, 507, 429])(
    'keeps everything at a %p, waits longer each time, and lets other things past',
    async (status) => {
      o.at.says = (path) =>
        path.includes('/bad') ? { kind: 'busy', status, afterMs: undefined } : { kind: 'stored', body: {} };
      o.outbox.send(pot('bad'));
      o.outbox.send(pot('good'));
      await soon();
      expect(o.view().writes.map((l) => [l.label, l.busy])).toEqual([['bad', status]]);
      const waits: number[] = [];
      for (let i = 0; i < 9; i += 1) {
        const [write] = o.view().writes;
        waits.push((write?.notBeforeMs ?? 0) - o.at.nowMs);
        o.at.nowMs = write?.notBeforeMs ?? 0;
        await o.outbox.sync();
      }
      expect(waits).toEqual([1000, 2000, 4000, 8000, 16_000, 32_000, 60_000, 60_000, 60_000]);
      o.at.says = () => ({ kind: 'stored', body: {} });
      o.at.nowMs += 60_000;
      await o.outbox.sync();
      expect(o.view().writes).toEqual([]);
    },
  );

  it('does not send a tap before the pot it belongs to', async () => {
    o.at.says = (path) =>
      path === '/api/cooks/1'
        ? { kind: 'busy', status: 500, afterMs: undefined }
        : { kind: 'stored', body: {} };
    const cook = { thread: 'cook/1', label: 'Pilaf', method: 'PUT' as const };
    o.outbox.send({ ...cook, key: 'cook/1', path: '/api/cooks/1' });
    o.outbox.send({ ...cook, key: 'tap/2', path: '/api/cooks/1/events/2' });
    o.outbox.send({ ...cook, key: 'plan/1', thread: 'plan/1', after: ['cook/1'], path: '/api/plans/1' });
    await soon();
    expect(o.sent.map((s) => s.address)).toEqual(['PUT /api/cooks/1']);
  });

  it('begins a pot again that the server does not know, then taps at it', async () => {
    let known = false;
    const cook = {
      key: 'cook/1',
      thread: 'cook/1',
      label: 'Pilaf',
      method: 'PUT' as const,
      path: '/api/cooks/1',
    };
    o = office({ heard: { stored: () => undefined, merged: () => undefined, again: () => cook } });
    o.at.says = (path) => {
      if (path === '/api/cooks/1') known = true;
      return known
        ? { kind: 'stored', body: {} }
        : { kind: 'refused', status: 404, reasons: ['No such cook'] };
    };
    o.outbox.send({ ...cook, key: 'tap/2', path: '/api/cooks/1/events/2' });
    await soon();
    expect(o.sent.map((s) => s.address)).toEqual([
      'PUT /api/cooks/1/events/2',
      'PUT /api/cooks/1',
      'PUT /api/cooks/1/events/2',
    ]);
    expect(o.view().writes).toEqual([]);
  });

  it('keeps what is refused until it is read, and can try it again', async () => {
    o.at.says = () => ({ kind: 'refused', status: 422, reasons: ['label: This is needed.'] });
    o.outbox.send(pot('a'));
    await soon();
    expect(o.view().writes[0]?.state).toEqual({ kind: 'refused', reasons: ['label: This is needed.'] });
    await o.outbox.sync();
    expect(o.sent).toHaveLength(1);
    await o.outbox.tryAgain(o.view().writes[0]!.id);
    expect(o.sent).toHaveLength(2);
    await o.outbox.dismiss(o.view().writes[0]!.id);
    expect(o.view().writes).toEqual([]);
  });

  it('merges what was changed elsewhere in another field, and sends it standing on that', async () => {
    o.at.says = (path) =>
      path.endsWith('standsOn=3')
        ? {
            kind: 'clash',
            current: { id: 'a', revision: 5, deletedAtMs: null, label: 'before', note: 'theirs' },
          }
        : { kind: 'stored', body: { revision: 6 } };
    o.outbox.send(
      pot('a', { label: 'mine', note: '' }, { stands: { revision: 3, base: { label: 'before', note: '' } } }),
    );
    await soon();
    expect(o.sent.at(-1)).toEqual({
      address: 'PUT /api/vessels/a?standsOn=5',
      body: { label: 'mine', note: 'theirs' },
    });
    expect(o.view().writes).toEqual([]);
    expect(o.heard).toContain('merged kitchen/vessels/a {"label":"mine","note":"theirs"}');
  });

  const clash = (over: object = {}): Reply => ({
    kind: 'clash',
    current: { id: 'a', revision: 5, deletedAtMs: null, label: 'theirs', ...over },
  });

  it('asks where both changed one field, goes on with everything else, and does as it is told', async () => {
    o.at.says = (path) => (path.endsWith('standsOn=3') ? clash() : { kind: 'stored', body: { revision: 6 } });
    o.outbox.send(pot('a', { label: 'mine' }));
    o.outbox.send(pot('b', { label: 'b' }, { stands: { revision: 4, base: undefined } }));
    await soon();
    expect(o.view().writes.map((l) => l.state)).toEqual([
      { kind: 'asked', current: expect.objectContaining({ label: 'theirs' }), clashes: ['label'] },
    ]);
    await o.outbox.choose(o.view().writes[0]!.id, 'mine');
    expect(o.sent.at(-1)).toEqual({ address: 'PUT /api/vessels/a?standsOn=5', body: { label: 'mine' } });

    o.outbox.send(pot('a', { label: 'mine' }));
    await soon();
    const before = o.sent.length;
    await o.outbox.choose(o.view().writes[0]!.id, 'theirs');
    expect(o.sent).toHaveLength(before);
    expect(o.heard.at(-1)).toBe('merged kitchen/vessels/a {"label":"theirs"}');
  });

  it.each<[string, Partial<Write>, object, string]>([
    ['taken away elsewhere and changed here', {}, { deletedAtMs: 9 }, 'asked'],
    ['taken away here and changed elsewhere', { method: 'DELETE' }, {}, 'asked'],
  ])('asks about a thing %s', async (_what, over, row, state) => {
    o.at.says = () => clash(row);
    const { body, ...order } = pot('a', { label: 'mine' }, over);
    o.outbox.send(over.method === 'DELETE' ? order : { ...order, ...(body ? { body } : {}) });
    await soon();
    expect(o.states()).toEqual([state]);
  });

  it('takes its own earlier word for its own, not for somebody else’s', async () => {
    let arrived: (reply: Reply) => void = () => undefined;
    o.at.says = () => new Promise((done) => (arrived = done));
    o.outbox.send(pot('a', { label: 'ab' }));
    await soon();
    // Changed again while the first is on its way, and the reply to that is lost.
    o.outbox.send(pot('a', { label: 'abc' }));
    arrived({ kind: 'gone' });
    await soon();
    o.at.says = (path, body) => {
      const { label } = body as { label: string };
      if (path.endsWith('standsOn=3'))
        return { kind: 'clash', current: { revision: 4, deletedAtMs: null, label: 'ab' } };
      return { kind: 'stored', body: { revision: 5, label } };
    };
    await o.outbox.sync();
    await soon();
    expect(o.view().writes).toEqual([]);
    expect(o.sent.at(-1)).toEqual({ address: 'PUT /api/vessels/a?standsOn=4', body: { label: 'abc' } });
  });

  it('asks nobody about its own word, however many keys were pressed while that was on its way', async () => {
    let arrived: (reply: Reply) => void = () => undefined;
    o.at.says = () => new Promise((done) => (arrived = done));
    const typed = (text: string): void => o.outbox.send(pot('a', { label: text }));
    typed('w');
    await soon();
    const word = 'winch-house';
    for (let i = 2; i <= word.length; i += 1) typed(word.slice(0, i));
    await soon();
    let there = { revision: 7, label: 'w' };
    o.at.says = (path, body) => {
      if (!path.endsWith(`standsOn=${there.revision.toString()}`))
        return { kind: 'clash', current: { ...there, deletedAtMs: null } };
      there = { revision: there.revision + 1, label: (body as { label: string }).label };
      return { kind: 'stored', body: there };
    };
    arrived({ kind: 'stored', body: { revision: 7 } });
    await soon();
    expect(o.view().writes).toEqual([]);
    expect(there.label).toBe(word);
    // It stood on what was stored at once: nothing had to be settled.
    expect(o.sent.map((s) => s.address)).toEqual([
      'PUT /api/vessels/a?standsOn=3',
      'PUT /api/vessels/a?standsOn=7',
    ]);
  });

  it('knows its own word when the reply to it was lost, however many keys were pressed since', async () => {
    let arrived: (reply: Reply) => void = () => undefined;
    o.at.says = () => new Promise((done) => (arrived = done));
    o.outbox.send(pot('a', { label: 'w' }));
    await soon();
    const word = 'winch-house';
    for (let i = 2; i <= word.length; i += 1) o.outbox.send(pot('a', { label: word.slice(0, i) }));
    arrived({ kind: 'gone' });
    await soon();
    o.at.says = (path) =>
      path.endsWith('standsOn=3')
        ? { kind: 'clash', current: { revision: 4, deletedAtMs: null, label: 'w' } }
        : { kind: 'stored', body: { revision: 5 } };
    await o.outbox.sync();
    await soon();
    expect(o.view().writes).toEqual([]);
    expect(o.sent.at(-1)).toEqual({ address: 'PUT /api/vessels/a?standsOn=4', body: { label: word } });
  });

  it('knows its own word that was on its way in the middle of many, and is sent when the server is back', async () => {
    const typed = (text: string): void => o.outbox.send(pot('a', { label: text }));
    const word = 'winch-house under the ridge';
    let arrived: (reply: Reply) => void = () => undefined;
    for (let i = 1; i <= word.length; i += 1) {
      // Now and then it is tried: what is on its way then is not replaced, and comes back.
      const isTried = i === 8 || i === 15;
      o.at.says = () => (isTried ? new Promise((done) => (arrived = done)) : { kind: 'gone' });
      typed(word.slice(0, i));
      await soon();
      if (!isTried) continue;
      typed(`${word.slice(0, i)}_`);
      arrived({ kind: 'gone' });
      await soon();
    }
    expect(o.view().writes.length).toBeGreaterThan(1);
    let there = { revision: 3, label: 'before' };
    o.at.says = (path, body) => {
      if (!path.endsWith(`standsOn=${there.revision.toString()}`))
        return { kind: 'clash', current: { ...there, deletedAtMs: null } };
      there = { revision: there.revision + 1, label: (body as { label: string }).label };
      return { kind: 'stored', body: there };
    };
    await o.outbox.sync();
    await soon();
    expect(o.states()).toEqual([]);
    expect(there.label).toBe(word);
  });

  it('has what is said of a thing stand on its beginning, which went just before', async () => {
    const thread = 'cook/1';
    const order = { thread, label: 'Pot', path: '/api/cooks/1', method: 'PUT' as const };
    o.at.says = () => ({ kind: 'gone' });
    o.outbox.send({ ...order, key: 'cook/1', body: { label: 'Pot' } });
    o.outbox.send({
      ...order,
      ...{
        key: 'said/1',
        method: 'PATCH',
        body: { pouredMl: 700 },
        stands: { revision: 0, base: { pouredMl: null } },
      },
    });
    o.outbox.send({ ...order, key: 'said/2', thread: 'cook/2', stands: { revision: 0, base: {} } });
    await soon();
    o.at.says = () => ({ kind: 'stored', body: { revision: 12 } });
    await o.outbox.sync();
    await soon();
    expect(o.states()).toEqual([]);
    expect(o.sent.slice(-3).map((s) => s.address)).toEqual([
      'PUT /api/cooks/1',
      'PATCH /api/cooks/1?standsOn=12',
      'PUT /api/cooks/1',
    ]);
  });

  it('says when a write is only held in memory', async () => {
    const kept = memoryWriteStore();
    const full: WriteStore = { ...kept, put: async (write) => (await kept.put(write), false) };
    o = office({ store: full });
    o.at.says = () => ({ kind: 'gone' });
    o.outbox.send(pot('a'));
    await soon();
    expect(o.view().kept).toBe(false);
  });

  it('knocks again where nobody answers, and at once when somebody was heard', async () => {
    o.at.says = () => ({ kind: 'gone' });
    o.outbox.send(pot('a'));
    await soon();
    expect(o.view().reachable).toBe(false);
    expect(o.timers.at(-1)?.ms).toBe(2500);
    o.at.says = () => ({ kind: 'stored', body: {} });
    o.outbox.noteReachable(true);
    await soon();
    expect(o.view()).toMatchObject({ writes: [], reachable: true });
  });

  it('shares one box with other tabs: neither overwrites the other’s writes, and one tab carries both', async () => {
    const box = memoryWriteStore();
    const [one, two] = [office({ store: box, newId: ids('one') }), office({ store: box, newId: ids('two') })];
    for (const tab of [one, two]) tab.at.says = () => ({ kind: 'gone' });
    one.outbox.send(pot('a', { label: 'one' }));
    two.outbox.send(pot('a', { label: 'two' }));
    await soon();
    expect((await box.all()).map((l) => l.body)).toEqual([{ label: 'one' }, { label: 'two' }]);
    one.at.says = () => ({ kind: 'stored', body: { revision: 9 } });
    await one.outbox.sync();
    expect(one.sent.slice(-2).map((s) => s.body)).toEqual([{ label: 'one' }, { label: 'two' }]);
    await two.outbox.reread();
    expect(two.view().writes).toEqual([]);
  });
});

function ids(prefix: string): () => string {
  let n = 0;
  return () => `${prefix}-${(n += 1).toString()}`;
}

describe('another household at the server', () => {
  it('lays what was written before in front of the cook, and stores it only when told to, as something new', async () => {
    const { outbox, sent, at, states } = office();
    at.epoch = 'first';
    at.says = () => ({ kind: 'gone' });
    outbox.send(pot('a', { label: 'a' }, { stands: { revision: 9, base: { label: 'old' } } }));
    await soon();
    expect(sent.at(-1)).toMatchObject({ address: 'PUT /api/vessels/a?standsOn=9', epoch: 'first' });
    at.epoch = 'second';
    at.says = stores;
    await outbox.ofBefore();
    await outbox.sync();
    expect(states()).toEqual(['ofBefore']);
    expect(sent).toHaveLength(1);
    expect(outbox.waits('kitchen/vessels/a')).toBe(false);
    // What is written now is of the household there is now.
    outbox.send(pot('b'));
    await soon();
    expect(sent.at(-1)).toMatchObject({ address: 'PUT /api/vessels/b?standsOn=3', epoch: 'second' });
    await outbox.tryAgain(outbox.waiting[0]!.id);
    expect(sent.at(-1)).toMatchObject({ address: 'PUT /api/vessels/a', epoch: 'second' });
    expect(states()).toEqual([]);
  });

  it('is told by the server too, where the page did not hear of it; what is let go is gone', async () => {
    const { outbox, at, states } = office();
    at.epoch = 'first';
    at.says = () => ({ kind: 'ofBefore' });
    outbox.send(pot('a'));
    await soon();
    expect(states()).toEqual(['ofBefore']);
    await outbox.dismiss(outbox.waiting[0]!.id);
    expect(states()).toEqual([]);
  });
});
