import { describe, expect, it } from '@jest/globals';
import { potHandles, potLid, potOutline, type PotBox } from './potShape.js';

const BOX: PotBox = { left: 40, width: 200, rim: 30, floor: 150 };
/** Points of a path that is written in absolute and relative steps along the axes. */
const numbers = (path: string): number[] => (path.match(/-?\d+(?:\.\d+)?/gu) ?? []).map(Number);

describe('a pot in section', () => {
  it('is as deep on the right as on the left, and its corners lie inside of it', () => {
    const [x0, y0, down, , , cornerX, floor, flat, right, , , up, rim] = numbers(potOutline(BOX));
    expect([x0, y0]).toEqual([BOX.left, BOX.rim]);
    expect(floor).toBe(BOX.floor);
    expect(right).toBe(BOX.left + BOX.width);
    expect(down).toBe(up);
    expect(down!).toBeLessThan(BOX.floor);
    expect(cornerX! - BOX.left).toBe(BOX.left + BOX.width - flat!);
    expect(cornerX!).toBeGreaterThan(BOX.left);
    expect(rim).toBe(BOX.rim);
  });

  it('has a handle outside of each wall, under the rim, and a lid that lies on it', () => {
    const [leftX, leftY, out, rightX, rightY, outRight] = numbers(potHandles(BOX));
    expect(leftX!).toBeLessThan(BOX.left);
    expect(out!).toBeLessThan(0);
    expect(rightX!).toBeGreaterThan(BOX.left + BOX.width);
    expect(outRight).toBe(-out!);
    expect(leftY).toBe(rightY);
    expect(leftY!).toBeGreaterThan(BOX.rim);
    const [from, lidY, to, knobX, knobY, knob] = numbers(potLid(BOX));
    expect(BOX.left - from!).toBe(to! - (BOX.left + BOX.width));
    expect(from!).toBeLessThan(BOX.left);
    expect(lidY!).toBeLessThan(BOX.rim);
    expect(knobY!).toBeLessThan(lidY!);
    expect(knobX! + knob! / 2).toBe(BOX.left + BOX.width / 2);
  });
});
