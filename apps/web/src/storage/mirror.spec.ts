import { beforeEach, describe, expect, it, jest } from '@jest/globals';
import { IDBFactory } from 'fake-indexeddb';
import { object, string } from 'valibot';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { onDevice, takeUpMirrored } from './deviceStorage.js';
import { mirror, Mirror } from './mirror.js';

interface Word {
  readonly word: string;
}
const storeOf = (name: string) =>
  create<Word>()(
    persist(
      (): Word => ({ word: 'nothing yet' }),
      onDevice<Word, Word>({
        name,
        lasts: true,
        version: 1,
        shape: object({ word: string() }),
        steps: [],
        keeps: ({ word }: Word) => ({ word }),
      }),
    ),
  );
/** As long as the database takes. */
const written = async (of: Mirror = mirror): Promise<void> => {
  do await new Promise((done) => setTimeout(done, 5));
  while (of['writing']);
};

beforeEach(() => {
  localStorage.clear();
});

describe('what a browser that dies must not lose', () => {
  it('is there again though its own storage has an older state, or none', async () => {
    const before = storeOf('a');
    before.setState({ word: 'early' });
    const early = localStorage.getItem('a')!;
    before.setState({ word: 'late' });
    await written();
    // The browser died before it wrote that down.
    localStorage.setItem('a', early);
    const after = storeOf('a');
    expect(after.getState().word).toBe('early');
    await takeUpMirrored([after]);
    expect(after.getState().word).toBe('late');
    expect(localStorage.getItem('a')).toContain('late');
    localStorage.clear();
    const third = storeOf('a');
    await takeUpMirrored([third]);
    expect(third.getState().word).toBe('late');
  });

  it('is not taken back by an older copy, a clock that was set back, or a store of another name', async () => {
    const before = storeOf('b');
    before.setState({ word: 'first' });
    await written();
    const put = jest.spyOn(mirror, 'put').mockImplementation(() => undefined);
    jest.spyOn(Date, 'now').mockReturnValue(5);
    before.setState({ word: 'second' });
    jest.restoreAllMocks();
    put.mockRestore();
    const after = storeOf('b');
    await takeUpMirrored([after, storeOf('c')]);
    expect(after.getState().word).toBe('second');
  });

  it('is erased with everything', async () => {
    storeOf('d').setState({ word: 'secret' });
    await written();
    expect((await mirror.all(500)).get('d')?.text).toContain('secret');
    await mirror.empty();
    expect((await mirror.all(500)).size).toBe(0);
  });

  it('keeps the newest of many, and does without a database that fails or never answers', async () => {
    const one = new Mirror('other');
    for (let n = 1; n <= 50; n += 1) one.put('x', { text: n.toString(), n });
    await written(one);
    expect(await one.all(500)).toEqual(new Map([['x', { text: '50', n: 50 }]]));
    const real = globalThis.indexedDB;
    for (const open of [
      () => {
        throw new DOMException('no', 'SecurityError');
      },
      () => ({ addEventListener: () => undefined }) as unknown as IDBOpenDBRequest,
    ]) {
      globalThis.indexedDB = Object.assign(new IDBFactory(), { open });
      const none = new Mirror('none');
      none.put('x', { text: 'a', n: 1 });
      expect((await none.all(20)).size).toBe(0);
    }
    globalThis.indexedDB = real;
  });
});
