import type { ThrottlerStorage } from '@nestjs/throttler';

type Hit = Awaited<ReturnType<ThrottlerStorage['increment']>>;

/**
 * Counts requests in fixed windows. The throttler's own storage keeps a timer for every request and looks through
 * all of them at each; on a household's machine that costs more than the answer does.
 */
export class RateWindow implements ThrottlerStorage {
  private readonly windows = new Map<string, { endsAtMs: number; hits: number }>();

  constructor(private readonly nowMs: () => number = Date.now) {}

  increment(key: string, ttl: number, limit: number): Promise<Hit> {
    const now = this.nowMs();
    let window = this.windows.get(key);
    if (!window || window.endsAtMs <= now) {
      // One entry per caller and route at most; old ones go when a new window opens.
      for (const [other, { endsAtMs }] of this.windows) if (endsAtMs <= now) this.windows.delete(other);
      window = { endsAtMs: now + ttl, hits: 0 };
      this.windows.set(key, window);
    }
    window.hits += 1;
    const left = Math.ceil((window.endsAtMs - now) / 1000);
    const isBlocked = window.hits > limit;
    return Promise.resolve({
      totalHits: window.hits,
      timeToExpire: left,
      isBlocked,
      timeToBlockExpire: isBlocked ? left : 0,
    });
  }
}
