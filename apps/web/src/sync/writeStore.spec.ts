import { describe, expect, it, jest } from '@jest/globals';
import { IDBFactory } from 'fake-indexeddb';
import { written, type Letter } from './pendingWrite.js';
import { deviceBox } from './writeStore.js';

const letter = (id: string, n: number): Letter => ({
  ...written({ key: id, thread: id, label: id, method: 'PUT', path: `/api/${id}`, body: { id } }, [], {
    id,
    tab: 'tab',
    nowMs: 1,
    inFlight: undefined,
  }).letter,
  n,
});

describe('the box of letters in this browser', () => {
  it('keeps each letter as a record of its own, in order, for whoever opens it next', async () => {
    const box = deviceBox('one');
    expect(await box.put(letter('b', 2))).toBe(true);
    await box.put(letter('a', 1));
    await deviceBox('one').put({ ...letter('b', 2), tries: 3 });
    expect((await deviceBox('one').all()).map((l) => [l.id, l.tries])).toEqual([
      ['a', 0],
      ['b', 3],
    ]);
    await box.remove('a');
    expect((await deviceBox('one').all()).map((l) => l.id)).toEqual(['b']);
  });

  it('leaves out a record that is no letter', async () => {
    const box = deviceBox('two');
    await box.put({ id: 'odd' } as Letter);
    await box.put(letter('a', 1));
    expect((await box.all()).map((l) => l.id)).toEqual(['a']);
  });

  it('has a letter of a page that was closed before the write was done', async () => {
    const real = globalThis.indexedDB;
    const slow = new IDBFactory();
    slow.open = () => ({}) as IDBOpenDBRequest;
    globalThis.indexedDB = slow;
    void deviceBox('four').put(letter('a', 1));
    globalThis.indexedDB = real;
    const next = deviceBox('four');
    expect((await next.all()).map((l) => l.id)).toEqual(['a']);
    expect(await next.put(letter('a', 1))).toBe(true);
    expect((await deviceBox('four').all()).map((l) => l.id)).toEqual(['a']);
    await next.remove('a');
    expect(await deviceBox('four').all()).toEqual([]);
  });

  it('does not wait without end for a database that never answers: the letter is held, and goes on its way', async () => {
    jest.useFakeTimers();
    const real = globalThis.indexedDB;
    const dead = new IDBFactory();
    dead.open = () => ({ addEventListener: () => undefined }) as unknown as IDBOpenDBRequest;
    globalThis.indexedDB = dead;
    const box = deviceBox('five');
    const put = box.put(letter('a', 1));
    const all = box.all();
    await jest.advanceTimersByTimeAsync(12_000);
    expect(await put).toBe(false);
    expect((await all).length).toBeLessThanOrEqual(1);
    globalThis.indexedDB = real;
    jest.useRealTimers();
  });

  it('holds letters in memory, says so, and never throws where nothing can be kept', async () => {
    const real = globalThis.indexedDB;
    const none = new IDBFactory();
    none.open = () => {
      throw new DOMException('no', 'SecurityError');
    };
    globalThis.indexedDB = none;
    const box = deviceBox('three');
    expect(await box.put(letter('a', 1))).toBe(false);
    expect((await box.all()).map((l) => l.id)).toEqual(['a']);
    await box.remove('a');
    expect(await box.all()).toEqual([]);
    globalThis.indexedDB = real;
  });
});
