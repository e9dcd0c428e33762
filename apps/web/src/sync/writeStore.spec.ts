import { describe, expect, it, jest } from '@jest/globals';
import { IDBFactory } from 'fake-indexeddb';
import { written, type PendingWrite } from './pendingWrite.js';
import { deviceWriteStore } from './writeStore.js';

const write = (id: string, n: number): PendingWrite => ({
  ...written({ key: id, thread: id, label: id, method: 'PUT', path: `/api/${id}`, body: { id } }, [], {
    id,
    tab: 'tab',
    nowMs: 1,
    inFlight: undefined,
  }).write,
  n,
});

describe('the box of writes in this browser', () => {
  it('keeps each write as a record of its own, in order, for whoever opens it next', async () => {
    const box = deviceWriteStore('one');
    expect(await box.put(write('b', 2))).toBe(true);
    await box.put(write('a', 1));
    await deviceWriteStore('one').put({ ...write('b', 2), tries: 3 });
    expect((await deviceWriteStore('one').all()).map((l) => [l.id, l.tries])).toEqual([
      ['a', 0],
      ['b', 3],
    ]);
    await box.remove('a');
    expect((await deviceWriteStore('one').all()).map((l) => l.id)).toEqual(['b']);
  });

  it('leaves out a record that is no write', async () => {
    const box = deviceWriteStore('two');
    await box.put({ id: 'odd' } as PendingWrite);
    await box.put(write('a', 1));
    expect((await box.all()).map((l) => l.id)).toEqual(['a']);
  });

  it('has a write of a page that was closed before the write was done', async () => {
    const real = globalThis.indexedDB;
    const slow = new IDBFactory();
    slow.open = () => ({}) as IDBOpenDBRequest;
    globalThis.indexedDB = slow;
    void deviceWriteStore('four').put(write('a', 1));
    globalThis.indexedDB = real;
    const next = deviceWriteStore('four');
    expect((await next.all()).map((l) => l.id)).toEqual(['a']);
    expect(await next.put(write('a', 1))).toBe(true);
    expect((await deviceWriteStore('four').all()).map((l) => l.id)).toEqual(['a']);
    await next.remove('a');
    expect(await deviceWriteStore('four').all()).toEqual([]);
  });

  it('does not wait without end for a database that never answers: the write is held, and goes on its way', async () => {
    jest.useFakeTimers();
    const real = globalThis.indexedDB;
    const dead = new IDBFactory();
    dead.open = () => ({ addEventListener: () => undefined }) as unknown as IDBOpenDBRequest;
    globalThis.indexedDB = dead;
    const box = deviceWriteStore('five');
    const put = box.put(write('a', 1));
    const all = box.all();
    await jest.advanceTimersByTimeAsync(12_000);
    expect(await put).toBe(false);
    expect((await all).length).toBeLessThanOrEqual(1);
    globalThis.indexedDB = real;
    jest.useRealTimers();
  });

  it('holds writes in memory, says so, and never throws where nothing can be kept', async () => {
    const real = globalThis.indexedDB;
    const none = new IDBFactory();
    none.open = () => {
      throw new DOMException('no', 'SecurityError');
    };
    globalThis.indexedDB = none;
    const box = deviceWriteStore('three');
    expect(await box.put(write('a', 1))).toBe(false);
    expect((await box.all()).map((l) => l.id)).toEqual(['a']);
    await box.remove('a');
    expect(await box.all()).toEqual([]);
    globalThis.indexedDB = real;
  });
});
