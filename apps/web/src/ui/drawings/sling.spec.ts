import { describe, expect, it } from '@jest/globals';
import { hangingPoint, ropePath, shareBetween, slackOf } from './sling.js';

const FRAME = { left: 0, right: 100, top: 10 };

describe('the sling', () => {
  it('hangs a load so that the rope keeps its length wherever the load is', () => {
    const ropeLength = (share: number): number => {
      const p = hangingPoint(FRAME, 0.1, share);
      return Math.hypot(p.x, p.y - 10) + Math.hypot(100 - p.x, p.y - 10);
    };
    for (const share of [0.05, 0.3, 0.5, 0.8, 0.95]) expect(ropeLength(share)).toBeCloseTo(110, 6);
  });

  it('hangs deeper when slack, and slackens with doubt', () => {
    expect(hangingPoint(FRAME, 0.1, 0.5).y).toBeGreaterThan(hangingPoint(FRAME, 0.02, 0.5).y);
    expect(slackOf(0.15)).toBeGreaterThan(slackOf(0.03));
  });

  it('stays between its posts whatever it is asked', () => {
    for (const share of [-3, 0, 1, 9]) {
      const p = hangingPoint(FRAME, 0.1, share);
      expect(p.x).toBeGreaterThan(0);
      expect(p.x).toBeLessThan(100);
      expect(Number.isFinite(p.y)).toBe(true);
    }
    expect(shareBetween(5, 5, 5)).toBe(0.5);
    expect(ropePath(FRAME, hangingPoint(FRAME, 0.1, 0.5))).not.toContain('NaN');
  });
});
