import { afterEach, beforeEach, describe, expect, it, jest } from '@jest/globals';

const said: unknown[] = [];
let tell: (dueAtMs: number | undefined) => void = () => undefined;

beforeEach(async () => {
  jest.useFakeTimers({ now: 10_000 });
  jest.resetModules();
  said.length = 0;
  Object.assign(globalThis, {
    postMessage: (message: unknown) => said.push(message),
    addEventListener: (_kind: string, heard: (event: { data: unknown }) => void) => {
      tell = (dueAtMs) => heard({ data: { dueAtMs } });
    },
  });
  await import('./ticker.worker.js');
});

afterEach(() => {
  jest.useRealTimers();
});

describe('the clock in the background', () => {
  it('says once when something is due, not a moment before', () => {
    tell(14_500);
    jest.advanceTimersByTime(4499);
    expect(said).toEqual([]);
    jest.advanceTimersByTime(1);
    expect(said).toEqual([{ dueAtMs: 14_500 }]);
    jest.advanceTimersByTime(60_000);
    expect(said).toHaveLength(1);
  });

  it('is told another time or none', () => {
    tell(12_000);
    tell(20_000);
    jest.advanceTimersByTime(5000);
    expect(said).toEqual([]);
    tell(undefined);
    jest.advanceTimersByTime(60_000);
    expect(said).toEqual([]);
  });

  it('notices what it slept through at its next breath', () => {
    tell(3_600_000);
    jest.advanceTimersByTime(100);
    // The device slept for an hour: its clock went on, no timer did.
    jest.setSystemTime(3_700_000);
    jest.advanceTimersByTime(1000);
    expect(said).toEqual([{ dueAtMs: 3_600_000 }]);
  });
});
