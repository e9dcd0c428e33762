import { describe, expect, it } from '@jest/globals';
import { RateWindow } from './rateWindow.js';

describe('RateWindow', () => {
  it('counts per caller, blocks above the limit, and opens again after the window', async () => {
    let now = 0;
    const window = new RateWindow(() => now);
    const hit = (key: string) => window.increment(key, 1000, 2);
    expect(await hit('a')).toMatchObject({ totalHits: 1, isBlocked: false });
    await hit('a');
    expect(await hit('a')).toMatchObject({ totalHits: 3, isBlocked: true, timeToBlockExpire: 1 });
    expect(await hit('b')).toMatchObject({ totalHits: 1, isBlocked: false });
    now = 1001;
    expect(await hit('a')).toMatchObject({ totalHits: 1, isBlocked: false });
  });
});
