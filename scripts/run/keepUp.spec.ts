import { EventEmitter } from 'node:events';
import { describe, expect, it } from '@jest/globals';
import { keepUp, pauseBefore } from './keepUp.mjs';

interface End {
  readonly code: number | null;
  readonly signal?: string;
  /** How long it ran, ms. */
  readonly afterMs?: number;
}
/** A server that ends so, time after time, and everything around it at hand. */
async function lives(ends: readonly End[], isEnding = () => false) {
  let nowMs = 1_000_000;
  const pauses: number[] = [];
  const said: string[] = [];
  const told: number[] = [];
  let n = 0;
  const begin = ({ times }: { times: number }) => {
    told.push(times);
    const { code, signal, afterMs = 10 } = ends[n++]!;
    const child = Object.assign(new EventEmitter(), { exitCode: null, signalCode: null });
    setImmediate(() => {
      nowMs += afterMs;
      child.emit('exit', code, signal ?? null);
    });
    return Promise.resolve(child);
  };
  const code = await keepUp(begin, isEnding, {
    now: () => nowMs,
    wait: (ms: number) => {
      pauses.push(ms);
      return Promise.resolve();
    },
    say: (words: string) => said.push(words),
  });
  return { code, pauses, said, told, starts: n };
}

describe('a server that falls', () => {
  it('is started again after a pause that grows to a minute, and it is said each time', async () => {
    const falls = Array.from({ length: 9 }, () => ({ code: null, signal: 'SIGKILL' }));
    const { pauses, said, told, code } = await lives([...falls, { code: 0 }]);
    expect(pauses.map((ms) => ms / 1000)).toEqual([1, 2, 4, 8, 16, 32, 60, 60, 60]);
    expect(said).toHaveLength(9);
    expect(said[0]).toBe(
      'Hammock fell (SIGKILL). Nothing that was stored is lost; it is started again in 1 s.',
    );
    expect(told).toEqual([0, 1, 2, 3, 4, 5, 6, 7, 8, 9]);
    expect(code).toBe(0);
    expect(pauseBefore(40)).toBe(60_000);
  });

  it('begins with the short pause anew after it ran in peace', async () => {
    const { pauses } = await lives([
      { code: 134 },
      { code: 1 },
      { code: 1, afterMs: 6 * 60_000 },
      { code: 1 },
      { code: 0 },
    ]);
    expect(pauses).toEqual([1000, 2000, 1000, 2000]);
  });

  it.each([65, 69, 70, 71, 73, 74, 75, 76, 78])(
    'is not started again for what it says itself (%d)',
    async (code) => {
      const life = await lives([{ code }]);
      expect([life.code, life.starts, life.pauses]).toEqual([code, 1, []]);
    },
  );

  it('nor when it was told to end', async () => {
    const life = await lives([{ code: null, signal: 'SIGTERM' }], () => true);
    expect([life.code, life.starts]).toEqual([0, 1]);
  });
});
