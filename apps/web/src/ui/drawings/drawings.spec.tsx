import { afterEach, describe, expect, it } from '@jest/globals';
import type { Levels } from '@hammock/core';
import { cleanup, render } from '@testing-library/react';
import { PotSection } from './PotSection.js';
import { Sling } from './Sling.js';
import { shareOfVerdict, SmallSling } from './SmallSling.js';

afterEach(cleanup);

const num = (e: Element | null | undefined, name: string): number => Number(e?.getAttribute(name));
const LEVELS: Levels = {
  potMm: 120,
  grainMm: 20,
  liquidMm: 35,
  aboveGrainMm: 15,
  joints: 0.6,
  halfInches: 1.2,
  cornersMl: 300,
  cookedMm: 60,
  fullShare: 0.3,
  swollenShare: 0.5,
  mostShare: 0.66,
  needsMl: 1500,
  largestGrainG: 800,
};

describe('the pot in section', () => {
  const draw = (over: Partial<Levels> = {}, diameterCm = 22, film?: 'tomato' | 'coconut') => {
    const { container } = render(
      <PotSection levels={{ ...LEVELS, ...over }} diameterCm={diameterCm} film={film} label="pot" />,
    );
    const svg = container.querySelector('svg')!;
    const [, , wide = 0, high = 0] = svg.getAttribute('viewBox')!.split(' ').map(Number);
    const rects = [...svg.querySelectorAll('g > rect')];
    const lines = [...svg.querySelectorAll('line')];
    const words = [...svg.querySelectorAll('text')].map((t) => ({ y: num(t, 'y'), says: t.textContent }));
    return { svg, wide, high, rects, lines, words };
  };

  it('is to scale: liquid, grain and pot stand on one floor, as high and wide as they are', () => {
    const { rects, svg } = draw();
    const [liquid, grain] = rects;
    const floor = num(liquid, 'y') + num(liquid, 'height');
    expect(num(grain, 'y') + num(grain, 'height')).toBeCloseTo(floor, 6);
    expect(num(liquid, 'height') / num(grain, 'height')).toBeCloseTo(35 / 20, 6);
    expect(num(liquid, 'width') / num(liquid, 'height')).toBeCloseTo(220 / 35, 6);
    // The wall begins at the rim: M left rim.
    const [, left, rim] = /M([\d.]+) ([\d.]+)V/u.exec(
      svg.querySelector('path[stroke]:not(pattern path)')!.getAttribute('d')!,
    )!;
    expect((floor - Number(rim)) / num(liquid, 'height')).toBeCloseTo(120 / 35, 6);
    expect(num(liquid, 'x')).toBeCloseTo(Number(left), 6);
  });

  it('keeps a tall pot and a wide one inside the picture, with room for handles and words', () => {
    for (const [potMm, cm] of [
      [400, 20],
      [80, 60],
    ] as const) {
      const { rects, wide, svg } = draw({ potMm, cookedMm: 50 }, cm);
      const [liquid] = rects;
      expect(num(liquid, 'x')).toBeGreaterThanOrEqual(32);
      expect(wide - num(liquid, 'x') - num(liquid, 'width')).toBeGreaterThanOrEqual(140);
      const [, , rim] = /M([\d.]+) ([\d.]+)V/u.exec(
        svg.querySelector('path[stroke]:not(pattern path)')!.getAttribute('d')!,
      )!;
      expect(Number(rim)).toBeGreaterThan(26);
      cleanup();
    }
  });

  it('marks each level at its height with its millimetres, the cooked one dashed', () => {
    const { lines, words, rects } = draw();
    expect(words.map((w) => w.says)).toEqual(['cooked 60 mm', 'liquid 35 mm', 'grain 20 mm']);
    const level = lines.filter((l) => num(l, 'y1') === num(l, 'y2')).map((l) => num(l, 'y1'));
    expect(level).toContain(num(rects[0], 'y'));
    expect(level).toContain(num(rects[1], 'y'));
    const dashed = lines.filter((l) => l.getAttribute('stroke-dasharray'));
    expect(dashed).toHaveLength(1);
    expect(num(dashed[0], 'y1')).toBe(Math.min(...level));
    for (const l of lines) expect(num(l, 'x2')).toBeGreaterThan(num(l, 'x1'));
  });

  it('keeps words of levels that are close a line apart, and above the bottom edge', () => {
    for (const near of [
      { grainMm: 20, liquidMm: 21, cookedMm: 22 },
      { grainMm: 1, liquidMm: 2, cookedMm: 3 },
    ]) {
      const { words, high, lines } = draw(near);
      for (const [a, b] of [
        [words[0]!, words[1]!],
        [words[1]!, words[2]!],
      ] as const)
        expect(b.y - a.y).toBeGreaterThanOrEqual(20);
      expect(words.at(-1)!.y).toBeLessThan(high);
      // Each leader ends where its words begin.
      const ends = lines.filter((l) => num(l, 'x2') - num(l, 'x1') === 10).map((l) => num(l, 'y2'));
      expect(ends.map((y) => y + 6)).toEqual(words.map((w) => w.y));
      cleanup();
    }
  });

  it('is coloured by what is in the liquid', () => {
    expect(draw().svg.querySelectorAll('[fill="var(--tomato)"], [stroke="var(--coconut)"]')).toHaveLength(0);
    cleanup();
    expect(draw({}, 22, 'tomato').svg.querySelectorAll('[fill="var(--tomato)"]')).toHaveLength(1);
    cleanup();
    const milky = draw({}, 22, 'coconut');
    expect(milky.svg.querySelectorAll('[stroke="var(--coconut)"]')).toHaveLength(1);
    expect(milky.rects).toHaveLength(4);
  });
});

describe('the large sling', () => {
  const draw = (over: Partial<Parameters<typeof Sling>[0]> = {}) => {
    const { container } = render(
      <Sling
        hardMl={500}
        mushMl={900}
        lowMl={600}
        highMl={700}
        pourMl={650}
        doubtMl={30}
        wanted="separate"
        label="sling"
        {...over}
      />,
    );
    const svg = container.querySelector('svg')!;
    const posts = [...svg.querySelectorAll('circle')].map((c) => num(c, 'cx'));
    const load = /translate\(([\d.]+) ([\d.]+)\)/u.exec(
      svg.querySelector('g[transform]')!.getAttribute('transform')!,
    )!;
    const ropes = [...svg.querySelectorAll('path[stroke^="url"]')];
    return { svg, posts, x: Number(load[1]), y: Number(load[2]), wanted: svg.querySelector('rect')!, ropes };
  };
  const shareOf = ({ posts, x }: { posts: number[]; x: number }): number =>
    (x - posts[0]!) / (posts[1]! - posts[0]!);

  it('hangs the pour between hard and mush in proportion, under the knots', () => {
    expect(shareOf(draw())).toBeCloseTo(150 / 400, 2);
    cleanup();
    expect(shareOf(draw({ pourMl: 850 }))).toBeCloseTo(350 / 400, 2);
    cleanup();
    const { y, svg } = draw();
    expect(y).toBeGreaterThan(num(svg.querySelector('circle'), 'cy'));
  });

  it('marks what is wanted, and never less than can be seen', () => {
    const { wanted, posts } = draw();
    const gap = posts[1]! - posts[0]!;
    expect(num(wanted, 'width')).toBeCloseTo((gap * 100) / 400, 4);
    expect(num(wanted, 'x') - posts[0]!).toBeCloseTo((gap * 100) / 400, 4);
    cleanup();
    expect(num(draw({ lowMl: 650, highMl: 650 }).wanted, 'width')).toBeGreaterThan(0);
  });

  it('weaves as wide as the doubt, two strands on each side of the rope', () => {
    const mid = (path: Element): number => {
      const found = / ([\d.]+) ([\d.]+)Q/u.exec(path.getAttribute('d')!)!;
      return Number(found[1]);
    };
    const wide = draw({ doubtMl: 60 });
    const of = wide.ropes.map(mid);
    expect(of).toHaveLength(5);
    const [a, b, c, d, rope] = of as [number, number, number, number, number];
    expect(a < b && b < rope && rope < c && c < d).toBe(true);
    expect(rope - a).toBeCloseTo(d - rope, 0);
    const spread = d - a;
    cleanup();
    const narrow = draw({ doubtMl: 10 }).ropes.map(mid);
    expect(narrow[3]! - narrow[0]!).toBeLessThan(spread / 3);
    cleanup();
    // Nothing to pour: it hangs at a post and is still a picture.
    expect(shareOf(draw({ pourMl: 0, doubtMl: 20 }))).toBeLessThan(0.05);
  });
});

describe('a small sling', () => {
  it('hangs a verdict from the dry post to the wet one, and says nothing of a pot nobody judged', () => {
    const shares = [1, 2, 3, 4, 5].map(shareOfVerdict);
    expect(shares[0]).toBeCloseTo(0.1, 9);
    expect(shares[2]).toBeCloseTo(0.5, 9);
    expect(shares[4]).toBeCloseTo(0.9, 9);
    const { container } = render(<SmallSling share={0.1} label="hard" />);
    const svg = container.querySelector('svg')!;
    expect(svg.getAttribute('aria-label')).toBe('hard');
    const x = Number(
      /translate\(([\d.]+)/u.exec(svg.querySelector('path[transform]')!.getAttribute('transform')!)![1],
    );
    const posts = [...svg.querySelectorAll('line')].map((l) => num(l, 'x1'));
    expect((x - posts[0]!) / (posts[1]! - posts[0]!)).toBeCloseTo(0.1, 1);
    cleanup();
    const empty = render(<SmallSling share={undefined} label="" />).container.querySelector('svg')!;
    expect(empty.getAttribute('aria-hidden')).toBe('true');
    expect(empty.querySelectorAll('path')).toHaveLength(0);
    expect(empty.querySelector('[stroke-dasharray]')).toBeTruthy();
  });
});
