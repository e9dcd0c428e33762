import { beforeEach, describe, expect, it } from '@jest/globals';
import { oldWrites } from './oldOutbox.js';

const keep = (writes: unknown) =>
  localStorage.setItem('hammock.outbox', JSON.stringify({ state: { letters: writes }, version: 0 }));

beforeEach(() => localStorage.clear());

describe('writes written before they had revisions', () => {
  it('are taken up in their order, with the time they happened and what was said of one pot as one', () => {
    keep([
      { key: 'kitchen/bags/b', method: 'PUT', path: '/api/bags/b', body: { label: 'Long' } },
      { key: 'kitchen/bags/c', method: 'DELETE', path: '/api/bags/c' },
      {
        key: 'cook/k',
        method: 'PUT',
        path: '/api/cooks/k',
        body: { label: 'Pilaf', startedAtMs: 5000, input: {} },
      },
      {
        key: 'event/t',
        method: 'PUT',
        path: '/api/cooks/k/events/t',
        body: { kind: 'start', stageId: 'boil', atMs: 6000 },
      },
      { key: 'poured/k', method: 'PATCH', path: '/api/cooks/k', body: { pouredMl: 640 } },
      {
        key: 'outcome/k',
        method: 'PUT',
        path: '/api/cooks/k/outcome',
        body: { texture: 3, base: 'clean', note: '', atMs: 9000 },
      },
    ]);
    const orders = oldWrites();
    expect(orders.map((o) => [o.method, o.path])).toEqual([
      ['PUT', '/api/bags/b'],
      ['DELETE', '/api/bags/c'],
      ['PUT', '/api/cooks/k'],
      ['PUT', '/api/cooks/k/events/t'],
      ['PATCH', '/api/cooks/k'],
    ]);
    expect(orders[1]).not.toHaveProperty('body');
    expect(orders[2]).toMatchObject({ atMs: 5000, timed: true, body: { label: 'Pilaf', input: {} } });
    expect(orders[3]).toMatchObject({
      atMs: 6000,
      thread: 'cook/k',
      body: { kind: 'start', stageId: 'boil' },
    });
    expect(orders[4]?.body).toEqual({
      pouredMl: 640,
      abandoned: false,
      outcome: { texture: 3, base: 'clean', note: '' },
    });
  });

  it.each([
    ['nothing', undefined],
    ['no list', 'letters'],
    ['what is no write', [7, null, { key: 3 }]],
  ])('are none when %s was kept', (_what, writes) => {
    keep(writes);
    expect(oldWrites()).toEqual([]);
  });
});
